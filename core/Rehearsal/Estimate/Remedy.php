<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Estimate;

use RushHold\Hold\Dials;

/** A dial turned, what came of it, and how many more sharp frames a pass it gives than the hold as it is. */
final readonly class Remedy
{
    public function __construct(public Dials $dials, public Tally $tally, public Margin $margin) {}
}
