<?php

declare(strict_types=1);

namespace App\Outings;

use App\Models\OutingRecord;
use App\Models\User;
use RushHold\Document\Reader;
use RushHold\Outing\Expected;
use RushHold\Outing\HoldsOfDay;
use RushHold\Outing\Outing;
use RushHold\Planning\Planner;

/** The rushes of a card in the light of a day out: at which hours, and what changes with them. */
final readonly class DayOnCard
{
    private const NOT_KNOWN = 'Not known, as the day cannot be worked out: nobody is sent there.';

    public function __construct(
        private DayCache $days,
        private OutingComposer $composer,
        private Planner $planner,
    ) {}

    /** @return array<string, RushAtHour> by id of the rush; of a day that cannot be worked out only those that water may cut off */
    public function of(OutingRecord $outing, User $user): array
    {
        $document = $this->composer->document($outing, $user);
        $text = $this->days->composed($outing, $document, $user)->text($user->units());
        if ($text === null) {
            return self::unknown($outing);
        }
        $day = Reader::of(Reader::plain(json_decode($text->text, true)));
        $value = Outing::fromArray($document);
        $holds = new HoldsOfDay($value, $value->conditions($user->assumed()), $this->planner, $user->assumed());
        $ids = [];
        foreach (Reader::of(Reader::plain($outing->document))->objects('rushes') as $kept) {
            $ids[$kept->text('id')] = $kept->text('rush_id');
        }
        $found = [];
        foreach ($day->objects('rushes') as $number => $rush) {
            $expected = $value->expected[$number];
            $id = $ids[$expected->id];
            // what is expected twice is carried once, for its turn
            if (isset($found[$id]) && ! ($rush->has('set') && $rush->inside('set')->flag('has_turn'))) {
                continue;
            }
            $found[$id] = $this->at($expected, $rush, $value, $holds);
        }

        return $found;
    }

    /** @param  Reader  $rush  one of those of the day */
    private function at(Expected $expected, Reader $rush, Outing $outing, HoldsOfDay $holds): RushAtHour
    {
        $checks = array_map(static fn (Reader $check): array => $check->all() + ['due' => false], $rush->objects('checks'));
        $water = $rush->optionalText('water');
        if (! $rush->has('set')) {
            return new RushAtHour(null, $expected->spot->name, null, $water, $checks);
        }
        $moment = $holds->planFor($expected, (float) strtotime($rush->inside('set')->text('at')));
        $light = $expected->lightFrom($moment);

        return new RushAtHour(
            $expected->at($moment, $outing->place),
            $expected->spot->name,
            self::hours($rush, $outing->day->date) + [
                'ev100' => round($expected->evAt($moment), 1),
                'light' => match (true) {
                    $expected->ownLight => 'light of its own',
                    $light === null => 'even light',
                    default => 'light '.$light->words(),
                },
            ],
            $water,
            $checks,
        );
    }

    /** @return array<string, RushAtHour> what is expected where water may cut one off, by id of the rush */
    private static function unknown(OutingRecord $outing): array
    {
        $cutOff = [];
        foreach (Reader::of(Reader::plain($outing->place->document))->objects('spots') as $spot) {
            if ($spot->has('cut_off_m')) {
                $cutOff[$spot->text('id')] = $spot->text('name');
            }
        }
        $found = [];
        foreach (Reader::of(Reader::plain($outing->document))->objects('rushes') as $kept) {
            $spot = $cutOff[$kept->text('spot')] ?? null;
            if ($spot !== null) {
                $found[$kept->text('rush_id')] = new RushAtHour(null, $spot, null, self::NOT_KNOWN, []);
            }
        }

        return $found;
    }

    /** @return array<string, mixed> from when until when, the moment that is set for, and the holds of these hours in order */
    private static function hours(Reader $rush, string $date): array
    {
        $set = $rush->inside('set');
        [$from, $until] = [$set->text('from'), $set->text('until')];
        $holds = [];
        foreach ($rush->objects('bands') as $band) {
            [$begins, $ends] = [$band->text('from'), $band->text('until')];
            if ($band->has('words') && strtotime($begins) < strtotime($until) && strtotime($ends) > strtotime($from)) {
                $words = $band->text('words');
                // what deepens in between without another hold is for the room
                if ($holds === [] || $holds[count($holds) - 1]['words'] !== $words) {
                    $holds[] = [
                        'from' => self::clock(strtotime($begins) < strtotime($from) ? $from : $begins, $date),
                        'words' => $words,
                    ];
                }
            }
        }

        return [
            'from' => self::clock($from, $date),
            'until' => self::clock($until, $date),
            'at' => self::clock($set->text('at'), $date),
            'has_turn' => $set->flag('has_turn'),
            'holds' => $holds,
        ];
    }

    /** 2027-05-22T05:30:00+02:00 as 05:30; of another day than the date of the outing it says so. */
    private static function clock(string $iso, string $date): string
    {
        return substr($iso, 11, 5).(substr($iso, 0, 10) > $date ? ' next day' : '');
    }
}
