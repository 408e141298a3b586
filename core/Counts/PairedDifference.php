<?php

declare(strict_types=1);

namespace RushHold\Counts;

use RushHold\Statistics\WilsonInterval;

/**
 * By how much one set-up brings more sharp frames than another on the same rushes: the differences of each rush that has both, weighed by how
 * much they tell (Mantel and Haenszel 1959), so that a set-up which was tried on the easy rushes gains nothing by that.
 */
final readonly class PairedDifference
{
    private function __construct(public int $pairs, public float $more, public float $half) {}

    /** @param  list<array{Rate, Rate}>  $pairs  both set-ups on one rush each */
    public static function of(array $pairs): self
    {
        $sum = $weights = $spread = 0.0;
        $count = 0;
        foreach ($pairs as [$one, $other]) {
            if ($one->worth <= 0 || $other->worth <= 0) {
                continue;
            }
            $weight = ($one->worth * $other->worth) / ($one->worth + $other->worth);
            $sum += $weight * ($one->interval->share - $other->interval->share);
            $spread += $weight ** 2 * (self::scatter($one) + self::scatter($other));
            $weights += $weight;
            $count++;
        }

        return $count === 0
            ? new self(0, 0.0, 1.0)
            : new self($count, $sum / $weights, (WilsonInterval::Z * sqrt($spread)) / $weights);
    }

    public function isTold(): bool
    {
        return $this->pairs > 0 && abs($this->more) > $this->half;
    }

    /** Variance of a share; of one that is all or nothing as if one frame more had gone either way (Agresti and Caffo 2000). */
    private static function scatter(Rate $rate): float
    {
        $share = ($rate->interval->share * $rate->worth + 1) / ($rate->worth + 2);

        return ($share * (1 - $share)) / ($rate->worth + 2);
    }
}
