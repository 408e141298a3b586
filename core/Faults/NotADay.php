<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A date that is not a day of the calendar written as 2026-11-24. */
final class NotADay extends Fault
{
    public static function in(string $field, string $value): self
    {
        $range = 'a day of the calendar, written as 2026-11-24';

        return new self(
            $field,
            $value,
            $range,
            sprintf('%s is %s; it must be %s.', $field, self::shown($value), $range),
        );
    }
}
