<?php

declare(strict_types=1);

namespace RushHold\Optics;

use RushHold\Guard;

/** The one equation that ties light, aperture, shutter and ISO. EV is at ISO 100. */
final class Exposure
{
    /** ISO = 100·N²/(t·2^EV). */
    public static function iso(float $ev100, float $fNumber, float $shutterS): float
    {
        Guard::finite('ev100', $ev100);
        Guard::above('f_number', $fNumber, 0.0);

        return (100 * $fNumber ** 2) / (Guard::above('shutter_s', $shutterS, 0.0, 's') * 2 ** $ev100);
    }

    /** The shutter in seconds that exposes at this ISO: t = 100·N²/(ISO·2^EV). */
    public static function shutterS(float $ev100, float $fNumber, float $iso): float
    {
        Guard::finite('ev100', $ev100);
        Guard::above('f_number', $fNumber, 0.0);

        return (100 * $fNumber ** 2) / (Guard::above('iso', $iso, 0.0) * 2 ** $ev100);
    }
}
