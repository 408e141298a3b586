<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** Two waters so far apart that one between them is missing, or that a time is wrong. */
final class WaterMissing extends Fault
{
    /**
     * @param  float  $hours  between them
     * @param  float  $most  that may lie between two
     */
    public static function before(string $field, string $time, float $hours, float $most): self
    {
        $range = sprintf('at most %g hours after the water before it', $most);

        return new self(
            $field,
            $time,
            $range,
            sprintf(
                '%s is %s, %.1f hours after the water before it; it must come %s: one between them is missing, or the time is wrong.',
                $field,
                self::shown($time),
                $hours,
                $range,
            ),
        );
    }
}
