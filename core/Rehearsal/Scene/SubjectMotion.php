<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Scene;

use RushHold\Motion\Pattern;
use RushHold\Planning\Situation;
use RushHold\Rush\Family;

/** How the subject of a pass moves: its speeds along and across the line of sight, and how much it jinks, fidgets, bobs and springs. */
final readonly class SubjectMotion
{
    /**
     * @param  float  $closingMps  along the lens axis where it is at the working distance, positive towards the camera
     * @param  float  $crossingMps  across it
     * @param  float  $jinkMps  spread of the speed of its jinks
     * @param  float  $jinkUp  share of them that goes up and down
     * @param  float  $fidgetM  spread of its fidgets while it sits
     * @param  float  $bobM  spread of its bob
     * @param  float  $changeMps2  how fast it changes its speed
     * @param  bool  $springs  whether it rests at first, at $restMps, and then goes
     * @param  float  $springS  how long it needs to its speed then
     * @param  float  $climbs  share of its way that goes up then
     * @param  bool  $isTyped  whether that was given with its sign, or is only usual
     */
    private function __construct(
        public float $workM,
        public float $speedMps,
        public float $closingMps,
        public float $crossingMps,
        public bool $sits,
        public float $jinkMps,
        public float $jinkUp,
        public float $fidgetM,
        public float $bobM,
        public float $changeMps2,
        public bool $isTyped,
        public bool $springs,
        public float $restMps,
        public float $springS,
        public float $climbs,
    ) {}

    /** @param  bool  $perfect  straight on, without jinks, fidgets or bob */
    public static function of(Situation $situation, Pattern $pattern, bool $perfect): self
    {
        $rush = $situation->rush;
        $travel = $rush->travel;
        $assumptions = $situation->assumptions;
        $sits = $pattern === Pattern::Still;
        $springs = $pattern === Pattern::Sudden && $rush->springs();
        $usual = match ($pattern) {
            Pattern::Still, Pattern::Steady => 0.0,
            default => $assumptions->value('pace.'.$pattern->value) * $travel->speedMps,
        };

        return new self(
            $rush->workM,
            $travel->speedMps,
            $travel->closingMps(),
            $travel->crossingMps(),
            $sits,
            // with this spread a jink carries it ε·v·reaction in the time the hand needs to answer (docs/model.md, Rehearsal)
            $perfect || $sits ? 0.0 : 1.27 * $assumptions->erraticness($pattern) * $travel->speedMps,
            in_array($rush->kind()->family, [Family::Bird, Family::Small], true)
                ? 1.0
                : $assumptions->value('aim.grounded'),
            $sits && ! $perfect ? $travel->speedMps * $assumptions->value('aim.fidget') : 0.0,
            $perfect
                ? 0.0
                : $assumptions->bob($rush->kind()->gait) * $travel->speedMps * $assumptions->value('aim.bob'),
            $travel->accelerationMps2 !== 0.0 ? $travel->accelerationMps2 : $usual,
            $travel->accelerationMps2 !== 0.0,
            $springs,
            $rush->restMps ?? 0.0,
            max(Scene::STEP_S, $assumptions->value('motion.spring')),
            $springs && $situation->rises() ? $assumptions->value('motion.climb') : 0.0,
        );
    }
}
