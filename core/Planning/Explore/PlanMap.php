<?php

declare(strict_types=1);

namespace RushHold\Planning\Explore;

use RushHold\Faults\Fault;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;

/** The answer at a glance for other distances and speeds: area and shutter on a grid round the rush. */
final readonly class PlanMap
{
    private const COLUMNS = 23;

    private const ROWS = 11;

    /**
     * @return array{distances_m: list<float>, speeds_mps: list<float>, cells: list<list<?array<string, mixed>>>}
     *                                                                                                            rows by speed from slow to fast, columns by distance from near to far; a cell is null inside closest focus
     */
    public static function around(Planner $planner, Plan $plan): array
    {
        $rush = $plan->situation->rush;
        $kind = $rush->kind();
        $distances = self::steps(
            max($plan->situation->kit->lens->closestM * 0.9, min($rush->nearM, $rush->workM / 4)),
            max($rush->farM, $rush->workM * 4),
            self::COLUMNS,
            $rush->workM,
        );
        $speeds = self::steps(
            max(0.05, min($kind->speedMps->typical / 8, max(0.1, $rush->travel->speedMps) / 3)),
            max($kind->speedMps->most, $rush->travel->speedMps * 1.5),
            self::ROWS,
            $rush->travel->speedMps,
        );
        $cells = array_map(
            static fn (float $speed): array => array_map(
                static fn (float $distance): ?array => self::cell($planner, $plan, $distance, $speed),
                $distances,
            ),
            $speeds,
        );

        return ['distances_m' => $distances, 'speeds_mps' => $speeds, 'cells' => $cells];
    }

    /** @return ?array<string, mixed> */
    private static function cell(Planner $planner, Plan $plan, float $distanceM, float $speedMps): ?array
    {
        try {
            $there = $planner->again($plan, $plan->situation->rush->with(speedMps: $speedMps, workM: $distanceM));
        } catch (Fault) {
            return null;
        }
        $hold = $there->hold;

        return [
            'area' => $hold->area->value,
            'focus_mode' => $hold->focusMode->value,
            'manual_technique' => $hold->manualTechnique?->value,
            'shutter_s' => $hold->shutterS,
            'f_number' => $hold->fNumber,
            'iso' => $hold->iso,
            'focal_mm' => $hold->focalMm,
            'stay' => $hold->stay,
            'pace' => $hold->pace,
            'score' => $there->draft->areaScore()->score,
            'blur_used' => $there->blur->used(),
            'shortfall_stops' => $there->settings->shortfallStops,
        ];
    }

    /**
     * @param  float  $own  what the rush has: it takes the place of the step nearest to it, so that the map answers "the same, but …"
     * @return list<float> even steps of a logarithmic axis, ends included
     */
    private static function steps(float $least, float $most, int $count, float $own): array
    {
        $steps = array_map(
            static fn (int $at): float => (float) sprintf('%.3g', $least * ($most / $least) ** ($at / ($count - 1))),
            range(0, $count - 1),
        );
        if ($own >= $least && $own <= $most) {
            $nearest = (int) round(($count - 1) * (log($own / $least) / log($most / $least)));
            $steps[$nearest] = $own;
        }

        return array_values($steps);
    }
}
