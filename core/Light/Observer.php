<?php

declare(strict_types=1);

namespace RushHold\Light;

use RushHold\Guard;

/** Where somebody stands on the earth. */
final readonly class Observer
{
    private function __construct(public float $latitudeDeg, public float $longitudeDeg) {}

    /**
     * @param  float  $latitudeDeg  −90 to 90, north positive
     * @param  float  $longitudeDeg  −180 to 180, east positive
     */
    public static function at(float $latitudeDeg, float $longitudeDeg): self
    {
        return new self(
            Guard::between('latitude_deg', $latitudeDeg, -90.0, 90.0, '°'),
            Guard::between('longitude_deg', $longitudeDeg, -180.0, 180.0, '°'),
        );
    }

    /** Great-circle distance in metres, on a sphere of 6371.0088 km. */
    public function distanceM(self $other): float
    {
        [$a, $b] = [deg2rad($this->latitudeDeg), deg2rad($other->latitudeDeg)];
        $half =
            sin(($b - $a) / 2) ** 2 +
            cos($a) * cos($b) * sin(deg2rad($other->longitudeDeg - $this->longitudeDeg) / 2) ** 2;

        return 2 * 6_371_008.8 * asin(min(1.0, sqrt($half)));
    }

    /** Bearing to another point in degrees from true north, clockwise, where the way there begins. */
    public function bearingDeg(self $other): float
    {
        [$a, $b] = [deg2rad($this->latitudeDeg), deg2rad($other->latitudeDeg)];
        $east = deg2rad($other->longitudeDeg - $this->longitudeDeg);

        return Angle::full(
            rad2deg(atan2(sin($east) * cos($b), cos($a) * sin($b) - sin($a) * cos($b) * cos($east))),
        );
    }
}
