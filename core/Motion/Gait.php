<?php

declare(strict_types=1);

namespace RushHold\Motion;

/** How a body moves, which decides how much of its motion no pan can take out. */
enum Gait: string
{
    /** Rolls or runs on rails. */
    case Vehicle = 'vehicle';

    /** Glides, skims or stands. */
    case Glide = 'glide';

    /** Swims or paddles. */
    case Swim = 'swim';

    /** Flies on beating wings. */
    case Flap = 'flap';

    /** Runs, leaps or hops. */
    case Run = 'run';
}
