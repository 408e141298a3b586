<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** A way on foot from one spot to another; null stands for ground that stays dry and is no spot. */
final readonly class Walk
{
    public function __construct(public ?Spot $from, public ?Spot $to, public float $leavesS, public float $arrivesS) {}
}
