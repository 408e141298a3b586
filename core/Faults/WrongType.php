<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A value of the wrong kind: words where a number belongs, say. */
final class WrongType extends Fault
{
    public static function of(string $field, mixed $value, string $wanted): self
    {
        return new self(
            $field,
            $value,
            $wanted,
            sprintf('%s is %s; it must be %s.', $field === '' ? 'The document' : $field, self::shown($value), $wanted),
        );
    }
}
