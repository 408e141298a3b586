<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

use RushHold\Optics\SharpnessStandard;
use RushHold\Optics\StopScale;
use RushHold\Planning\Situation;

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

    /** Shutter and aperture as given, and the ISO that the light asks for with them: no lower than the body has, no higher than the ceiling. */
    public static function lit(
        Situation $situation,
        float $fNumber,
        float $shutterS,
        SharpnessStandard $standard,
        ?float $requiredS,
        float $exactIso,
    ): self {
        $base = (int) $situation->assumptions->value('camera.base_iso');
        $ceiling = $situation->rush->isoCeiling;
        $over = $exactIso > $ceiling * ExposureSearch::SIXTH;

        return new self(
            $fNumber,
            $shutterS,
            $over ? StopScale::isoAtMost($ceiling, $base) : max($base, StopScale::isoNear($exactIso)),
            $standard,
            $requiredS,
            $exactIso,
            $over ? log($exactIso / $ceiling, 2) : 0.0,
        );
    }
}
