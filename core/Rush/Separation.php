<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Tone of the subject against its background. */
enum Separation: string
{
    /** Stands out. */
    case Clear = 'clear';

    /** Melts in. */
    case Similar = 'similar';
}
