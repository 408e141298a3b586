<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A word that is not among those the field knows. */
final class UnknownChoice extends Fault
{
    /** @param  list<string>  $allowed */
    public static function of(string $field, mixed $value, array $allowed): self
    {
        $range = implode(', ', $allowed);

        return new self(
            $field,
            $value,
            $range,
            sprintf('%s is %s; it must be one of %s.', $field, self::shown($value), $range),
        );
    }
}
