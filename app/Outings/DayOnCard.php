<?php

declare(strict_types=1);

namespace App\Outings;

use App\Models\OutingRecord;
use App\Models\User;
use RushHold\Document\Reader;
use RushHold\Outing\Outing;

/** The rushes of a card in the light of a day out: at which hours, and what changes with them. */
final readonly class DayOnCard
{
    public function __construct(private DayCache $days, private OutingComposer $composer) {}

    /** @return array<string, RushAtHour> by id of the rush; empty where the day cannot be worked out */
    public function of(OutingRecord $outing, User $user): array
    {
        $document = $this->composer->document($outing, $user);
        $text = $this->days->composed($outing, $document, $user)->text($user->units());
        if ($text === null) {
            return [];
        }
        $day = Reader::of(Reader::plain(json_decode($text->text, true)));
        $value = Outing::fromArray($document);
        $conditions = $value->conditions($user->assumed());
        $ids = [];
        foreach (Reader::of(Reader::plain($outing->document))->objects('rushes') as $kept) {
            $ids[$kept->text('id')] = $kept->text('rush_id');
        }
        $found = [];
        foreach ($day->objects('rushes') as $number => $rush) {
            $expected = $value->expected[$number];
            $id = $ids[$expected->id];
            // what is expected twice is carried once, for its turn
            if (! $rush->has('set') || (isset($found[$id]) && ! $rush->inside('set')->flag('has_turn'))) {
                continue;
            }
            $moment = $conditions->at((float) strtotime($rush->inside('set')->text('at')), $expected->spot);
            $found[$id] = new RushAtHour(
                $expected->at($moment, $value->place),
                $expected->spot->name,
                self::hours($rush) + [
                    'ev100' => round($moment->ev100, 1),
                    'light' => match (true) {
                        $expected->ownLight => 'light of its own',
                        $moment->lightFrom() === null => 'even light',
                        default => 'light '.$moment->lightFrom()->words(),
                    },
                ],
                array_map(
                    static fn (Reader $check): array => $check->all() + ['due' => false],
                    $rush->objects('checks'),
                ),
            );
        }

        return $found;
    }

    /** @return array<string, mixed> from when until when, the moment that is set for, and the holds of these hours in order */
    private static function hours(Reader $rush): array
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
                        'from' => self::clock(strtotime($begins) < strtotime($from) ? $from : $begins),
                        'words' => $words,
                    ];
                }
            }
        }

        return [
            'from' => self::clock($from),
            'until' => self::clock($until),
            'at' => self::clock($set->text('at')),
            'has_turn' => $set->flag('has_turn'),
            'holds' => $holds,
        ];
    }

    /** 2027-05-22T05:30:00+02:00 as 05:30. */
    private static function clock(string $iso): string
    {
        return substr($iso, 11, 5);
    }
}
