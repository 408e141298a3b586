<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Whom to follow. */
enum Follow: string
{
    /** The chosen one. */
    case ThisOne = 'this-one';

    /** Whoever is nearest. */
    case Nearest = 'nearest';

    /** Whoever comes into view. */
    case WhoeverEnters = 'whoever-enters';
}
