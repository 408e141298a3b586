<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** The discrete Fourier transform of a square, its side a power of two (Cooley and Tukey 1965). */
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
        [$re, $im] = self::rows($re, $im, $side);

        return self::rows(self::turned($re, $side), self::turned($im, $side), $side);
    }

    /**
     * @param  list<float>  $re
     * @param  list<float>  $im
     * @return array{list<float>, list<float>}
     */
    private static function rows(array $re, array $im, int $side): array
    {
        [$order, $cosines, $sines] = self::$tables[$side] ??= self::tables($side);
        $backRe = $backIm = [];
        for ($row = 0, $end = $side * $side; $row < $end; $row += $side) {
            $a = $b = [];
            foreach ($order as $from) {
                $a[] = $re[$row + $from];
                $b[] = $im[$row + $from];
            }
            for ($half = 1, $step = $side >> 1; $half < $side; $half <<= 1, $step >>= 1) {
                for ($turn = 0, $angle = 0; $turn < $half; $turn++, $angle += $step) {
                    $cos = $cosines[$angle];
                    $sin = $sines[$angle];
                    for ($upper = $turn; $upper < $side; $upper += $half << 1) {
                        $lower = $upper + $half;
                        $x = $cos * $a[$lower] + $sin * $b[$lower];
                        $y = $cos * $b[$lower] - $sin * $a[$lower];
                        $a[$lower] = $a[$upper] - $x;
                        $b[$lower] = $b[$upper] - $y;
                        $a[$upper] += $x;
                        $b[$upper] += $y;
                    }
                }
            }
            foreach ($a as $at => $value) {
                $backRe[] = $value;
                $backIm[] = $b[$at];
            }
        }

        return [$backRe, $backIm];
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function turned(array $values, int $side): array
    {
        $turned = [];
        for ($column = 0; $column < $side; $column++) {
            for ($at = $column, $end = $side * $side; $at < $end; $at += $side) {
                $turned[] = $values[$at];
            }
        }

        return $turned;
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
