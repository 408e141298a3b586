<?php

declare(strict_types=1);

namespace RushHold\Assumptions;

/** A figure nobody has measured for this person yet: its default, the range it may take, what it means and where it comes from. */
final readonly class Assumption
{
    public function __construct(
        public string $name,
        public float $default,
        public float $least,
        public float $most,
        public string $unit,
        public string $meaning,
        public string $origin,
    ) {}
}
