<?php

declare(strict_types=1);

namespace RushHold\Statistics;

/** The error function of the normal distribution. */
final class ErrorFunction
{
    /** erf(x) for x ≥ 0, to 1.5e-7 (Abramowitz and Stegun 1964, formula 7.1.26). */
    public static function of(float $x): float
    {
        if (is_infinite($x)) {
            return 1.0;
        }
        $t = 1 / (1 + 0.3275911 * $x);
        $sum = ((((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592) * $t;

        return 1 - $sum * exp(-$x * $x);
    }
}
