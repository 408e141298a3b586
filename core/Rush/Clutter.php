<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;
use RushHold\Guard;

/** What else competes for the focus. */
final readonly class Clutter
{
    private function __construct(
        public Foreground $foreground,
        public Background $background,
        public float $backgroundGapM,
        public bool $foliageMoving,
        public Crossers $crossers,
        public Separation $separation,
        public float $obstacleWidthM,
    ) {}

    public static function read(Reader $clutter): self
    {
        return new self(
            $clutter->choice('foreground', Foreground::class),
            $clutter->choice('background', Background::class),
            Guard::notNegative('clutter.background_gap_m', $clutter->number('background_gap_m'), 'm'),
            $clutter->flag('foliage_moving'),
            $clutter->choice('crossers', Crossers::class),
            $clutter->choice('separation', Separation::class),
            Guard::notNegative('clutter.obstacle_width_m', $clutter->number('obstacle_width_m'), 'm'),
        );
    }
}
