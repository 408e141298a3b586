<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Document\Reader;
use RushHold\Faults\TwoOfOneName;
use RushHold\Faults\UnknownChoice;
use RushHold\Guard;
use RushHold\Light\Horizon;
use RushHold\Light\Observer;
use RushHold\Rush\Ground;

/** A place to photograph at ("place/1"): where it is, what stands around it, what it lies on, and its spots. */
final readonly class Place
{
    /**
     * @param  non-empty-array<string, Spot>  $spots  by id
     * @param  float  $offsetStops  how much brighter it is there than reckoned, as meterings have shown
     */
    private function __construct(
        public string $name,
        public Observer $position,
        public string $zone,
        public Ground $ground,
        public Horizon $horizon,
        public array $spots,
        public float $offsetStops,
    ) {}

    public static function read(Reader $place): self
    {
        $spots = [];
        foreach ($place->objects('spots') as $each) {
            $spot = Spot::read($each);
            if (isset($spots[$spot->id])) {
                throw TwoOfOneName::in($each->path('id'), $spot->id);
            }
            $spots[$spot->id] = $spot;
        }
        if ($spots === []) {
            throw UnknownChoice::of($place->path('spots'), [], ['one spot at the least']);
        }

        return new self(
            $place->text('name'),
            Spot::position($place),
            LocalDay::zone($place->text('zone'), $place->path('zone'))->getName(),
            $place->choice('ground', Ground::class),
            Horizon::through(
                array_map(
                    static fn (Reader $point): array => [
                        Guard::between($point->path('azimuth_deg'), $point->number('azimuth_deg'), 0.0, 360.0, '°'),
                        Guard::between($point->path('altitude_deg'), $point->number('altitude_deg'), 0.0, 90.0, '°'),
                    ],
                    $place->objects('horizon'),
                ),
            ),
            $spots,
            $place->optional('offset_stops', -6.0, 6.0, 'stops') ?? 0.0,
        );
    }
}
