<?php

declare(strict_types=1);

namespace RushHold\Habits;

/** How much brighter than reckoned the camera found a place, in one burst. */
final readonly class LightReading
{
    /**
     * @param  int  $frames  of the burst
     * @param  float  $stops  brighter than reckoned without what the place is said to add
     */
    public function __construct(public string $burst, public int $frames, public float $stops) {}
}
