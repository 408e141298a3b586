<?php

declare(strict_types=1);

namespace RushHold\Shoot;

use RushHold\Rehearsal\Frame;
use RushHold\Sharpness\Box;

/** One frame of a pass, with all a darkroom needs to draw it and all that is true of it. */
final readonly class Shot
{
    /**
     * @param  float  $x  middle of the subject, in px from the left
     * @param  float  $y  from the top
     * @param  float  $widthPx  of the subject
     * @param  int  $way  +1 when it goes to the right, −1 to the left
     * @param  list<array{float, float}>  $posts  what stands before it: middle and width in px
     * @param  float  $stops  brighter than metered
     * @param  float  $noise  spread in brightness
     * @param  bool  $isInFrame  whether the pass has it inside the frame
     */
    public function __construct(
        public int $number,
        public Frame $frame,
        public float $x,
        public float $y,
        public float $widthPx,
        public int $way,
        public Smear $subject,
        public Smear $around,
        public Smear $inFront,
        public array $posts,
        public float $stops,
        public float $noise,
        public bool $isInFrame,
    ) {}

    /** The subject as far as it lies in the frame, null when it does not. */
    public function box(Film $film, Outline $outline): ?Box
    {
        $half = $this->widthPx / 2;

        return $this->isInFrame
            ? $this->cut($film, $this->x, $this->y, $half, $half * $outline->height)
            : null;
    }

    /** A piece of it that is all body, where a camera would focus. */
    public function patch(Film $film, Outline $outline): ?Box
    {
        [$x, $y, $half, $halfHigh] = array_map(fn (float $one): float => $one * $this->widthPx, $outline->patch);

        return $this->isInFrame
            ? $this->cut($film, $this->x + $this->way * $x, $this->y + $y, $half, $halfHigh)
            : null;
    }

    /** How much of the frame what stands in front takes, as a share of its width. */
    public function inFrontShare(Film $film): float
    {
        $covered = 0.0;
        foreach ($this->posts as [$middle, $width]) {
            $covered += max(0.0, min((float) $film->width, $middle + $width / 2) - max(0.0, $middle - $width / 2));
        }

        return min(1.0, $covered / $film->width);
    }

    /** Whether something stands before most of that piece. */
    public function isCovered(Film $film, Outline $outline): bool
    {
        $patch = $this->patch($film, $outline);
        if ($patch === null) {
            return false;
        }
        $free = 1.0;
        foreach ($this->posts as [$middle, $width]) {
            $left = max((float) $patch->x, $middle - $width / 2);
            $right = min((float) ($patch->x + $patch->width), $middle + $width / 2);
            $free -= max(0.0, $right - $left) / $patch->width;
        }

        return $free < 0.5;
    }

    private function cut(Film $film, float $x, float $y, float $half, float $halfHigh): ?Box
    {
        [$left, $right] = [max(0.0, $x - $half), min((float) $film->width, $x + $half)];
        [$top, $bottom] = [max(0.0, $y - $halfHigh), min((float) $film->height, $y + $halfHigh)];

        return $right - $left < 4 || $bottom - $top < 4
            ? null
            : new Box(
                (int) round($left),
                (int) round($top),
                (int) round($right - $left),
                (int) round($bottom - $top),
            );
    }
}
