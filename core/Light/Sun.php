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

    /** Its apparent longitude in degrees. */
    public static function longitudeDeg(float $unixS): float
    {
        $t = SkyTime::centuries($unixS);
        $anomaly = deg2rad(357.52911 + $t * (35_999.05029 - 0.0001537 * $t));
        $centre =
            (1.914602 - $t * (0.004817 + 0.000014 * $t)) * sin($anomaly) +
            (0.019993 - 0.000101 * $t) * sin(2 * $anomaly) +
            0.000289 * sin(3 * $anomaly);
        $longitude = 280.46646 + $t * (36_000.76983 + 0.0003032 * $t) + $centre;

        return $longitude - 0.00569 + SkyTime::nutationDeg($t);
    }

    /**
     * Its place among the stars and how far the sky has turned.
     *
     * @return array{float, float, float} apparent right ascension, declination, apparent sidereal time at Greenwich; degrees
     */
    private static function place(float $unixS): array
    {
        $apparent = deg2rad(self::longitudeDeg($unixS));
        $obliquity = deg2rad(SkyTime::obliquityDeg($unixS));

        return [
            rad2deg(atan2(cos($obliquity) * sin($apparent), cos($apparent))),
            rad2deg(asin(sin($obliquity) * sin($apparent))),
            SkyTime::siderealDeg($unixS),
        ];
    }
}
