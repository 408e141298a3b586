<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Scene;

use RushHold\Planning\Situation;

/** How much stands and passes between camera and subject. */
final readonly class ObstacleDensity
{
    /**
     * @param  float  $distanceM  where they are
     * @param  float  $halfRad  half the width of one
     * @param  float  $gridRad  from one that stands to the next, 0 without any
     * @param  float  $passersPerS  how many pass through the view in a second
     * @param  float  $passerRadS  how fast they pass
     */
    private function __construct(
        public float $distanceM,
        public float $halfRad,
        public float $gridRad,
        public float $passersPerS,
        public float $passerRadS,
    ) {}

    /** @param  float  $frameRad  what the frame takes in, sideways */
    public static function of(Situation $situation, float $frameRad): self
    {
        $assumptions = $situation->assumptions;
        $distanceM = $situation->frontM();
        $standing = $situation->standing();
        $passing = $situation->passing();
        $width = $situation->obstacleWidthM();

        return new self(
            $distanceM,
            $width / $distanceM / 2,
            $standing > 0 ? $frameRad / $standing : 0.0,
            $passing / $assumptions->value('rehearse.hazard'),
            $assumptions->value('obstacle.pass_speed') / $distanceM,
        );
    }

    public function areNone(): bool
    {
        return $this->gridRad <= 0 && $this->passersPerS <= 0;
    }
}
