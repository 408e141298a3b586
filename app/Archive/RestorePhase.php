<?php

declare(strict_types=1);

namespace App\Archive;

/** What is done of an archive that is put back, one after the other. */
enum RestorePhase: string
{
    /** Tables are unpacked, and their rows counted. */
    case Unpack = 'unpack';

    /** Rows are checked and written. */
    case Rows = 'rows';

    /** Pictures of frames are put where they belong. */
    case Pictures = 'pictures';

    /** Bursts are counted. */
    case Count = 'count';

    /** Figures are told from the frames. */
    case Learn = 'learn';

    case Done = 'done';
}
