<?php

declare(strict_types=1);

namespace App\Archive;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Models\RunRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Owned\OwnedTable;
use App\Runs\CleansUp;
use App\Runs\RunHandler;
use Illuminate\Support\Facades\DB;

/** Writing archives. */
final readonly class ArchiveRuns implements CleansUp, RunHandler
{
    /** It tells what there is while it is written. */
    public const FINGERPRINT = 'archive';

    public function __construct(private Owned $owned, private ArchiveWriter $writer, private Files $files) {}

    public function atOnce(): int
    {
        return 1;
    }

    public function kept(): int
    {
        return 1;
    }

    public function fingerprint(RunRecord $run): string
    {
        return self::FINGERPRINT;
    }

    public function work(RunRecord $run): ArchiveWork
    {
        return $this->of($run->user, $run->id, $run->state ?? []);
    }

    /** @param  array<string, mixed>  $state */
    public function of(User $user, string $run, array $state): ArchiveWork
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

    /** Neither what was read for it stays nor what was packed. */
    public function cleanUp(RunRecord $run): void
    {
        $made = $run->user->files()->where('purpose', FilePurpose::Out->value)->get()->all();
        DB::afterCommit(function () use ($run, $made): void {
            ArchiveWriter::forget(ArchiveWork::folder($run->id));
            array_map($this->files->delete(...), $made);
        });
    }

    /** Rows there are, and frames with pictures. */
    private function whole(User $user): int
    {
        $rows = static fn (OwnedTable $table): int => $table->rowsOf($user->id)->count();

        return array_sum(array_map($rows, $this->owned->archived())) +
            $user->frames()->where('picture_bytes', '>', 0)->count();
    }
}
