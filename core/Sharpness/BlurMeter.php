<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/**
 * Measures what blurs a piece of a picture. The variance of edges by the direction of their normals is fitted by a + b·cos 2θ + c·sin 2θ: a
 * disc of diameter d widens all alike by d²/16, a line of length L those across it by L²/12. Wide blur is measured in a smaller picture,
 * where it is as narrow as the measure is best at. Source: docs/model.md, Sharpness of a frame.
 */
final class BlurMeter
{
    /** How large a piece is looked at in one go, in pixels to a side. */
    public const PIECE = 360;

    /** Wider blur than this is measured again at half the size, in pixels. */
    private const WIDE_PX = 4.5;

    /** Smallest piece that is halved. */
    private const SMALLEST = 200;

    /** Which of the widths of a direction counts: textures are wider than edges, so a low one. */
    private const QUANTILE = 0.35;

    /** Edges a direction must have to count. */
    private const FEWEST = 6;

    /** Least step of an edge, in brightness and in noise. */
    private const STEP = 8.0;

    private const STEP_NOISE = 6.0;

    /** Of what the directions swing by chance, so many times is no movement. */
    private const CHANCE = 1.5;

    /** By how much a width is more than measured: at the most, from where on, in px, and over how many more. */
    private const ISO_MORE = ['most' => 0.15, 'from' => 5.0, 'over' => 4.0];

    private const MOTION_MORE = ['most' => 0.25, 'from' => 3.0, 'over' => 6.0];

    /** Null where too few edges stand in it to say anything. */
    public static function of(Luminance $picture): ?BlurFound
    {
        $found = null;
        for ($times = 1; ; $times *= 2) {
            $now = self::once($picture->middle(self::PIECE));
            $found = $now?->enlarged($times) ?? $found;
            if (
                $now === null ||
                $now->totalPx() < self::WIDE_PX ||
                min($picture->width, $picture->height) < 2 * self::SMALLEST
            ) {
                return $found === null ? null : self::corrected($found);
            }
            $picture = $picture->halved();
        }
    }

    /** Wide blur is measured too narrow, as what lies near by narrows it; how much so was found on surfaces of the simulated camera. */
    private static function corrected(BlurFound $found): BlurFound
    {
        return $found->with(
            self::more($found->isoPx, self::ISO_MORE),
            self::more($found->motionPx, self::MOTION_MORE),
        );
    }

    /** @param  array{most: float, from: float, over: float}  $by */
    private static function more(float $px, array $by): float
    {
        return $px * (1 + $by['most'] * min(1.0, max(0.0, ($px - $by['from']) / $by['over'])));
    }

    private static function once(Luminance $picture): ?BlurFound
    {
        $noise = $picture->noise();
        $least = max(self::STEP, self::STEP_NOISE * $noise);
        $by = array_fill(0, Edge::DIRECTIONS, []);
        foreach (Edges::of($picture, $noise) as $edge) {
            $variance = EdgeWidth::variance($picture, $edge, $least);
            if ($variance !== null) {
                $by[$edge->direction()][] = $variance;
            }
        }
        $points = [];
        foreach ($by as $direction => $variances) {
            $count = count($variances);
            if ($count >= self::FEWEST) {
                sort($variances);
                $points[] = [
                    (($direction + 0.5) * M_PI) / Edge::DIRECTIONS,
                    $variances[(int) (self::QUANTILE * $count)],
                    $count,
                ];
            }
        }

        return self::fitted($points);
    }

    /**
     * @param  list<array{float, float, int}>  $points  direction of the normal in rad, variance in square pixels, edges
     */
    private static function fitted(array $points): ?BlurFound
    {
        if (count($points) < 4) {
            return null;
        }
        $rows = array_fill(0, 3, [0.0, 0.0, 0.0, 0.0]);
        foreach ($points as [$angle, $variance, $count]) {
            $weight = self::weight($variance, $count);
            $terms = [1.0, cos(2 * $angle), sin(2 * $angle)];
            foreach ($terms as $row => $left) {
                foreach ([...$terms, $variance] as $column => $right) {
                    $rows[$row][$column] += $weight * $left * $right;
                }
            }
        }
        $solved = self::solved($rows);
        if ($solved === null) {
            return null;
        }
        [$all, $b, $c] = $solved;
        // what chance alone would swing is no movement
        $swing = sqrt(max(0.0, $b ** 2 + $c ** 2 - (self::CHANCE * self::chance($points, $solved)) ** 2));
        $turned = rad2deg(atan2($c, $b)) / 2;

        return new BlurFound(
            4 * sqrt(max(0.0, $all - $swing)),
            sqrt(24 * $swing),
            fmod($turned + 180, 180),
            array_sum(array_column($points, 2)),
            count($points),
        );
    }

    /**
     * How much the fit would swing by chance, in square pixels: from what it leaves of the points.
     *
     * @param  list<array{float, float, int}>  $points
     * @param  array{float, float, float}  $solved
     */
    private static function chance(array $points, array $solved): float
    {
        [$all, $b, $c] = $solved;
        $sum = $left = 0.0;
        foreach ($points as [$angle, $variance, $count]) {
            $weight = self::weight($variance, $count);
            $sum += $weight;
            $left += $weight * ($variance - $all - $b * cos(2 * $angle) - $c * sin(2 * $angle)) ** 2;
        }

        return sqrt((2 * $left) / $sum / max(1, count($points) - 3));
    }

    /** A width is as uncertain as it is wide. */
    private static function weight(float $variance, int $count): float
    {
        return sqrt($count) / (0.3 + $variance);
    }

    /**
     * @param  array<int, array<int, float>>  $rows  three equations
     * @return ?array{float, float, float} null where the directions do not tell them apart
     */
    private static function solved(array $rows): ?array
    {
        for ($at = 0; $at < 3; $at++) {
            $lead = $rows[$at][$at];
            if (abs($lead) < 1e-9) {
                return null;
            }
            foreach ($rows[$at] as $column => $value) {
                $rows[$at][$column] = $value / $lead;
            }
            for ($other = 0; $other < 3; $other++) {
                if ($other !== $at) {
                    $times = $rows[$other][$at];
                    foreach ($rows[$other] as $column => $value) {
                        $rows[$other][$column] = $value - $times * $rows[$at][$column];
                    }
                }
            }
        }

        return [$rows[0][3], $rows[1][3], $rows[2][3]];
    }
}
