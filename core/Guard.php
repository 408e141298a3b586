<?php

declare(strict_types=1);

namespace RushHold;

use RushHold\Faults\NumberOutOfRange;

/** Bounds that a number must keep for a formula to mean anything. Not-a-number and infinity never pass. */
final class Guard
{
    /** @throws NumberOutOfRange unless the value lies from least to most */
    public static function between(string $field, float $value, float $least, float $most, string $unit = ''): float
    {
        if (! is_finite($value) || $value < $least || $value > $most) {
            throw NumberOutOfRange::of($field, $value, $least, $most, $unit);
        }

        return $value;
    }

    /** @throws NumberOutOfRange unless the value is zero or more */
    public static function notNegative(string $field, float $value, string $unit = ''): float
    {
        if (! is_finite($value) || $value < 0) {
            throw NumberOutOfRange::of($field, $value, 0.0, null, $unit);
        }

        return $value;
    }

    /** @throws NumberOutOfRange unless the value is more than the bound */
    public static function above(string $field, float $value, float $bound, string $unit = ''): float
    {
        if (! is_finite($value) || $value <= $bound) {
            throw NumberOutOfRange::notAbove($field, $value, $bound, $unit);
        }

        return $value;
    }

    /** @throws NumberOutOfRange unless the value is finite */
    public static function finite(string $field, float $value): float
    {
        if (! is_finite($value)) {
            throw NumberOutOfRange::of($field, $value, null, null);
        }

        return $value;
    }
}
