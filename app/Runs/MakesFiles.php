<?php

declare(strict_types=1);

namespace App\Runs;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** A kind of run that makes files for its account to fetch, for a day; each in place of those before. */
abstract readonly class MakesFiles extends RunKind
{
    public function __construct(protected Runs $runs, protected Files $files) {}

    /** One of {@see RunKinds}. */
    abstract protected function name(): string;

    abstract protected function purpose(): FilePurpose;

    /** The one that is under way, or was last; null where what it made has gone. */
    public function last(User $user): ?RunRecord
    {
        $last = $this->runs->last($user->id, $this->name());

        return $last?->status === RunRecord::DONE && $this->out($user)->isEmpty() ? null : $last;
    }

    public function cancel(User $user): void
    {
        $this->runs->cancelLast($user->id, $this->name());
    }

    /** @return Collection<int, FileRecord> the files that can be fetched */
    public function out(User $user): Collection
    {
        /** @var Collection<int, FileRecord> $files */
        $files = $user->files()->where('purpose', $this->purpose()->value)->orderBy('id')->get();

        return $files;
    }

    /** Neither what was read for it stays nor what was packed. */
    public function cleanUp(RunRecord $run): void
    {
        $made = $this->out($run->user)->all();
        DB::afterCommit(function () use ($run, $made): void {
            (new RunFolder($run->id))->forget();
            array_map($this->files->delete(...), $made);
        });
    }

    /** @param  array<string, mixed>  $state  what was chosen for it */
    protected function beginAnew(User $user, Work $work, array $state): RunRecord
    {
        $this->out($user)->each($this->files->delete(...));

        return $this->runs->begin($user, $this->name(), $work, state: $state);
    }
}
