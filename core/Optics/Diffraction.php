<?php

declare(strict_types=1);

namespace RushHold\Optics;

use RushHold\Guard;

/** The blur that the aperture's edge adds, whatever the focus. */
final class Diffraction
{
    /** Green light, in mm: where the eye and the sensor weigh most. */
    public const WAVELENGTH_MM = 0.00055;

    /** Full width at half maximum of the diffraction disc on the sensor in mm, 1.03·λ·N (Airy 1835). */
    public static function fwhmMm(float $fNumber): float
    {
        return 1.03 * self::WAVELENGTH_MM * Guard::above('f_number', $fNumber, 0.0);
    }
}
