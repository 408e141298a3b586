<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\BurstRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunHandlers;
use App\Runs\Runs;

/** Looks at a burst again where a person has touched its subject, or where a plan puts it: in the background, as a run. */
final readonly class Relooks
{
    public function __construct(private Runs $runs, private RelookRuns $handler) {}

    /** Begins it; null where no file of the burst is left to be looked at. */
    public function begin(User $user, string $burst): ?RunRecord
    {
        $found = $user->bursts()->with('user')->find($burst);
        if ($found === null || $found->frames()->whereNotNull('file_id')->doesntExist()) {
            return null;
        }

        return $this->runs->begin(
            $user,
            RunHandlers::LOOK,
            $this->handler->of($found, null),
            RelookRuns::fingerprintOf($found),
            $found->id,
        );
    }

    /** The last of a burst. */
    public function last(BurstRecord $burst): ?RunRecord
    {
        return $this->runs->last($burst->user_id, RunHandlers::LOOK, $burst->id);
    }
}
