<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Scene;

/** Something between camera and subject. */
final readonly class Obstacle
{
    /**
     * @param  float  $azimuthRad  of its middle, from where the subject is at the working distance
     * @param  float  $radS  how fast it passes, 0 for what stands
     * @param  float  $atS  when it is at that azimuth
     */
    public function __construct(public float $azimuthRad, public float $radS, public float $atS) {}
}
