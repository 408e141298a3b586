<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Hold\Hold;
use RushHold\Planning\Concession;
use RushHold\Planning\Plan;
use RushHold\Rush\Rush;

/** What a day keeps of a plan: a plan itself holds too much for the hundreds there are of them. */
final readonly class PlannedHold
{
    /**
     * @param  Rush  $rush  as it was planned: in the light and through the air of its moment
     * @param  list<Concession>  $concessions  what gave way
     * @param  float  $share  share of frames, or of passes, that come out
     * @param  bool  $ofPasses  whether passes are counted
     */
    private function __construct(
        public Rush $rush,
        public Hold $hold,
        public array $concessions,
        public float $shimmerMm,
        public float $share,
        public bool $ofPasses,
    ) {}

    public static function of(Plan $plan, float $share): self
    {
        return new self(
            $plan->situation->rush,
            $plan->hold,
            $plan->draft->concessions,
            $plan->blur->shimmerMm,
            $share,
            $plan->odds()->ofPasses,
        );
    }
}
