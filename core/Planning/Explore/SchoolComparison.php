<?php

declare(strict_types=1);

namespace RushHold\Planning\Explore;

use RushHold\Hold\Hold;
use RushHold\Planning\HoldWords;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Planning\Reason;
use RushHold\Rush\Schools;

/** The same rush answered by each school of practice: where they differ, and what each costs. */
final class SchoolComparison
{
    /**
     * @return list<array{question: string, picked: ?string, differ: bool, answers: list<array<string, mixed>>}>
     *                                                                                                          one entry a question; of answers the first is the product's default (answer null)
     */
    public static function of(Planner $planner, Plan $plan): array
    {
        $photographer = $plan->situation->rush->photographer;
        $questions = [];
        foreach (Schools::answers() as $question => $answers) {
            $plans = [];
            foreach ([null, ...$answers] as $answer) {
                $plans[] = [$answer, $planner->again($plan, $plan->situation->rush->with(photographer: $photographer->with(schools: $photographer->schools->with($question, $answer))))];
            }
            $default = $plans[0][1];
            $compared = array_map(static fn (array $one): array => self::answer($one[0], $one[1], $default->hold), $plans);
            $questions[] = [
                'question' => $question, 'picked' => $photographer->schools->on($question),
                'differ' => array_merge(...array_column($compared, 'differs')) !== [], 'answers' => $compared,
            ];
        }

        return $questions;
    }

    /** @return array{answer: ?string, hold: array<string, mixed>, differs: list<string>, score: float, hand_share: ?float, blur_used: float, shortfall_stops: float, reasons: list<array{field: string, why: string}>} */
    private static function answer(?string $answer, Plan $plan, Hold $default): array
    {
        return [
            'answer' => $answer, 'hold' => $plan->hold->toArray(), 'differs' => HoldWords::differences($default, $plan->hold),
            'score' => $plan->draft->areaScore()->score, 'hand_share' => $plan->draft->technique === null ? null : $plan->draft->hand?->sharpShare(),
            'blur_used' => $plan->blur->used(), 'shortfall_stops' => $plan->settings->shortfallStops,
            'reasons' => array_map(static fn (Reason $reason): array => ['field' => $reason->field, 'why' => $reason->why()], array_values(array_filter(
                $plan->draft->reasons, static fn (Reason $reason): bool => in_array($reason->field, HoldWords::differences($default, $plan->hold), true),
            ))),
        ];
    }
}
