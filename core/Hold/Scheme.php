<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** Which button focuses. */
enum Scheme: string
{
    /** Half a press of the shutter. */
    case Shutter = 'shutter';

    /** A rear button; the shutter only fires. */
    case Thumb = 'thumb';

    /** One rear button for a small area, a second for tracking. */
    case TwoThumbs = 'two-thumbs';

    /** The shutter with wide tracking, two rear buttons for choosing one and for locking a plane. */
    case ThreeButtons = 'three-buttons';

    /** What it is called. */
    public function words(): string
    {
        return match ($this) {
            self::Shutter => 'shutter',
            self::Thumb => 'thumb',
            self::TwoThumbs => 'two thumbs',
            self::ThreeButtons => 'three buttons',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::Shutter => 'half a press focuses',
            self::Thumb => 'a rear key focuses, the shutter only fires',
            self::TwoThumbs => 'one small area, one wide, a centimetre apart',
            self::ThreeButtons => 'wide on the shutter, one to choose, one to fix the plane',
        };
    }
}
