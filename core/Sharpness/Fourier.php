<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** The discrete Fourier transform of a square, its side a power of two, 4 or more (Cooley and Tukey 1965). */
final class Fourier
{
    /** @var array<int, array{list<int>, list<float>, list<float>}> by side: where each number goes, cosines, sines */
    private static array $tables = [];

    /**
     * Power of two squares at once, one in the real and one in the imaginary part: at each wave the sum of both over that wave and its
     * opposite, whose order is that of columns, then rows.
     *
     * @param  list<float>  $one
     * @param  list<float>  $other
     * @return list<float> absolute squares of one + i·other: the squares' own powers are half the sum of a wave's and its opposite's
     */
    public static function power(array $one, array $other, int $side): array
    {
        [$re, $im] = self::waves($one, $other, $side);
        $power = [];
        foreach ($re as $at => $value) {
            $power[] = $value * $value + $im[$at] * $im[$at];
        }

        return $power;
    }

    /**
     * The same, each square by itself.
     *
     * @param  list<float>  $one
     * @param  list<float>  $other
     * @return array{list<float>, list<float>}
     */
    public static function powers(array $one, array $other, int $side): array
    {
        [$re, $im] = self::waves($one, $other, $side);
        $first = $second = [];
        for ($column = 0, $at = 0; $column < $side; $column++) {
            $mirrored = (($side - $column) % $side) * $side;
            for ($row = 0; $row < $side; $row++, $at++) {
                $opposite = $mirrored + (($side - $row) % $side);
                // a square of numbers has waves that are each other's conjugates: what is even is of one, what is odd of the other
                $even = ($re[$at] + $re[$opposite]) ** 2 + ($im[$at] - $im[$opposite]) ** 2;
                $odd = ($im[$at] + $im[$opposite]) ** 2 + ($re[$opposite] - $re[$at]) ** 2;
                $first[] = $even / 4;
                $second[] = $odd / 4;
            }
        }

        return [$first, $second];
    }

    /**
     * The waves of a square, columns first. Done to its own answer with both parts exchanged, it gives the square back, exchanged and
     * side² times as large.
     *
     * @param  list<float>  $re
     * @param  list<float>  $im
     * @return array{list<float>, list<float>}
     */
    public static function waves(array $re, array $im, int $side): array
    {
        [$re, $im] = self::along($re, $im, $side, $side, 1);

        return self::along($re, $im, $side, 1, $side);
    }

    /**
     * The waves of each line of a square, line by line: two steps at once, so that each number is fetched and put back half as often.
     *
     * @param  list<float>  $re
     * @param  list<float>  $im
     * @param  int  $next  from one line to the next
     * @param  int  $apart  from one number of a line to the next
     * @return array{list<float>, list<float>}
     */
    private static function along(array $re, array $im, int $side, int $next, int $apart): array
    {
        [$order, $cosines, $sines] = self::$tables[$side] ??= self::tables($side);
        $order = array_map(static fn (int $at): int => $at * $apart, $order);
        $backRe = $backIm = [];
        for ($line = 0, $start = 0; $line < $side; $line++, $start += $next) {
            $a = $b = [];
            // the first two steps turn nothing
            for ($at = 0; $at < $side; $at += 4) {
                $p = $start + $order[$at];
                $q = $start + $order[$at + 1];
                $r = $start + $order[$at + 2];
                $s = $start + $order[$at + 3];
                $sumRe = $re[$p] + $re[$q];
                $sumIm = $im[$p] + $im[$q];
                $offRe = $re[$p] - $re[$q];
                $offIm = $im[$p] - $im[$q];
                $nextRe = $re[$r] + $re[$s];
                $nextIm = $im[$r] + $im[$s];
                $lastRe = $re[$r] - $re[$s];
                $lastIm = $im[$r] - $im[$s];
                $a[] = $sumRe + $nextRe;
                $a[] = $offRe + $lastIm;
                $a[] = $sumRe - $nextRe;
                $a[] = $offRe - $lastIm;
                $b[] = $sumIm + $nextIm;
                $b[] = $offIm - $lastRe;
                $b[] = $sumIm - $nextIm;
                $b[] = $offIm + $lastRe;
            }
            $half = 4;
            for (; 2 * $half < $side; $half *= 4) {
                $step = intdiv($side, 2 * $half);
                for ($turn = 0; $turn < $half; $turn++) {
                    $cos = $cosines[$turn * $step];
                    $sin = $sines[$turn * $step];
                    $halfCos = $cosines[intdiv($turn * $step, 2)];
                    $halfSin = $sines[intdiv($turn * $step, 2)];
                    for ($first = $turn; $first < $side; $first += 4 * $half) {
                        $second = $first + $half;
                        $third = $second + $half;
                        $fourth = $third + $half;
                        $x = $cos * $a[$second] + $sin * $b[$second];
                        $y = $cos * $b[$second] - $sin * $a[$second];
                        $u = $cos * $a[$fourth] + $sin * $b[$fourth];
                        $v = $cos * $b[$fourth] - $sin * $a[$fourth];
                        $sumRe = $a[$first] + $x;
                        $sumIm = $b[$first] + $y;
                        $offRe = $a[$first] - $x;
                        $offIm = $b[$first] - $y;
                        $nextRe = $a[$third] + $u;
                        $nextIm = $b[$third] + $v;
                        $lastRe = $a[$third] - $u;
                        $lastIm = $b[$third] - $v;
                        $x = $halfCos * $nextRe + $halfSin * $nextIm;
                        $y = $halfCos * $nextIm - $halfSin * $nextRe;
                        // a quarter of a turn further
                        $u = $halfCos * $lastIm - $halfSin * $lastRe;
                        $v = $halfCos * $lastRe + $halfSin * $lastIm;
                        $a[$first] = $sumRe + $x;
                        $b[$first] = $sumIm + $y;
                        $a[$second] = $offRe + $u;
                        $b[$second] = $offIm - $v;
                        $a[$third] = $sumRe - $x;
                        $b[$third] = $sumIm - $y;
                        $a[$fourth] = $offRe - $u;
                        $b[$fourth] = $offIm + $v;
                    }
                }
            }
            // where their number is odd, one step is left
            for ($turn = 0; $half < $side && $turn < $half; $turn++) {
                $lower = $turn + $half;
                $x = $cosines[$turn] * $a[$lower] + $sines[$turn] * $b[$lower];
                $y = $cosines[$turn] * $b[$lower] - $sines[$turn] * $a[$lower];
                $a[$lower] = $a[$turn] - $x;
                $b[$lower] = $b[$turn] - $y;
                $a[$turn] += $x;
                $b[$turn] += $y;
            }
            foreach ($a as $at => $value) {
                $backRe[] = $value;
                $backIm[] = $b[$at];
            }
        }

        return [$backRe, $backIm];
    }

    /** @return array{list<int>, list<float>, list<float>} */
    private static function tables(int $side): array
    {
        $order = [0];
        while (count($order) < $side) {
            $order = array_merge(
                array_map(static fn (int $at): int => 2 * $at, $order),
                array_map(static fn (int $at): int => 2 * $at + 1, $order),
            );
        }
        $angles = array_map(static fn (int $at): float => (2 * M_PI * $at) / $side, range(0, intdiv($side, 2) - 1));

        return [$order, array_map(cos(...), $angles), array_map(sin(...), $angles)];
    }
}
