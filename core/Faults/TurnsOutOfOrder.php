<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** High and low waters that do not follow each other. */
final class TurnsOutOfOrder extends Fault
{
    public static function at(string $field, string $time): self
    {
        $range = 'after the water before it, high after low and low after high, and higher or lower than that';

        return new self(
            $field,
            $time,
            $range,
            sprintf('%s is %s; it must come %s.', $field, self::shown($time), $range),
        );
    }
}
