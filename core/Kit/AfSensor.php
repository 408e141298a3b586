<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** What measures focus. */
enum AfSensor: string
{
    /** The main sensor, over nearly the whole frame. */
    case OnImage = 'on-image';

    /** A reflex module of lines: sees only detail across them. */
    case Line = 'line';

    /** A reflex module with crossed lines at the centre. */
    case Cross = 'cross';
}
