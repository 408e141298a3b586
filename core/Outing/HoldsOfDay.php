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

    /** @var array<string, array{Moment, ?PlannedHold}> by what a plan can tell apart: the first such moment, and its plan */
    private array $planned = [];

    public function __construct(
        private readonly Outing $outing,
        private readonly Conditions $conditions,
        private readonly Planner $planner,
        private readonly Assumptions $assumptions,
    ) {}

    /** @return array<int, HoldStep> by the number of its five minutes since the outing began: those in which it may happen while the outing lasts */
    public function of(Expected $expected): array
    {
        $steps = [];
        foreach ($this->moments($expected) as $number => [$moment, $fromS, $untilS]) {
            $steps[$number] = $this->step($expected, $moment, $fromS, $untilS);
        }

        return $steps;
    }

    /**
     * The moment that is planned for where a rush is looked at in one: the first of its hours that a plan cannot tell from it, as the day
     * has it; the moment itself where it is not expected then.
     */
    public function planFor(Expected $expected, float $unixS): Moment
    {
        $now = $this->conditions->at($unixS, $expected->spot);
        $signature = $expected->signature($now);
        foreach ($this->moments($expected) as [$moment]) {
            if ($expected->signature($moment) === $signature) {
                return $moment;
            }
        }

        return $now;
    }

    /** @return \Generator<int, array{Moment, float, float}> by number: the moment its five minutes begin, from and until when it may happen in them */
    private function moments(Expected $expected): \Generator
    {
        $window = $this->outing->window;
        for ($number = 0, $at = $window->fromS; $at < $window->untilS; $number++, $at += self::STEP_S) {
            $ends = min($at + self::STEP_S, $window->untilS);
            $parts = [];
            foreach ($expected->hours as $hours) {
                if ($hours->sharedS($at, $ends) > 0) {
                    $parts[] = [max($at, $hours->fromS), min($ends, $hours->untilS)];
                }
            }
            if ($parts !== []) {
                yield $number => [
                    $this->conditions->at($at, $expected->spot),
                    min(array_column($parts, 0)),
                    max(array_column($parts, 1)),
                ];
            }
        }
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
        [$dark, $short] = [$this->assumptions->value('odds.dark'), $plan->settings->shortfallStops];
        $lit = $short > 0 ? max(0.0, 1 - $short / max($dark, 1e-9)) : 1.0;

        return $odds->kept * ($asked + $this->assumptions->value('outing.softer') * ($odds->still - $asked)) * $lit;
    }

    private function step(Expected $expected, Moment $moment, float $fromS, float $untilS): HoldStep
    {
        $key = $expected->id."\n".$expected->signature($moment);
        [$planFor, $planned] = $this->planned[$key] ??= [$moment, $this->plan($expected, $moment)];
        if ($planned === null) {
            return new HoldStep($moment, $fromS, $untilS, $planFor, null, 0.0, 0.0);
        }

        return new HoldStep(
            $moment,
            $fromS,
            $untilS,
            $planFor,
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
