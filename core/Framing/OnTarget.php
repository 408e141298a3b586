<?php

declare(strict_types=1);

namespace RushHold\Framing;

/** When an AF area lies on its target. */
final class OnTarget
{
    /**
     * How far the aim may be off in one direction: to the edge of the larger of area and patch, and half of the smaller.
     * The loop that follows in time spells this out once more, where a call would cost as much as the step (core/Rehearsal/Focus/TrackingFocus).
     *
     * @param  float  $halfArea  half of the area's size there
     * @param  float  $halfPatch  half of the target patch, in the same unit
     */
    public static function reach(float $halfArea, float $halfPatch): float
    {
        return max($halfArea, $halfPatch) + min($halfArea, $halfPatch) / 2;
    }
}
