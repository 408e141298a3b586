<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;
use RushHold\Guard;

/** What else competes for the focus. */
final readonly class Clutter
{
    /**
     * @param  Foreground  $foreground  what stands in front, as it is told: its place may be another
     * @param  ?float  $obstacleDistanceM  where the obstacles stand, null when the rush does not say
     */
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
            $clutter->has('obstacle_distance_m')
                ? Guard::above('clutter.obstacle_distance_m', $clutter->number('obstacle_distance_m'), 0.0, 'm')
                : null,
        );
    }

    /**
     * What competes with a subject at a distance, in metres: obstacles that are said to stand there or farther away hide nothing of
     * it, they are shapes behind.
     */
    public function from(float $workM): self
    {
        $behindM = ($this->obstacleDistanceM ?? 0.0) - $workM;
        if ($this->foreground === Foreground::None || $behindM < 0) {
            return $this;
        }

        return new self(
            Foreground::None,
            $this->foreground === Foreground::Dense ? Background::Busy : $this->background->atLeastModerate(),
            min($this->backgroundGapM, $behindM),
            $this->foliageMoving,
            $this->crossers,
            $this->separation,
            $this->obstacleWidthM,
            $this->obstacleDistanceM,
        );
    }

    /** The same but for what is given. */
    public function with(
        ?Foreground $foreground = null,
        ?Background $background = null,
        ?Crossers $crossers = null,
    ): self {
        return new self(
            $foreground ?? $this->foreground,
            $background ?? $this->background,
            $this->backgroundGapM,
            $this->foliageMoving,
            $crossers ?? $this->crossers,
            $this->separation,
            $this->obstacleWidthM,
            $this->obstacleDistanceM,
        );
    }
}
