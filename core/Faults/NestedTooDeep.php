<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** JSON with more levels inside of one another than are read. */
final class NestedTooDeep extends Fault
{
    public static function beyond(string $what, int $levels): self
    {
        return new self(
            '',
            null,
            'a JSON object',
            sprintf('%s cannot be read as JSON: nested more than %d levels deep.', $what, $levels),
        );
    }
}
