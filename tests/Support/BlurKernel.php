<?php

declare(strict_types=1);

namespace Tests\Support;

use RushHold\Sharpness\Luminance;

/** What a point becomes on the sensor: weights around it, together 1. */
final readonly class BlurKernel
{
    /** Parts a pixel is divided into to either side when a disc is drawn. */
    private const PARTS = 5;

    /** Points a pixel of a line is drawn with. */
    private const POINTS = 4;

    /** @param  list<array{int, int, float}>  $weights  across, down, weight */
    private function __construct(private array $weights) {}

    /** A lens that is focused elsewhere. */
    public static function disc(float $diameterPx): self
    {
        $reach = (int) ceil($diameterPx / 2 + 1);
        $weights = [];
        $sum = 0;
        for ($y = -$reach; $y <= $reach; $y++) {
            for ($x = -$reach; $x <= $reach; $x++) {
                $inside = 0;
                for ($part = 0; $part < self::PARTS ** 2; $part++) {
                    $partX = $x + (($part % self::PARTS) + 0.5) / self::PARTS - 0.5;
                    $partY = $y + (intdiv($part, self::PARTS) + 0.5) / self::PARTS - 0.5;
                    $inside += $partX ** 2 + $partY ** 2 <= ($diameterPx / 2) ** 2 ? 1 : 0;
                }
                if ($inside > 0) {
                    $weights[] = [$x, $y, (float) $inside];
                    $sum += $inside;
                }
            }
        }

        return $sum === 0
            ? new self([[0, 0, 1.0]])
            : new self(array_map(static fn (array $one): array => [$one[0], $one[1], $one[2] / $sum], $weights));
    }

    /** Something that moves along a direction, from the rows clockwise on the screen. */
    public static function line(float $lengthPx, float $degrees): self
    {
        $points = max(1, (int) ceil($lengthPx * self::POINTS));
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $weights = [];
        for ($point = 0; $point < $points; $point++) {
            $along = (($point + 0.5) / $points - 0.5) * $lengthPx;
            [$x, $y] = [$along * $cos, $along * $sin];
            [$left, $top] = [(int) floor($x), (int) floor($y)];
            [$right, $below] = [$x - $left, $y - $top];
            foreach ([[0, 0], [1, 0], [0, 1], [1, 1]] as [$stepX, $stepY]) {
                $weight = ($stepX === 1 ? $right : 1 - $right) * ($stepY === 1 ? $below : 1 - $below);
                if ($weight > 0) {
                    $name = ($left + $stepX).' '.($top + $stepY);
                    $weights[$name] ??= [$left + $stepX, $top + $stepY, 0.0];
                    $weights[$name][2] += $weight / $points;
                }
            }
        }

        return new self(array_values($weights));
    }

    /** The picture as it is then, going on across its borders. */
    public function blur(Luminance $picture): Luminance
    {
        $reach = 0;
        foreach ($this->weights as [$x, $y]) {
            $reach = max($reach, abs($x), abs($y));
        }
        [$width, $height] = [$picture->width, $picture->height];
        $wide = self::wrapped($picture, $reach);
        $row = $width + 2 * $reach;
        $values = array_fill(0, $width * $height, 0.0);
        foreach ($this->weights as [$x, $y, $weight]) {
            for ($down = 0; $down < $height; $down++) {
                $to = $down * $width;
                $from = ($down + $reach - $y) * $row + $reach - $x;
                for ($end = $to + $width; $to < $end; $to++, $from++) {
                    $values[$to] += $weight * $wide[$from];
                }
            }
        }

        return Luminance::of($width, $height, array_values($values));
    }

    /** @return list<float|int> the picture with so much of its other side around it */
    private static function wrapped(Luminance $picture, int $reach): array
    {
        $rows = [];
        for ($y = -$reach; $y < $picture->height + $reach; $y++) {
            $at = ((($y % $picture->height) + $picture->height) % $picture->height) * $picture->width;
            $row = array_slice($picture->values, $at, $picture->width);
            $rows[] = [
                ...($reach > 0 ? array_slice($row, -$reach) : []),
                ...$row,
                ...array_slice($row, 0, $reach),
            ];
        }

        return array_merge(...$rows);
    }
}
