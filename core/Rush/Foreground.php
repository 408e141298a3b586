<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** What stands between. */
enum Foreground: string
{
    /** Nothing. */
    case None = 'none';

    /** Single posts, stems or people. */
    case Sparse = 'sparse';

    /** Twigs, reeds or a crowd. */
    case Dense = 'dense';
}
