<?php

declare(strict_types=1);

namespace Tests\Support;

use RushHold\Rehearsal\Frame;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Scene\Scene;

/** One pass that is kept: a darting tern behind posts, seed 11. */
final class GoldenPass
{
    /** @return array{hold: array<string, mixed>, frames: list<array<string, mixed>>, held: list<array{float, int}>} */
    public static function play(): array
    {
        $plan = Documents::plan([
            'motion' => ['pattern' => 'erratic', 'speed_mps' => 7],
            'distance' => ['near_m' => 18, 'work_m' => 26, 'far_m' => 60],
            'clutter' => [
                'foreground' => 'sparse',
                'background' => 'busy',
                'background_gap_m' => 12,
                'obstacle_width_m' => 0.12,
                'obstacle_distance_m' => 9,
            ],
        ]);
        $take = Rehearsal::of($plan)->take(11);
        $held = [];
        foreach ($take->plane->held as $at => $now) {
            if ($held === [] || $held[count($held) - 1][1] !== $now) {
                $held[] = [round($at * Scene::STEP_S, 4), $now];
            }
        }

        return [
            'hold' => $plan->hold->toArray(),
            'frames' => array_map(fn (Frame $frame): array => $frame->toArray(), $take->frames()),
            'held' => $held,
        ];
    }
}
