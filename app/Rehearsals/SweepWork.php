<?php

declare(strict_types=1);

namespace App\Rehearsals;

use App\Runs\Work;
use RushHold\Rehearsal\Sweep\Sweep;
use RushHold\Rehearsal\Sweep\SweepDocument;

/** A sweep as a run goes through it. */
final readonly class SweepWork implements Work
{
    /** Passes of one step. */
    private const STEP = 2;

    public function __construct(private Sweep $sweep) {}

    public function step(): void
    {
        $this->sweep->go(self::STEP);
    }

    public function isFinished(): bool
    {
        return $this->sweep->isFinished();
    }

    public function isFull(): bool
    {
        return false;
    }

    public function done(): int
    {
        return $this->sweep->done();
    }

    public function whole(): int
    {
        return $this->sweep->passes;
    }

    public function keep(): void {} // all it brings is its reading

    public function state(): array
    {
        return $this->sweep->toArray();
    }

    public function reading(): array
    {
        return SweepDocument::of($this->sweep);
    }
}
