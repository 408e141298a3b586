<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** The usual range of a quantity for a kind, with its typical value and where it comes from. */
final readonly class Span
{
    public function __construct(
        public float $least,
        public float $typical,
        public float $most,
        public string $origin = 'assumed',
    ) {}

    /** @return array{least: float, typical: float, most: float, origin: string} */
    public function toArray(): array
    {
        return ['least' => $this->least, 'typical' => $this->typical, 'most' => $this->most, 'origin' => $this->origin];
    }
}
