<?php

declare(strict_types=1);

namespace RushHold\Planning\Explore;

use RushHold\Hold\Hold;

/** The nearest value of one word of the rush at which a field of the hold changes. */
final readonly class TippingPoint
{
    /**
     * @param  string  $dimension  speed, distance, light, front, behind, crossers, skill, support or sky
     * @param  string  $direction  below, above, or to for a word
     * @param  float|string  $value  m/s, m or EV; the word's value otherwise
     * @param  float  $far  how far away it is: octaves for a number, steps for a word
     * @param  list<string>  $fields  what changes there, most telling first
     * @param  Hold  $there  the hold just beyond
     */
    public function __construct(
        public string $dimension,
        public string $direction,
        public float|string $value,
        public float $far,
        public array $fields,
        public Hold $there,
    ) {}
}
