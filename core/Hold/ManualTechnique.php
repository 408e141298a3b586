<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** How the hand focuses. */
enum ManualTechnique: string
{
    /** The plane is set first and the subject crosses it. */
    case Trap = 'trap';

    /** The ring sweeps one way through the subject. */
    case Pull = 'pull';

    /** The ring rocks to stay on it. */
    case Follow = 'follow';
}
