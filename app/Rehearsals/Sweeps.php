<?php

declare(strict_types=1);

namespace App\Rehearsals;

use App\Models\RunRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Runs\RunHandlers;
use App\Runs\Runs;
use Illuminate\Database\Eloquent\Collection;

/** Sweeps of settings in the background, as runs. */
final readonly class Sweeps
{
    /** Sweeps looked through for the last of each grid. */
    private const LOOK = 12;

    public function __construct(private Runs $runs, private SweepRuns $handler, private PlanCache $plans) {}

    /**
     * Begins a sweep; any other that the account still has under way is cancelled.
     *
     * @param  string  $grid  tracking or exposure
     *
     * @throws \RushHold\Faults\Fault when there is no plan, or the grid is not for its hold
     */
    public function begin(RushRecord $rush, User $user, string $grid): RunRecord
    {
        $work = new SweepWork($this->handler->over($rush, $user, $grid));

        return $this->runs->begin(
            $user,
            RunHandlers::SWEEP,
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
            ->where('kind', RunHandlers::SWEEP)
            ->where('subject_id', $rush->id)
            ->orderByDesc('created_at')
            ->limit(self::LOOK)
            ->get();

        return array_values($found->unique('topic')->all());
    }
}
