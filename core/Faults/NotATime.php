<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A text that is no time of a day written as 07:40. */
final class NotATime extends Fault
{
    public static function in(string $field, string $value): self
    {
        $range = 'a time from 00:00 to 23:59, written as 07:40';

        return new self(
            $field,
            $value,
            $range,
            sprintf('%s is %s; it must be %s.', $field, self::shown($value), $range),
        );
    }
}
