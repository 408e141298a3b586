<?php

declare(strict_types=1);

namespace App\Log;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunHandlers;
use App\Runs\Runs;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Takes files into the log in the background, as a run: one at a time of an account, as long as there are any. */
final readonly class Intakes
{
    /** Largest file, in bytes. */
    public const LARGEST = 64_000_000;

    public function __construct(private Runs $runs, private IntakeRuns $handler, private Files $files) {}

    /** Sees to it that what waits is taken in; the run that does so, or did last. */
    public function wake(User $user): ?RunRecord
    {
        $last = $this->runs->last($user->id, RunHandlers::INTAKE);
        if ($last?->status === RunRecord::RUNNING || ! self::waiting($user)->exists()) {
            return $last;
        }

        return DB::transaction(function () use ($user): RunRecord {
            $user->inTurn();
            $last = $this->runs->last($user->id, RunHandlers::INTAKE);

            return $last?->status === RunRecord::RUNNING
                ? $last
                : $this->runs->begin(
                    $user,
                    RunHandlers::INTAKE,
                    $this->handler->of($user, null),
                    IntakeRuns::FINGERPRINT,
                );
        });
    }

    /** Ends it, and lets go of what waits; what has been taken in stays. */
    public function cancel(User $user): void
    {
        $this->runs->cancelLast($user->id, RunHandlers::INTAKE);
        do {
            /** @var Collection<int, FileRecord> $waiting */
            $waiting = self::waiting($user)->limit(200)->get();
            $waiting->each($this->files->delete(...));
        } while ($waiting->isNotEmpty());
    }

    /**
     * Files that have not been taken in.
     *
     * @return Builder<FileRecord>
     */
    public static function waiting(User $user): Builder
    {
        return FileRecord::query()
            ->where('user_id', $user->id)
            ->where('purpose', FilePurpose::Frame->value)
            ->where('read_at', null);
    }
}
