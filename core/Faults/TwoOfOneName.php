<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** Two entries of a list that must differ carry the same name. */
final class TwoOfOneName extends Fault
{
    public static function in(string $field, string $name): self
    {
        $range = 'different from all the others in the list';

        return new self(
            $field,
            $name,
            $range,
            sprintf('%s is %s, and so is another; it must be %s.', $field, self::shown($name), $range),
        );
    }
}
