<?php

declare(strict_types=1);

namespace App\Rehearsals;

use App\Models\RunRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Runs\RunHandler;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Sweep\Grid;
use RushHold\Rehearsal\Sweep\Sweep;

/** Sweeps of settings, a few passes at a time. */
final readonly class SweepRuns implements RunHandler
{
    /** Passes of a sweep. */
    private const PASSES = 100;

    public function __construct(private PlanCache $plans) {}

    public function atOnce(): int
    {
        return 1;
    }

    public function kept(): int
    {
        return 6;
    }

    public function fingerprint(RunRecord $run): ?string
    {
        $rush = self::rush($run);

        return $rush === null ? null : $this->plans->fingerprint($rush, $run->user);
    }

    public function work(RunRecord $run): SweepWork
    {
        $rush = self::rush($run) ?? throw new \LogicException('A sweep whose rush is gone is overtaken.');

        $sweep = $this->over($rush, $run->user, $run->topic, $run->whole);
        $sweep->resume($run->state ?? []);

        return new SweepWork($sweep);
    }

    /**
     * A sweep round the plan of a rush, not yet begun.
     *
     * @param  string  $grid  tracking or exposure
     *
     * @throws \RushHold\Faults\Fault when there is no plan, or the grid is not for its hold
     */
    public function over(RushRecord $rush, User $user, string $grid, int $passes = self::PASSES): Sweep
    {
        $plan = $this->plans->planOf($rush, $user);

        return Sweep::over(Rehearsal::of($plan), $plan->hold, Grid::of($grid, $plan, $plan->hold), $passes);
    }

    private static function rush(RunRecord $run): ?RushRecord
    {
        return $run->user->rushes()->with(RushRecord::WITH_KIT)->find($run->subject_id);
    }
}
