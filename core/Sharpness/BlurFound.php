<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** What blurs a piece of a picture: the same in all directions, and along one. */
final readonly class BlurFound
{
    /**
     * @param  float  $isoPx  diameter of the disc that blurs as much in all directions
     * @param  float  $motionPx  length of the line that blurs as much along one
     * @param  float  $motionDeg  that direction, from the rows clockwise on the screen, 0 to 180
     * @param  int  $edges  how many edges have said so
     * @param  int  $directions  in how many of twelve directions
     */
    public function __construct(
        public float $isoPx,
        public float $motionPx,
        public float $motionDeg,
        public int $edges,
        public int $directions,
    ) {}

    /** Both together, as the blur of a plan is: root of the sum of squares. */
    public function totalPx(): float
    {
        return hypot($this->isoPx, $this->motionPx);
    }

    /** The same in a picture so many times as large. */
    public function enlarged(float $times): self
    {
        return $this->with($this->isoPx * $times, $this->motionPx * $times);
    }

    public function with(float $isoPx, float $motionPx): self
    {
        return new self($isoPx, $motionPx, $this->motionDeg, $this->edges, $this->directions);
    }
}
