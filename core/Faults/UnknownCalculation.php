<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A calculation was asked for by a name nobody knows. */
final class UnknownCalculation extends Fault
{
    /** @param  list<string>  $known */
    public static function named(string $name, array $known): self
    {
        $range = implode(', ', $known);

        return new self(
            'name',
            $name,
            $range,
            sprintf('There is no calculation called %s; there are %s.', self::shown($name), $range),
        );
    }
}
