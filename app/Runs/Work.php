<?php

declare(strict_types=1);

namespace App\Runs;

/** Long work in small steps, which can be put down after any of them and taken up elsewhere. */
interface Work
{
    /** Does the next small piece, of well under a second. What it finds is held until {@see keep()}. */
    public function step(): void;

    public function isFinished(): bool;

    /** Whether so much is held that it must be kept before the next step. */
    public function isFull(): bool;

    /** How many of {@see whole()} are done. */
    public function done(): int;

    /** How many there are: passes, frames, files. */
    public function whole(): int;

    /**
     * Writes what the steps since the last time have brought, beside the run itself. Called in one transaction with the progress, so that
     * either both are kept or neither; not called when somebody else has gone on meanwhile.
     */
    public function keep(): void;

    /** @return array<string, mixed> what is needed to go on */
    public function state(): array;

    /** @return array<string, mixed> what it tells so far */
    public function reading(): array;
}
