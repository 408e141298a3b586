<?php

declare(strict_types=1);

namespace RushHold\Counts;

/** Shutters and distances in steps that are counted together. */
final class Bands
{
    /** Steps beyond these are counted with the last: 1/32000 s and 1 min, 12 cm and 4 km. */
    private const SHUTTERS = [-6, 15];

    private const DISTANCES = [-3, 12];

    /** The whole stop of light a shutter is nearest to: 0 is 1 s, 11 is about 1/2000 s. */
    public static function shutter(float $seconds): int
    {
        return self::within(self::SHUTTERS, (int) round(-log($seconds, 2)));
    }

    /** Shutter in the middle of a step, in seconds. */
    public static function shutterS(int $band): float
    {
        return 2.0 ** -$band;
    }

    /** How often 1 m is doubled at the near end of the step: 3 is 8 m to 16 m. */
    public static function distance(float $metres): int
    {
        return self::within(self::DISTANCES, (int) floor(log($metres, 2)));
    }

    /** @return array{float, float} its near and far end in metres */
    public static function distanceM(int $band): array
    {
        return [2.0 ** $band, 2.0 ** ($band + 1)];
    }

    /** @param  array{int, int}  $range */
    private static function within(array $range, int $band): int
    {
        return max($range[0], min($range[1], $band));
    }
}
