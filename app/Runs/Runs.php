<?php

declare(strict_types=1);

namespace App\Runs;

use App\Models\RunRecord;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\Fault;

/**
 * Long work in the background, a portion at a time: each portion is kept together with the call for the next, so that a worker
 * may die at any moment and nothing is lost but its last portion. Whoever is at a run holds it longer than any step may take; of a
 * process that is gone another of its machine takes it up at once, those of other machines when its time is over.
 */
final readonly class Runs
{
    /** A portion takes about this long. */
    private const PORTION_S = 0.4;

    /**
     * Portions of one account that are called for or gone on with at once. After each the run of the account is called for that has waited
     * longest, so that of many accounts none waits for more than so many portions of each other, whatever that has sent.
     */
    private const CALLS = 2;

    /** Without a word for so long, a run that nobody holds is called for again. */
    private const SILENT_S = 5;

    /** So long a portion is held at the most: longer than a worker may be at it ({@see GoOn::$timeout}). */
    private const HELD_S = 75;

    /** Runs that are looked at for that in one go. */
    private const SILENT = 50;

    /** A portion that so many workers have begun and none has ended is given up. */
    public const MOST_TRIES = 4;

    public const BROKE_OFF = 'It broke off four times at the same place, and was given up.';

    /** @param  float  $portionS  how long a portion takes, about */
    public function __construct(private RunKinds $kinds, private float $portionS = self::PORTION_S) {}

    /**
     * Begins a run. Of those of its kind that the account has under way, the oldest beyond what is allowed at once are cancelled.
     *
     * @param  string  $kind  one of {@see RunKinds}
     * @param  string  $fingerprint  of all it rests on, where that may become another
     * @param  ?string  $subject  id of the record it is about
     * @param  string  $topic  which of the works of that kind, where there are several
     * @param  ?array<string, mixed>  $state  what was chosen for it, where that is more than its subject
     */
    public function begin(
        User $user,
        string $kind,
        Work $work,
        string $fingerprint = '',
        ?string $subject = null,
        string $topic = '',
        ?array $state = null,
    ): RunRecord {
        $of = $this->kinds->of($kind);

        return DB::transaction(function () use (
            $user,
            $kind,
            $topic,
            $subject,
            $fingerprint,
            $work,
            $state,
            $of,
        ): RunRecord {
            $under = $user
                ->runs()
                ->where('kind', $kind)
                ->where('status', RunRecord::RUNNING)
                ->orderByDesc('created_at')
                ->orderByDesc('id');
            /** @var Collection<int, RunRecord> $beyond */
            $beyond = $under
                ->skip($of->atOnce() - 1)
                ->take(200)
                ->get();
            $beyond->each($this->cancel(...));
            $past = $user
                ->runs()
                ->where('kind', $kind)
                ->where('subject_id', $subject)
                ->where('status', '!=', RunRecord::RUNNING)
                ->orderByDesc('created_at');
            RunRecord::query()
                ->whereKey(
                    $past
                        ->skip($of->kept() - 1)
                        ->take(200)
                        ->pluck('id'),
                )
                ->delete();
            $run = $user->runs()->make([
                'kind' => $kind,
                'topic' => $topic,
                'subject_id' => $subject,
                'fingerprint' => $fingerprint,
                'status' => RunRecord::RUNNING,
                'whole' => $work->whole(),
                'done' => 0,
                'portions' => 0,
                'state' => $state,
                'reading' => $work->reading(),
                'beat_at' => Carbon::now(),
            ]);
            $run->save();
            $this->call($user->id);

            return $run;
        });
    }

    /**
     * The run of a kind that an account has under way, or had last; one that has been silent for long is called for again.
     *
     * @param  int  $account  its id
     * @param  ?string  $subject  id of the record it is about; null for one about any
     */
    public function last(int $account, string $kind, ?string $subject = null): ?RunRecord
    {
        $runs = RunRecord::query()->where('user_id', $account)->where('kind', $kind);
        if ($subject !== null) {
            $runs->where('subject_id', $subject);
        }
        $runs->orderByDesc('created_at')->orderByDesc('id');
        $last = $runs->first();
        if ($last !== null) {
            $this->wake($last);
        }

        return $last;
    }

    /**
     * Goes on for one portion, where nobody is at it. Whoever finds that another has gone on since stops there.
     *
     * @param  ?int  $portion  only where so many have been kept
     */
    public function goOn(string $id, ?int $portion = null): void
    {
        $run = RunRecord::query()->with('user')->whereHas('user')->find($id);
        if ($run === null) {
            return;
        }
        $isCalledFor = $run->status === RunRecord::RUNNING && $run->portions === ($portion ?? $run->portions);
        if (! $isCalledFor || ! $run->hold(self::HELD_S, ['status' => RunRecord::RUNNING, 'portions' => $run->portions])) {
            // it has been cancelled, or somebody else has gone on; this turn is another's of its account
            $this->call($run->user_id);

            return;
        }
        try {
            $this->portion($run);
        } catch (\Throwable $thrown) {
            // what is kept lets go by itself; who fails is tried again at once
            $run->release();
            throw $thrown;
        }
    }

    private function portion(RunRecord $run): void
    {
        if ($run->tries >= self::MOST_TRIES) {
            $this->fail($run->id, self::BROKE_OFF);

            return;
        }
        try {
            $work = $this->kinds->of($run->kind)->resume($run);
            if ($work === null) {
                $this->end($run, RunRecord::OVERTAKEN);
                $this->call($run->user_id);

                return;
            }
            $from = hrtime(true);
            while (! $work->isFinished() && ! $work->isFull()) {
                $work->step();
                if ((hrtime(true) - $from) / 1e9 >= $this->portionS) {
                    break;
                }
            }
            DB::transaction(fn () => $this->keepPortion($run, $work));
        } catch (Fault $fault) {
            $this->fail($run->id, $fault->getMessage());
        }
    }

    private function keepPortion(RunRecord $run, Work $work): void
    {
        $kept = $this->keep($run, [
            'state' => json_encode($work->state(), JSON_THROW_ON_ERROR),
            'reading' => json_encode($work->reading(), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
            'tries' => 0,
        ]);
        if (! $kept) {
            return;
        }
        $work->keep();
        // asked under the lock that keeps it: what has come meanwhile is seen, and what comes later finds it ended
        $isFinished = $work->isFinished();
        RunRecord::query()->whereKey($run->id)->update([
            'done' => $work->done(),
            'whole' => $work->whole(),
            'status' => $isFinished ? RunRecord::DONE : RunRecord::RUNNING,
        ]);
        $this->call($run->user_id);
    }

    /**
     * Calls for the runs of an account that have waited longest, until as many are called for or gone on with as may be at once. What was
     * called for long ago and nobody has begun is called for again: its call was lost with whoever held it.
     */
    private function call(int $account): void
    {
        /** @var Collection<int, RunRecord> $runs */
        $runs = RunRecord::query()
            ->where('user_id', $account)
            ->where('status', RunRecord::RUNNING)
            ->orderBy('beat_at')
            ->orderBy('id')
            ->get(['id', 'portions', 'called', 'held_by', 'held_until', 'beat_at']);
        [$busy, $waiting] = $runs->partition(
            static fn (RunRecord $run): bool => ! $run->isFree() ||
                ($run->called === $run->portions && $run->silentS() < self::SILENT_S),
        );
        foreach ($waiting->take(max(0, self::CALLS - $busy->count())) as $run) {
            if ($this->isCalled($run)) {
                GoOn::dispatch($run->id, $run->portions);
            }
        }
    }

    /** Notes that it is called for; false where somebody else has since it was read. */
    private function isCalled(RunRecord $run): bool
    {
        return RunRecord::query()
            ->whereKey($run->id)
            ->where('status', RunRecord::RUNNING)
            ->where('beat_at', $run->getRawOriginal('beat_at'))
            ->update(['beat_at' => self::now(), 'called' => $run->portions]) === 1;
    }

    /** Marks a run that cannot go on, and says why; its turn is another's of its account. */
    public function fail(string $id, string $why): void
    {
        $run = RunRecord::query()->find($id);
        if ($run !== null) {
            $this->end($run, RunRecord::FAILED, $why);
            $this->call($run->user_id);
        }
    }

    public function cancel(RunRecord $run): void
    {
        $this->end($run, RunRecord::CANCELLED);
        $run->refresh();
    }

    /** Cancels the run of a kind that an account has under way. */
    public function cancelLast(int $account, string $kind): void
    {
        $last = $this->last($account, $kind);
        if ($last !== null) {
            $this->cancel($last);
        }
    }

    /** Ends a run before it is done, whoever is at it. */
    private function end(RunRecord $run, string $status, ?string $why = null): void
    {
        DB::transaction(function () use ($run, $status, $why): void {
            $ended = RunRecord::query()
                ->whereKey($run->id)
                ->where('status', RunRecord::RUNNING)
                ->update([
                    'status' => $status,
                    'problem' => $why === null ? null : mb_substr($why, 0, RunRecord::PROBLEM),
                    'held_by' => null,
                    'held_until' => null,
                    'beat_at' => self::now(),
                ]);
            if ($ended === 1) {
                // as it was last kept
                $this->kinds->of($run->kind)->cleanUp(RunRecord::query()->with('user')->findOrFail($run->id));
            }
        });
    }

    /** Calls again for what has been silent for long in any account: workers do so from time to time. */
    public function wakeAll(): void
    {
        /** @var Collection<int, RunRecord> $silent */
        $silent = RunRecord::query()
            ->where('status', RunRecord::RUNNING)
            ->where('beat_at', '<', Carbon::now()->subSeconds(self::SILENT_S)->format(RunRecord::MOMENT))
            ->orderBy('beat_at')
            ->limit(self::SILENT)
            ->get();
        $silent->unique('user_id')->each($this->wake(...));
    }

    /** A run that has been silent for long is called for again, in its turn. */
    public function wake(RunRecord $run): void
    {
        if ($run->status === RunRecord::RUNNING && $run->silentS() >= self::SILENT_S) {
            $this->call($run->user_id);
        }
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return bool whether nobody else had gone on
     */
    private function keep(RunRecord $run, array $changes): bool
    {
        return RunRecord::query()
            ->whereKey($run->id)
            ->where('status', RunRecord::RUNNING)
            ->where('portions', $run->portions)
            ->update($changes + [
                'portions' => $run->portions + 1,
                'beat_at' => self::now(),
                // let go of together with the call for the next, which another may answer at once
                'held_by' => null,
                'held_until' => null,
            ]) === 1;
    }

    /** The moment as the store keeps it, to the millisecond. */
    private static function now(): string
    {
        return Carbon::now()->format(RunRecord::MOMENT);
    }
}
