<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/**
 * By how much discs and lines fade each wave, as the logarithm of its power: what a lens that is focused elsewhere and what a movement do.
 * Source: docs/model.md, Sharpness of a frame.
 */
final class Fading
{
    /** From here on each disc and line is so many times the one before. */
    private const SMALLEST = 1.5;

    private const TIMES = ['disc' => 1.065, 'line' => 1.13];

    private const WIDEST = 18.0;

    private const LONGEST = 26.0;

    /** Directions a line may have, over half a turn. */
    public const TURNS = 24;

    /** Turns to a sector: a line looks from every sector as it looks from the first, turned. */
    private const PER_SECTOR = self::TURNS / Rings::SECTORS;

    /** What fades to less than this is not told apart. */
    private const DARK = 1e-6;

    /** Points a sector is looked at in, and points a disc is added up from. */
    private const PARTS = 5;

    private const POINTS = 48;

    /** @var array<int, self> by side of the window */
    private static array $made = [];

    /**
     * @param  list<float>  $discs  diameters in px, from 0
     * @param  list<float>  $lines  lengths in px, from 0
     * @param  list<list<float>>  $byDisc  of each disc by ring
     * @param  list<list<list<float>>>  $byLine  of each line by how far it is turned from the middle of a sector, by ring
     */
    private function __construct(
        public array $discs,
        public array $lines,
        public array $byDisc,
        public array $byLine,
    ) {}

    public static function of(int $side): self
    {
        return self::$made[$side] ??= self::made(Rings::of($side)->waves);
    }

    /** How far a line so turned is turned from the middle of a sector: it is there half a sector after its beginning, one turn of two. */
    public static function from(int $turn, int $sector): int
    {
        return ($sector * self::PER_SECTOR + 1 - $turn + 2 * self::TURNS) % self::TURNS;
    }

    /** @param  list<float>  $waves */
    private static function made(array $waves): self
    {
        $discs = [0.0, 1.0, ...self::sizes(self::WIDEST, self::TIMES['disc'])];
        $lines = [0.0, ...self::sizes(self::LONGEST, self::TIMES['line'])];

        return new self(
            $discs,
            $lines,
            array_map(static fn (float $disc): array => self::disc($disc, $waves), $discs),
            array_map(
                static fn (float $line): array => array_map(
                    static fn (int $turn): array => self::turned($line, ($turn * M_PI) / self::TURNS, $waves),
                    range(0, self::TURNS - 1),
                ),
                $lines,
            ),
        );
    }

    /** @return list<float> */
    private static function sizes(float $most, float $times): array
    {
        $sizes = [];
        for ($size = self::SMALLEST; $size < $most; $size *= $times) {
            $sizes[] = $size;
        }

        return $sizes;
    }

    /**
     * 2J₁(z)/z with z = πdf: the mean of a wave over a disc, added up over its chords (Gauss and Chebyshev).
     *
     * @param  list<float>  $waves
     * @return list<float>
     */
    private static function disc(float $diameter, array $waves): array
    {
        return array_map(static function (float $wave) use ($diameter): float {
            $sum = $all = 0.0;
            for ($point = 1; $point <= self::POINTS; $point++) {
                $angle = ($point * M_PI) / (self::POINTS + 1);
                $chord = sin($angle) ** 2;
                $sum += $chord * cos(M_PI * $diameter * $wave * cos($angle));
                $all += $chord;
            }

            return log(($sum / $all) ** 2 + self::DARK);
        }, $waves);
    }

    /**
     * sinc²(Lf cos Δ), over the breadth of a sector.
     *
     * @param  list<float>  $waves
     * @return list<float>
     */
    private static function turned(float $length, float $turn, array $waves): array
    {
        return array_map(static function (float $wave) use ($length, $turn): float {
            $sum = 0.0;
            for ($part = 0; $part < self::PARTS; $part++) {
                $off = (($part + 0.5) / self::PARTS - 0.5) * (M_PI / Rings::SECTORS);
                $z = M_PI * $length * $wave * cos($turn + $off);
                $sum += abs($z) < 1e-6 ? 1.0 : (sin($z) / $z) ** 2;
            }

            return log($sum / self::PARTS + self::DARK);
        }, $waves);
    }
}
