<?php

declare(strict_types=1);

namespace App\Archive;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Limits\Quota;
use App\Log\BurstKeeper;
use App\Log\FramePictures;
use App\Log\Learning;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Runs\CleansUp;
use App\Runs\RunHandler;
use Illuminate\Support\Facades\DB;

/** Putting archives back. */
final readonly class RestoreRuns implements CleansUp, RunHandler
{
    /** It rests on what was sent, which does not change. */
    public const FINGERPRINT = 'archive';

    public function __construct(
        private Owned $owned,
        private Quota $quota,
        private Files $files,
        private FramePictures $pictures,
        private BurstKeeper $keeper,
        private Learning $learning,
        private AccountWords $words,
        private Emptying $emptying,
    ) {}

    public function atOnce(): int
    {
        return 1;
    }

    public function kept(): int
    {
        return 2;
    }

    public function fingerprint(RunRecord $run): ?string
    {
        $files = RestoreState::kept($run->state ?? [])->files;

        return count($this->sent($run->user, $files)) === count($files) ? self::FINGERPRINT : null;
    }

    public function work(RunRecord $run): RestoreWork
    {
        $state = RestoreState::kept($run->state ?? []);
        $sent = $this->sent($run->user, $state->files);
        $paths = array_map($this->files->local(...), $sent);

        return $this->of(
            $run->user->filling($run->id),
            $sent,
            ArchiveFiles::open($paths, $run->id, $state->most),
            $state,
        );
    }

    /** @param  list<FileRecord>  $sent */
    public function of(User $user, array $sent, ArchiveFiles $archive, RestoreState $state): RestoreWork
    {
        return new RestoreWork(
            $user,
            $sent,
            $archive,
            $this->owned,
            $this->quota,
            $this->files,
            $this->pictures,
            $this->keeper,
            $this->learning,
            $this->words,
            $state,
        );
    }

    /** Nothing of it stays. */
    public function cleanUp(RunRecord $run): void
    {
        DB::afterCommit(static fn () => ArchiveFiles::forgetOf($run->id));
        $this->emptying->begin($run->user, RestoreState::kept($run->state ?? [])->starter);
    }

    /**
     * @param  list<string>  $ids
     * @return list<FileRecord>
     */
    private function sent(User $user, array $ids): array
    {
        /** @var list<FileRecord> $files */
        $files = $user
            ->files()
            ->where('purpose', FilePurpose::Archive->value)
            ->whereKey($ids)
            ->orderBy('id')
            ->get()
            ->all();

        return $files;
    }
}
