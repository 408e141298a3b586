<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** What lies behind. */
enum Background: string
{
    /** Plain sky, water or far blur. */
    case Clean = 'clean';

    /** Some shapes. */
    case Moderate = 'moderate';

    /** Strong shapes and edges. */
    case Busy = 'busy';
}
