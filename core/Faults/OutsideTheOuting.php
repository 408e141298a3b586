<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A text that is no moment of the hours somebody is out. */
final class OutsideTheOuting extends Fault
{
    /**
     * @param  string  $from  the first there is, in ISO 8601
     * @param  string  $until  the last
     */
    public static function at(string $field, string $value, string $from, string $until): self
    {
        $range = "a moment from {$from} to {$until}";

        return new self(
            $field,
            $value,
            $range,
            sprintf('%s is %s; it must be %s.', $field, self::shown($value), $range),
        );
    }
}
