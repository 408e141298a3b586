<?php

declare(strict_types=1);

namespace App\Archive;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunHandlers;
use App\Runs\Runs;
use Illuminate\Database\Eloquent\Collection;

/** Archives that an account has asked for, to be fetched for a day. */
final readonly class Archives
{
    public function __construct(private Runs $runs, private ArchiveRuns $handler, private Files $files) {}

    /** Begins to write one, in place of the one before. */
    public function begin(User $user): RunRecord
    {
        $this->out($user)->each($this->files->delete(...));
        $work = $this->handler->of($user, 'begun', []);

        $state = ['whole' => $work->whole()];

        return $this->runs->begin($user, RunHandlers::ARCHIVE, $work, ArchiveRuns::FINGERPRINT, state: $state);
    }

    /** The one that is under way, or was last; null where it has gone. */
    public function last(User $user): ?RunRecord
    {
        $last = $this->runs->last($user->id, RunHandlers::ARCHIVE);

        return $last?->status === RunRecord::DONE && $this->out($user)->isEmpty() ? null : $last;
    }

    public function cancel(User $user): void
    {
        $this->runs->cancelLast($user->id, RunHandlers::ARCHIVE);
    }

    /** @return Collection<int, FileRecord> the files that can be fetched */
    public function out(User $user): Collection
    {
        /** @var Collection<int, FileRecord> $files */
        $files = $user->files()->where('purpose', FilePurpose::Out->value)->orderBy('id')->get();

        return $files;
    }
}
