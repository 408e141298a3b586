<?php

declare(strict_types=1);

namespace RushHold\Motion;

/** What a subject is doing, as people say it: a word for a pattern with the speeds that belong to it. */
enum Act: string
{
    /** From rest to its full speed. */
    case TakingOff = 'taking-off';

    /** From its speed to a stand. */
    case Landing = 'landing';

    /** At its highest speed, and faster still. */
    case Diving = 'diving';

    /** In its place, with everything but itself at rest. */
    case Hovering = 'hovering';

    /** The pattern it moves by. */
    public function pattern(): Pattern
    {
        return match ($this) {
            self::TakingOff => Pattern::Sudden,
            self::Landing, self::Diving => Pattern::Accelerating,
            self::Hovering => Pattern::Steady,
        };
    }

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::TakingOff => 'taking off',
            self::Landing => 'landing',
            self::Diving => 'diving',
            self::Hovering => 'hovering',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::TakingOff => 'from rest to full speed',
            self::Landing => 'slows to a stand',
            self::Diving => 'as fast as it can, and faster',
            self::Hovering => 'in its place, wings or rotor going',
        };
    }
}
