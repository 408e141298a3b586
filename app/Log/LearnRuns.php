<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunHandler;

/** Telling figures from frames. */
final readonly class LearnRuns implements RunHandler
{
    public function __construct(private Learning $learning) {}

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
        return $this->learning->fingerprint($run->user);
    }

    public function work(RunRecord $run): LearnWork
    {
        return $this->of($run->user);
    }

    public function of(User $user): LearnWork
    {
        return new LearnWork($user, $this->learning);
    }
}
