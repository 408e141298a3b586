<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Kit\Kit;
use RushHold\Optics\BlurBudget;
use RushHold\Optics\DepthOfField;
use RushHold\Planning\Exposure\ExposureSettings;
use RushHold\Planning\Exposure\PlannedBlur;

/** The answer to a rush: what to set, the numbers it rests on, the reasons. {@see PlanDocument} writes it as plan/1. */
final readonly class Plan
{
    /** @param  list<string>  $restsOn  names of the assumed figures that were read for it: no other can change it */
    private function __construct(
        public Situation $situation,
        public HoldDraft $draft,
        public ExposureSettings $settings,
        public PlannedBlur $frameBlur,
        public BlurBudget $blur,
        public DepthOfField $depth,
        public Hold $hold,
        public Kit $kit,
        public array $restsOn,
    ) {}

    /** @param  Kit  $kit  as it was given, before the zoom was set */
    public static function of(Situation $situation, HoldDraft $draft, Kit $kit): self
    {
        $settings = $draft->settings ?? throw new \LogicException('A plan needs its exposure chosen.');
        $frameBlur = PlannedBlur::of($situation, $draft);

        return new self(
            $situation,
            $draft,
            $settings,
            $frameBlur,
            $frameBlur->budget($settings->fNumber, $settings->shutterS, $settings->standard),
            $situation->optic->depthOfField(
                $settings->fNumber,
                $situation->rush->workM,
                $situation->limitMm($settings->standard),
            ),
            $draft->hold($situation->kit),
            $kit,
            $situation->assumptions->read(),
        );
    }

    public function odds(): Odds
    {
        return Odds::of($this);
    }

    /** Subject's length over the frame's width. */
    public function subjectFraction(): float
    {
        return ($this->situation->rush->subject->lengthM * 1000 * $this->situation->magnification) /
            $this->situation->kit->body->sensor->widthMm;
    }

    /** Seconds it takes to cross the frame of a camera that does not move; infinite when it does not cross. */
    public function frameCrossingS(): float
    {
        $crossing = $this->situation->rush->travel->crossingMps();
        $frameM = $this->situation->kit->body->sensor->widthMm / $this->situation->magnification / 1000;

        return $crossing > 0 ? $frameM / $crossing : INF;
    }
}
