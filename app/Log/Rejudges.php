<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunHandlers;
use App\Runs\Runs;
use Illuminate\Database\Eloquent\Collection;

/** Judges the frames of a body again where it is said anew whether it blurs of its own: in the background, as a run. */
final readonly class Rejudges
{
    public function __construct(private Runs $runs, private RejudgeRuns $handler) {}

    /**
     * Begins it; one of the same body that is under way judges by what was said before, and is given up.
     *
     * @param  string  $body  as its files name it
     */
    public function begin(User $user, string $body): RunRecord
    {
        /** @var Collection<int, RunRecord> $under */
        $under = $user
            ->runs()
            ->where('kind', RunHandlers::JUDGE)
            ->where('fingerprint', RejudgeRuns::fingerprintOf($body))
            ->get();
        $under->each($this->runs->cancel(...));

        return $this->runs->begin(
            $user,
            RunHandlers::JUDGE,
            $this->handler->of($user, $body, null),
            RejudgeRuns::fingerprintOf($body),
        );
    }

    /** The one that is under way, or was last. */
    public function last(User $user): ?RunRecord
    {
        return $this->runs->last($user->id, RunHandlers::JUDGE);
    }
}
