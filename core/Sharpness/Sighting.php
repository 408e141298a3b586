<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** Where a piece of one picture was found again in another. */
final readonly class Sighting
{
    /** From this likeness on it is relied on, whatever else is alike; below the other it never is. */
    private const SURE = 0.44;

    private const UNLIKE = 0.28;

    /** Between them it must stand out: so many times as alike as the most alike place beside it. */
    private const STANDS_OUT = 1.35;

    private const CLEAR = 0.8;

    /**
     * @param  int  $left  of its upper left corner, in pixels of the other picture
     * @param  float  $likeness  normalised cross-correlation, 1 of the very same, 0 of nothing in common
     * @param  float  $elsewhere  the same of the most alike place beside it; where it is alike enough by itself nobody looks
     */
    public function __construct(
        public int $left,
        public int $top,
        public float $likeness,
        public float $elsewhere = 0.0,
    ) {}

    /** Whether it must stand out from what else is alike to be relied on. */
    public function isDoubtful(): bool
    {
        return $this->likeness >= self::UNLIKE && $this->likeness < self::SURE;
    }

    /** So alike that what is there now may be looked for from here on. */
    public function isClear(): bool
    {
        return $this->likeness >= self::CLEAR;
    }

    public function isSure(): bool
    {
        return $this->likeness >= self::SURE ||
            ($this->isDoubtful() && $this->likeness >= self::STANDS_OUT * $this->elsewhere);
    }
}
