<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** Whether a spot can be stood at, as far as the water goes. */
enum SpotState: string
{
    /** The water stands lower than what cuts it off, by what is known of it. */
    case Open = 'open';

    /** The water stands as high as what cuts it off, or higher. */
    case Shut = 'shut';

    /** Nobody has said how high the water stands: nobody is sent there. */
    case Unknown = 'unknown';
}
