<?php

declare(strict_types=1);

namespace RushHold\Counts;

use RushHold\Statistics\WilsonInterval;

/**
 * By how much one share of sharp frames is higher than another, with its 95 % interval: each side's own, put together as squares (Newcombe
 * 1998, method 10). Nothing is called better that the interval does not tell from nothing. Source: docs/model.md, What the counts say.
 */
final readonly class Difference
{
    /** What is worth telling, and how surely it is to be told (*assumed*): the quantile of 80 %. */
    public const WORTH = 0.1;

    private const SURELY = 0.841621;

    private function __construct(
        public Rate $one,
        public Rate $other,
        public float $more,
        public float $least,
        public float $most,
    ) {}

    public static function between(Rate $one, Rate $other): self
    {
        [$a, $b] = [$one->interval, $other->interval];
        $more = $a->share - $b->share;

        return new self(
            $one,
            $other,
            $more,
            $more - hypot($a->share - $a->least, $b->most - $b->share),
            $more + hypot($a->most - $a->share, $b->share - $b->least),
        );
    }

    /** Whether the two can be told apart. */
    public function isTold(): bool
    {
        return $this->one->cell->bursts > 0 && $this->other->cell->bursts > 0 && ($this->least > 0 || $this->most < 0);
    }

    /**
     * How many more bursts each would need, like those there are, for ten points to be told in four of five cases; 0 where there are enough,
     * null where one has none to go by.
     */
    public function burstsToTell(): ?int
    {
        $needed = self::framesToTell($this->middle());
        $more = 0;
        foreach ([$this->one, $this->other] as $rate) {
            if ($rate->cell->bursts === 0) {
                return null;
            }
            $perBurst = $rate->cell->frames / $rate->effect / $rate->cell->bursts;
            $more = max($more, (int) ceil($needed / $perBurst) - $rate->cell->bursts);
        }

        return $more;
    }

    /** Frames each side needs, each by itself, round this share, for a difference of ten points (Fleiss 1981). */
    public static function framesToTell(float $share): float
    {
        [$low, $high] = [max(0.0, $share - self::WORTH / 2), min(1.0, $share + self::WORTH / 2)];
        $middle = ($low + $high) / 2;
        $alike = WilsonInterval::Z * sqrt(2 * $middle * (1 - $middle));
        $apart = self::SURELY * sqrt($low * (1 - $low) + $high * (1 - $high));

        return (($alike + $apart) / ($high - $low)) ** 2;
    }

    private function middle(): float
    {
        $both = $this->one->cell->plus($this->other->cell);

        return max(self::WORTH / 2, min(1 - self::WORTH / 2, $both->share()));
    }
}
