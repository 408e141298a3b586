<?php

declare(strict_types=1);

namespace App\Archive;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Models\RunRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Owned\OwnedTable;
use App\Runs\MakesFiles;
use App\Runs\RunKinds;
use App\Runs\Runs;

/** Archives that an account has asked for. */
final readonly class Archives extends MakesFiles
{
    public function __construct(Runs $runs, Files $files, private Owned $owned, private ArchiveWriter $writer)
    {
        parent::__construct($runs, $files);
    }

    protected function name(): string
    {
        return RunKinds::ARCHIVE;
    }

    protected function purpose(): FilePurpose
    {
        return FilePurpose::Out;
    }

    public function resume(RunRecord $run): ArchiveWork
    {
        return $this->of($run->user, $run->id, $run->state ?? []);
    }

    /** Begins to write one, in place of the one before. */
    public function begin(User $user): RunRecord
    {
        $work = $this->of($user, 'begun', []);

        return $this->beginAnew($user, $work, ['whole' => $work->whole()]);
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
