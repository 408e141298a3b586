<?php

declare(strict_types=1);

namespace RushHold\Calculation;

use RushHold\Faults\NotAMoment;
use RushHold\Faults\WrongType;

/** A moment a calculation asks for, written as 2026-06-21T12:00:00Z; it is given on as seconds since 1970. */
final readonly class MomentInput extends Input
{
    public function __construct(string $name)
    {
        parent::__construct($name, -INF, INF);
    }

    /** @throws WrongType|NotAMoment */
    public function read(mixed $value): float
    {
        if (! is_string($value)) {
            throw WrongType::of($this->name, $value, 'a moment in universal time, written as 2026-06-21T12:00:00Z');
        }
        $fits = preg_match('/^(\d{4})-\d\d-\d\dT\d\d:\d\d(:\d\d)?(\.\d{1,6})?(Z|[+-]\d\d:\d\d)$/', $value, $found) === 1;
        $read = $fits && $found[1] >= '1800' && $found[1] <= '2300' ? new \DateTimeImmutable($value) : null;
        // a thirty-first of June would be taken for the first of July
        if ($read === null || $read->format('Y-m-d\TH:i') !== substr($value, 0, 16)) {
            throw NotAMoment::in($this->name, $value);
        }

        return (float) $read->format('U.u');
    }
}
