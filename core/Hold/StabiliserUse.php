<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** What the stabiliser does. */
enum StabiliserUse: string
{
    /** Nothing. */
    case Off = 'off';

    /** Steadies every direction. */
    case On = 'on';

    /** Leaves the pan alone and steadies the rest. */
    case Panning = 'panning';

    /** What it is set to. */
    public function words(): string
    {
        return match ($this) {
            self::Off => 'off',
            self::On => 'on',
            self::Panning => 'panning mode',
        };
    }
}
