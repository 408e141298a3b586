<?php

declare(strict_types=1);

namespace App\Runs;

use App\Models\RunRecord;

/** A kind of run that leaves something to be taken away where it ends before it is done. */
interface CleansUp
{
    /** Called together with what ends the run: either both are kept or neither. */
    public function cleanUp(RunRecord $run): void;
}
