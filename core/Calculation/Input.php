<?php

declare(strict_types=1);

namespace RushHold\Calculation;

use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\WrongType;

/** One number a calculation asks for: its name (with the unit in it) and the range in which it means anything. {@see MomentInput} is written as text. */
readonly class Input
{
    public function __construct(public string $name, public float $least, public float $most) {}

    /** @throws WrongType|NumberOutOfRange */
    public function read(mixed $value): float
    {
        if (! is_int($value) && ! is_float($value)) {
            throw WrongType::of($this->name, $value, 'a number');
        }
        if (! is_finite((float) $value) || $value < $this->least || $value > $this->most) {
            throw NumberOutOfRange::of($this->name, (float) $value, $this->least, $this->most);
        }

        return (float) $value;
    }
}
