<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\ManualTechnique;
use RushHold\Motion\Pattern;
use RushHold\Rush\Route;
use RushHold\Technique\BreakEven;
use RushHold\Technique\HandFollow;

/** What the hand can do here: sharp frames to expect of trap, pull and follow, and the hit rate at which autofocus overtakes it. */
final readonly class HandWork
{
    /**
     * @param  float  $hit  how often a first try by hand hits
     * @param  float  $breakEven  AF hit rate above which autofocus starts sooner; below 0 it always does, above 1 the hand does
     * @param  ?TrapPlan  $trap  null when the way is not known or nothing moves
     * @param  float  $pullFrames  sharp frames of one sweep
     * @param  float  $sweepMps  how fast the plane sweeps through the scene
     * @param  float  $followShare  share of frames in focus while the ring follows
     * @param  float  $followFrames  sharp frames in the window the moment lasts
     */
    private function __construct(
        public float $hit,
        public float $breakEven,
        public ?TrapPlan $trap,
        public float $pullFrames,
        public float $sweepMps,
        public float $followShare,
        public float $followFrames,
        private Pattern $pattern,
        private float $windowFrames,
    ) {}

    public static function of(Situation $situation, float $fNumber): self
    {
        $assumptions = $situation->assumptions;
        $rush = $situation->rush;
        $skill = $rush->photographer->manualSkill;
        $hit =
            $assumptions->value('hand.hit_least') +
            ($assumptions->value('hand.hit_most') - $assumptions->value('hand.hit_least')) * $skill;
        $depth = $situation->optic->depthOfField($fNumber, $rush->workM, $situation->limitMm($rush->standard));
        $closing = $rush->travel->closingMps();
        $sweepMps = max(0.01, $rush->farM - $rush->nearM) / $assumptions->value('hand.sweep');
        $fps = $situation->kit->body->fps;
        $pullS = $depth->depthM() / (abs($closing) + $sweepMps);
        $windowFrames = $fps * $assumptions->value('hand.window');
        $share = HandFollow::sharpShare(
            $depth->nearSideM($rush->workM),
            $closing,
            $assumptions->value('hand.lag') * (1 - $assumptions->value('hand.practised') * $skill),
        );

        return new self(
            $hit,
            BreakEven::afHit(
                $assumptions->value('af.acquire'),
                $assumptions->value('af.recover'),
                $assumptions->value('hand.acquire'),
                $assumptions->value('hand.correct'),
                $hit,
            ),
            $rush->route === Route::Known && $rush->moves() ? TrapPlan::along($situation, $fNumber) : null,
            min($windowFrames, $fps * $pullS),
            $sweepMps,
            $share,
            $windowFrames * $share,
            $rush->pattern,
            $windowFrames,
        );
    }

    /** The technique with the most sharp frames that the behaviour allows. */
    public function best(): ManualTechnique
    {
        return match (true) {
            $this->pattern === Pattern::Sudden => ManualTechnique::Pull, // there is no time to set a plane or to follow
            $this->trap !== null => ManualTechnique::Trap,
            $this->pullFrames > $this->followFrames => ManualTechnique::Pull,
            default => ManualTechnique::Follow,
        };
    }

    /** Sharp frames to expect of the best technique when it hits, and how often it hits, as one chance of a sharp frame. */
    public function sharpShare(): float
    {
        return $this->hit *
            match ($this->best()) {
                ManualTechnique::Trap => $this->trap?->pOne() ?? 0.0,
                ManualTechnique::Pull => min(1.0, $this->pullFrames),
                ManualTechnique::Follow => $this->followShare,
            };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'best' => $this->best()->value,
            'hit' => $this->hit,
            'break_even_af_hit' => $this->breakEven,
            'trap' => $this->trap?->toArray(),
            'pull' => ['frames' => $this->pullFrames, 'sweep_mps' => $this->sweepMps],
            'follow' => [
                'share' => $this->followShare,
                'frames' => $this->followFrames,
                'window_frames' => $this->windowFrames,
            ],
        ];
    }
}
