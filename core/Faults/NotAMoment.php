<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A text that is no moment of the calendar written as 2026-06-21T12:00:00Z, or one outside the years the sun is reckoned for. */
final class NotAMoment extends Fault
{
    public static function in(string $field, string $value): self
    {
        $range = 'a moment of the years 1800 to 2300, written as 2026-06-21T12:00:00Z';

        return new self(
            $field,
            $value,
            $range,
            sprintf('%s is %s; it must be %s.', $field, self::shown($value), $range),
        );
    }
}
