<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;
use RushHold\Guard;

/** What else competes for the focus. */
final readonly class Clutter
{
    /** @param  ?float  $obstacleDistanceM  where the obstacles stand, null when the rush does not say */
    private function __construct(
        public Foreground $foreground,
        public Background $background,
        public float $backgroundGapM,
        public bool $foliageMoving,
        public Crossers $crossers,
        public Separation $separation,
        public float $obstacleWidthM,
        public ?float $obstacleDistanceM,
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
            $clutter->has('obstacle_distance_m') ? Guard::above('clutter.obstacle_distance_m', $clutter->number('obstacle_distance_m'), 0.0, 'm') : null,
        );
    }

    /** The same but for what is given. */
    public function with(?Foreground $foreground = null, ?Background $background = null, ?Crossers $crossers = null): self
    {
        return new self(
            $foreground ?? $this->foreground, $background ?? $this->background, $this->backgroundGapM, $this->foliageMoving,
            $crossers ?? $this->crossers, $this->separation, $this->obstacleWidthM, $this->obstacleDistanceM,
        );
    }
}
