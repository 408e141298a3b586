<?php

declare(strict_types=1);

namespace RushHold\Shoot;

/** A mistake that the simulated camera is made to make. */
enum ShootFault: string
{
    /** The focus is locked where it was first. */
    case Single = 'single';

    /** The tuning is turned to its other end: what stays becomes nervous, what is nervous stays. */
    case Tuning = 'tuning';

    /** Two to four stops slower than the plan, the ISO down to match. */
    case Shutter = 'shutter';

    /** A post stands before the subject in the middle of the burst. */
    case Obstacle = 'obstacle';

    /** Hands that shake ten times as much. */
    case Shaken = 'shaken';

    /** The aim loses it half way. */
    case Out = 'out';

    /** Five stops too little light on the sensor. */
    case Dark = 'dark';
}
