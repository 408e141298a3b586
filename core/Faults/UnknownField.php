<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A field the document may not carry: most often a misspelt name. */
final class UnknownField extends Fault
{
    /** @param  list<string>  $allowed */
    public static function named(string $field, array $allowed): self
    {
        $range = 'one of '.implode(', ', $allowed);

        return new self($field, null, $range, sprintf('%s is not a known field; known here: %s.', $field, implode(', ', $allowed)));
    }
}
