<?php

declare(strict_types=1);

namespace RushHold\Technique;

use RushHold\Guard;
use RushHold\Statistics\ErrorFunction;

/** The hand rocks the ring to stay on the subject. */
final class HandFollow
{
    /** Share of frames in focus: erf(half-depth/(σ√2)), σ = |v_r|·h; 1 for a subject that keeps its distance. */
    public static function sharpShare(float $halfDepthM, float $closingMps, float $handLagS): float
    {
        $sigma = abs($closingMps) * Guard::notNegative('hand_lag_s', $handLagS, 's');

        return $sigma > 0 ? ErrorFunction::of($halfDepthM / ($sigma * M_SQRT2)) : 1.0;
    }
}
