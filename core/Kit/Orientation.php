<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** How the camera is turned about the lens. */
enum Orientation: string
{
    /** The long side of the frame level. */
    case Landscape = 'landscape';

    /** The long side upright. */
    case Portrait = 'portrait';

    /** As the sentence of a rush and a card say it. */
    public function words(): string
    {
        return match ($this) {
            self::Landscape => 'level',
            self::Portrait => 'upright',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::Landscape => 'the long side of the frame level',
            self::Portrait => 'the camera turned, the long side upright',
        };
    }
}
