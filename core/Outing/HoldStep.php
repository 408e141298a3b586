<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** The hold of one expected rush in one moment. */
final readonly class HoldStep
{
    /**
     * @param  ?PlannedHold  $planned  null where the lens cannot focus on it
     * @param  float  $share  share of frames, or of passes, that come out sharp and not too dark
     * @param  float  $worth  sharp frames an hour here is good for, times how much they matter
     */
    public function __construct(
        public Moment $moment,
        public ?PlannedHold $planned,
        public float $share,
        public float $worth,
    ) {}
}
