<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** What one does one after the other on a day, and what all of it is worth. */
final readonly class OrderOfDay
{
    public float $worth;

    /** @param  list<Deed>  $deeds  in order of time, from the first work, or the way to it, to the last */
    public function __construct(public array $deeds)
    {
        $this->worth = array_sum(array_map(static fn (Deed $deed): float => $deed->worth, $deeds));
    }

    /** @return list<Deed> the whiles with one rush */
    public function stays(): array
    {
        return array_values(array_filter($this->deeds, static fn (Deed $deed): bool => $deed->rush !== null));
    }

    /** The rush that brings most of it; null where nothing is worked. */
    public function bringsMost(): ?int
    {
        $brings = [];
        foreach ($this->stays() as $stay) {
            $brings[(int) $stay->rush] = ($brings[(int) $stay->rush] ?? 0.0) + $stay->worth;
        }
        arsort($brings);

        return array_key_first($brings);
    }

    /** What is done at a moment; null before and after. */
    public function at(int $moment): ?Deed
    {
        foreach ($this->deeds as $deed) {
            if ($moment >= $deed->from && $moment < $deed->until) {
                return $deed;
            }
        }

        return null;
    }
}
