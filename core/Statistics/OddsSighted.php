<?php

declare(strict_types=1);

namespace RushHold\Statistics;

/** One thing that happened or did not, and what its odds are made of: a part that is known, and one that counts as often as is sought. */
final readonly class OddsSighted
{
    /**
     * @param  string  $group  those of one group hang together
     * @param  float  $known  odds that it happens anyway
     * @param  float  $share  odds that the factor multiplies, which come on top of those
     */
    public function __construct(
        public string $group,
        public bool $happened,
        public float $known,
        public float $share,
    ) {}
}
