<?php

declare(strict_types=1);

namespace App\Log;

use App\Files\Files;
use App\Images\UnreadablePicture;
use App\Limits\Quota;
use App\Models\FileRecord;
use App\Models\User;
use App\Problems\ProblemException;
use App\Runs\Work;
use Illuminate\Support\Carbon;

/** Files of an account taken into the log one after the other, as a run goes through them. */
final class IntakeWork implements Work
{
    /** A file that so many workers have opened and none has come back from is given up. */
    private const MOST_TRIES = 3;

    /** Files looked up at once. */
    private const AHEAD = 8;

    private readonly TakenIn $taken;

    private int $waiting;

    /** @var list<FileRecord> looked up and not yet gone through */
    private array $next = [];

    /** @var list<array{FileRecord, ?ReadFrame}> what has been done with since the last time it was kept; null where nothing comes of it */
    private array $done = [];

    /** Whether one of these has been opened: what it came to is kept before the next can break anything. */
    private bool $hasOpened = false;

    /** @param  array<string, mixed>  $state  where it was put down */
    public function __construct(
        private readonly User $user,
        private readonly Files $files,
        private readonly FrameReader $reader,
        private readonly FrameKeeper $keeper,
        private readonly Quota $quota,
        array $state,
    ) {
        $this->taken = TakenIn::kept($state);
        $this->waiting = Intakes::waiting($user)->count();
    }

    public function step(): void
    {
        $this->lookAhead();
        $file = array_shift($this->next);
        if ($file === null) {
            return;
        }
        $this->waiting--;
        if ($this->user->frames()->where('hash', $file->hash)->exists()) {
            $this->taken->known++;
            $this->done[] = [$file, null];

            return;
        }
        $this->hasOpened = true;
        // said before it is tried: what breaks the worker off must not do so for ever
        $file->newQuery()->whereKey($file->id)->increment('tries');
        if ($file->tries >= self::MOST_TRIES) {
            $this->refuse($file, 'Whoever tried to read it broke off, three times.');

            return;
        }
        try {
            $bytes = $this->files->text($file);
            $read = new ReadFrame($file->hash, $file->name, $file->id, ...$this->reader->read($bytes, new Look()));
            $this->quota->forFrames($this->user, 1, $read->bytes());
            $this->keeper->put($this->user, $read);
            $this->done[] = [$file, $read];
            $this->taken->read++;
        } catch (UnreadablePicture $unreadable) {
            $this->refuse($file, $unreadable->getMessage());
        } catch (ProblemException $full) {
            $this->refuse($file, $full->problem->detail);
        }
    }

    public function isFinished(): bool
    {
        $this->lookAhead();

        return $this->next === [];
    }

    public function isFull(): bool
    {
        return $this->hasOpened;
    }

    public function done(): int
    {
        return $this->taken->count();
    }

    public function whole(): int
    {
        return $this->done() + max(0, $this->waiting);
    }

    public function keep(): void
    {
        $this->user->inTurn();
        foreach ($this->done as [$file, $read]) {
            if ($read === null) {
                $this->files->delete($file);
            } else {
                $this->keeper->keep($this->user, $read);
                $file->fill(['read_at' => Carbon::now()])->save();
            }
        }
        [$this->done, $this->next, $this->hasOpened] = [[], [], false];
        $this->waiting = Intakes::waiting($this->user)->count();
    }

    public function state(): array
    {
        return $this->taken->toArray();
    }

    public function reading(): array
    {
        return $this->state();
    }

    private function lookAhead(): void
    {
        if ($this->next !== []) {
            return;
        }
        $done = array_map(static fn (array $one): string => $one[0]->id, $this->done);
        /** @var list<FileRecord> $next */
        $next = Intakes::waiting($this->user)
            ->whereKeyNot($done)
            ->orderBy('created_at')
            ->orderBy('id')
            ->limit(self::AHEAD)
            ->get()
            ->all();
        $this->next = $next;
    }

    private function refuse(FileRecord $file, string $why): void
    {
        $this->done[] = [$file, null];
        $this->taken->refuse($file->name, $why);
    }
}
