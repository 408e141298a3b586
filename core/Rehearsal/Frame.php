<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

/** One frame of a take. */
final readonly class Frame
{
    /**
     * @param  float  $atS  middle of the exposure, from the beginning of the pass
     * @param  float  $distanceM  where the subject was
     * @param  float  $focusM  where the plane was
     * @param  float  $motionMm  blur on the sensor by what is left of its motion
     * @param  float  $shakeMm  blur by the hands
     * @param  float  $defocusMm  blur by the plane's distance from it, and by the depth of its group
     * @param  float  $shimmerMm  blur by the air
     * @param  float  $totalMm  all of them and diffraction, added as squares
     */
    public function __construct(
        public float $atS,
        public float $distanceM,
        public float $focusM,
        public float $motionMm,
        public float $shakeMm,
        public float $defocusMm,
        public float $shimmerMm,
        public float $totalMm,
        public Verdict $verdict,
    ) {}

    /** @return array<string, float|string> */
    public function toArray(): array
    {
        return [
            'at_s' => $this->atS,
            'distance_m' => $this->distanceM,
            'focus_m' => $this->focusM,
            'motion_mm' => $this->motionMm,
            'shake_mm' => $this->shakeMm,
            'defocus_mm' => $this->defocusMm,
            'shimmer_mm' => $this->shimmerMm,
            'total_mm' => $this->totalMm,
            'verdict' => $this->verdict->value,
        ];
    }
}
