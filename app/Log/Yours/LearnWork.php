<?php

declare(strict_types=1);

namespace App\Log\Yours;

use App\Models\User;
use App\Runs\Work;

/** What the frames tell of a person, told anew in one step: of the newest few hundred bursts, so that it is one of seconds. */
final class LearnWork implements Work
{
    private ?LearntNow $now = null;

    public function __construct(private readonly User $user, private readonly Learning $learning) {}

    public function step(): void
    {
        $this->now = $this->learning->tell($this->user);
    }

    public function isFinished(): bool
    {
        return $this->now !== null;
    }

    public function isFull(): bool
    {
        return false;
    }

    public function done(): int
    {
        return $this->now === null ? 0 : 1;
    }

    public function whole(): int
    {
        return 1;
    }

    public function keep(): void
    {
        if ($this->now !== null) {
            $this->learning->keep($this->user, $this->now);
        }
    }

    public function state(): array
    {
        return [];
    }

    public function reading(): array
    {
        return [];
    }
}
