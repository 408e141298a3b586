<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Scene;

use RushHold\Framing\AimWander;
use RushHold\Planning\Choosers\PlaceChooser;
use RushHold\Planning\Plan;
use RushHold\Rush\Follow;

/** How a person's aim follows a subject: its spread at rest, its lateness in a pan, how long a slip takes to mend, and what the frame takes in. */
final readonly class AimModel
{
    /**
     * @param  float  $restRad  spread of the aim at rest
     * @param  float  $lateS  spread of its lateness when it pans
     * @param  float  $lateUp  share of that which goes up and down
     * @param  float  $entryM  spread of where the subject comes in, sideways
     * @param  float  $entryUpM  the same, upwards
     * @param  float  $regainS  time to come back from a slip
     * @param  float  $reactionS  time to answer a jink
     * @param  float  $halfFrameRad  half of what the frame takes in, sideways
     * @param  float  $halfFrameUpRad  the same, upwards
     * @param  float  $besideRad  how far right of the middle of the frame the target is put
     * @param  float  $highRad  how far above it
     */
    private function __construct(
        public float $restRad,
        public float $lateS,
        public float $lateUp,
        public float $entryM,
        public float $entryUpM,
        public float $regainS,
        public float $reactionS,
        public float $halfFrameRad,
        public float $halfFrameUpRad,
        public float $besideRad,
        public float $highRad,
    ) {}

    public static function of(Plan $plan, bool $perfect): self
    {
        $situation = $plan->situation;
        $rush = $situation->rush;
        $assumptions = $situation->assumptions;
        $skill = $rush->photographer->skill->value;
        [$entryX, $entryY] =
            $perfect || $rush->intent->follow !== Follow::WhoeverEnters
                ? [0.0, 0.0]
                : AimWander::entry($rush, $assumptions->value('aim.entry'));

        [$aimX, $aimY] = PlaceChooser::aimAt($plan);

        return new self(
            $perfect ? 0.0 : $assumptions->value('aim.'.$rush->photographer->support->value),
            $perfect
                ? 0.0
                : $assumptions->value($rush->photographer->panning ? 'aim.late.'.$skill : 'aim.late.unpanned'),
            $assumptions->value('aim.upwards'),
            $entryX * $situation->framing->frameWidthM,
            $entryY * $situation->framing->frameHeightM,
            max(Scene::STEP_S, $assumptions->value('aim.recover.'.$skill)),
            $assumptions->value('person.reaction'),
            $situation->framing->frameWidthM / $rush->workM / 2,
            $situation->framing->frameHeightM / $rush->workM / 2,
            $perfect ? 0.0 : (($aimX - 0.5) * $situation->framing->frameWidthM) / $rush->workM,
            $perfect ? 0.0 : ((0.5 - $aimY) * $situation->framing->frameHeightM) / $rush->workM,
        );
    }
}
