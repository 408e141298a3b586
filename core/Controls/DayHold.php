<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Hold\Hold;
use RushHold\Kit\Body;

/** A hold of the day: its key, the name of its rush, and the body it was made for. */
final readonly class DayHold
{
    public function __construct(public string $key, public string $name, public Hold $hold, public Body $planned) {}
}
