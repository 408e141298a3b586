<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Assumptions\Assumptions;
use RushHold\Light\Daylight;
use RushHold\Light\Fog;
use RushHold\Light\Turbulence;
use RushHold\Rush\Rush;
use RushHold\Rush\Sky;

/** What the air on the way to the subject does to its picture: it trembles over warm ground, and haze takes contrast. */
final readonly class Seeing
{
    private function __construct(
        private Assumptions $assumptions,
        private float $focalMm,
        /** Null where nobody has said what the line of sight runs over. */
        public ?Turbulence $turbulence,
        /** The altitude of the sun it is reckoned with, in degrees; null without turbulence. */
        public ?float $sunDeg,
        private ?float $visibilityM,
    ) {}

    public static function of(Rush $rush, Assumptions $assumptions, float $focalMm): self
    {
        $air = $rush->air;
        if ($air->ground === null) {
            return new self($assumptions, $focalMm, null, null, $air->visibilityM);
        }
        $sky = $air->sky ?? Sky::Clear;
        $sunDeg = $air->sunDeg ?? (new Daylight($assumptions))->altitudeDeg($rush->ev100, $sky);

        return new self(
            $assumptions,
            $focalMm,
            Turbulence::over(
                $air->ground,
                $sunDeg,
                $sky,
                $air->windMps ?? $assumptions->value('air.calm'),
                $air->heightM ?? $assumptions->value('air.height'),
                $assumptions,
            ),
            $sunDeg,
            $air->visibilityM,
        );
    }

    /** Blur by shimmer on the sensor from so far, in mm; 0 where nothing was said. */
    public function shimmerMm(float $distanceM): float
    {
        return $this->turbulence?->blurMm($this->focalMm, $distanceM) ?? 0.0;
    }

    /** How far one may shoot until shimmer alone takes the whole of a limit, in metres; infinite where nothing was said. */
    public function reachM(float $limitMm): float
    {
        return $this->turbulence?->reachM($this->focalMm, $limitMm) ?? INF;
    }

    /** Share of contrast that haze leaves over a distance. */
    public function clearness(float $distanceM): float
    {
        return $this->visibilityM === null ? 1.0 : Fog::contrast($this->visibilityM, $distanceM);
    }

    /** How far one may shoot until haze leaves no more than such a share, in metres; infinite where nothing was said. */
    public function clearToM(float $contrast): float
    {
        return $this->visibilityM === null ? INF : Fog::reachM($this->visibilityM, $contrast);
    }

    /** Share of contrast that autofocus has to work with: what haze leaves, washed out by shimmer beyond what counts as sharp. */
    public function contrast(float $distanceM, float $limitMm): float
    {
        $clear = $this->clearness($distanceM);

        return $this->turbulence === null
            ? $clear
            : $clear /
                    (1 + ($this->shimmerMm($distanceM) / ($this->assumptions->value('air.wash') * $limitMm)) ** 2);
    }

    /** How much of its work autofocus can still do with this contrast: 1 until it hunts, then falling to 0 with the contrast. */
    public function ease(float $contrast): float
    {
        return $this->isStill() ? 1.0 : min(1.0, $contrast / $this->assumptions->value('air.hunts'));
    }

    /** How many times as long autofocus takes with this contrast. */
    public function slower(float $contrast): float
    {
        return $this->isStill()
            ? 1.0
            : 2 **
                    min(
                        5.0,
                        max(0.0, $this->assumptions->value('air.hunts') - $contrast) /
                            $this->assumptions->value('air.hunt_half'),
                    );
    }

    /** Whether nobody has said anything of the air. */
    public function isStill(): bool
    {
        return $this->turbulence === null && $this->visibilityM === null;
    }
}
