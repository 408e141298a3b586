<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Assumptions\Assumptions;
use RushHold\Document\Reader;
use RushHold\Faults\TwoOfOneName;
use RushHold\Faults\UnknownChoice;
use RushHold\Guard;
use RushHold\Kit\Kit;
use RushHold\Rush\Rush;

/** A day out ("outing/1"): a place, a date, its weather and water, and the rushes expected. */
final readonly class Outing
{
    /**
     * @param  Window  $window  from when until when, not more than a day
     * @param  array<string, float>  $walks  minutes between two spots that were typed, by "id id"
     * @param  list<Expected>  $expected
     * @param  list<array{float, float, Spot}>  $metered  moment, EV at ISO 100, spot
     */
    private function __construct(
        public string $name,
        public Place $place,
        public LocalDay $day,
        public Window $window,
        public SkyHours $sky,
        public Water $water,
        private array $walks,
        public array $expected,
        public array $metered,
    ) {}

    /**
     * @param  array<mixed>  $document  an outing/1 document with its place, rushes and kits in it
     *
     * @throws \RushHold\Faults\Fault naming the first field that is amiss
     */
    public static function fromArray(array $document): self
    {
        $outing = Reader::of($document);
        $place = Place::read($outing->inside('place'));
        $day = LocalDay::of($outing->text('date'), $place->zone, 'date', 'place.zone');
        $window = Window::of($day, $outing->text('from'), $outing->text('until'));
        $rule = $outing->has('tide') ? $outing->choice('tide', TideRule::class) : TideRule::Cosine;
        $goesOn = $outing->has('waters_go_on') && $outing->flag('waters_go_on');
        $spot = static fn (Reader $of, string $name): Spot => $place->spots[$of->text($name)] ??
            throw UnknownChoice::of($of->path($name), $of->text($name), array_keys($place->spots));

        $expected = $walks = $metered = [];
        foreach ($outing->objects('rushes') as $each) {
            $one = self::expected($each, $spot($each, 'spot'), $window, $outing);
            if (isset($expected[$one->id])) {
                throw TwoOfOneName::in($each->path('id'), $one->id);
            }
            $expected[$one->id] = $one;
        }
        foreach ($outing->has('walks') ? $outing->objects('walks') : [] as $walk) {
            [$a, $b] = [$spot($walk, 'from')->id, $spot($walk, 'to')->id];
            $walks["{$a} {$b}"] = $walks["{$b} {$a}"] = Guard::between(
                $walk->path('minutes'),
                $walk->number('minutes'),
                0.0,
                600.0,
                'min',
            );
        }
        foreach ($outing->has('metered') ? $outing->objects('metered') : [] as $reading) {
            $metered[] = [
                $window->at($reading->text('at'), $reading->path('at')),
                Guard::between($reading->path('ev100'), $reading->number('ev100'), -6.0, 20.0, 'EV'),
                $spot($reading, 'spot'),
            ];
        }

        return new self(
            $outing->text('name'),
            $place,
            $day,
            $window,
            SkyHours::read($outing->has('sky') ? $outing->objects('sky') : []),
            $outing->has('waters') ? Water::read($outing->objects('waters'), $window, $rule, $goesOn) : Water::none(),
            $walks,
            array_values($expected),
            $metered,
        );
    }

    public function conditions(Assumptions $assumptions): Conditions
    {
        return new Conditions($this->place, $this->day, $this->sky, $this->metered, $assumptions);
    }

    /** How long one walks at the place of it. */
    public function ways(Assumptions $assumptions): Ways
    {
        return new Ways($this->place, $this->walks, $assumptions);
    }

    private static function expected(Reader $of, Spot $spot, Window $window, Reader $outing): Expected
    {
        $kit = $of->has('kit') ? $of->inside('kit') : $outing->inside('kit');

        return new Expected(
            $of->text('id'),
            $of->inside('rush')->text('name'),
            Rush::fromArray($of->inside('rush')->all()),
            Kit::fromArray($kit->all()),
            $spot,
            $of->text('from').'–'.$of->text('until'),
            $window->hours($of->text('from'), $of->text('until'), $of->path('')),
            Guard::between($of->path('per_hour'), $of->number('per_hour'), 0.0, 3600.0),
            Guard::between($of->path('importance'), $of->number('importance'), 0.0, 100.0),
            $of->has('own_light') && $of->flag('own_light'),
        );
    }
}
