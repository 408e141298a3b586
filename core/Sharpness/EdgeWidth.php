<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/**
 * How wide an edge is. Blurred a little more, a narrow edge loses more of its steepness than a wide one: with gradients g₁ and g₂ after
 * blurring by σ₁ and σ₂, R = g₁/g₂ gives σ² = (σ₂² − R²σ₁²)/(R² − 1). It is measured along the edge's normal, so that the blur of every
 * direction is told by itself. Source: docs/model.md, Sharpness of a frame.
 */
final class EdgeWidth
{
    /** How far to either side of an edge is looked, in pixels. */
    public const REACH = 26;

    /** Pairs of blurs, in pixels, narrow ones first: the first that is wide enough for the edge counts. */
    private const PAIRS = [[1.0, 2.0], [2.0, 4.0], [4.0, 8.0]];

    /** An edge wider than this share of the wider blur asks for the next pair. */
    private const WIDE = 0.9;

    /** An edge wider than this, in pixels, cannot be told from shading. */
    private const WIDEST = 8.0;

    /** Share of an edge's step that may go the other way within it: more is another edge near by. */
    private const BACK = 0.2;

    /** @var array<int|string, list<float>> by width: the slope of a bell, from −reach to reach */
    private static array $slopes = [];

    /**
     * Variance of what has blurred it, in square pixels; null of one that is not alone, or shading.
     *
     * @param  float  $leastStep  brightness it must change by
     */
    public static function variance(Luminance $picture, Edge $edge, float $leastStep): ?float
    {
        $profile = self::profile($picture, $edge);
        $found = null;
        foreach (self::PAIRS as [$narrow, $wide]) {
            $steep = self::slope($profile, $narrow);
            $flat = self::slope($profile, $wide);
            if ($steep <= 0 || $flat <= 0) {
                return null;
            }
            $ratio = ($steep / $flat) ** 2;
            if ($ratio <= 1.04) {
                continue;
            }
            $found = max(0.01, ($wide ** 2 - $ratio * $narrow ** 2) / ($ratio - 1));
            if ($found < (self::WIDE * $wide) ** 2) {
                break;
            }
        }

        return $found === null ||
            $found > self::WIDEST ** 2 ||
            ! self::isAlone($profile, $found, $leastStep)
            ? null
            : $found;
    }

    /** @return list<float> brightness across it, one a pixel, itself in the middle */
    private static function profile(Luminance $picture, Edge $edge): array
    {
        [$width, $v] = [$picture->width, $picture->values];
        $profile = [];
        for ($step = -self::REACH; $step <= self::REACH; $step++) {
            $x = $edge->x + $step * $edge->cos;
            $y = $edge->y + $step * $edge->sin;
            $left = (int) $x;
            $top = (int) $y;
            $x -= $left;
            $y -= $top;
            $at = $top * $width + $left;
            $upper = $v[$at] + $x * ($v[$at + 1] - $v[$at]);
            $at += $width;
            $profile[] = $upper + $y * ($v[$at] + $x * ($v[$at + 1] - $v[$at]) - $upper);
        }

        return $profile;
    }

    /** @param  list<float>  $profile */
    private static function slope(array $profile, float $sigma): float
    {
        $weights = self::$slopes[(string) $sigma] ??= self::weights($sigma);
        $reach = intdiv(count($weights), 2);
        $sum = 0.0;
        $at = self::REACH - $reach;
        foreach ($weights as $weight) {
            $sum += $weight * $profile[$at++];
        }

        return $sum;
    }

    /** @return list<float> */
    private static function weights(float $sigma): array
    {
        $weights = [];
        $reach = (int) ceil(3.2 * $sigma);
        for ($step = -$reach; $step <= $reach; $step++) {
            $weights[] = (($step / $sigma ** 2) * exp(-($step ** 2) / 2 / $sigma ** 2)) / (sqrt(2 * M_PI) * $sigma);
        }

        return $weights;
    }

    /** @param  list<float>  $profile */
    private static function isAlone(array $profile, float $variance, float $leastStep): bool
    {
        $half = (int) min(self::REACH - 1, ceil(2.5 * sqrt($variance + 0.7)));
        $up = $down = 0.0;
        for ($at = self::REACH - $half; $at < self::REACH + $half; $at++) {
            $step = $profile[$at + 1] - $profile[$at];
            if ($step > 0) {
                $up += $step;
            } else {
                $down -= $step;
            }
        }

        return $down <= self::BACK * $up && $up - $down >= $leastStep;
    }
}
