<?php

declare(strict_types=1);

namespace RushHold\Statistics;

/** How far out a two-sided 95 % lies where a spread is itself only estimated (Student 1908). */
final class Student
{
    /**
     * In standard deviations, from the degrees of freedom: an expansion about the normal distribution (Abramowitz and Stegun 1964, formula
     * 26.7.5), to a hundredth from 3 on.
     *
     * @param  float  $degrees  at least 1
     */
    public static function of(float $degrees): float
    {
        $z = WilsonInterval::Z;
        if ($degrees < 3) {
            return $degrees < 2 ? 12.706 - ($degrees - 1) * (12.706 - 4.303) : 4.303 - ($degrees - 2) * (4.303 - 3.182);
        }
        $first = ($z ** 3 + $z) / 4;
        $second = (5 * $z ** 5 + 16 * $z ** 3 + 3 * $z) / 96;
        $third = (3 * $z ** 7 + 19 * $z ** 5 + 17 * $z ** 3 - 15 * $z) / 384;
        $fourth = (79 * $z ** 9 + 776 * $z ** 7 + 1482 * $z ** 5 - 1920 * $z ** 3 - 945 * $z) / 92_160;

        return $z + $first / $degrees + $second / $degrees ** 2 + $third / $degrees ** 3 + $fourth / $degrees ** 4;
    }
}
