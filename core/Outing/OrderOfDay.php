<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** What is worked one after the other, and what all of it is worth. */
final readonly class OrderOfDay
{
    /** @param  list<Stay>  $stays  in order of time */
    public function __construct(public array $stays, public float $worth) {}
}
