<?php

declare(strict_types=1);

namespace RushHold\Light;

/**
 * Where the sun stands, for one place and moment.
 *
 * Source: J. Meeus, Astronomical Algorithms (1998), ch. 25 (low accuracy, with nutation and aberration), 12 and 13;
 * dynamical time by F. Espenak and J. Meeus (2006). Within 0.01° from 1950 to 2100.
 */
final readonly class Sun
{
    /** Geometric altitude of the centre when the upper limb touches the horizon: 34′ of refraction, 16′ of radius. */
    public const RISING_DEG = -0.8333;

    /** Where civil twilight begins and ends. */
    public const CIVIL_DEG = -6.0;

    private const SECONDS_A_DAY = 86_400.0;

    /** 2000 January 1, 12 h, as Unix time. */
    private const J2000_S = 946_728_000.0;

    /**
     * @param  float  $altitudeDeg  of its centre above the true horizon, without the air's refraction
     * @param  float  $azimuthDeg  from true north, clockwise
     * @param  float  $hourAngleDeg  0 at its highest, 180 at its lowest; grows westward
     */
    private function __construct(
        public float $altitudeDeg,
        public float $azimuthDeg,
        public float $hourAngleDeg,
        public float $declinationDeg,
    ) {}

    /** @param  float  $unixS  seconds since 1970 in universal time */
    public static function at(Observer $observer, float $unixS): self
    {
        [$right, $declination, $siderealDeg] = self::place($unixS);
        $hour = deg2rad(Angle::signed($siderealDeg + $observer->longitudeDeg - $right));
        $latitude = deg2rad($observer->latitudeDeg);
        $d = deg2rad($declination);
        $altitude = asin(
            max(-1.0, min(1.0, sin($latitude) * sin($d) + cos($latitude) * cos($d) * cos($hour))),
        );
        $azimuth = atan2(-sin($hour) * cos($d), sin($d) * cos($latitude) - cos($d) * cos($hour) * sin($latitude));

        return new self(
            // seen from the ground, not from the middle of the earth
            rad2deg($altitude) - (8.794 / 3600) * cos($altitude),
            Angle::full(rad2deg($azimuth)),
            Angle::signed(rad2deg($hour)),
            $declination,
        );
    }

    /**
     * How high it is seen, lifted by the air: Bennett's formula (1982), solved for what is seen; under the horizon, where nothing is,
     * what the United States' solar calculator takes.
     */
    public function apparentDeg(): float
    {
        $true = $this->altitudeDeg;
        if ($true < -0.575) {
            return $true - 20.774 / 3600 / tan(deg2rad($true));
        }
        $seen = $true;
        for ($round = 0; $round < 8; $round++) {
            $seen = $true + self::refractionDeg($seen);
        }

        return $seen;
    }

    /** What the air lifts what is seen at this altitude, in degrees, at 10 °C and 1010 hPa. */
    public static function refractionDeg(float $apparentDeg): float
    {
        return max(0.0, 1 / tan(deg2rad($apparentDeg + 7.31 / ($apparentDeg + 4.4))) / 60);
    }

    /**
     * Its place among the stars and how far the sky has turned.
     *
     * @return array{float, float, float} apparent right ascension, declination, apparent sidereal time at Greenwich; degrees
     */
    private static function place(float $unixS): array
    {
        $universal = ($unixS - self::J2000_S) / self::SECONDS_A_DAY / 36_525;
        $t = $universal + self::dynamicalLeadS($unixS) / self::SECONDS_A_DAY / 36_525;
        $anomaly = deg2rad(357.52911 + $t * (35_999.05029 - 0.0001537 * $t));
        $centre =
            (1.914602 - $t * (0.004817 + 0.000014 * $t)) * sin($anomaly) +
            (0.019993 - 0.000101 * $t) * sin(2 * $anomaly) +
            0.000289 * sin(3 * $anomaly);
        $longitude = 280.46646 + $t * (36_000.76983 + 0.0003032 * $t) + $centre;
        $node = deg2rad(125.04 - 1934.136 * $t);
        $nutation = -0.00478 * sin($node);
        $apparent = deg2rad($longitude - 0.00569 + $nutation);
        $obliquity = deg2rad(
            23.4392911 - $t * (0.0130042 + $t * (1.64e-7 - 5.04e-7 * $t)) + 0.00256 * cos($node),
        );
        $days = ($unixS - self::J2000_S) / self::SECONDS_A_DAY;
        $sidereal =
            280.46061837 +
            360.98564736629 * $days +
            $universal ** 2 * (0.000387933 - $universal / 38_710_000) +
            $nutation * cos($obliquity);

        return [
            rad2deg(atan2(cos($obliquity) * sin($apparent), cos($apparent))),
            rad2deg(asin(sin($obliquity) * sin($apparent))),
            $sidereal,
        ];
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
