<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** What is worked one after the other, and what all of it is worth. */
final readonly class OrderOfDay
{
    /** @param  list<Stay>  $stays  in order of time */
    public function __construct(public array $stays, public float $worth) {}

    /** The rush that brings most of it; null where nothing is worked. */
    public function bringsMost(): ?int
    {
        $brings = [];
        foreach ($this->stays as $stay) {
            $brings[$stay->rush] = ($brings[$stay->rush] ?? 0.0) + $stay->worth;
        }
        arsort($brings);

        return array_key_first($brings);
    }
}
