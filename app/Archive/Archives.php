<?php

declare(strict_types=1);

namespace App\Archive;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Owned\OwnedTable;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Archives that an account has asked for, to be fetched for a day. */
final readonly class Archives extends RunKind
{
    public function __construct(
        private Runs $runs,
        private Owned $owned,
        private ArchiveWriter $writer,
        private Files $files,
    ) {}

    public function resume(RunRecord $run): ArchiveWork
    {
        return $this->of($run->user, $run->id, $run->state ?? []);
    }

    /** Neither what was read for it stays nor what was packed. */
    public function cleanUp(RunRecord $run): void
    {
        $made = $this->out($run->user)->all();
        DB::afterCommit(function () use ($run, $made): void {
            ArchiveWriter::forget(ArchiveWork::folder($run->id));
            array_map($this->files->delete(...), $made);
        });
    }

    /** Begins to write one, in place of the one before. */
    public function begin(User $user): RunRecord
    {
        $this->out($user)->each($this->files->delete(...));
        $work = $this->of($user, 'begun', []);

        return $this->runs->begin($user, RunKinds::ARCHIVE, $work, state: ['whole' => $work->whole()]);
    }

    /** The one that is under way, or was last; null where it has gone. */
    public function last(User $user): ?RunRecord
    {
        $last = $this->runs->last($user->id, RunKinds::ARCHIVE);

        return $last?->status === RunRecord::DONE && $this->out($user)->isEmpty() ? null : $last;
    }

    public function cancel(User $user): void
    {
        $this->runs->cancelLast($user->id, RunKinds::ARCHIVE);
    }

    /** @return Collection<int, FileRecord> the files that can be fetched */
    public function out(User $user): Collection
    {
        /** @var Collection<int, FileRecord> $files */
        $files = $user->files()->where('purpose', FilePurpose::Out->value)->orderBy('id')->get();

        return $files;
    }

    /** @param  array<string, mixed>  $state  where it was put down */
    private function of(User $user, string $run, array $state): ArchiveWork
    {
        return new ArchiveWork(
            $user,
            $run,
            $this->owned,
            $this->writer,
            $this->files,
            (int) ($state['whole'] ?? $this->whole($user)),
            $state,
        );
    }

    /** Rows there are, and frames with pictures. */
    private function whole(User $user): int
    {
        $rows = static fn (OwnedTable $table): int => $table->rowsOf($user->id)->count();

        return array_sum(array_map($rows, $this->owned->archived())) +
            $user->frames()->where('picture_bytes', '>', 0)->count();
    }
}
