<?php

declare(strict_types=1);

namespace RushHold\Technique;

use RushHold\Guard;
use RushHold\Motion\Travel;
use RushHold\Optics\ThinLens;

/** The plane is set first and the subject crosses it while the camera fires. */
final readonly class Trap
{
    private function __construct(public float $depthM, public float $timeS, public float $frames) {}

    /** T = min(depth/|v_r|, frame width at s/|v_t|); frames = fps·T. Both infinite for a subject that does not move. */
    public static function at(
        ThinLens $lens,
        float $fNumber,
        float $distanceM,
        float $cocMm,
        Travel $travel,
        float $fps,
        float $sensorWidthMm,
    ): self {
        Guard::above('fps', $fps, 0.0);
        $depthM = $lens->depthOfField($fNumber, $distanceM, $cocMm)->depthM();
        $frameM = Guard::above('sensor_width_mm', $sensorWidthMm, 0.0, 'mm') / $lens->magnification($distanceM) / 1000;
        $closing = abs($travel->closingMps());
        $crossing = $travel->crossingMps();
        $timeS = min($closing > 0 ? $depthM / $closing : INF, $crossing > 0 ? $frameM / $crossing : INF);

        return new self($depthM, $timeS, $fps * $timeS);
    }

    /** Chance of at least one sharp frame. */
    public function pOne(): float
    {
        return min(1.0, $this->frames);
    }
}
