<?php

declare(strict_types=1);

namespace RushHold\Habits;

/** What one frame tells of the person who took it. */
final readonly class Sight
{
    /**
     * @param  string  $under  names what it was shot under: frames of one name are composed alike
     * @param  float  $atS  when it was taken, from any moment on
     * @param  ?float  $motionMm  how long its subject streaks on the sensor; null where no streak could be measured
     * @param  float  $measuredMm  the shortest streak that could have been
     * @param  ?float  $discMm  how wide the disc is that its focus is off by; null where that was not measured
     * @param  ?float  $asideRad  how far right of the middle of the frame the subject is; null where nobody has seen where it is
     * @param  ?float  $aboveRad  how far above it
     * @param  ?bool  $focusHit  whether the focus was on it; null where that cannot be said
     * @param  bool  $isByEye  whether a person says so, not a machine
     */
    public function __construct(
        public string $id,
        public string $burst,
        public string $under,
        public ShotUnder $shot,
        public float $atS,
        public float $distanceM,
        public float $shutterS,
        public float $fNumber,
        public ?float $motionMm,
        public float $measuredMm,
        public ?float $discMm,
        public ?float $asideRad,
        public ?float $aboveRad,
        public ?bool $focusHit = null,
        public bool $isByEye = false,
    ) {}
}
