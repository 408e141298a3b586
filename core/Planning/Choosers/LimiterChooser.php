<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;

/** The narrowest range of the limiter switch that leaves out nothing the subject may reach. */
final class LimiterChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $ranges = $situation->kit->lens->limiterM;
        $rush = $situation->rush;
        if ($ranges === []) {
            $draft->because('limiter_m', 'none');

            return;
        }
        $fitting = array_values(
            array_filter(
                $ranges,
                static fn (array $range): bool => $range[0] <= $rush->nearM && ($range[1] ?? INF) >= $rush->farM,
            ),
        );
        $numbers = ['near_m' => $rush->nearM, 'far_m' => $rush->farM, 'work_m' => $rush->workM];
        if ($fitting === []) {
            // whatever its ranges, a limiter can be left at full, which limits nothing
            $draft->because('limiter_m', 'full', $numbers);

            return;
        }
        usort(
            $fitting /** @param  array{float, ?float}  $a @param  array{float, ?float}  $b */,
            static fn (array $a, array $b): int => self::span($a) <=> self::span($b),
        );
        $chosen = $draft->limiterM = $fitting[0];
        $draft->because(
            'limiter_m',
            match (true) {
                $chosen[0] > $situation->kit->lens->closestM * 1.05 => 'shuts-off',
                count($ranges) > 1 => 'comes-near',
                default => 'only',
            },
            $numbers + ['from_m' => $chosen[0]],
        );
    }

    /**
     * How far the focus may run, in dioptres: what a lens has to travel.
     *
     * @param  array{float, ?float}  $range
     */
    private static function span(array $range): float
    {
        return 1 / $range[0] - ($range[1] === null ? 0.0 : 1 / $range[1]);
    }
}
