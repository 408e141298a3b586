<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\SchemaChecker;
use RushHold\Assumptions\Assumptions;
use RushHold\Faults\FaultyDocument;
use RushHold\Outing\Day;
use RushHold\Outing\Outing;
use RushHold\Planning\Planner;
use RushHold\Wording\Outing\DayDocument;

/** Prints an outing with its day: light, holds, order, cautions. */
final class HoldOuting extends CraftCommand
{
    protected $signature = 'hold:outing {outing : File with an outing/1 document, - for standard input}';

    protected $description = 'Prints the day of an outing as JSON';

    public function __construct(private readonly SchemaChecker $checker, private readonly Planner $planner)
    {
        parent::__construct();
    }

    protected function answer(): array
    {
        [$document, $faults] = $this->document($this->checker, $this->text($this->argument('outing')), 'outing');
        if ($faults !== []) {
            throw new FaultyDocument($faults);
        }
        $day = Day::of(Outing::fromArray($document), $this->planner, Assumptions::defaults());

        return ['day' => DayDocument::of($day)] + $document;
    }
}
