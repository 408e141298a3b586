<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Whether the way it will take is known. */
enum Route: string
{
    /** A known route, perch, gate or bend. */
    case Known = 'known';

    /** Anywhere. */
    case Unknown = 'unknown';
}
