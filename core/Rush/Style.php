<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** What the picture wants of the motion. */
enum Style: string
{
    /** Everything that matters is sharp. */
    case Freeze = 'freeze';

    /** The subject is sharp and the background streaks. */
    case PanBlur = 'pan-blur';
}
