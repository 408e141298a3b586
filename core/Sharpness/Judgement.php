<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** The verdict on one frame, with what it rests on. */
final readonly class Judgement
{
    /**
     * @param  float  $confidence  0 to 1: how far from the next verdict it is
     * @param  float  $totalPx  blur of the subject without the floor of the body
     * @param  float  $floorPx  that floor
     * @param  ?int  $elsewhere  tile of the map that is sharpest, where the focus is there
     */
    public function __construct(
        public FrameVerdict $verdict,
        public float $confidence,
        public float $totalPx,
        public float $limitPx,
        public FrameBlur $blur,
        public ?int $elsewhere = null,
        public float $floorPx = 0.0,
    ) {}
}
