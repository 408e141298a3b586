<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

use RushHold\Hold\Hold;
use RushHold\Optics\Diffraction;
use RushHold\Planning\Plan;

/** What blurs a frame, with everything that does not change from frame to frame: the terms of the plan. */
final readonly class FrameBlurModel
{
    /**
     * @param  float  $limitMm  the largest blur that counts as sharp here
     * @param  float  $panLeft  share of the crossing speed that the pan leaves
     * @param  float  $ownMps  bob, and limbs where they must be frozen
     */
    private function __construct(
        public float $focalMm,
        public float $fNumber,
        public float $shutterS,
        public float $limitMm,
        public float $diffractionMm,
        public float $groupMm,
        public float $shakeMm,
        public float $panLeft,
        public float $ownMps,
        private float $shimmerMm,
        private float $shimmerAtM,
    ) {}

    public static function of(Plan $plan, Hold $hold): self
    {
        $situation = $plan->situation;
        $frame = $plan->frameBlur;
        $crossing = $frame->travel->crossingMps();

        return new self(
            $situation->optic->focalMm,
            $hold->fNumber,
            $hold->shutterS,
            $situation->sharpMm($plan->settings->standard),
            Diffraction::fwhmMm($hold->fNumber),
            $frame->groupMm($hold->fNumber),
            $situation->optic->focalMm * $frame->shakeRadS * $hold->shutterS,
            $crossing > 0 ? $frame->residual->panMps / $crossing : 0.0,
            hypot($frame->residual->bobMps, $frame->residual->limbMps),
            $situation->seeing->shimmerMm($situation->rush->workM),
            $situation->rush->workM,
        );
    }

    /**
     * Blur of a frame in mm: motion, shake, defocus with the depth of the group, shimmer, and all of it. The formulas are those of
     * MotionBlur and ThinLens, spelled out: a pass may run where those would refuse a distance (a test holds them together).
     *
     * @param  float  $dioptres  where the plane is, in 1/m
     * @param  float  $panScatter  how much more or less than usual the pan leaves in this frame
     * @param  float  $shakeScatter  the same of the hands
     * @param  float  $ownScatter  the same of its bob, sway and limbs
     * @return array{float, float, float, float, float}
     */
    public function blur(
        float $distanceM,
        float $dioptres,
        float $crossingMps,
        float $panScatter,
        float $shakeScatter,
        float $ownScatter = 1.0,
    ): array {
        $f = $this->focalMm;
        $pan = $crossingMps * $this->panLeft * $panScatter;
        $own = $this->ownMps * $ownScatter;
        $motion = ($f / ($distanceM * 1000 - $f)) * 1000 * $this->shutterS * sqrt($pan * $pan + $own * $own);
        $shake = $this->shakeMm * $shakeScatter;
        $off = $this->discMm($distanceM, $dioptres);
        $defocus = sqrt($off * $off + $this->groupMm ** 2);
        // the blur by turbulence goes with the distance to the power of 3/5
        $shimmer = $this->shimmerMm > 0 ? $this->shimmerMm * ($distanceM / $this->shimmerAtM) ** 0.6 : 0.0;

        return [
            $motion,
            $shake,
            $defocus,
            $shimmer,
            sqrt(
                $motion * $motion +
                    $shake * $shake +
                    $defocus * $defocus +
                    $this->diffractionMm ** 2 +
                    $shimmer * $shimmer,
            ),
        ];
    }

    /**
     * The blur disc f²·|s−q| / (N·s·(q−f)) in mm, with 1/q for q.
     *
     * @param  float  $dioptres  where the plane is, in 1/m
     */
    public function discMm(float $distanceM, float $dioptres): float
    {
        $f = $this->focalMm;

        return ($f * $f * abs(1 - $distanceM * $dioptres)) / ($this->fNumber * $distanceM * (1000 - $f * $dioptres));
    }
}
