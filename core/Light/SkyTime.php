<?php

declare(strict_types=1);

namespace RushHold\Light;

/**
 * How far the sky has turned at a moment, and how the earth stands: what the places of sun and moon are reckoned with.
 *
 * Source: J. Meeus, Astronomical Algorithms (1998), ch. 12, 22 and 25; dynamical time by F. Espenak and J. Meeus (2006).
 */
final class SkyTime
{
    private const SECONDS_A_DAY = 86_400.0;

    /** 2000 January 1, 12 h, as Unix time. */
    private const J2000_S = 946_728_000.0;

    /** Julian centuries of dynamical time since 2000. */
    public static function centuries(float $unixS): float
    {
        return self::universal($unixS) + self::dynamicalLeadS($unixS) / self::SECONDS_A_DAY / 36_525;
    }

    /** How far nutation moves what is seen along the ecliptic, in degrees. */
    public static function nutationDeg(float $centuries): float
    {
        return -0.00478 * sin(self::node($centuries));
    }

    /** How far the axis of the earth leans, in degrees. */
    public static function obliquityDeg(float $unixS): float
    {
        $t = self::centuries($unixS);

        return 23.4392911 - $t * (0.0130042 + $t * (1.64e-7 - 5.04e-7 * $t)) + 0.00256 * cos(self::node($t));
    }

    /** Apparent sidereal time at Greenwich, in degrees. */
    public static function siderealDeg(float $unixS): float
    {
        $universal = self::universal($unixS);

        return 280.46061837 +
            (360.98564736629 * ($unixS - self::J2000_S)) / self::SECONDS_A_DAY +
            $universal ** 2 * (0.000387933 - $universal / 38_710_000) +
            self::nutationDeg(self::centuries($unixS)) * cos(deg2rad(self::obliquityDeg($unixS)));
    }

    /** Where the moon's way crosses the ecliptic, in radians. */
    private static function node(float $centuries): float
    {
        return deg2rad(125.04 - 1934.136 * $centuries);
    }

    private static function universal(float $unixS): float
    {
        return ($unixS - self::J2000_S) / self::SECONDS_A_DAY / 36_525;
    }

    /** How far dynamical time runs ahead of universal time, in seconds. */
    private static function dynamicalLeadS(float $unixS): float
    {
        $year = 2000 + ($unixS - self::J2000_S) / self::SECONDS_A_DAY / 365.25;
        $t = $year - 2000;

        return match (true) {
            $year < 1986 => 45.45 + 1.067 * ($year - 1975) - ($year - 1975) ** 2 / 260 - ($year - 1975) ** 3 / 718,
            $year < 2005 => 63.86 +
                $t * (0.3345 + $t * (-0.060374 + $t * (0.0017275 + $t * (0.000651814 + 0.00002373599 * $t)))),
            $year < 2050 => 62.92 + $t * (0.32217 + 0.005589 * $t),
            default => -20 + 32 * (($year - 1820) / 100) ** 2 - 0.5628 * (2150 - $year),
        };
    }
}
