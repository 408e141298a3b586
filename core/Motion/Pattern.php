<?php

declare(strict_types=1);

namespace RushHold\Motion;

/** How predictable the motion is. */
enum Pattern: string
{
    /** Stays where it is, but for fidgets. */
    case Still = 'still';

    /** Keeps its speed and direction. */
    case Steady = 'steady';

    /** Gains or loses speed evenly. */
    case Accelerating = 'accelerating';

    /** Stops and goes. */
    case StopStart = 'stop-start';

    /** Jinks in every direction. */
    case Erratic = 'erratic';

    /** Bursts into view or away. */
    case Sudden = 'sudden';
}
