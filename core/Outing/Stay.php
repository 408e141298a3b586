<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** A while with one rush, in quarters of an hour since the outing began. */
final readonly class Stay
{
    /**
     * @param  int  $rush  which of those expected
     * @param  int  $from  its first quarter
     * @param  int  $until  the quarter after its last
     */
    public function __construct(public int $rush, public int $from, public int $until, public float $worth) {}
}
