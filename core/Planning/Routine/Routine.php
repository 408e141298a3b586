<?php

declare(strict_types=1);

namespace RushHold\Planning\Routine;

use RushHold\Planning\Plan;

/** What to do, in order: before it comes, while it happens, and afterwards. A line is there only when this rush asks for it. */
final readonly class Routine
{
    /**
     * @param  list<RoutineLine>  $before
     * @param  list<RoutineLine>  $during
     * @param  list<RoutineLine>  $after
     */
    private function __construct(public array $before, public array $during, public array $after) {}

    public static function of(Plan $plan): self
    {
        return new self(
            (new BeforeRush($plan))->lines(),
            (new DuringRush($plan))->lines(),
            (new AfterRush($plan))->lines(),
        );
    }
}
