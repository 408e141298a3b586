<?php

declare(strict_types=1);

namespace App\Rehearsals;

use App\Models\RunRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;
use Illuminate\Database\Eloquent\Collection;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Sweep\Grid;
use RushHold\Rehearsal\Sweep\Sweep;

/** Sweeps of settings in the background, a few passes at a time. */
final readonly class Sweeps extends RunKind
{
    /** Passes of a sweep. */
    private const PASSES = 100;

    /** Sweeps looked through for the last of each grid. */
    private const LOOK = 12;

    public function __construct(private Runs $runs, private PlanCache $plans) {}

    public function kept(): int
    {
        return 6;
    }

    public function resume(RunRecord $run): ?SweepWork
    {
        $rush = $run->user->rushes()->with(RushRecord::WITH_KIT)->find($run->subject_id);
        if ($rush === null || $this->plans->fingerprint($rush, $run->user) !== $run->fingerprint) {
            return null;
        }
        $sweep = $this->over($rush, $run->user, $run->topic, $run->whole);
        $sweep->resume($run->state ?? []);

        return new SweepWork($sweep);
    }

    /**
     * Begins a sweep; any other that the account still has under way is cancelled.
     *
     * @param  string  $grid  tracking or exposure
     *
     * @throws \RushHold\Faults\Fault when there is no plan, or the grid is not for its hold
     */
    public function begin(RushRecord $rush, User $user, string $grid): RunRecord
    {
        $work = new SweepWork($this->over($rush, $user, $grid));

        return $this->runs->begin(
            $user,
            RunKinds::SWEEP,
            $work,
            $this->plans->fingerprint($rush, $user),
            $rush->id,
            $grid,
        );
    }

    /** @return list<RunRecord> the last sweep of each grid, without what is needed to go on */
    public function last(RushRecord $rush): array
    {
        $columns = [
            'id',
            'topic',
            'subject_id',
            'fingerprint',
            'status',
            'whole',
            'done',
            'reading',
            'problem',
            'beat_at',
        ];

        /** @var Collection<int, RunRecord> $found */
        $found = RunRecord::query()
            ->select($columns)
            ->where('kind', RunKinds::SWEEP)
            ->where('subject_id', $rush->id)
            ->orderByDesc('created_at')
            ->limit(self::LOOK)
            ->get();

        return array_values($found->unique('topic')->all());
    }

    /**
     * A sweep round the plan of a rush, not yet begun.
     *
     * @param  string  $grid  tracking or exposure
     *
     * @throws \RushHold\Faults\Fault when there is no plan, or the grid is not for its hold
     */
    private function over(RushRecord $rush, User $user, string $grid, int $passes = self::PASSES): Sweep
    {
        $plan = $this->plans->planOf($rush, $user);

        return Sweep::over(Rehearsal::of($plan), $plan->hold, Grid::of($grid, $plan, $plan->hold), $passes);
    }
}
