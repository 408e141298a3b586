<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Assumptions;
use RushHold\Kit\Kit;
use RushHold\Rush\Rush;
use RushHold\Units;

/** From a rush and a kit to a plan: the sum of the choosers, in an order where each may lean on the ones before. */
final readonly class Planner
{
    /** @param  list<Chooser>  $choosers */
    private function __construct(private array $choosers) {}

    public static function standard(): self
    {
        return new self([
            new FocusModeChooser, // the lag depends on it
            new StabiliserChooser, // the shake depends on it
            new ExposureChooser,
        ]);
    }

    /** @throws \RushHold\Faults\SubjectInsideClosestFocus when the lens cannot focus on the subject */
    public function plan(Rush $rush, Kit $kit, ?Assumptions $assumptions = null, Units $units = Units::Metric): Plan
    {
        $situation = Situation::of($rush, $kit, $assumptions ?? Assumptions::defaults(), $units);
        $draft = new Draft;
        foreach ($this->choosers as $chooser) {
            $draft = $chooser->choose($situation, $draft);
        }

        return Plan::of($situation, $draft);
    }
}
