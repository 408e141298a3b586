<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

use RushHold\Document\Reader;

/** What blurs a piece of a picture: the same in all directions, and along one. */
final readonly class BlurFound
{
    /**
     * @param  float  $isoPx  diameter of the disc that blurs as much in all directions
     * @param  float  $motionPx  length of the line that blurs as much along one
     * @param  float  $motionDeg  that direction, from the rows clockwise on the screen, 0 to 180
     * @param  float  $misfit  how far it is from explaining what is there, in squares of logarithms of power
     * @param  float  $lineHelps  by how much the line explains it better than no line would, in the same weighed by bins
     */
    public function __construct(
        public float $isoPx,
        public float $motionPx,
        public float $motionDeg,
        public float $misfit = 0.0,
        public float $lineHelps = 0.0,
    ) {}

    /** Both together, as the blur of a plan is: root of the sum of squares. */
    public function totalPx(): float
    {
        return hypot($this->isoPx, $this->motionPx);
    }

    /** The same in a picture so many times as large. */
    public function enlarged(float $times): self
    {
        return new self(
            $this->isoPx * $times,
            $this->motionPx * $times,
            $this->motionDeg,
            $this->misfit,
            $this->lineHelps,
        );
    }

    /** @return array{iso_px: float, motion_px: float, motion_deg: float, misfit: float, line_helps: float} */
    public function toArray(): array
    {
        return [
            'iso_px' => $this->isoPx,
            'motion_px' => $this->motionPx,
            'motion_deg' => $this->motionDeg,
            'misfit' => $this->misfit,
            'line_helps' => $this->lineHelps,
        ];
    }

    /** @param  Reader  $kept  from {@see toArray()} */
    public static function kept(Reader $kept): self
    {
        return new self(
            $kept->number('iso_px'),
            $kept->number('motion_px'),
            $kept->number('motion_deg'),
            $kept->number('misfit'),
            $kept->number('line_helps'),
        );
    }
}
