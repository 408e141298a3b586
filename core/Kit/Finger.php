<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** The finger that works a control. */
enum Finger: string
{
    /** The one on the shutter. */
    case Index = 'index';

    /** The next beside it, round the grip. */
    case Middle = 'middle';

    /** The one below that. */
    case Ring = 'ring';

    /** The right thumb, on the back. */
    case Thumb = 'thumb';

    /** The left hand, under the lens. */
    case LeftHand = 'left-hand';

    public function words(): string
    {
        return match ($this) {
            self::Index => 'first finger',
            self::Middle => 'middle finger',
            self::Ring => 'ring finger',
            self::Thumb => 'thumb',
            self::LeftHand => 'left hand',
        };
    }
}
