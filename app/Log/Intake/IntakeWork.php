<?php

declare(strict_types=1);

namespace App\Log\Intake;

use App\Limits\Quota;
use App\Log\Frames\FrameKeeper;
use App\Models\FileRecord;
use App\Models\User;
use App\Problems\ProblemException;
use App\Runs\Work;
use Illuminate\Support\Carbon;

/** Files of an account taken into the log one after the other: what others have read ahead, and where there is none of that the next. */
final class IntakeWork implements Work
{
    /** Where all that waits is being read by others, so long is waited for them, in µs. */
    private const REST_US = 200_000;

    private readonly TakenIn $taken;

    private int $waiting;

    /** @var list<array{FileRecord, ?ReadFrame}> what has been done with since the last time it was kept; null where nothing comes of it */
    private array $done = [];

    /** Bytes of the pictures of these. */
    private int $bytes = 0;

    /** Whether it is time to keep: what one that was read here came to, before the next can break anything. */
    private bool $isFull = false;

    /** @param  array<string, mixed>  $state  where it was put down */
    public function __construct(
        private readonly User $user,
        private readonly Readings $readings,
        private readonly FrameKeeper $keeper,
        private readonly Quota $quota,
        private readonly ReadsAhead $ahead,
        array $state,
    ) {
        $this->taken = TakenIn::kept($state);
        $this->waiting = $readings->waiting($user)->count();
    }

    public function step(): void
    {
        $this->isFull = true;
        $read = $this->readings->read($this->user);
        if ($read === []) {
            $next = $this->readings->next($this->user);
            if ($next === null) {
                usleep(self::REST_US);

                return;
            }
            if (! $this->isKnown($next)) {
                $this->readings->go($this->user, $next);
            }
            $read = [$next];
        }
        array_map($this->takeIn(...), $read);
    }

    public function isFinished(): bool
    {
        return $this->waiting === 0;
    }

    public function isFull(): bool
    {
        return $this->isFull;
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
        foreach ($this->done as [$file, $frame]) {
            if ($frame === null) {
                $this->readings->drop($file);
            } else {
                $this->keeper->keep($this->user, $frame);
                $file->fill(['read_at' => Carbon::now(), 'outcome' => null])->save();
            }
        }
        [$this->done, $this->bytes, $this->isFull] = [[], 0, false];
        // asked under the lock: what has come meanwhile is seen
        $this->waiting = $this->readings->waiting($this->user)->count();
        $this->ahead->see($this->user, $this->waiting);
    }

    public function state(): array
    {
        return $this->taken->toArray();
    }

    public function reading(): array
    {
        return $this->state();
    }

    private function takeIn(FileRecord $file): void
    {
        $this->waiting--;
        if ($this->isKnown($file)) {
            $this->taken->known++;
            $this->done[] = [$file, null];

            return;
        }
        $came = $this->readings->outcome($file);
        if ($came instanceof ReadFrame) {
            try {
                $this->quota->forFrames($this->user, 1 + count($this->done), $this->bytes + $came->bytes);
            } catch (ProblemException $full) {
                $came = $full->problem->detail;
            }
        }
        if (is_string($came)) {
            $this->taken->refuse($file->name, $came);
            $this->done[] = [$file, null];
        } else {
            $this->taken->read++;
            $this->bytes += $came->bytes;
            $this->done[] = [$file, $came];
        }
    }

    private function isKnown(FileRecord $file): bool
    {
        return $this->user->frames()->where('hash', $file->hash)->exists();
    }
}
