<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Focus;

use RushHold\Hold\Hold;
use RushHold\Optics\SharpnessStandard;
use RushHold\Planning\Situation;
use RushHold\Rehearsal\Scene\Scene;

/** How autofocus follows what it has taken, how long it waits when it has lost it, and how long it needs to find it again. */
final readonly class Tracking
{
    /**
     * @param  float  $waitS  before it takes something else
     * @param  float  $leadS  how far it leads: the share of the lag that it predicts
     * @param  float  $lagS  from a measurement to the frame
     * @param  float  $scatter  of one measurement over the distance squared, in 1/m
     * @param  Gains  $gains  how much of each measurement it believes
     * @param  float  $glimpseS  to take a subject that is almost sharp
     * @param  float  $acquireS  more for one that is soft
     * @param  float  $recoverS  more for one that is lost
     * @param  float  $soft  blur, as a share of the frame, that counts as soft
     * @param  float  $lost  blur, as a share of the frame, that counts as lost
     * @param  float  $grabS  to take something in front
     * @param  float  $behindS  to take what is behind
     * @param  bool  $seesBehind  whether there is anything behind to focus on
     */
    private function __construct(
        public float $waitS,
        public float $leadS,
        public float $lagS,
        public float $scatter,
        public Gains $gains,
        public float $glimpseS,
        public float $acquireS,
        public float $recoverS,
        public float $soft,
        public float $lost,
        public float $grabS,
        public float $behindS,
        public bool $seesBehind,
    ) {}

    public static function with(Situation $situation, Scene $scene, Hold $hold): self
    {
        $body = $situation->kit->body;
        $pace = $hold->pace ?? 1;
        $workM = $situation->rush->workM;
        $halfDepthM = $situation->optic
            ->depthOfField($situation->kit->widestF(), $workM, $situation->limitMm(SharpnessStandard::Detail))
            ->nearSideM($workM);
        $slower = $situation->focusSlower();
        $glimpseS = max(Scene::STEP_S, $scene->value('rehearse.glimpse') * $slower);
        $acquireS = $scene->value('af.acquire') * $slower;

        return new self(
            $situation->waitS($hold->stay),
            $scene->value('focus.prediction') * $body->afLagS,
            $body->afLagS,
            $scene->perfect ? 0.0 : (($scene->value('rehearse.measures') * $halfDepthM) / $workM ** 2) * sqrt($slower),
            Gains::of($scene->value('rehearse.memory.'.$pace), $pace === 2),
            $glimpseS,
            max(0.0, $acquireS - $glimpseS),
            max(0.0, $scene->value('af.recover') * $slower - $acquireS),
            $scene->value('rehearse.soft'),
            $scene->value('rehearse.lost'),
            max(Scene::STEP_S, $scene->value('rehearse.grab')),
            max(Scene::STEP_S, $acquireS),
            $situation->seesBehind(),
        );
    }
}
