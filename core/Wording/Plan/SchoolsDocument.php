<?php

declare(strict_types=1);

namespace RushHold\Wording\Plan;

use RushHold\Planning\Explore\SchoolQuestion;
use RushHold\Planning\Plan;
use RushHold\Planning\Reason;
use RushHold\Wording\Reasons\ReasonWords;
use RushHold\Wording\Units;

/** Writes out how the schools of practice would answer a rush: where they differ, and what each costs. */
final class SchoolsDocument
{
    /**
     * @param  list<SchoolQuestion>  $questions
     * @return list<array{question: string, picked: ?string, differ: bool, answers: list<array<string, mixed>>}>
     */
    public static function of(array $questions, Units $units): array
    {
        $words = new ReasonWords($units);

        return array_map(static function (SchoolQuestion $question) use ($words): array {
            $answers = array_map(
                static fn (array $one): array => self::answer($question, $one[0], $one[1], $words),
                $question->plans,
            );

            return [
                'question' => $question->question,
                'picked' => $question->picked,
                'differ' => array_merge(...array_column($answers, 'differs')) !== [],
                'answers' => $answers,
            ];
        }, $questions);
    }

    /** @return array{answer: ?string, hold: array<string, mixed>, differs: list<string>, score: float, hand_share: ?float, blur_used: float, shortfall_stops: float, reasons: list<array{field: string, why: string}>} */
    private static function answer(SchoolQuestion $question, ?string $answer, Plan $plan, ReasonWords $words): array
    {
        $differs = $question->differences($plan);
        $telling = array_filter(
            $plan->draft->reasons,
            static fn (Reason $reason): bool => in_array($reason->field, $differs, true),
        );

        return [
            'answer' => $answer,
            'hold' => $plan->hold->toArray(),
            'differs' => $differs,
            'score' => $plan->draft->areaScore()->score,
            'hand_share' => $plan->draft->technique === null ? null : $plan->draft->hand?->sharpShare(),
            'blur_used' => $plan->blur->used(),
            'shortfall_stops' => $plan->settings->shortfallStops,
            'reasons' => array_map(
                static fn (Reason $reason): array => ['field' => $reason->field, 'why' => $words->why($reason)],
                array_values($telling),
            ),
        ];
    }
}
