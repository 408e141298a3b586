<?php

declare(strict_types=1);

namespace RushHold\Light;

/** Something the sun does at a moment. */
final readonly class SunEvent
{
    public function __construct(public SunEventKind $kind, public float $unixS) {}
}
