<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Tone of the subject against its background. */
enum Separation: string
{
    /** Stands out. */
    case Clear = 'clear';

    /** Melts in. */
    case Similar = 'similar';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Clear => 'it stands out',
            self::Similar => 'it melts in',
        };
    }
}
