<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Whether the way it will take is known. */
enum Route: string
{
    /** Anywhere. */
    case Unknown = 'unknown';

    /** A known route, perch, gate or bend. */
    case Known = 'known';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Known => 'known',
            self::Unknown => 'not known',
        };
    }
}
