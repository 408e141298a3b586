<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Outlook;

use RushHold\Assumptions\Assumptions;
use RushHold\Faults\Fault;
use RushHold\Kit\Kit;
use RushHold\Kit\Orientation;
use RushHold\Motion\Skill;
use RushHold\Motion\Support;
use RushHold\Motion\Travel;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Estimate\Tally;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;
use RushHold\Rush\Family;
use RushHold\Rush\Rush;
use RushHold\Rush\Streak;
use RushHold\Rush\Style;

/**
 * What would help most: not dials, but what the person can do. Each is a change of the rush or the kit, planned anew and rehearsed
 * with the same chance as things as they are.
 */
final class HelpSearch
{
    /** Passes that are played however long they take. */
    private const LEAST = 8;

    /**
     * @param  array<string, Kit>  $others  other kits at hand, by name
     * @param  int  $passes  on how many each is tried, at the most
     * @param  ?\Closure(): bool  $goesOn  asked before each pass whether there is time for it; null when there always is
     * @return list<Help> the most helpful first; what chance might have made as well is among them
     */
    public static function find(
        Planner $planner,
        Plan $plan,
        array $others,
        int $passes,
        ?\Closure $goesOn = null,
    ): array {
        $tries = [];
        foreach (self::tries($plan, $others) as [$what, $figures, $change, $rush, $kit]) {
            try {
                $there = $planner->plan($rush, $kit, $plan->situation->assumptions);
            } catch (Fault) {
                continue; // a lens that does not focus there is no help
            }
            $rehearsal = Rehearsal::of($there);
            $tries[] = [$what, $figures, $change, $there, $rehearsal, $rehearsal->camera(), new Tally()];
        }
        $present = Rehearsal::of($plan);
        $camera = $present->camera();
        $now = new Tally();
        for ($seed = 0; $seed < $passes && ($seed < self::LEAST || $goesOn === null || $goesOn()); $seed++) {
            $now->add(Take::of($present->pass($seed), $camera)->counts());
            foreach ($tries as [, , , , $rehearsal, $with, $tally]) {
                $tally->add(Take::of($rehearsal->pass($seed), $with)->counts());
            }
        }
        $found = array_map(
            static fn (array $try): Help => new Help(
                $try[0],
                $try[1],
                $try[2],
                $try[3],
                $try[6],
                $try[6]->moreThan($now),
            ),
            $tries,
        );
        $found = array_values(array_filter($found, static fn (Help $help): bool => $help->margin->mean > 0));
        usort($found, static fn (Help $a, Help $b): int => $b->margin->mean <=> $a->margin->mean);

        return $found;
    }

    /**
     * @param  array<string, Kit>  $others
     * @return \Generator<array{Help::*, array<string, float|string>, array<string, mixed>, Rush, Kit}>
     */
    private static function tries(Plan $plan, array $others): \Generator
    {
        $rush = $plan->situation->rush;
        $assumptions = $plan->situation->assumptions;
        yield from self::standing($rush, $plan->kit, $assumptions);
        yield from self::holding($rush, $plan);
        yield from self::waiting($rush, $plan);
        foreach ($others as $name => $kit) {
            yield [Help::LENS, ['kit' => $name], [], $rush, $kit];
        }
        if ($plan->kit->converter > 1) {
            $bare = $plan->kit->without();
            yield [
                Help::CONVERTER,
                ['focal_mm' => $bare->focalMm(), 'converter' => $plan->kit->converter],
                [],
                $rush,
                $bare,
            ];
        }
    }

    /** @return \Generator<array{Help::*, array<string, float|string>, array<string, mixed>, Rush, Kit}> where to stand */
    private static function standing(Rush $rush, Kit $kit, Assumptions $assumptions): \Generator
    {
        $farM = $rush->workM * $assumptions->value('help.step');
        yield [
            Help::FARTHER,
            ['distance_m' => $farM, 'smaller' => 1 - $rush->workM / $farM],
            ['distance' => ['work_m' => $farM]],
            $rush->with(workM: $farM),
            $kit,
        ];
        $nearM = $rush->workM / $assumptions->value('help.step');
        if (self::isWild($rush)) {
            // nobody goes to a wild animal: it may come as near as the rush says it does
            if ($rush->nearM < $rush->workM * 0.95) {
                $nearM = max($nearM, $rush->nearM);
                yield [
                    Help::LET_IT_COME,
                    ['distance_m' => $nearM],
                    ['distance' => ['work_m' => $nearM]],
                    $rush->with(workM: $nearM),
                    $kit,
                ];
            }
        } else {
            yield [
                Help::NEARER,
                ['distance_m' => $nearM],
                ['distance' => ['work_m' => $nearM]],
                $rush->with(workM: $nearM),
                $kit,
            ];
        }
        $travel = $rush->travel;
        if ($rush->moves()) {
            foreach ([Help::TOWARDS => -30.0, Help::ACROSS => 30.0] as $what => $turn) {
                // less or more across its way than now, on whichever side of square it is
                $bearing = $travel->bearingDeg <= 90 ? $travel->bearingDeg + $turn : $travel->bearingDeg - $turn;
                $bearing = $what === Help::ACROSS && $bearing > 90 === $travel->bearingDeg <= 90 ? 90.0 : $bearing;
                $bearing = max(0.0, min(180.0, $bearing));
                if (abs($bearing - $travel->bearingDeg) >= 5) {
                    yield [
                        $what,
                        ['bearing_deg' => $bearing],
                        ['motion' => ['bearing_deg' => $bearing]],
                        $rush->with(travel: Travel::of($travel->speedMps, $bearing, $travel->accelerationMps2)),
                        $kit,
                    ];
                }
            }
        }
    }

    /** @return \Generator<array{Help::*, array<string, float|string>, array<string, mixed>, Rush, Kit}> how to hold the camera */
    private static function holding(Rush $rush, Plan $plan): \Generator
    {
        $photographer = $rush->photographer;
        $now = array_search($photographer->support, Support::cases(), true);
        foreach ([Support::Braced, Support::Monopod, Support::Gimbal] as $support) {
            if (array_search($support, Support::cases(), true) > $now) {
                yield [
                    Help::SUPPORT,
                    ['support' => $support->value],
                    ['photographer' => ['support' => $support->value]],
                    $rush->with(photographer: $photographer->with(support: $support)),
                    $plan->kit,
                ];
            }
        }
        $turned = $plan->hold->frame === Orientation::Portrait ? Orientation::Landscape : Orientation::Portrait;
        if ($rush->intent->style !== Style::PanBlur) {
            // a streak is told in widths of the frame, and would be another
            yield [
                Help::TURN,
                ['frame' => $turned->value],
                ['intent' => ['frame' => $turned->value]],
                $rush->with(intent: $rush->intent->with(frame: $turned)),
                $plan->kit,
            ];
        }
        $better = match ($photographer->skill) {
            Skill::New => Skill::Settled,
            Skill::Settled => Skill::Expert,
            Skill::Expert => null,
        };
        if ($better !== null && $rush->moves()) {
            yield [
                Help::PRACTICE,
                ['skill' => $better->value],
                [],
                $rush->with(photographer: $photographer->with(skill: $better)),
                $plan->kit,
            ];
        }
        if (! $photographer->panning && $rush->moves() && $rush->travel->crossingMps() > 0) {
            yield [
                Help::PAN,
                [],
                ['photographer' => ['panning' => true]],
                $rush->with(photographer: $photographer->panned()),
                $plan->kit,
            ];
        }
    }

    /** @return \Generator<array{Help::*, array<string, float|string>, array<string, mixed>, Rush, Kit}> what to wait for or forgo */
    private static function waiting(Rush $rush, Plan $plan): \Generator
    {
        if ($rush->ev100 < $plan->situation->assumptions->value('help.bright')) {
            yield [
                Help::LIGHT,
                ['ev100' => $rush->ev100 + 1],
                ['light' => ['ev100' => $rush->ev100 + 1]],
                $rush->with(ev100: $rush->ev100 + 1),
                $plan->kit,
            ];
        }
        if ($rush->intent->style === Style::PanBlur && $rush->intent->streak !== Streak::Hint) {
            $less = $rush->intent->streak === Streak::Long ? Streak::Plain : Streak::Hint;
            yield [
                Help::STREAK,
                ['streak' => $less->value],
                ['intent' => ['streak' => $less->value]],
                $rush->with(intent: $rush->intent->with(streak: $less)),
                $plan->kit,
            ];
        }
    }

    private static function isWild(Rush $rush): bool
    {
        $kind = $rush->kind();

        return ! $kind->handled && in_array($kind->family, [Family::Bird, Family::Animal, Family::Small], true);
    }
}
