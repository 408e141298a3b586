<?php

declare(strict_types=1);

namespace RushHold\Light;

/** Angles in degrees. */
final class Angle
{
    /** The same direction from 0 up to, but not, 360. */
    public static function full(float $deg): float
    {
        $rest = fmod($deg, 360.0);

        return $rest < 0 ? fmod($rest + 360.0, 360.0) : $rest;
    }

    /** The same direction from −180 up to, but not, 180. */
    public static function signed(float $deg): float
    {
        return self::full($deg + 180.0) - 180.0;
    }

    /** Between two directions, 0 to 180. */
    public static function between(float $oneDeg, float $otherDeg): float
    {
        return abs(self::signed($oneDeg - $otherDeg));
    }
}
