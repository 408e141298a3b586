<?php

declare(strict_types=1);

namespace App\Log\Intake;

use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;

/** Reads files ahead of the run that takes them in, so that a second worker of the machine helps with a long card. */
final readonly class ReadsAhead extends RunKind
{
    /** Of fewer that wait none is read ahead. */
    private const LEAST = 2;

    public function __construct(private Runs $runs, private Readings $readings) {}

    public function resume(RunRecord $run): AheadWork
    {
        return $this->of($run->user, $run->state ?? []);
    }

    /** Begins it where so many wait, and ends it where none does. Within a transaction, the account in turn. */
    public function see(User $user, int $waiting): void
    {
        $isUnderWay = $this->runs->last($user->id, RunKinds::AHEAD)?->status === RunRecord::RUNNING;
        if ($waiting === 0 && $isUnderWay) {
            $this->runs->cancelLast($user->id, RunKinds::AHEAD);
        } elseif ($waiting >= self::LEAST && ! $isUnderWay) {
            $this->runs->begin($user, RunKinds::AHEAD, $this->of($user, []));
        }
    }

    /** @param  array<string, mixed>  $state  where it was put down */
    private function of(User $user, array $state): AheadWork
    {
        return new AheadWork($user, $this->readings, (int) ($state['read'] ?? 0));
    }
}
