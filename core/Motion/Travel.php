<?php

declare(strict_types=1);

namespace RushHold\Motion;

use RushHold\Guard;

/**
 * Speed and bearing of the subject, seen from the camera.
 * Bearing against the lens axis: 0° straight at the camera, 90° crossing, 180° away.
 */
final readonly class Travel
{
    private function __construct(public float $speedMps, public float $bearingDeg, public float $accelerationMps2) {}

    /** @throws \RushHold\Faults\NumberOutOfRange for a negative speed or a bearing outside 0–180° */
    public static function of(float $speedMps, float $bearingDeg, float $accelerationMps2 = 0.0): self
    {
        return new self(
            Guard::notNegative('motion.speed_mps', $speedMps, 'm/s'),
            Guard::between('motion.bearing_deg', $bearingDeg, 0.0, 180.0, '°'),
            Guard::finite('motion.acceleration_mps2', $accelerationMps2),
        );
    }

    /** Along the lens axis in m/s, positive towards the camera: v·cos φ. */
    public function closingMps(): float
    {
        return $this->bearingDeg === 90.0 ? 0.0 : $this->speedMps * cos(deg2rad($this->bearingDeg));
    }

    /** Across the lens axis in m/s: v·sin φ. */
    public function crossingMps(): float
    {
        return $this->bearingDeg === 180.0 ? 0.0 : $this->speedMps * sin(deg2rad($this->bearingDeg));
    }

    /** How fast the camera must turn to follow, in rad/s: v_t/s. */
    public function panRateRadS(float $distanceM): float
    {
        return $this->crossingMps() / Guard::above('distance_m', $distanceM, 0.0, 'm');
    }

    /**
     * How fast the closing speed itself changes, in m/s²: v_t²/s + |a|.
     * The first term is why a close pass at constant speed still accelerates away from the focus.
     */
    public function closingChangeMps2(float $distanceM): float
    {
        return $this->crossingMps() ** 2 / Guard::above('distance_m', $distanceM, 0.0, 'm') +
            abs($this->accelerationMps2);
    }
}
