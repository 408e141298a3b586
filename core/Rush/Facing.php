<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Which way something looks that does not travel: a bearing of travel means nothing for it. */
enum Facing: string
{
    /** At the camera. */
    case Towards = 'towards';

    /** To one side. */
    case Across = 'across';

    /** With its back to the camera. */
    case Away = 'away';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Towards => 'facing me',
            self::Across => 'facing aside',
            self::Away => 'facing away',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::Towards => 'both eyes or the whole face can be had',
            self::Across => 'its side shows',
            self::Away => 'its back shows',
        };
    }

    /** The bearing it would have if it went where it looks, in degrees against the lens axis. */
    public function bearingDeg(): float
    {
        return match ($this) {
            self::Towards => 0.0,
            self::Across => 90.0,
            self::Away => 180.0,
        };
    }
}
