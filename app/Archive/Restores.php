<?php

declare(strict_types=1);

namespace App\Archive;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Limits\Quota;
use App\Log\Bursts\BurstKeeper;
use App\Log\Frames\FramePictures;
use App\Log\Yours\Learning;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Owned\OwnedTable;
use App\Problems\Problem;
use App\Problems\ProblemException;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;
use Illuminate\Support\Facades\DB;

/** Archives that are put back into empty accounts. */
final readonly class Restores extends RunKind
{
    /** Rows that are read, unless somebody allows more. */
    public const MOST = 250_000;

    /** How long is waited for a worker that is at it, in µs. */
    private const REST_US = 100_000;

    public function __construct(
        private Runs $runs,
        private Owned $owned,
        private Quota $quota,
        private Files $files,
        private FramePictures $pictures,
        private BurstKeeper $keeper,
        private Learning $learning,
        private AccountWords $words,
        private Emptying $emptying,
    ) {}

    public function kept(): int
    {
        return 2;
    }

    public function resume(RunRecord $run): ?RestoreWork
    {
        $state = RestoreState::kept($run->state ?? []);
        /** @var list<FileRecord> $sent */
        $sent = $run->user
            ->files()
            ->where('purpose', FilePurpose::Archive->value)
            ->whereKey($state->files)
            ->orderBy('id')
            ->get()
            ->all();
        if (count($sent) !== count($state->files)) {
            return null;
        }
        $archive = ArchiveFiles::open(array_map($this->files->local(...), $sent), $run->id, $state->most);

        return $this->of($run->user->filling($run->id), $sent, $archive, $state);
    }

    /** Nothing of it stays. */
    public function cleanUp(RunRecord $run): void
    {
        DB::afterCommit(static fn () => ArchiveFiles::forgetOf($run->id));
        $this->emptying->begin($run->user, RestoreState::kept($run->state ?? [])->starter);
    }

    /**
     * Begins to put one into an account; from here on it is only that, until it is done or given up.
     *
     * @param  list<FileRecord>  $sent  the files it was sent as
     * @param  int  $most  rows that are read
     *
     * @throws ProblemException when this is no archive, or something has been written in the account
     * @throws \RushHold\Faults\Fault when something was set in it that cannot be
     */
    public function begin(User $user, array $sent, int $most = self::MOST): RunRecord
    {
        $paths = array_map($this->files->local(...), $sent);
        $archive = ArchiveFiles::open($paths, 'looked-at', $most);
        AccountWords::check($archive->account());

        return DB::transaction(function () use ($user, $sent, $archive, $most): RunRecord {
            $user->inTurn();
            $this->refuseFull($user);
            $state = RestoreState::begin(
                array_map(static fn (FileRecord $file): string => $file->id, $sent),
                self::starter($user),
                $most,
            );
            $run = $this->runs->begin(
                $user,
                RunKinds::RESTORE,
                $this->of($user, $sent, $archive, $state),
                state: $state->toArray(),
            );
            $user->forceFill(['filled_by' => $run->id])->save();

            return $run;
        });
    }

    /** The one that is under way, or was last; and where that left something, how far it has been taken away again. */
    public function last(User $user): ?RunRecord
    {
        $last = $this->runs->last($user->id, RunKinds::RESTORE);
        if ($user->filled_by !== null && $last?->status !== RunRecord::RUNNING) {
            $emptying = $this->runs->last($user->id, RunKinds::EMPTY);
            // whoever was to take it away was given up: begun again, for the account must not stay shut
            if ($last !== null && $emptying?->status !== RunRecord::RUNNING) {
                $this->emptying->begin($user, RestoreState::kept($last->state ?? [])->starter);
            }
        }

        return $last;
    }

    /** Gives it up; what has come is taken away again. */
    public function cancel(User $user): void
    {
        $this->runs->cancelLast($user->id, RunKinds::RESTORE);
    }

    /**
     * Puts one back while somebody waits: for whoever keeps the server. A worker goes on with it where this breaks off.
     *
     * @param  string  $path  of this machine
     * @param  int  $most  rows that are read
     * @param  \Closure(RunRecord): void  $told  called with how far it is
     * @return array<string, int> how many of each came
     *
     * @throws ProblemException|\RushHold\Faults\Fault when it cannot be; nothing of it stays
     */
    public function now(User $user, string $path, int $most, \Closure $told): array
    {
        AccountWords::check(ArchiveFiles::open([$path], 'looked-at', $most)->account());
        $this->refuseFull($user);
        $file = $this->files->made($user, FilePurpose::Archive, basename($path), 'application/zip', $path);
        $file->save();
        $run = $this->begin($user, [$file], $most);
        $this->work($run, $told);
        $user->refresh();
        if ($run->status !== RunRecord::DONE) {
            $emptying = $this->runs->last($user->id, RunKinds::EMPTY);
            if ($emptying !== null) {
                $this->work($emptying, static fn () => null);
            }
            $this->files->delete($file);
            throw RefusedArchive::because((string) ($run->problem ?? 'It was given up.'));
        }

        return RestoreState::kept($run->state ?? [])->counts;
    }

    /** @param  \Closure(RunRecord): void  $told */
    private function work(RunRecord $run, \Closure $told): void
    {
        while ($run->refresh()->status === RunRecord::RUNNING) {
            $before = $run->portions;
            $this->runs->goOn($run->id);
            if ($run->refresh()->portions === $before) {
                // a worker is at it
                usleep(self::REST_US);
            }
            $told($run);
        }
    }

    /** @param  list<FileRecord>  $sent */
    private function of(User $user, array $sent, ArchiveFiles $archive, RestoreState $state): RestoreWork
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

    private function refuseFull(User $user): void
    {
        $isUnderWay = $user->runs()->where('status', RunRecord::RUNNING)->exists();
        $fills = static fn (OwnedTable $table): bool => $table->fills($user->id);
        if ($isUnderWay || array_filter($this->owned->archived(), $fills) !== []) {
            throw new ProblemException(
                new Problem(
                    'not-empty',
                    409,
                    'This account is not empty',
                    'An archive goes into an account in which nothing has been written yet: make a new one for it.',
                ),
            );
        }
    }

    /** @return list<string> */
    private static function ids(User $user, string $table): array
    {
        return array_values(array_map(strval(...), DB::table($table)->where('user_id', $user->id)->pluck('id')->all()));
    }

    /** @return array<string, list<string>> ids of what the account began with, by table */
    private static function starter(User $user): array
    {
        return [
            'kits' => self::ids($user, 'kits'),
            'gear' => self::ids($user, 'gear'),
        ];
    }
}
