<?php

declare(strict_types=1);

namespace RushHold\Light;

use RushHold\Guard;

/** What haze and fog leave of contrast. Source: H. Koschmieder (1924), with 2 % as what can just be seen. */
final class Fog
{
    private const LN_TWO_PERCENT = 3.912;

    /** Share of contrast left over a distance, exp(−3.912·s/V). */
    public static function contrast(float $visibilityM, float $distanceM): float
    {
        return exp(
            (-self::LN_TWO_PERCENT * Guard::notNegative('distance_m', $distanceM, 'm')) /
                Guard::above('visibility_m', $visibilityM, 0.0, 'm'),
        );
    }

    /** How far one can shoot until so much contrast is left, in metres. */
    public static function reachM(float $visibilityM, float $contrast): float
    {
        return (Guard::above('visibility_m', $visibilityM, 0.0, 'm') *
            -log(Guard::between('contrast', $contrast, 1e-9, 1.0))) /
            self::LN_TWO_PERCENT;
    }
}
