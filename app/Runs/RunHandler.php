<?php

declare(strict_types=1);

namespace App\Runs;

use App\Models\RunRecord;

/** What the runs of one kind do. One for each kind, named in {@see RunHandlers}. */
interface RunHandler
{
    /** How many runs of this kind an account may have under way; the oldest beyond that are cancelled. */
    public function atOnce(): int;

    /** How many runs are kept of one subject; the oldest beyond that go. */
    public function kept(): int;

    /** A fingerprint of all that the run rests on, as it stands now; null when that is gone. A run whose own is another is overtaken. */
    public function fingerprint(RunRecord $run): ?string;

    /**
     * The work, taken up where it was put down.
     *
     * @throws \RushHold\Faults\Fault when it cannot go on; the run then fails with those words
     */
    public function work(RunRecord $run): Work;
}
