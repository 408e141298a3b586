<?php

declare(strict_types=1);

namespace RushHold\Motion;

/** How practised the photographer is at following. */
enum Skill: string
{
    /** Not yet practised. */
    case New = 'new';

    /** Fairly practised. */
    case Settled = 'settled';

    /** Does it daily. */
    case Expert = 'expert';
}
