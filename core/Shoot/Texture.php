<?php

declare(strict_types=1);

namespace RushHold\Shoot;

use RushHold\Rehearsal\Scene\Dice;
use RushHold\Sharpness\Luminance;

/**
 * A surface to photograph: leaves of all sizes lying over each other, with edges in every direction and as many small ones as nature has
 * (sizes with a density of r⁻³, dead leaves). It goes on across its borders, so that it can be laid side by side.
 * Source: docs/model.md, The simulated camera.
 */
final class Texture
{
    /** Leaves a pixel of the surface, by the square of the smallest radius. */
    private const COVER = 1.1;

    private const DARKEST = 30;

    private const BRIGHTEST = 225;

    /**
     * @param  float  $least  radius of the smallest leaf, in pixels
     * @param  float  $most  radius of the largest
     */
    public static function leaves(
        int $width,
        int $height,
        int $seed,
        float $least = 4.0,
        float $most = 120.0,
    ): Luminance {
        $dice = Dice::ofSeed($seed);
        $values = array_fill(0, $width * $height, (self::DARKEST + self::BRIGHTEST) / 2);
        $count = (int) ceil((self::COVER * $width * $height) / ($least ** 2 * M_PI * log($most / $least)));
        for ($leaf = 0; $leaf < $count; $leaf++) {
            [$u, $x, $y, $shade, $shape, $turn] = $dice->evens(6);
            $radius = 1 / sqrt(1 / $least ** 2 + $u * (1 / $most ** 2 - 1 / $least ** 2));
            self::lay(
                $values,
                $width,
                $height,
                [$x * $width, $y * $height, $radius, 0.35 + 0.65 * $shape, $turn * M_PI, $shape < 0.5],
                self::DARKEST + $shade * (self::BRIGHTEST - self::DARKEST),
            );
        }

        return Luminance::of($width, $height, array_values($values));
    }

    /**
     * @param  array<int, float>  $values
     * @param  array{float, float, float, float, float, bool}  $leaf  middle, long radius, short over long, turn in rad, whether it has corners
     */
    private static function lay(array &$values, int $width, int $height, array $leaf, float $shade): void
    {
        [$middleX, $middleY, $radius, $flat, $turn, $hasCorners] = $leaf;
        [$cos, $sin] = [cos($turn), sin($turn)];
        $reach = (int) ceil($radius);
        for ($dy = -$reach; $dy <= $reach; $dy++) {
            $row = (((int) floor($middleY + $dy) % $height) + $height) % $height;
            for ($dx = -$reach; $dx <= $reach; $dx++) {
                $long = abs($cos * $dx + $sin * $dy);
                $short = abs($cos * $dy - $sin * $dx) / $flat;
                // a lozenge-cornered rectangle or an ellipse
                $inside = $hasCorners ? max($long, $short) <= 0.7 * $radius : $long ** 2 + $short ** 2 <= $radius ** 2;
                if ($inside) {
                    $column = (((int) floor($middleX + $dx) % $width) + $width) % $width;
                    $values[$row * $width + $column] = $shade;
                }
            }
        }
    }
}
