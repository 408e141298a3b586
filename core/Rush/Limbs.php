<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** What the wing tips, hands or hooves may do. */
enum Limbs: string
{
    /** They must be sharp too. */
    case Freeze = 'freeze';

    /** They may show their speed. */
    case MayBlur = 'may-blur';
}
