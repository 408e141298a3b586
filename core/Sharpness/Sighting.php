<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** Where a piece of one picture was found again in another. */
final readonly class Sighting
{
    /** Likeness under which nobody should rely on it. */
    private const SURE = 0.38;

    private const CLEAR = 0.8;

    /**
     * @param  int  $left  of its upper left corner, in pixels of the other picture
     * @param  float  $likeness  normalised cross-correlation, 1 of the very same, 0 of nothing in common
     */
    public function __construct(public int $left, public int $top, public float $likeness) {}

    /** So alike that what is there now may be looked for from here on. */
    public function isClear(): bool
    {
        return $this->likeness >= self::CLEAR;
    }

    public function isSure(): bool
    {
        return $this->likeness >= self::SURE;
    }
}
