<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

/** Frames taken in one press. */
final readonly class PlayedBurst
{
    /** @param  int  $frames  how many, one every 1/fps seconds */
    public function __construct(public float $startS, public int $frames) {}
}
