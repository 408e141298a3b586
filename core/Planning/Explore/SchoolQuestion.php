<?php

declare(strict_types=1);

namespace RushHold\Planning\Explore;

use RushHold\Hold\HoldFields;
use RushHold\Planning\Plan;

/** The plans that each answer to one question of the schools leads to. */
final readonly class SchoolQuestion
{
    /**
     * @param  ?string  $picked  the answer the rush has
     * @param  non-empty-list<array{?string, Plan}>  $plans  answer and its plan; the first is the product's default, whose answer is null
     */
    public function __construct(public string $question, public ?string $picked, public array $plans) {}

    /** @return list<string> the fields in which a plan parts from the default's */
    public function differences(Plan $plan): array
    {
        return HoldFields::differences($this->plans[0][1]->hold, $plan->hold);
    }
}
