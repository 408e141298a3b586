<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** Nearest, working and farthest distance must come in that order. */
final class DistancesOutOfOrder extends Fault
{
    public static function between(float $nearM, float $workM, float $farM): self
    {
        $range = sprintf('%s to %s m', self::plain($nearM), self::plain($farM));

        return new self(
            'distance.work_m',
            $workM,
            $range,
            sprintf('distance.work_m is %s; it must lie from near_m to far_m, here %s.', self::plain($workM), $range),
        );
    }

    public static function reversed(float $nearM, float $farM): self
    {
        $range = sprintf('%s m or more', self::plain($nearM));

        return new self(
            'distance.far_m',
            $farM,
            $range,
            sprintf('distance.far_m is %s; it must be near_m or more, here %s.', self::plain($farM), $range),
        );
    }
}
