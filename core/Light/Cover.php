<?php

declare(strict_types=1);

namespace RushHold\Light;

/** What stands between the sun and a spot. */
enum Cover: string
{
    case None = 'none';

    /** A cliff, a wall, the edge of a wood: the sky is open. */
    case Shade = 'shade';

    /** A roof of leaves. */
    case Canopy = 'canopy';
}
