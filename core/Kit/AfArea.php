<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** Where the camera looks for focus, smallest to largest. */
enum AfArea: string
{
    /** A pinprick. */
    case Spot = 'spot';

    /** One point. */
    case SinglePoint = 'single-point';

    /** A point with four to eight helpers around it. */
    case PointPlus = 'point-plus';

    /** A small box. */
    case ZoneSmall = 'zone-small';

    /** A long low box. */
    case ZoneWide = 'zone-wide';

    /** An upright box. */
    case ZoneTall = 'zone-tall';

    /** A big box. */
    case ZoneLarge = 'zone-large';

    /** Everything the camera sees. */
    case WholeFrame = 'whole-frame';

    /** Starts where it is put, then follows that pattern of colour and shape. */
    case LockOn = 'lock-on';
}
