<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** The side of the camera a control is on, in the order a hand meets them: the lens first, the menu last. */
enum Face: string
{
    /** The lens barrel. */
    case Lens = 'lens';

    /** The front of the body. */
    case Front = 'front';

    /** The top plate. */
    case Top = 'top';

    /** The back. */
    case Back = 'back';

    public function order(): int
    {
        return match ($this) {
            self::Lens => 0,
            self::Front => 1,
            self::Top => 2,
            self::Back => 3,
        };
    }

    /** Where it is. */
    public function words(): string
    {
        return match ($this) {
            self::Lens => 'lens',
            self::Front => 'front',
            self::Top => 'top',
            self::Back => 'back',
        };
    }
}
