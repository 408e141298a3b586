<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/**
 * How strongly the waves of a piece of a picture are there, by direction and length, averaged over windows that lie over each other by a
 * quarter (Welch 1967). Source: docs/model.md, Sharpness of a frame.
 */
final class Spectrum
{
    /** From one window to the next, as a share of its side. */
    private const STEP = 0.75;

    /** @var array<int, array{list<float>, float}> by side: a window that fades to its borders (Hann), and the sum of its squares */
    private static array $windows = [];

    /**
     * @param  int  $side  of its windows, in px
     * @param  list<float>  $power  of each bin, a wave
     * @param  float  $grain  power a wave has of noise with a spread of 1
     */
    private function __construct(
        public readonly int $side,
        public readonly Rings $rings,
        public readonly array $power,
        public readonly float $grain,
    ) {}

    /** Of a picture that is at least one window wide and high. */
    public static function of(Luminance $picture, int $side): self
    {
        return self::together([$picture], $side);
    }

    /**
     * Of several pieces alike.
     *
     * @param  non-empty-list<Luminance>  $pictures
     */
    public static function together(array $pictures, int $side): self
    {
        [$window, $grain] = self::window($side);
        $rings = Rings::of($side);
        $sums = array_fill(0, count($rings->counts), 0.0);
        $pieces = array_merge(
            ...array_map(static fn (Luminance $one): array => self::pieces($one, $side, $window), $pictures),
        );
        $count = count($pieces);
        for ($at = 0; $at < $count; $at += 2) {
            $power = Fourier::power($pieces[$at], $pieces[$at + 1] ?? array_fill(0, $side * $side, 0.0), $side);
            $sums = self::added($sums, $power, $rings);
        }

        return new self($side, $rings, self::means($sums, $rings, $count), $grain);
    }

    /**
     * Of several pieces of one window, each by itself.
     *
     * @param  list<Luminance>  $pictures
     * @return list<self>
     */
    public static function each(array $pictures, int $side): array
    {
        [$window, $grain] = self::window($side);
        $rings = Rings::of($side);
        $none = array_fill(0, count($rings->counts), 0.0);
        $each = [];
        foreach (array_chunk($pictures, 2) as $pair) {
            $faded = array_map(static fn (Luminance $one): array => self::pieces($one, $side, $window)[0], $pair);
            $powers = Fourier::powers($faded[0], $faded[1] ?? array_fill(0, $side * $side, 0.0), $side);
            foreach (array_slice($powers, 0, count($pair)) as $power) {
                $each[] = new self($side, $rings, self::means(self::added($none, $power, $rings), $rings, 1), $grain);
            }
        }

        return $each;
    }

    /**
     * @param  array<int, float>  $sums  by bin
     * @param  list<float>  $power  by wave
     * @return array<int, float>
     */
    private static function added(array $sums, array $power, Rings $rings): array
    {
        foreach ($rings->bins as $wave => $bin) {
            if ($bin >= 0) {
                $sums[$bin] += $power[$wave];
            }
        }

        return $sums;
    }

    /**
     * @param  array<int, float>  $sums  by bin, each wave with its opposite
     * @return list<float> of a wave of one window
     */
    private static function means(array $sums, Rings $rings, int $windows): array
    {
        $means = [];
        foreach ($sums as $bin => $sum) {
            $means[] = $sum / 2 / max(0.5, $rings->counts[$bin]) / $windows;
        }

        return $means;
    }

    /**
     * @param  list<float>  $window
     * @return list<list<float>> less their mean, faded
     */
    private static function pieces(Luminance $picture, int $side, array $window): array
    {
        $pieces = [];
        foreach (self::corners($picture->height, $side) as $top) {
            foreach (self::corners($picture->width, $side) as $left) {
                $values = $picture->crop($left, $top, $side, $side)->values;
                $mean = array_sum($values) / count($values);
                $piece = [];
                foreach ($values as $at => $value) {
                    $piece[] = ($value - $mean) * $window[$at];
                }
                $pieces[] = $piece;
            }
        }

        return $pieces;
    }

    /** @return list<int> */
    private static function corners(int $length, int $side): array
    {
        $steps = (int) round(($length - $side) / (self::STEP * $side));

        return array_map(
            static fn (int $step): int => $steps === 0
                ? intdiv($length - $side, 2)
                : intdiv($step * ($length - $side), $steps),
            range(0, $steps),
        );
    }

    /** @return array{list<float>, float} */
    private static function window(int $side): array
    {
        if (! isset(self::$windows[$side])) {
            $fade = array_map(
                static fn (int $at): float => 0.5 - 0.5 * cos((2 * M_PI * $at) / $side),
                range(0, $side - 1),
            );
            $window = [];
            foreach ($fade as $down) {
                foreach ($fade as $across) {
                    $window[] = $down * $across;
                }
            }
            $squares = array_sum(array_map(static fn (float $one): float => $one * $one, $window));
            self::$windows[$side] = [$window, $squares];
        }

        return self::$windows[$side];
    }
}
