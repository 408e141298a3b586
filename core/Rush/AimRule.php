<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** What practitioners aim at on a kind of subject, all else being well. */
enum AimRule: string
{
    /** The eye, else the head, else an edge with contrast. */
    case Eye = 'eye';

    /** The shirt: chest from in front, the number from behind. */
    case Shirt = 'shirt';

    /** Head and shoulders. */
    case Upper = 'upper';

    /** The face. */
    case Face = 'face';

    /** A larger patch in the middle of the body. */
    case Middle = 'middle';

    /** The helmet. */
    case Helmet = 'helmet';

    /** The front edge of the machine. */
    case Front = 'front';
}
