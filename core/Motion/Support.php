<?php

declare(strict_types=1);

namespace RushHold\Motion;

/** What carries the camera. */
enum Support: string
{
    /** Free in the hands. */
    case Handheld = 'handheld';

    /** Elbows rested, or lying. */
    case Braced = 'braced';

    /** One leg. */
    case Monopod = 'monopod';

    /** A gimbal head on a tripod. */
    case Gimbal = 'gimbal';

    /** A locked tripod head with a steadying hand. */
    case Locked = 'locked';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Handheld => 'hand-holding',
            self::Braced => 'braced',
            self::Monopod => 'on a monopod',
            self::Gimbal => 'on a gimbal',
            self::Locked => 'on a locked tripod',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::Handheld => 'free in the hands',
            self::Braced => 'elbows rested, or lying',
            self::Monopod => 'one leg',
            self::Gimbal => 'a gimbal head on a tripod',
            self::Locked => 'with a steadying hand',
        };
    }
}
