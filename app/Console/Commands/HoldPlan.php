<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\SchemaChecker;
use RushHold\Planning\Planner;
use RushHold\Wording\Plan\PlanDocument;

/** Prints the plan for a rush and a kit. */
final class HoldPlan extends CraftCommand
{
    protected $signature = 'hold:plan {rush : File with a rush/1 document, - for standard input} {--kit= : File with a kit/1 document, - for standard input}';

    protected $description = 'Prints the plan for a rush and a kit as JSON';

    public function __construct(private readonly SchemaChecker $checker, private readonly Planner $planner)
    {
        parent::__construct();
    }

    protected function answer(): array
    {
        $plan = $this->planner->plan(
            ...$this->rushAndKit(
                $this->checker,
                $this->text($this->argument('rush')),
                $this->text($this->option('kit')),
            ),
        );

        return PlanDocument::of($plan, $this->planner->tips($plan));
    }
}
