<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A text that is too short or too long to keep, or a list with too few or too many entries. */
final class TextOutOfBounds extends Fault
{
    public static function of(string $field, mixed $value, string $range): self
    {
        return new self(
            $field,
            $value,
            $range,
            sprintf('%s is %s; it must be %s.', $field, self::shown($value), $range),
        );
    }
}
