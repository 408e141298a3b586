<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** What meters have said, against what was reckoned: how much brighter the day is, fading to either side of each reading. */
final readonly class Metering
{
    /** @param  list<array{float, float}>  $readings  moment and stops brighter than reckoned, in order of time */
    private function __construct(private array $readings, private float $fadesS) {}

    /**
     * @param  list<array{float, float}>  $readings  moment in Unix seconds, stops brighter than reckoned
     * @param  float  $fadesH  hours after which a reading says nothing any more
     */
    public static function of(array $readings, float $fadesH): self
    {
        usort($readings, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new self($readings, $fadesH * 3600);
    }

    /** Stops to add to what is reckoned. At a reading it is exactly what that said; between two it goes over from one to the other. */
    public function stops(float $unixS): float
    {
        $before = $after = null;
        foreach ($this->readings as $reading) {
            if ($reading[0] <= $unixS) {
                $before = $reading;
            } elseif ($after === null) {
                $after = $reading;
            }
        }
        if ($before === null || $after === null) {
            return $this->left($before ?? $after, $unixS);
        }
        $share = ($unixS - $before[0]) / ($after[0] - $before[0]);

        return $this->left($before, $unixS) * (1 - $share) + $this->left($after, $unixS) * $share;
    }

    /**
     * What is left of a reading at a moment, in stops.
     *
     * @param  ?array{float, float}  $reading
     */
    private function left(?array $reading, float $unixS): float
    {
        return $reading === null ? 0.0 : $reading[1] * max(0.0, 1 - abs($unixS - $reading[0]) / $this->fadesS);
    }
}
