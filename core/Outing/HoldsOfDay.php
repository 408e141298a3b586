<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Assumptions\Assumptions;
use RushHold\Faults\Fault;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;

/** A rush planned along its hours, with as few plans as the light needs. */
final class HoldsOfDay
{
    /** Between two moments that are looked at, in seconds. */
    public const STEP_S = 300.0;

    /** @var array<string, ?PlannedHold> by what a plan can tell apart */
    private array $planned = [];

    public function __construct(
        private readonly Outing $outing,
        private readonly Conditions $conditions,
        private readonly Planner $planner,
        private readonly Assumptions $assumptions,
    ) {}

    /** @return list<HoldStep> in order of time, one every five minutes of the hours in which it may happen and the outing lasts */
    public function of(Expected $expected): array
    {
        $steps = [];
        for ($at = $this->outing->fromS; $at <= $this->outing->untilS; $at += self::STEP_S) {
            if ($expected->mayHappenAt($at)) {
                $steps[] = $this->step($expected, $this->conditions->at($at, $expected->spot));
            }
        }

        return $steps;
    }

    /**
     * Share of frames, or of passes, that come out: sharp as was asked for, and some of those that are so by a softer standard alone;
     * what is darker than can be brought up is lost, what is less dark loses some of its worth.
     */
    private function share(Plan $plan): float
    {
        $odds = $plan->odds();
        $situation = $plan->situation;
        $asked = min(
            $odds->still,
            $plan->frameBlur->sharpShare(
                $plan->settings->fNumber,
                $plan->settings->shutterS,
                $situation->sharpMm($situation->rush->standard),
            ),
        );
        $dark = $this->assumptions->value('odds.dark');
        $lit = $dark > 0 ? max(0.0, 1 - $plan->settings->shortfallStops / $dark) : 1.0;

        return $odds->kept * ($asked + $this->assumptions->value('outing.softer') * ($odds->still - $asked)) * $lit;
    }

    private function step(Expected $expected, Moment $moment): HoldStep
    {
        $key = $expected->id."\n".$expected->signature($moment);
        if (! array_key_exists($key, $this->planned)) {
            $this->planned[$key] = $this->plan($expected, $moment);
        }
        $planned = $this->planned[$key];
        if ($planned === null) {
            return new HoldStep($moment, null, 0.0, 0.0);
        }

        return new HoldStep(
            $moment,
            $planned,
            $planned->share,
            $planned->share *
                ($planned->ofPasses ? 1.0 : $this->assumptions->value('outing.frames')) *
                $expected->perHour *
                $expected->importance,
        );
    }

    /** Null where the lens cannot focus on it. */
    private function plan(Expected $expected, Moment $moment): ?PlannedHold
    {
        try {
            $plan = $this->planner->plan(
                $expected->at($moment, $this->outing->place),
                $expected->kit,
                $this->assumptions,
            );
        } catch (Fault) {
            return null;
        }

        return PlannedHold::of($plan, $this->share($plan));
    }
}
