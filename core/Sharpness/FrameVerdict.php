<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** What a frame shows of its subject, and what it has died of. */
enum FrameVerdict: string
{
    /** All blur together is within the standard. */
    case Sharp = 'sharp';

    /** The same, and what is behind streaks: the camera went with it. */
    case Panned = 'panned';

    /** It streaks, what is around it does not, or otherwise. */
    case Moved = 'moved';

    /** All streaks alike: the hands. */
    case Shaken = 'shaken';

    /** Something else is sharp. */
    case Elsewhere = 'elsewhere';

    /** Nothing is sharp. */
    case Soft = 'soft';

    /** It is not to be seen: outside the frame, or behind something. */
    case Out = 'out';

    case Dark = 'dark';

    case Bright = 'bright';

    /** Too little stands where it should be to say anything. */
    case Unclear = 'unclear';

    public function words(): string
    {
        return match ($this) {
            self::Sharp => 'sharp',
            self::Panned => 'panned',
            self::Moved => 'moved',
            self::Shaken => 'shaken',
            self::Elsewhere => 'focus elsewhere',
            self::Soft => 'soft',
            self::Out => 'not in it',
            self::Dark => 'too dark',
            self::Bright => 'too bright',
            self::Unclear => 'cannot say',
        };
    }

    /** What a frame is lost to, as counts call it: null where it is not lost. */
    public function cause(): ?string
    {
        return match ($this) {
            self::Sharp, self::Panned => null,
            self::Moved => 'motion',
            self::Shaken => 'shake',
            self::Elsewhere, self::Soft => 'focus',
            self::Out => 'out',
            self::Dark, self::Bright => 'light',
            self::Unclear => 'unclear',
        };
    }

    public function isKeeper(): bool
    {
        return $this === self::Sharp || $this === self::Panned;
    }
}
