<?php

declare(strict_types=1);

namespace App\Rehearsals;

use App\Jobs\GoOnSweeping;
use App\Models\RushRecord;
use App\Models\SweepRecord;
use App\Models\User;
use App\Plans\PlanCache;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Sweep\Grid;
use RushHold\Rehearsal\Sweep\Sweep;
use RushHold\Rehearsal\Sweep\SweepDocument;

/**
 * Sweeps in the background, a portion at a time: each portion is kept together with the call for the next, so that a worker
 * may die at any moment and nothing is lost but its last portion.
 */
final readonly class Sweeps
{
    /** Passes of a sweep. */
    private const PASSES = 100;

    /** A portion takes about this long. */
    private const PORTION_S = 0.4;

    /** Without a word for so long, a sweep is called for again. */
    private const SILENT_S = 12;

    /** Sweeps kept of one rush. */
    private const KEPT = 6;

    /** @param  float  $portionS  how long a portion takes, about */
    public function __construct(private PlanCache $plans, private float $portionS = self::PORTION_S) {}

    /**
     * Begins a sweep; any other that the account still has under way is cancelled.
     *
     * @throws \RushHold\Faults\Fault when there is no plan, or the grid is not for its hold
     */
    public function begin(RushRecord $rush, User $user, string $kind): SweepRecord
    {
        $plan = $this->plans->planOf($rush, $user);
        $craft = Sweep::over(Rehearsal::of($plan), $plan->hold, Grid::of($kind, $plan, $plan->hold), self::PASSES);

        return DB::transaction(function () use ($rush, $user, $kind, $craft): SweepRecord {
            $user->sweeps()->where('status', 'running')->update(['status' => 'cancelled']);
            $old = $user->sweeps()->where('rush_id', $rush->id)->orderByDesc('created_at')->skip(self::KEPT - 1)->take(50)->pluck('id');
            SweepRecord::query()->whereKey($old)->delete();
            $sweep = $user->sweeps()->make([
                'rush_id' => $rush->id, 'kind' => $kind, 'fingerprint' => $this->plans->fingerprint($rush, $user), 'status' => 'running', 'passes' => self::PASSES, 'done' => 0,
                'state' => null, 'reading' => SweepDocument::of($craft), 'beat_at' => Carbon::now(),
            ]);
            $sweep->save();
            GoOnSweeping::dispatch($sweep->id);

            return $sweep;
        });
    }

    /** Goes on for one portion. Whoever finds that another has gone on since stops there. */
    public function goOn(string $id): void
    {
        $sweep = SweepRecord::query()->with(['user', 'rush' => fn ($query) => $query->with(RushRecord::WITH_KIT)])->find($id);
        if ($sweep === null || $sweep->status !== 'running') {
            return;
        }
        $was = $sweep->done;
        if ($sweep->rush === null || $this->plans->fingerprint($sweep->rush, $sweep->user) !== $sweep->fingerprint) {
            $this->keep($sweep, $was, ['status' => 'overtaken']);

            return;
        }
        $plan = $this->plans->planOf($sweep->rush, $sweep->user);
        $craft = Sweep::over(Rehearsal::of($plan), $plan->hold, Grid::of($sweep->kind, $plan, $plan->hold), $sweep->passes);
        $craft->resume($sweep->state ?? []);
        $from = hrtime(true);
        do {
            $craft->go(2);
        } while (! $craft->isFinished() && (hrtime(true) - $from) / 1e9 < $this->portionS);

        DB::transaction(function () use ($sweep, $was, $craft): void {
            $kept = $this->keep($sweep, $was, [
                'done' => $craft->done(), 'state' => json_encode($craft->toArray()), 'reading' => json_encode(SweepDocument::of($craft), JSON_PRESERVE_ZERO_FRACTION),
                'status' => $craft->isFinished() ? 'done' : 'running',
            ]);
            if ($kept && ! $craft->isFinished()) {
                GoOnSweeping::dispatch($sweep->id);
            }
        });
    }

    /** Marks a sweep that cannot go on. */
    public function fail(string $id): void
    {
        SweepRecord::query()->whereKey($id)->where('status', 'running')->update(['status' => 'failed']);
    }

    public function cancel(SweepRecord $sweep): void
    {
        SweepRecord::query()->whereKey($sweep->id)->where('status', 'running')->update(['status' => 'cancelled']);
        $sweep->refresh();
    }

    /** A sweep that has been silent for long is called for again: its call was lost with whoever held it. */
    public function wake(SweepRecord $sweep): void
    {
        if ($sweep->status !== 'running' || $sweep->beat_at->diffInSeconds(Carbon::now()) < self::SILENT_S) {
            return;
        }
        $woken = SweepRecord::query()->whereKey($sweep->id)->where('status', 'running')->where('beat_at', $sweep->beat_at)->update(['beat_at' => Carbon::now()]);
        if ($woken === 1) {
            GoOnSweeping::dispatch($sweep->id);
        }
    }

    /** @param  array<string, mixed>  $changes */
    private function keep(SweepRecord $sweep, int $was, array $changes): bool
    {
        return SweepRecord::query()->whereKey($sweep->id)->where('status', 'running')->where('done', $was)->update($changes + ['beat_at' => Carbon::now()]) === 1;
    }
}
