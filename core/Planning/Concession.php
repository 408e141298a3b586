<?php

declare(strict_types=1);

namespace RushHold\Planning;

/** Something that was asked for and had to give way, with its price. {@see \RushHold\Wording\ConcessionWords} says it in words. */
final readonly class Concession
{
    /** The subject is larger than the frame. */
    public const TOO_LARGE = 'too_large';

    /** Haze leaves so little contrast that autofocus hunts. */
    public const HUNTS = 'hunts';

    /** Haze leaves so little contrast that no setting helps. */
    public const HOPELESS = 'hopeless';

    /**
     * @param  string  $step  aperture, standard, shutter, light, depth, limit, overexposure, frame or air
     * @param  string  $cause  why, as a code of the step: a constant of this class or of {@see Exposure\Concessions}
     * @param  array<string, float|string>  $figures  what its words tell, units in the names
     * @param  float  $costStops  stops of light it gains; for "light" and "overexposure" the stops still missing or too many
     * @param  float  $costMm  blur it allows beyond what was asked, in mm on the sensor
     */
    public function __construct(
        public string $step,
        public string $cause,
        public array $figures,
        public float $costStops = 0.0,
        public float $costMm = 0.0,
    ) {}
}
