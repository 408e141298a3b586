<?php

declare(strict_types=1);

namespace App\Log\Yours;

use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;
use Illuminate\Support\Facades\DB;

/** Sees to it that a person's figures are told anew where their frames are others by now. */
final readonly class Learns extends RunKind
{
    public function __construct(private Runs $runs, private Learning $learning) {}

    public function resume(RunRecord $run): ?LearnWork
    {
        return $this->learning->fingerprint($run->user) === $run->fingerprint
            ? new LearnWork($run->user, $this->learning)
            : null;
    }

    /** The run that does so, or could not; null where they are as they should be. */
    public function wake(User $user): ?RunRecord
    {
        if (! $this->learning->isStale($user)) {
            return null;
        }

        return DB::transaction(function () use ($user): ?RunRecord {
            $user->inTurn();
            $fingerprint = $this->learning->fingerprint($user);
            $last = $this->runs->last($user->id, RunKinds::LEARN);

            $isOfThese = $last?->fingerprint === $fingerprint;

            return match (true) {
                // where no frame tells anything there is nothing to be seen of it but this
                $isOfThese && $last->status === RunRecord::DONE => null,
                $isOfThese && in_array($last->status, [RunRecord::RUNNING, RunRecord::FAILED], true) => $last,
                default => $this->runs->begin(
                    $user,
                    RunKinds::LEARN,
                    new LearnWork($user, $this->learning),
                    $fingerprint,
                ),
            };
        });
    }
}
