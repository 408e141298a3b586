<?php

declare(strict_types=1);

namespace RushHold\Motion;

use RushHold\Guard;

/** How long something in between hides the target. */
final class Occlusion
{
    /**
     * Seconds for which a target of size $targetM at $distanceM is touched by an obstacle of width $obstacleM
     * at $obstacleDistanceM while the camera pans with it: t = (w/d + z/s)/Ω, Ω = v_t/s. Infinite when nothing moves.
     */
    public static function timeS(
        float $obstacleM,
        float $obstacleDistanceM,
        float $targetM,
        float $distanceM,
        float $crossingMps,
    ): float {
        $angle =
            Guard::notNegative('obstacle_m', $obstacleM, 'm') /
                Guard::above('obstacle_distance_m', $obstacleDistanceM, 0.0, 'm') +
            Guard::notNegative('target_m', $targetM, 'm') / Guard::above('distance_m', $distanceM, 0.0, 'm');
        $rate = Guard::notNegative('crossing_mps', $crossingMps, 'm/s') / $distanceM;

        return $rate > 0 ? $angle / $rate : ($angle > 0 ? INF : 0.0);
    }
}
