<?php

declare(strict_types=1);

namespace RushHold\Shoot;

use RushHold\Sharpness\Fourier;
use RushHold\Sharpness\Luminance;

/** A surface by its waves, so that it can be photographed through any blur without blurring it anew. */
final readonly class Surface
{
    /** In pixels; it goes on across its borders. */
    public const SIDE = 512;

    /** What the pixels and their filter blur, as a spread in px. */
    private const PIXEL = 0.45;

    /** How much a camera sharpens, and how near by, in px. */
    private const SHARPENED = 0.5;

    private const NEAR_PX = 0.9;

    /**
     * @param  list<float>  $re
     * @param  list<float>  $im
     */
    private function __construct(private array $re, private array $im) {}

    /**
     * @param  float  $contrast  1 of full brightness and dark, 0 of an even tone
     * @param  float  $tone  its middle brightness, 0 to 255
     */
    public static function of(Luminance $texture, float $contrast, float $tone): self
    {
        $mean = array_sum($texture->values) / count($texture->values);
        $values = [];
        foreach ($texture->values as $value) {
            $values[] = $tone + $contrast * ($value - $mean);
        }

        return new self(...Fourier::waves($values, array_fill(0, count($values), 0.0), self::SIDE));
    }

    /**
     * Two surfaces as a camera sees them, each through its own blur, sharpened as cameras do.
     *
     * @return array{Luminance, Luminance}
     */
    public static function photographed(self $one, Smear $through, self $other, Smear $otherThrough): array
    {
        $side = self::SIDE;
        $re = $im = $firsts = $seconds = [];
        for ($column = 0, $at = 0; $column < $side; $column++) {
            $across = $column / $side;
            for ($row = 0; $row < $side; $row++, $at++) {
                if ($column <= $side / 2) {
                    $down = ($row < $side / 2 ? $row : $row - $side) / $side;
                    $sharpened = self::sharpened($across * $across + $down * $down);
                    $first = $sharpened * $through->keeps($across, $down);
                    $second = $sharpened * $otherThrough->keeps($across, $down);
                } else {
                    // a wave and its opposite are blurred alike
                    $opposite = ($side - $column) * $side + (($side - $row) % $side);
                    $first = $firsts[$opposite];
                    $second = $seconds[$opposite];
                }
                $firsts[] = $first;
                $seconds[] = $second;
                // one + i·other, exchanged: the transform is its own inverse then
                $im[] = $first * $one->re[$at] - $second * $other->im[$at];
                $re[] = $first * $one->im[$at] + $second * $other->re[$at];
            }
        }
        [$second, $first] = Fourier::waves($re, $im, $side);
        $all = $side * $side;
        $scaled = static fn (float $value): float => $value / $all;

        return [
            Luminance::of($side, $side, array_map($scaled, $first)),
            Luminance::of($side, $side, array_map($scaled, $second)),
        ];
    }

    /**
     * What becomes of a wave between the lens and the file.
     *
     * @param  float  $square  of the waves a pixel
     */
    private static function sharpened(float $square): float
    {
        return exp(-2 * M_PI ** 2 * self::PIXEL ** 2 * $square) *
            (1 + self::SHARPENED * (1 - exp(-2 * M_PI ** 2 * self::NEAR_PX ** 2 * $square)));
    }
}
