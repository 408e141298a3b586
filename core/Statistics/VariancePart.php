<?php

declare(strict_types=1);

namespace RushHold\Statistics;

/** How much one part scatters: its mean square with a 95 % interval. */
final readonly class VariancePart
{
    /**
     * @param  int  $frames  in which it is much of what was measured
     * @param  list<string>  $groups  they are in
     * @param  float  $worth  frames that what was assumed counts as beside them
     */
    public function __construct(
        public float $square,
        public float $least,
        public float $most,
        public int $frames,
        public array $groups,
        public float $worth,
    ) {}
}
