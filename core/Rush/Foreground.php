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

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::None => 'nothing',
            self::Sparse => 'a few things',
            self::Dense => 'dense clutter',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::None => 'a clear view',
            self::Sparse => 'posts, stems, single people',
            self::Dense => 'twigs, reeds, a crowd',
        };
    }
}
