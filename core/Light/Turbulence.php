<?php

declare(strict_types=1);

namespace RushHold\Light;

use RushHold\Assumptions\Assumptions;
use RushHold\Guard;
use RushHold\Rush\Ground;
use RushHold\Rush\Sky;

/**
 * Air that trembles over warm ground, as its refractive-index structure constant in m^(−2/3).
 *
 * Source: docs/model.md, Light through the day: free convection by Wyngaard, Izumi and Collins (1971), spherical wave by Fried (1966).
 */
final readonly class Turbulence
{
    /** Green light, in metres. */
    private const WAVELENGTH_M = 0.55e-6;

    /** Air is never stiller than this. */
    private const LEAST = 1e-16;

    /** The altitude's sine from which the sun warms the ground. */
    private const WARMS_FROM = 0.1;

    /** Height the figures of the grounds are for, in metres. */
    private const HEIGHT_M = 1.5;

    private function __construct(public float $cn2) {}

    public static function of(float $cn2): self
    {
        return new self(Guard::above('cn2', $cn2, 0.0, 'm^(−2/3)'));
    }

    /** @param  float  $heightM  of the line of sight over the ground */
    public static function over(
        Ground $ground,
        float $sunDeg,
        Sky $sky,
        float $windMps,
        float $heightM,
        Assumptions $assumptions,
    ): self {
        Guard::above('height_m', $heightM, 0.0, 'm');
        Guard::notNegative('wind_mps', $windMps, 'm/s');
        $share = $assumptions->value('air.sun.'.$sky->value) / (1 - self::WARMS_FROM);
        $heat = max(0.0, (sin(deg2rad($sunDeg)) - self::WARMS_FROM) * $share);

        return new self(
            max(
                self::LEAST,
                $assumptions->value('air.ground.'.$ground->value) *
                    $heat ** (4 / 3) *
                    ($heightM / self::HEIGHT_M) ** (-4 / 3) /
                    (1 + ($windMps / $assumptions->value('air.wind')) ** 2),
            ),
        );
    }

    /** Coherence length r0 of a spherical wave from so far, in metres: (0.423·k²·Cn²·L·3/8)^(−3/5). */
    public function coherenceM(float $distanceM): float
    {
        $k = (2 * M_PI) / self::WAVELENGTH_M;

        return (0.423 * $k ** 2 * $this->cn2 * Guard::above('distance_m', $distanceM, 0.0, 'm') * (3 / 8)) ** (-3 / 5);
    }

    /** Full width at half maximum of a point's blur as an angle in radians, 0.98·λ/r0. */
    public function blurRad(float $distanceM): float
    {
        return (0.98 * self::WAVELENGTH_M) / $this->coherenceM($distanceM);
    }

    /** The same on the sensor, in mm. */
    public function blurMm(float $focalMm, float $distanceM): float
    {
        return Guard::above('focal_mm', $focalMm, 0.0, 'mm') * $this->blurRad($distanceM);
    }

    /** How far one may shoot until the blur alone is this large, in metres; the blur goes with the distance to the power of 3/5. */
    public function reachM(float $focalMm, float $blurMm): float
    {
        return (Guard::above('blur_mm', $blurMm, 0.0, 'mm') / $this->blurMm($focalMm, 1.0)) ** (5 / 3);
    }
}
