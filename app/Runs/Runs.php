<?php

declare(strict_types=1);

namespace App\Runs;

use App\Models\RunRecord;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\Fault;

/**
 * Long work in the background, a portion at a time: each portion is kept together with the call for the next, so that a worker
 * may die at any moment and nothing is lost but its last portion.
 */
final readonly class Runs
{
    /** A portion takes about this long. */
    private const PORTION_S = 0.4;

    /** Without a word for so long, a run is called for again. */
    private const SILENT_S = 12;

    /** @param  float  $portionS  how long a portion takes, about */
    public function __construct(private RunHandlers $handlers, private float $portionS = self::PORTION_S) {}

    /**
     * Begins a run. Of those of its kind that the account has under way, the oldest beyond what is allowed at once are cancelled.
     *
     * @param  string  $kind  one of {@see RunHandlers}
     * @param  string  $topic  which of the works of that kind
     * @param  ?string  $subject  id of the record it is about
     * @param  string  $fingerprint  of all it rests on
     * @param  ?array<string, mixed>  $state  what was chosen for it, where that is more than its subject
     */
    public function begin(
        User $user,
        string $kind,
        string $topic,
        ?string $subject,
        string $fingerprint,
        Work $work,
        ?array $state = null,
    ): RunRecord {
        $handler = $this->handlers->of($kind);

        return DB::transaction(static function () use (
            $user,
            $kind,
            $topic,
            $subject,
            $fingerprint,
            $work,
            $state,
            $handler,
        ): RunRecord {
            $under = $user
                ->runs()
                ->where('kind', $kind)
                ->where('status', RunRecord::RUNNING)
                ->orderByDesc('created_at')
                ->orderByDesc('id');
            $beyond = $under
                ->skip($handler->atOnce() - 1)
                ->take(200)
                ->pluck('id');
            RunRecord::query()
                ->whereKey($beyond)
                ->where('status', RunRecord::RUNNING)
                ->update(['status' => RunRecord::CANCELLED]);
            $past = $user
                ->runs()
                ->where('kind', $kind)
                ->where('subject_id', $subject)
                ->where('status', '!=', RunRecord::RUNNING)
                ->orderByDesc('created_at');
            RunRecord::query()
                ->whereKey(
                    $past
                        ->skip($handler->kept() - 1)
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
            GoOn::dispatch($run->id);

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

    /** Goes on for one portion. Whoever finds that another has gone on since stops there. */
    public function goOn(string $id): void
    {
        $run = RunRecord::query()->with('user')->find($id);
        if ($run === null || $run->status !== RunRecord::RUNNING) {
            return;
        }
        $handler = $this->handlers->of($run->kind);
        if ($handler->fingerprint($run) !== $run->fingerprint) {
            $this->keep($run, ['status' => RunRecord::OVERTAKEN]);

            return;
        }
        try {
            $work = $handler->work($run);
            $from = hrtime(true);
            while (! $work->isFinished() && ! $work->isFull()) {
                $work->step();
                if ((hrtime(true) - $from) / 1e9 >= $this->portionS) {
                    break;
                }
            }
        } catch (Fault $fault) {
            $this->fail($id, $fault->getMessage());

            return;
        }

        DB::transaction(function () use ($run, $work): void {
            $kept = $this->keep($run, [
                'done' => $work->done(),
                'whole' => $work->whole(),
                'state' => json_encode($work->state(), JSON_THROW_ON_ERROR),
                'reading' => json_encode($work->reading(), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
                'status' => $work->isFinished() ? RunRecord::DONE : RunRecord::RUNNING,
            ]);
            if (! $kept) {
                return;
            }
            $work->keep();
            if (! $work->isFinished()) {
                GoOn::dispatch($run->id);
            }
        });
    }

    /** Marks a run that cannot go on, and says why. */
    public function fail(string $id, string $why): void
    {
        RunRecord::query()
            ->whereKey($id)
            ->where('status', RunRecord::RUNNING)
            ->update(['status' => RunRecord::FAILED, 'problem' => mb_substr($why, 0, RunRecord::PROBLEM)]);
    }

    public function cancel(RunRecord $run): void
    {
        RunRecord::query()
            ->whereKey($run->id)
            ->where('status', RunRecord::RUNNING)
            ->update(['status' => RunRecord::CANCELLED]);
        $run->refresh();
    }

    /** A run that has been silent for long is called for again: its call was lost with whoever held it. */
    public function wake(RunRecord $run): void
    {
        if ($run->status !== RunRecord::RUNNING || $run->silentS() < self::SILENT_S) {
            return;
        }
        $woken = RunRecord::query()
            ->whereKey($run->id)
            ->where('status', RunRecord::RUNNING)
            ->where('beat_at', $run->getRawOriginal('beat_at'))
            ->update(['beat_at' => self::now()]);
        if ($woken === 1) {
            GoOn::dispatch($run->id);
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
            ->update($changes + ['portions' => $run->portions + 1, 'beat_at' => self::now()]) === 1;
    }

    /** The moment as the store keeps it, to the millisecond. */
    private static function now(): string
    {
        return Carbon::now()->format(RunRecord::MOMENT);
    }
}
