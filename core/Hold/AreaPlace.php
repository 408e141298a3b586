<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** Centre of the AF area in the frame, 0 to 1 from the top left. */
final readonly class AreaPlace
{
    public function __construct(public float $x, public float $y) {}

    /** Where that is, in a word or two: "high left"; "" in the middle. */
    public function words(): string
    {
        $across = match (true) {
            $this->x < 0.42 => 'left',
            $this->x > 0.58 => 'right',
            default => '',
        };
        $down = match (true) {
            $this->y < 0.42 => 'high',
            $this->y > 0.58 => 'low',
            default => '',
        };

        return trim($down.' '.$across);
    }

    /** @return array{x: float, y: float} */
    public function toArray(): array
    {
        return ['x' => $this->x, 'y' => $this->y];
    }
}
