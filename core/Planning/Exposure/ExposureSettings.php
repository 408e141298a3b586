<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

use RushHold\Optics\SharpnessStandard;

/** Shutter, aperture and ISO as the camera shows them, and the standard they were reckoned for. */
final readonly class ExposureSettings
{
    /**
     * @param  ?float  $requiredShutterS  longest shutter the blur budget allows, null when none does
     * @param  float  $exactIso  ISO the exposure asks for before rounding and ceiling
     * @param  float  $shortfallStops  light missing at the ISO ceiling
     */
    public function __construct(
        public float $fNumber,
        public float $shutterS,
        public int $iso,
        public SharpnessStandard $standard,
        public ?float $requiredShutterS,
        public float $exactIso,
        public float $shortfallStops,
    ) {}
}
