<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

use RushHold\Hold\ManualTechnique;
use RushHold\Hold\StabiliserUse;
use RushHold\Motion\FocusLag;
use RushHold\Motion\FrameSpread;
use RushHold\Motion\MotionBlur;
use RushHold\Motion\ResidualSpeed;
use RushHold\Motion\Travel;
use RushHold\Optics\BlurBudget;
use RushHold\Optics\Diffraction;
use RushHold\Optics\SharpnessStandard;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Planning\TrapPlan;
use RushHold\Rush\Sure;

/** The blur of one frame of this situation for any aperture and shutter, once focus mode and stabiliser are chosen. */
final readonly class PlannedBlur
{
    /**
     * @param  float  $magnification  where the frame is taken: at the working distance, or at the plane of a trap
     * @param  Travel  $travel  how it goes there
     */
    private function __construct(
        private Situation $situation,
        public float $magnification,
        public Travel $travel,
        public ResidualSpeed $residual,
        public float $lagErrorM,
        public float $shakeRadS,
        public float $prediction,
        private float $groupNearM,
        private float $groupFarM,
        public FrameSpread $spread,
        private float $rateMmS,
        public float $shimmerMm,
    ) {}

    public static function of(Situation $situation, HoldDraft $draft): self
    {
        $rush = $situation->rush;
        $follows = $draft->focusMode?->follows() === true;
        $prediction = $follows ? $situation->assumptions->value('focus.prediction') : 0.0;
        $stops = $draft->stabiliser === StabiliserUse::Off ? 0.0 : $situation->kit->lens->stabiliserStops;
        $half = $rush->subject->depthSpreadM / 2;

        // a trap takes its frames at its own plane, which may be nearer, and where it may pass square
        $trap =
            $draft->technique === ManualTechnique::Trap && $rush->moves()
                ? TrapPlan::along($situation, $situation->kit->widestF())
                : null;
        $travel =
            $trap === null
                ? $rush->travel
                : Travel::of(
                    $rush->travel->speedMps,
                    min(180.0, max(0.0, $trap->bearingDeg)),
                    $rush->travel->accelerationMps2,
                );

        $magnification =
            $trap === null ? $situation->magnification : $situation->optic->magnification($trap->distanceM);
        $residual =
            $trap === null ? $situation->residual : Situation::residualOf($rush, $travel, $situation->assumptions);
        $shakeRadS = $situation->assumptions->shake($rush->photographer->support) / 2 ** $stops;
        $spread = self::spreadOf($situation, $magnification, $residual, $shakeRadS);

        return new self(
            $situation,
            $magnification,
            $travel,
            $residual,
            // a hand that focuses has its own lag, which the technique answers; the plane it sets is taken as right
            $draft->technique === null
                ? FocusLag::errorM($rush->travel, $rush->workM, $situation->kit->body->afLagS, $prediction)
                : 0.0,
            $shakeRadS,
            $prediction,
            max($rush->workM - $half, ($situation->optic->focalMm / 1000) * 1.01),
            $rush->workM + $half,
            $spread,
            match ($rush->sure) {
                null, Sure::Half => $spread->usualMmS(),
                default => $spread->reachedBy($rush->sure->share()),
            },
            $situation->seeing->shimmerMm($trap === null ? $rush->workM : $trap->distanceM),
        );
    }

    private static function spreadOf(
        Situation $situation,
        float $magnification,
        ResidualSpeed $residual,
        float $shakeRadS,
    ): FrameSpread {
        return new FrameSpread(
            $magnification * $residual->panMps * 1000,
            $magnification * hypot($residual->bobMps, $residual->limbMps) * 1000,
            $situation->optic->focalMm * $shakeRadS,
            $situation->assumptions->value('rehearse.scatter'),
        );
    }

    /** The shutter in seconds that the budget would allow while it still rests, before it goes; null when it does not rest. */
    public function restShutterS(float $fNumber, float $limitMm): ?float
    {
        $resting = $this->situation->resting();
        if ($resting === null) {
            return null;
        }
        $rate = self::spreadOf($this->situation, $this->magnification, $resting, $this->shakeRadS)->usualMmS();
        $left =
            $limitMm ** 2 - Diffraction::fwhmMm($fNumber) ** 2 - $this->groupMm($fNumber) ** 2 - $this->shimmerMm ** 2;

        return $left > 0 && $rate > 0 ? sqrt($left) / $rate : null;
    }

    /** Share of frames whose blur stays within the limit. */
    public function sharpShare(float $fNumber, float $shutterS, float $limitMm): float
    {
        $left = $limitMm ** 2 - $this->fixedMm($fNumber) ** 2;

        return $left <= 0 ? 0.0 : $this->spread->share(sqrt($left) / $shutterS);
    }

    /** Where to focus so that both ends of a group are equally sharp, in metres: the harmonic mean of the ends. */
    public function groupFocusM(): float
    {
        return (2 * $this->groupNearM * $this->groupFarM) / ($this->groupNearM + $this->groupFarM);
    }

    /** Largest blur of the group's ends by their depth alone, in mm. */
    public function groupMm(float $fNumber): float
    {
        return $this->groupFarM > $this->groupNearM
            ? $this->situation->optic->blurDiscMm($fNumber, $this->groupNearM, $this->groupFocusM())
            : 0.0;
    }

    /** Blur by the focus error over the lag, in mm: the lens trails behind the subject. */
    public function lagMm(float $fNumber): float
    {
        $workM = $this->situation->rush->workM;
        $closing = $this->situation->rush->travel->closingMps() > 0;
        $focusM = $closing ? $workM + $this->lagErrorM : $workM - $this->lagErrorM;

        return $this->situation->optic->blurDiscMm(
            $fNumber,
            $workM,
            max($focusM, ($this->situation->optic->focalMm / 1000) * 1.01),
        );
    }

    /** Blur that no shutter can mend, in mm: focus lag, depth of the group, diffraction, shimmer. */
    public function fixedMm(float $fNumber): float
    {
        return sqrt(
            $this->lagMm($fNumber) ** 2 +
                $this->groupMm($fNumber) ** 2 +
                Diffraction::fwhmMm($fNumber) ** 2 +
                $this->shimmerMm ** 2,
        );
    }

    /** Blur that grows with the shutter, in mm a second: motion and shake, in as many frames as the rush wants to be sure of. */
    public function rateMmS(): float
    {
        return $this->rateMmS;
    }

    /**
     * Longest shutter in seconds that keeps the total within the limit; null when the fixed blur alone exceeds it.
     *
     * @param  ?Sure  $sure  in how many frames; as the rush has it when null
     */
    public function requiredShutterS(float $fNumber, float $limitMm, ?Sure $sure = null): ?float
    {
        $left = $limitMm ** 2 - $this->fixedMm($fNumber) ** 2;
        if ($left <= 0) {
            return null;
        }
        $rate = $sure === null ? $this->rateMmS : $this->spread->reachedBy($sure->share());

        return $rate > 0 ? sqrt($left) / $rate : INF;
    }

    public function budget(float $fNumber, float $shutterS, SharpnessStandard $standard): BlurBudget
    {
        return new BlurBudget(
            limitMm: $this->situation->limitMm($standard),
            motionMm: MotionBlur::ofSubjectMm($this->magnification, $this->residual->totalMps(), $shutterS),
            shakeMm: MotionBlur::ofShakeMm($this->situation->optic->focalMm, $this->shakeRadS, $shutterS),
            defocusMm: hypot($this->lagMm($fNumber), $this->groupMm($fNumber)),
            diffractionMm: Diffraction::fwhmMm($fNumber),
            shimmerMm: $this->shimmerMm,
        );
    }
}
