<?php

declare(strict_types=1);

namespace RushHold\Shoot;

use RushHold\Rush\Background;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Sharpness\Judge;
use RushHold\Sharpness\Standard;

/** What is true of a shot, told by the rules a frame is judged by. */
final readonly class Truth
{
    /** Light on the sensor from which on a frame is too dark or too bright, in stops from metered. */
    private const DARK = -3.5;

    private const BRIGHT = 2.0;

    /** What stands in front is seen where it takes so much of the frame's width. */
    private const SEEN = 0.1;

    private float $limitPx;

    private Judge $judge;

    public function __construct(private Shooting $shooting)
    {
        $plan = $shooting->plan;
        $standardMm = $plan->situation->sharpMm($plan->settings->standard);
        $this->limitPx = max(Standard::MEASURABLE_PX, $shooting->film->px($standardMm));
        $this->judge = new Judge($this->limitPx);
    }

    public function limitPx(): float
    {
        return $this->limitPx;
    }

    public function verdict(Shot $shot): FrameVerdict
    {
        $subject = $shot->subject->found();
        $around = $this->hasPattern() ? $shot->around->found() : null;
        $total = $subject->totalPx();
        $sharper = static fn (Smear $smear): float => $smear->found()->totalPx();
        $isElsewhere =
            ($around !== null && $this->judge->isSharper($around->totalPx(), $total)) ||
            ($shot->inFrontShare($this->shooting->film) >= self::SEEN &&
                $this->judge->isSharper($sharper($shot->inFront), $total));
        [$film, $outline] = [$this->shooting->film, $this->shooting->outline];

        return match (true) {
            $shot->patch($film, $outline) === null, $shot->isCovered($film, $outline) => FrameVerdict::Out,
            $shot->stops <= self::DARK => FrameVerdict::Dark,
            $shot->stops >= self::BRIGHT => FrameVerdict::Bright,
            $total <= $this->limitPx => $this->judge->isPanned($around) ? FrameVerdict::Panned : FrameVerdict::Sharp,
            default => Judge::cause($subject, $around, $isElsewhere),
        };
    }

    /** Whether anything stands behind that could be sharp or streak. */
    private function hasPattern(): bool
    {
        return $this->shooting->plan->situation->rush->clutter->background !== Background::Clean;
    }
}
