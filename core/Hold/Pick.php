<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** Which thing inside a zone wins. */
enum Pick: string
{
    /** Stays with the first. */
    case Auto = 'auto';

    /** What is in the middle. */
    case Centre = 'centre';

    /** What is nearest. */
    case Nearest = 'nearest';
}
