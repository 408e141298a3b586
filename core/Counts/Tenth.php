<?php

declare(strict_types=1);

namespace RushHold\Counts;

/** Bursts whose plans promised a share of sharp frames within one tenth, and the share that was sharp. */
final readonly class Tenth
{
    /**
     * @param  float  $from  least share promised
     * @param  float  $promised  share promised for an average frame of them
     */
    private function __construct(public float $from, public float $promised, public Rate $found) {}

    /** @param  array<int, Cell>  $cells  by the promised share in whole percent */
    public static function of(float $from, array $cells, Cell $whole): self
    {
        $all = new Cell();
        $promised = 0.0;
        foreach ($cells as $percent => $cell) {
            $all = $all->plus($cell);
            $promised += ($percent / 100) * $cell->frames;
        }

        return new self($from, $promised / max(1, $all->frames), Rate::of($all, $whole));
    }
}
