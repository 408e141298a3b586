<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunHandlers;
use App\Runs\Runs;

/** Makes an account that was being filled as it was before. */
final readonly class Emptying
{
    public function __construct(private Runs $runs, private EmptyRuns $handler) {}

    /** @param  array<string, list<string>>  $stays  ids that were there before, by table */
    public function begin(User $user, array $stays): RunRecord
    {
        $work = $this->handler->of($user, ['stays' => $stays]);

        return $this->runs->begin($user, RunHandlers::EMPTY, $work, EmptyRuns::FINGERPRINT, state: $work->state());
    }
}
