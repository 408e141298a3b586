<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** How far the background is to streak while the camera pans. */
enum Streak: string
{
    /** Just enough to see that something moves. */
    case Hint = 'hint';

    /** Plainly drawn out. */
    case Plain = 'plain';

    /** Drawn out into lines. */
    case Long = 'long';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Hint => 'a hint of streak',
            self::Plain => 'plain streaks',
            self::Long => 'long streaks',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::Hint => 'the background just softens along the way',
            self::Plain => 'the background is plainly drawn out',
            self::Long => 'the background turns into lines',
        };
    }
}
