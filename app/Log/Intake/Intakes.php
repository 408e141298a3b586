<?php

declare(strict_types=1);

namespace App\Log\Intake;

use App\Limits\Quota;
use App\Log\Frames\FrameKeeper;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Takes files into the log in the background: one run of an account, as long as there are any. */
final readonly class Intakes extends RunKind
{
    /** Largest file, in bytes. */
    public const LARGEST = 64_000_000;

    public function __construct(
        private Runs $runs,
        private Readings $readings,
        private ReadsAhead $ahead,
        private FrameKeeper $keeper,
        private Quota $quota,
    ) {}

    public function kept(): int
    {
        return 4;
    }

    public function resume(RunRecord $run): IntakeWork
    {
        return $this->of($run->user, $run->state ?? []);
    }

    /** Sees to it that what waits is taken in; the run that does so, or did last. */
    public function wake(User $user): ?RunRecord
    {
        $last = $this->runs->last($user->id, RunKinds::INTAKE);
        if ($last?->status === RunRecord::RUNNING || ! $this->readings->waiting($user)->exists()) {
            return $last;
        }

        return DB::transaction(function () use ($user): RunRecord {
            $user->inTurn();
            $last = $this->runs->last($user->id, RunKinds::INTAKE);

            return $last?->status === RunRecord::RUNNING
                ? $last
                : $this->runs->begin($user, RunKinds::INTAKE, $this->of($user, []));
        });
    }

    /** Ends it, and lets go of what waits; what has been taken in stays. */
    public function cancel(User $user): void
    {
        $this->runs->cancelLast($user->id, RunKinds::INTAKE);
        $this->runs->cancelLast($user->id, RunKinds::AHEAD);
        do {
            /** @var Collection<int, FileRecord> $waiting */
            $waiting = $this->readings->waiting($user)->limit(200)->get();
            $waiting->each($this->readings->drop(...));
        } while ($waiting->isNotEmpty());
    }

    /** @param  array<string, mixed>  $state  where it was put down */
    private function of(User $user, array $state): IntakeWork
    {
        return new IntakeWork($user, $this->readings, $this->keeper, $this->quota, $this->ahead, $state);
    }
}
