<?php

declare(strict_types=1);

namespace RushHold\Optics;

/**
 * All blur on the sensor in mm against the largest that counts as sharp.
 * Parts are independent, so they add as squares.
 */
final readonly class BlurBudget
{
    public function __construct(
        public float $limitMm,
        public float $motionMm,
        public float $shakeMm,
        public float $defocusMm,
        public float $diffractionMm,
        public float $shimmerMm,
    ) {}

    /** Root of the sum of squares, in mm. */
    public function totalMm(): float
    {
        return sqrt(
            $this->motionMm ** 2 +
                $this->shakeMm ** 2 +
                $this->defocusMm ** 2 +
                $this->diffractionMm ** 2 +
                $this->shimmerMm ** 2,
        );
    }

    /** Total over limit: 0.82 means 82 % used, above 1 the frame is softer than the standard. */
    public function used(): float
    {
        return $this->totalMm() / $this->limitMm;
    }

    /**
     * Each part's share of the total, by squares; the shares add to 1 (all 0 when there is no blur).
     *
     * @return array{motion: float, shake: float, defocus: float, diffraction: float, shimmer: float}
     */
    public function shares(): array
    {
        $sum = $this->totalMm() ** 2;
        $share = static fn (float $part): float => $sum > 0 ? $part ** 2 / $sum : 0.0;

        return [
            'motion' => $share($this->motionMm),
            'shake' => $share($this->shakeMm),
            'defocus' => $share($this->defocusMm),
            'diffraction' => $share($this->diffractionMm),
            'shimmer' => $share($this->shimmerMm),
        ];
    }
}
