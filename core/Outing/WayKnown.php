<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** How the minutes of a way on foot are known. */
enum WayKnown: string
{
    /** Somebody has typed them. */
    case Typed = 'typed';

    /** By the crow, at one's pace over what the place lies on. */
    case Reckoned = 'reckoned';

    /** Nothing is known of it: an assumed figure stands for it. */
    case Assumed = 'assumed';
}
