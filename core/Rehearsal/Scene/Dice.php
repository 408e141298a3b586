<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Scene;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use RushHold\Statistics\ErrorFunction;

/**
 * All chance of a rehearsal, from one seed. The same seed gives the same numbers in the same order on every machine, so that
 * two holds can be tried on the very same pass.
 *
 * Numbers are drawn in bulk, 16 bits each: a normal is the middle of one of 4096 slices of equal chance, which keeps mean and
 * spread and ends at 3.7 standard deviations.
 */
final class Dice
{
    private const SLICES = 4096;

    /** @var ?list<float> */
    private static ?array $quantiles = null;

    private readonly Randomizer $bytes;

    private function __construct(int $seed)
    {
        $this->bytes = new Randomizer(new Xoshiro256StarStar($seed));
    }

    public static function ofSeed(int $seed): self
    {
        return new self($seed);
    }

    /** @return list<float> of the standard normal distribution */
    public function normals(int $count): array
    {
        $quantile = self::$quantiles ??= self::quantiles();
        $drawn = [];
        foreach ($this->fours($count) as $four) {
            $drawn[] = $quantile[($four >> 4) & 4095];
            $drawn[] = $quantile[($four >> 20) & 4095];
            $drawn[] = $quantile[($four >> 36) & 4095];
            $drawn[] = $quantile[($four >> 52) & 4095];
        }

        return array_slice($drawn, 0, $count);
    }

    /** @return list<float> even between 0 and 1, neither of them reached */
    public function evens(int $count): array
    {
        $drawn = [];
        foreach ($this->fours($count) as $four) {
            $drawn[] = (($four & 65535) + 0.5) / 65536;
            $drawn[] = ((($four >> 16) & 65535) + 0.5) / 65536;
            $drawn[] = ((($four >> 32) & 65535) + 0.5) / 65536;
            $drawn[] = ((($four >> 48) & 65535) + 0.5) / 65536;
        }

        return array_slice($drawn, 0, $count);
    }

    /** @return array<int> so many numbers of 16 bits, four to a word, the least first; those of the last that are too many are nobody's */
    private function fours(int $count): array
    {
        /** @var array<int> $fours */
        $fours = $count > 0 ? unpack('P*', $this->bytes->getBytes(8 * max(1, intdiv($count + 3, 4)))) : [];

        return $fours;
    }

    /**
     * Middles of slices of equal chance of the standard normal distribution, least first: the error function turned round by
     * Newton's method, from both sides alike.
     *
     * @return list<float>
     */
    private static function quantiles(): array
    {
        $upper = [];
        $x = 0.0;
        for ($slice = 0; $slice < self::SLICES / 2; $slice++) {
            $share = ($slice + 0.5) / (self::SLICES / 2);
            for ($turn = 0; $turn < 8; $turn++) {
                $x += (($share - ErrorFunction::of($x)) * exp($x * $x) * sqrt(M_PI)) / 2;
            }
            $upper[] = $x * M_SQRT2;
        }

        return [...array_map(static fn (float $one): float => -$one, array_reverse($upper)), ...$upper];
    }
}
