<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** How the camera focuses, apart from where it looks. */
enum FocusMode: string
{
    /** Focuses once and locks; a mover leaves the plane. */
    case Single = 'single';

    /** Refocuses as long as the focus control is held. */
    case Continuous = 'continuous';

    /** The camera guesses between the two. */
    case AutoSwitch = 'auto-switch';

    /** The hand focuses. */
    case Manual = 'manual';

    /** Locks once, then the ring fine-tunes. */
    case SingleWithOverride = 'single-with-override';

    public function words(): string
    {
        return match ($this) {
            self::Manual => 'by hand',
            self::SingleWithOverride => 'single with the ring',
            default => $this->value,
        };
    }

    /** Whether it goes on focusing while the subject moves. */
    public function follows(): bool
    {
        return $this === self::Continuous || $this === self::AutoSwitch;
    }

    /** Whether the ring may set the plane. */
    public function turnsByRing(): bool
    {
        return $this === self::Manual || $this === self::SingleWithOverride;
    }
}
