<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\ManualTechnique;
use RushHold\Kit\FocusMode;

/** How many frames to expect sharp: the focus is on the right thing, and its blur stays within what counts as sharp. */
final readonly class Odds
{
    /**
     * @param  float  $kept  share of frames in which the focus is on the right thing; of a plane that is set and crossed, share of passes
     * @param  float  $still  share of those whose blur stays within the limit
     * @param  bool  $isPoor  whether that is too little to plan on, or the frames too dark to use
     * @param  bool  $ofPasses  whether passes are counted, not frames
     * @param  ?float  $darkStops  how much too dark they are, where that is more than can be brought up afterwards
     */
    private function __construct(
        public float $kept,
        public float $still,
        public bool $isPoor,
        public bool $ofPasses,
        public ?float $darkStops,
    ) {}

    public static function of(Plan $plan): self
    {
        $situation = $plan->situation;
        $kept = self::kept($plan);
        $still = $plan->frameBlur->sharpShare(
            $plan->settings->fNumber,
            $plan->settings->shutterS,
            $situation->sharpMm($plan->settings->standard),
        );

        $dark = $plan->settings->shortfallStops > $situation->assumptions->value('odds.dark');

        return new self(
            $kept,
            $still,
            $dark || $kept * $still < $situation->assumptions->value('odds.poor'),
            in_array($plan->hold->manualTechnique, [ManualTechnique::Trap, ManualTechnique::Pull], true),
            $dark ? $plan->settings->shortfallStops : null,
        );
    }

    public function share(): float
    {
        return $this->kept * $this->still;
    }

    private static function kept(Plan $plan): float
    {
        $hold = $plan->hold;
        $hand = $plan->draft->hand;
        if ($hold->focusMode !== FocusMode::Manual || $hold->manualTechnique === null || $hand === null) {
            return $hold->focusMode->follows() ? Keeping::of($plan) : $plan->draft->areaScore()->score;
        }

        // of a plane that is set, only the frames at it are counted: it is right or not
        return match ($hold->manualTechnique) {
            ManualTechnique::Follow => $hand->hit * $hand->followShare,
            default => $hand->sharpShare(),
        };
    }
}
