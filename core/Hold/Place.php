<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** Centre of the AF area in the frame, 0 to 1 from the top left. */
final readonly class Place
{
    public function __construct(public float $x, public float $y) {}

    /** @return array{x: float, y: float} */
    public function toArray(): array
    {
        return ['x' => $this->x, 'y' => $this->y];
    }
}
