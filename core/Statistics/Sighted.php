<?php

declare(strict_types=1);

namespace RushHold\Statistics;

/** One measured deviation, and what it may be made of: parts that scatter by themselves, whose squares add up. */
final readonly class Sighted
{
    /**
     * @param  string  $group  those of one group hang together
     * @param  string  $id  what it was measured in
     * @param  ?float  $off  how far off; null where it was too small to be measured
     * @param  float  $below  what it is smaller than, where it was too small to be measured
     * @param  float  $known  mean square of the parts that are known
     * @param  list<float>  $shares  how many times each sought mean square stands in it
     * @param  float  $within  nothing that lay further off than this could have been seen at all
     */
    public function __construct(
        public string $group,
        public string $id,
        public ?float $off,
        public float $below,
        public float $known,
        public array $shares,
        public float $within = INF,
    ) {}
}
