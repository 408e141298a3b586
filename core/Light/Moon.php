<?php

declare(strict_types=1);

namespace RushHold\Light;

/**
 * Where the moon stands, for one place and moment, and how much of it is lit.
 *
 * Source: J. Meeus, Astronomical Algorithms (1998), ch. 47, of whose series the terms over 0.01° are kept, 13, 40 and 48. Within 0.05° from
 * 1950 to 2100.
 */
final readonly class Moon
{
    /** Altitude of its centre, seen from the ground without refraction, when its upper limb touches the horizon: 34′ of refraction, 16′ of radius. */
    public const RISING_DEG = -0.833;

    /** Multiples of elongation, sun's anomaly, moon's anomaly and argument of latitude; longitude in 1e-6°, distance in m. */
    private const LONGITUDE = [
        [0, 0, 1, 0, 6_288_774, -20_905_355],
        [2, 0, -1, 0, 1_274_027, -3_699_111],
        [2, 0, 0, 0, 658_314, -2_955_968],
        [0, 0, 2, 0, 213_618, -569_925],
        [0, 1, 0, 0, -185_116, 48_888],
        [0, 0, 0, 2, -114_332, -3_149],
        [2, 0, -2, 0, 58_793, 246_158],
        [2, -1, -1, 0, 57_066, -152_138],
        [2, 0, 1, 0, 53_322, -170_733],
        [2, -1, 0, 0, 45_758, -204_586],
        [0, 1, -1, 0, -40_923, -129_620],
        [1, 0, 0, 0, -34_720, 108_743],
        [0, 1, 1, 0, -30_383, 104_755],
        [2, 0, 0, -2, 15_327, 10_321],
        [0, 0, 1, 2, -12_528, 0],
        [0, 0, 1, -2, 10_980, 79_661],
        [4, 0, -1, 0, 10_675, -34_782],
        [0, 0, 3, 0, 10_034, -23_210],
    ];

    /** The same of its latitude, in 1e-6°. */
    private const LATITUDE = [
        [0, 0, 0, 1, 5_128_122],
        [0, 0, 1, 1, 280_602],
        [0, 0, 1, -1, 277_693],
        [2, 0, 0, -1, 173_237],
        [2, 0, -1, 1, 55_413],
        [2, 0, -1, -1, 46_271],
        [2, 0, 0, 1, 32_573],
        [0, 0, 2, 1, 17_198],
    ];

    private const EARTH_M = 6_378_140.0;

    private const MEAN_DISTANCE_M = 385_000_560.0;

    private const SUN_DISTANCE_M = 149_597_870_700.0;

    /**
     * @param  float  $altitudeDeg  of its centre above the true horizon, seen from the ground, without the air's refraction
     * @param  float  $azimuthDeg  from true north, clockwise
     * @param  float  $lit  share of its disc that the sun lights, 0 to 1
     */
    private function __construct(public float $altitudeDeg, public float $azimuthDeg, public float $lit) {}

    /** @param  float  $unixS  seconds since 1970 in universal time */
    public static function at(Observer $observer, float $unixS): self
    {
        [$longitude, $latitude, $distanceM] = self::place(SkyTime::centuries($unixS));
        $obliquity = deg2rad(SkyTime::obliquityDeg($unixS));
        [$l, $b] = [deg2rad($longitude), deg2rad($latitude)];
        $right = rad2deg(atan2(sin($l) * cos($obliquity) - tan($b) * sin($obliquity), cos($l)));
        $declination = asin(sin($b) * cos($obliquity) + cos($b) * sin($obliquity) * sin($l));
        $hour = deg2rad(Angle::signed(SkyTime::siderealDeg($unixS) + $observer->longitudeDeg - $right));
        $at = deg2rad($observer->latitudeDeg);
        $altitude = asin(
            max(-1.0, min(1.0, sin($at) * sin($declination) + cos($at) * cos($declination) * cos($hour))),
        );
        $azimuth = atan2(
            -sin($hour) * cos($declination),
            sin($declination) * cos($at) - cos($declination) * cos($hour) * sin($at),
        );

        return new self(
            // seen from the ground, not from the middle of the earth
            rad2deg($altitude - asin((self::EARTH_M / $distanceM) * cos($altitude))),
            Angle::full(rad2deg($azimuth)),
            self::litShare($longitude, $latitude, $distanceM, $unixS),
        );
    }

    /** @return array{float, float, float} apparent longitude and latitude in degrees, distance in m */
    private static function place(float $t): array
    {
        $mean = 218.3164477 + $t * (481_267.88123421 - $t * 0.0015786);
        $elongation = deg2rad(297.8501921 + $t * (445_267.1114034 - $t * 0.0018819));
        $sun = deg2rad(357.5291092 + $t * (35_999.0502909 - $t * 0.0001536));
        $moon = deg2rad(134.9633964 + $t * (477_198.8675055 + $t * 0.0087414));
        $node = deg2rad(93.272095 + $t * (483_202.0175233 - $t * 0.0036539));
        // the orbit of the earth becomes rounder
        $round = 1 - $t * (0.002516 + $t * 0.0000074);
        $longitude = $distance = $latitude = 0.0;
        foreach (self::LONGITUDE as [$d, $m, $a, $f, $sine, $cosine]) {
            $argument = $d * $elongation + $m * $sun + $a * $moon + $f * $node;
            $longitude += $round ** abs($m) * $sine * sin($argument);
            $distance += $round ** abs($m) * $cosine * cos($argument);
        }
        foreach (self::LATITUDE as [$d, $m, $a, $f, $sine]) {
            $latitude += $round ** abs($m) * $sine * sin($d * $elongation + $m * $sun + $a * $moon + $f * $node);
        }

        return [
            $mean + $longitude / 1e6 + SkyTime::nutationDeg($t),
            $latitude / 1e6,
            self::MEAN_DISTANCE_M + $distance,
        ];
    }

    /** Share of its disc that is lit, from the angle between sun and moon as seen from the earth. */
    private static function litShare(float $longitudeDeg, float $latitudeDeg, float $distanceM, float $unixS): float
    {
        $apart = acos(cos(deg2rad($latitudeDeg)) * cos(deg2rad($longitudeDeg - Sun::longitudeDeg($unixS))));
        $phase = atan2(self::SUN_DISTANCE_M * sin($apart), $distanceM - self::SUN_DISTANCE_M * cos($apart));

        return (1 + cos($phase)) / 2;
    }
}
