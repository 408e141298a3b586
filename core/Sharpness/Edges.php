<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** Finds the edges of a picture: the ridges of its gradient, well over its noise. */
final readonly class Edges
{
    /** Of the noise's own gradients, so many are an edge at the least. */
    private const OVER_NOISE = 1.9;

    /** No gradient under this is an edge, in brightness a pixel. */
    private const LEAST = 1.5;

    /** Share of the edges of a direction whose widths are measured, the steepest; and how many at the least and at the most. */
    private const SHARE = 0.15;

    private const FEWEST = 60;

    private const MOST = 220;

    /** @return list<Edge> of every direction the steepest: those that stand alone, and not the wrinkles of the noise */
    public static function of(Luminance $picture, float $noise): array
    {
        $by = array_fill(0, Edge::DIRECTIONS, []);
        foreach (self::ridges($picture, max(self::LEAST, self::OVER_NOISE * $noise)) as $edge) {
            $by[$edge->direction()][] = $edge;
        }
        $kept = [];
        foreach ($by as $edges) {
            usort($edges, static fn (Edge $a, Edge $b): int => $b->gradient <=> $a->gradient);
            $count = (int) min(self::MOST, max(self::FEWEST, count($edges) * self::SHARE));
            $kept[] = array_slice($edges, 0, $count);
        }

        return array_merge(...$kept);
    }

    /**
     * Where the gradient (Scharr) is largest along its own direction.
     *
     * @return list<Edge>
     */
    private static function ridges(Luminance $picture, float $least): array
    {
        [$width, $height, $v] = [$picture->width, $picture->height, $picture->values];
        $squares = array_fill(0, $width * $height, 0.0);
        $least = (32 * $least) ** 2;
        $strong = [];
        for ($y = 1; $y < $height - 1; $y++) {
            $at = $y * $width + 1;
            for ($x = 1; $x < $width - 1; $x++, $at++) {
                [$up, $down] = [$at - $width, $at + $width];
                $nw = $v[$up - 1];
                $ne = $v[$up + 1];
                $sw = $v[$down - 1];
                $se = $v[$down + 1];
                $across = 3 * ($ne - $nw + $se - $sw) + 10 * ($v[$at + 1] - $v[$at - 1]);
                $along = 3 * ($sw - $nw + $se - $ne) + 10 * ($v[$down] - $v[$up]);
                $square = $across * $across + $along * $along;
                if ($square >= $least) {
                    $squares[$at] = $square;
                    $strong[] = [$x, $y, $across, $along];
                }
            }
        }
        $edges = [];
        $border = EdgeWidth::REACH + 2;
        foreach ($strong as [$x, $y, $across, $along]) {
            if ($x < $border || $y < $border || $x >= $width - $border || $y >= $height - $border) {
                continue;
            }
            $square = $squares[$y * $width + $x];
            $length = sqrt($square);
            [$cos, $sin] = [$across / $length, $along / $length];
            $ahead = (int) round($y + $sin) * $width + (int) round($x + $cos);
            $behind = (int) round($y - $sin) * $width + (int) round($x - $cos);
            if ($squares[$ahead] <= $square && $squares[$behind] < $square) {
                $edges[] = new Edge($x, $y, $cos, $sin, $length / 32);
            }
        }

        return $edges;
    }
}
