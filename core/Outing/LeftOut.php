<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** Why a rush is not worked, or not at a moment at which it would bring most. */
enum LeftOut: string
{
    /** Its hours lie outside of those one is out. */
    case Outside = 'outside';

    /** Nothing of it comes out at any of its hours. */
    case Nothing = 'nothing';

    /** It has no chances, or does not count. */
    case NoChances = 'no-chances';

    /** Nobody has said how high the water stands in all of its hours. */
    case NotKnown = 'not-known';

    /** The water shuts its spot in all of its hours, or in those that are known. */
    case Shut = 'shut';

    /** Its spot is open while something would come out, but one must be off it by then, or cannot be there yet. */
    case NotLeft = 'not-left';

    /** Its spot is open for too short a while to walk there and back. */
    case TooShort = 'too-short';

    /** Another rush brings more then. */
    case Other = 'other';

    /** One is on the way then, or waits elsewhere for what brings more. */
    case Elsewhere = 'elsewhere';
}
