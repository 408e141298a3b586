<?php

declare(strict_types=1);

namespace RushHold\Technique;

use RushHold\Guard;

/** The hand rocks the ring to stay on the subject. */
final class HandFollow
{
    /** Share of frames in focus: erf(half-depth/(σ√2)), σ = |v_r|·h; 1 for a subject that keeps its distance. */
    public static function sharpShare(float $halfDepthM, float $closingMps, float $handLagS): float
    {
        $sigma = abs($closingMps) * Guard::notNegative('hand_lag_s', $handLagS, 's');

        return $sigma > 0 ? self::erf($halfDepthM / ($sigma * M_SQRT2)) : 1.0;
    }

    /** Error function to 1.5e-7 (Abramowitz and Stegun 1964, formula 7.1.26). */
    private static function erf(float $x): float
    {
        if (is_infinite($x)) {
            return 1.0;
        }
        $t = 1 / (1 + 0.3275911 * $x);
        $sum = ((((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592) * $t;

        return 1 - $sum * exp(-$x * $x);
    }
}
