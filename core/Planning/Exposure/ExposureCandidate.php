<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

use RushHold\Optics\SharpnessStandard;

/** One way to expose the frame: aperture and shutter as engraved, the standard it keeps, and the ISO it needs. */
final readonly class ExposureCandidate
{
    /**
     * @param  ?float  $requiredS  longest shutter the budget allows at this aperture, null when none does
     * @param  float  $iso  exact
     */
    public function __construct(
        public float $fNumber,
        public float $shutterS,
        public float $iso,
        public SharpnessStandard $standard,
        public ?float $requiredS,
    ) {}
}
