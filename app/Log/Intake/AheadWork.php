<?php

declare(strict_types=1);

namespace App\Log\Intake;

use App\Models\User;
use App\Runs\Work;

/** Files of an account read one after the other, for the log to take in. */
final class AheadWork implements Work
{
    private bool $isFull = false;

    private bool $isFinished = false;

    /** @param  int  $read  how many have been */
    public function __construct(
        private readonly User $user,
        private readonly Readings $readings,
        private int $read,
    ) {}

    public function step(): void
    {
        $next = $this->readings->next($this->user);
        if ($next === null) {
            $this->isFinished = true;

            return;
        }
        $this->readings->go($this->user, $next);
        $this->read++;
        $this->isFull = true;
    }

    public function isFinished(): bool
    {
        return $this->isFinished;
    }

    public function isFull(): bool
    {
        return $this->isFull;
    }

    public function done(): int
    {
        return $this->read;
    }

    public function whole(): int
    {
        return $this->read + $this->readings->waiting($this->user)->where('outcome', null)->count();
    }

    public function keep(): void {} // what it brings stands with each file

    public function state(): array
    {
        return ['read' => $this->read];
    }

    public function reading(): array
    {
        return [];
    }
}
