<?php

declare(strict_types=1);

namespace RushHold\Statistics;

/** The normal distribution. */
final class NormalCurve
{
    /** Share of the mean square that is left of what lies within so many standard deviations: E[x² | |x| < b] for a spread of 1. */
    public static function squareWithin(float $b): float
    {
        if ($b < 0.05) {
            return ($b * $b) / 3; // flat, so near its middle
        }
        $within = ErrorFunction::of($b / M_SQRT2);

        return max(0.0, 1 - (2 * $b * self::density($b)) / $within);
    }

    /** How much the square of what lies within so many standard deviations still varies, against 2 for all of them. */
    public static function scatterWithin(float $b): float
    {
        if ($b < 0.05) {
            return (4 * $b ** 4) / 45; // flat, so near its middle
        }
        $fourth = 3 - (2 * ($b ** 3 + 3 * $b) * self::density($b)) / ErrorFunction::of($b / M_SQRT2);

        return max(0.0, $fourth - self::squareWithin($b) ** 2);
    }

    public static function density(float $x): float
    {
        return exp((-$x * $x) / 2) / sqrt(2 * M_PI);
    }
}
