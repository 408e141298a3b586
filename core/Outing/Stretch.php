<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** From one moment to another, in Unix seconds; −INF and INF where it has no end. */
final readonly class Stretch
{
    public function __construct(public float $fromS, public float $untilS) {}

    public function holds(float $unixS): bool
    {
        return $unixS >= $this->fromS && $unixS <= $this->untilS;
    }

    /** Whether all of another lies within it. */
    public function covers(float $fromS, float $untilS): bool
    {
        return $fromS >= $this->fromS && $untilS <= $this->untilS;
    }

    /** Seconds it shares with another. */
    public function sharedS(float $fromS, float $untilS): float
    {
        return max(0.0, min($this->untilS, $untilS) - max($this->fromS, $fromS));
    }

    /** Seconds that lie between it and another; 0 where they touch. */
    public function apartS(self $other): float
    {
        return max(0.0, $other->fromS - $this->untilS, $this->fromS - $other->untilS);
    }

    /** The same, so much earlier at its begin and later at its end; less of either makes it shorter. */
    public function widened(float $beforeS, float $afterS): self
    {
        return new self($this->fromS - $beforeS, $this->untilS + $afterS);
    }

    /**
     * All time that none of these takes.
     *
     * @param  list<self>  $taken  in order of their begin; they may overlap
     * @return list<self>
     */
    public static function between(array $taken): array
    {
        $free = [];
        $since = -INF;
        foreach ($taken as $one) {
            if ($one->fromS > $since) {
                $free[] = new self($since, $one->fromS);
            }
            $since = max($since, $one->untilS);
        }

        return $since < INF ? [...$free, new self($since, INF)] : $free;
    }
}
