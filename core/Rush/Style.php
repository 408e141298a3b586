<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** What the picture wants of the motion. */
enum Style: string
{
    /** Everything that matters is sharp. */
    case Freeze = 'freeze';

    /** The subject is sharp and the background streaks. */
    case PanBlur = 'pan-blur';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Freeze => 'frozen',
            self::PanBlur => 'with the background streaking',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::Freeze => 'everything that matters is sharp',
            self::PanBlur => 'a slow shutter while you pan',
        };
    }
}
