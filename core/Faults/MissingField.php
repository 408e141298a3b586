<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A field the document must carry and does not. */
final class MissingField extends Fault
{
    public static function named(string $field): self
    {
        return new self($field, null, 'required', sprintf('%s is missing; it is required.', $field));
    }
}
