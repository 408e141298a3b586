<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** A place where brightness changes most quickly along one direction, its normal. */
final readonly class Edge
{
    /** Directions an edge may have are told in so many, over half a turn: an edge has no sign. */
    public const DIRECTIONS = 12;

    /**
     * @param  float  $cos  of its normal, along the rows
     * @param  float  $sin  of its normal, downwards
     * @param  float  $gradient  change of brightness a pixel
     */
    public function __construct(
        public int $x,
        public int $y,
        public float $cos,
        public float $sin,
        public float $gradient,
    ) {}

    /** Which of the directions its normal has, from 0. */
    public function direction(): int
    {
        $turned = atan2($this->sin, $this->cos) / M_PI + 1;

        return (int) (($turned - floor($turned)) * self::DIRECTIONS) % self::DIRECTIONS;
    }
}
