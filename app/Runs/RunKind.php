<?php

declare(strict_types=1);

namespace App\Runs;

use App\Models\RunRecord;

/** A kind of long work: how it is begun, taken up again and ended. One class for each, named in {@see RunKinds}; what one does is a {@see Work}. */
abstract readonly class RunKind
{
    /** How many runs of this kind an account may have under way; the oldest beyond that are cancelled. */
    public function atOnce(): int
    {
        return 1;
    }

    /** How many runs are kept of one subject; the oldest beyond that go. */
    public function kept(): int
    {
        return 1;
    }

    /**
     * The work, taken up where it was put down; null when what it rests on is gone or is another by now, which overtakes the run. Whether it
     * is and what it is are told from one look: what went between two would break a worker.
     *
     * @throws \RushHold\Faults\Fault when it cannot go on; the run then fails with those words
     */
    abstract public function resume(RunRecord $run): ?Work;

    /** Takes away what is left of one that ends before it is done. Called together with what ends it: either both are kept or neither. */
    public function cleanUp(RunRecord $run): void {}
}
