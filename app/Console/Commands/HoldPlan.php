<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\SchemaChecker;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\MissingField;
use RushHold\Kit\Kit;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush;
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
        if ($this->option('kit') === null) {
            throw MissingField::named('--kit');
        }
        [$rush, $faults] = $this->document($this->checker, $this->text($this->argument('rush')), 'rush');
        [$kit, $more] = $this->document($this->checker, $this->text($this->option('kit')), 'kit');
        $all = [...$faults, ...$more];
        if ($all !== []) {
            throw new FaultyDocument($all);
        }

        $plan = $this->planner->plan(Rush::fromArray($rush), Kit::fromArray($kit));

        return PlanDocument::of($plan, $this->planner->tips($plan));
    }
}
