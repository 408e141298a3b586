<?php

declare(strict_types=1);

namespace RushHold\Light;

/** What the sun does in a day that a photographer plans by. */
enum SunEventKind: string
{
    /** Civil twilight begins: six degrees under the horizon. */
    case Dawn = 'dawn';

    /** Its upper edge comes over a flat horizon. */
    case Rise = 'rise';

    /** It stands highest. */
    case Transit = 'transit';

    /** Its upper edge goes under a flat horizon. */
    case Set = 'set';

    /** Civil twilight ends. */
    case Dusk = 'dusk';

    /** It stands lowest. */
    case Lowest = 'lowest';

    /** It comes over what stands around: its middle is seen above the horizon that was typed. */
    case Over = 'over';

    /** It goes behind that. */
    case Behind = 'behind';
}
