<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A number that lies outside what the field can mean. */
final class NumberOutOfRange extends Fault
{
    public static function of(string $field, float $value, ?float $least, ?float $most, string $unit = ''): self
    {
        $unit = $unit === '' ? '' : ' '.$unit;
        $range = match (true) {
            $least !== null && $most !== null => sprintf('%s to %s%s', self::plain($least), self::plain($most), $unit),
            $least !== null => sprintf('%s%s or more', self::plain($least), $unit),
            $most !== null => sprintf('%s%s or less', self::plain($most), $unit),
            default => 'a finite number',
        };

        return new self(
            $field,
            $value,
            $range,
            sprintf('%s is %s; it must be %s.', $field, self::shown($value), $range),
        );
    }

    public static function notAbove(string $field, float $value, float $bound, string $unit = ''): self
    {
        $range = sprintf('more than %s%s', self::plain($bound), $unit === '' ? '' : ' '.$unit);

        return new self(
            $field,
            $value,
            $range,
            sprintf('%s is %s; it must be %s.', $field, self::shown($value), $range),
        );
    }
}
