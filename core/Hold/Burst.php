<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** How long the shutter stays pressed. */
enum Burst: string
{
    /** One frame a press. */
    case Single = 'single';

    /** Two or three frames at the right moment. */
    case Short = 'short';

    /** Held down through the moment. */
    case Long = 'long';

    /** How it is pressed. */
    public function words(): string
    {
        return match ($this) {
            self::Single => 'single frames',
            self::Short => 'short bursts',
            self::Long => 'long bursts',
        };
    }
}
