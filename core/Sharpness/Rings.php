<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/**
 * Where each wave of a square belongs: by its direction, in so many sectors of half a turn, and by its length, in rings that widen
 * outwards. One bin is sector × count of rings + ring.
 */
final class Rings
{
    /** Sectors over half a turn: a wave has no sign. */
    public const SECTORS = 12;

    /** Longer waves than this share of the square are shape, not detail. */
    private const FIRST = 3;

    /** Up to here each ring is one wave wide; further out they are so many in all. */
    private const SINGLE = 12;

    /** Waves this close to the shortest there are are left out. */
    private const LAST = 2;

    private const OUTER = 18;

    /** @var array<int, self> by side */
    private static array $made = [];

    /**
     * @param  list<int>  $bins  of each wave, in the order of {@see Fourier::power}; −1 of those that do not count
     * @param  list<float>  $counts  of waves in each bin, a wave and its opposite as one
     * @param  list<float>  $waves  waves a pixel in the middle of each ring
     */
    private function __construct(public array $bins, public array $counts, public array $waves) {}

    public static function of(int $side): self
    {
        return self::$made[$side] ??= self::made($side);
    }

    private static function made(int $side): self
    {
        $edges = self::edges($side);
        $rings = count($edges) - 1;
        $bins = [];
        $counts = array_fill(0, self::SECTORS * $rings, 0.0);
        $sums = $times = array_fill(0, $rings, 0.0);
        for ($at = 0; $at < $side * $side; $at++) {
            // columns, then rows
            $x = intdiv($at, $side);
            $y = $at % $side;
            $x -= $x >= $side / 2 ? $side : 0;
            $y -= $y >= $side / 2 ? $side : 0;
            $radius = hypot($x, $y);
            $ring = self::ring($edges, $radius);
            if ($ring === null) {
                $bins[] = -1;

                continue;
            }
            $turned = atan2($y, $x) / M_PI + 1;
            $sector = (int) (($turned - floor($turned)) * self::SECTORS) % self::SECTORS;
            $bins[] = $sector * $rings + $ring;
            $counts[$sector * $rings + $ring] += 0.5;
            $sums[$ring] += $radius;
            $times[$ring]++;
        }
        $waves = [];
        foreach ($sums as $ring => $sum) {
            $waves[] = $sum / max(1.0, $times[$ring]) / $side;
        }

        return new self($bins, array_values($counts), $waves);
    }

    /** @return non-empty-list<int> */
    private static function edges(int $side): array
    {
        $last = intdiv($side, 2) - self::LAST;
        $edges = range(self::FIRST, min(self::SINGLE, $last));
        for ($ring = 1; $ring <= self::OUTER; $ring++) {
            $edge = (int) round(self::SINGLE * ($last / self::SINGLE) ** ($ring / self::OUTER));
            if ($edge > end($edges)) {
                $edges[] = $edge;
            }
        }

        return $edges;
    }

    /** @param  list<int>  $edges */
    private static function ring(array $edges, float $radius): ?int
    {
        if ($radius < $edges[0]) {
            return null;
        }
        for ($ring = 1; $ring < count($edges); $ring++) {
            if ($radius < $edges[$ring]) {
                return $ring - 1;
            }
        }

        return null;
    }
}
