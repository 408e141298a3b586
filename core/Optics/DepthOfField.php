<?php

declare(strict_types=1);

namespace RushHold\Optics;

/** The zone that is sharp to within a limit, in metres from the lens; far may be infinite. */
final readonly class DepthOfField
{
    public function __construct(public float $nearM, public float $farM, public float $hyperfocalM) {}

    /** Far minus near in metres; infinite when far is. */
    public function depthM(): float
    {
        return $this->farM - $this->nearM;
    }

    /** The shorter way out of the zone from the distance of focus, in metres. */
    public function nearSideM(float $focusM): float
    {
        return min($focusM - $this->nearM, $this->farM - $focusM);
    }
}
