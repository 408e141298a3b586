<?php

declare(strict_types=1);

namespace RushHold\Light;

/** The moon comes over a flat horizon, or goes under it. */
final readonly class MoonEvent
{
    public function __construct(public bool $rises, public float $unixS) {}
}
