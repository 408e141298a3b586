<?php

declare(strict_types=1);

namespace RushHold\Motion;

/** What carries the camera. */
enum Support: string
{
    /** Free in the hands. */
    case Handheld = 'handheld';

    /** Elbows rested, or lying. */
    case Braced = 'braced';

    /** One leg. */
    case Monopod = 'monopod';

    /** A gimbal head on a tripod. */
    case Gimbal = 'gimbal';

    /** A locked tripod head with a steadying hand. */
    case Locked = 'locked';
}
