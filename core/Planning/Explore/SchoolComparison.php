<?php

declare(strict_types=1);

namespace RushHold\Planning\Explore;

use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rush\Schools;

/** The same rush answered by each school of practice: where they differ, and what each costs. */
final class SchoolComparison
{
    /** @return list<SchoolQuestion> one for each question; of its answers the first is the product's default */
    public static function of(Planner $planner, Plan $plan): array
    {
        $photographer = $plan->situation->rush->photographer;
        $questions = [];
        foreach (Schools::answers() as $question => $answers) {
            $plans = [];
            foreach ([null, ...$answers] as $answer) {
                $plans[] = [
                    $answer,
                    $planner->again(
                        $plan,
                        $plan->situation->rush->with(
                            photographer: $photographer->with(
                                schools: $photographer->schools->with($question, $answer),
                            ),
                        ),
                    ),
                ];
            }
            $questions[] = new SchoolQuestion($question, $photographer->schools->on($question), $plans);
        }

        return $questions;
    }
}
