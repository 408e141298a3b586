<?php

declare(strict_types=1);

namespace RushHold\Motion;

use RushHold\Guard;

/** Blur on the sensor from movement while the shutter is open. */
final class MotionBlur
{
    /** Streak of a moving subject in mm: m·v·t. */
    public static function ofSubjectMm(float $magnification, float $speedMps, float $shutterS): float
    {
        return $magnification *
            Guard::notNegative('speed_mps', $speedMps, 'm/s') *
            1000 *
            Guard::above('shutter_s', $shutterS, 0.0, 's');
    }

    /** Streak of everything from an unsteady camera in mm: f·ω·t. */
    public static function ofShakeMm(float $focalMm, float $omegaRadS, float $shutterS): float
    {
        return Guard::above('focal_mm', $focalMm, 0.0, 'mm') *
            Guard::notNegative('omega_rad_s', $omegaRadS, 'rad/s') *
            Guard::above('shutter_s', $shutterS, 0.0, 's');
    }
}
