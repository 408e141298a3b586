<?php

declare(strict_types=1);

namespace RushHold\Motion;

/** How practised the photographer is at following. */
enum Skill: string
{
    /** Not yet practised. */
    case New = 'new';

    /** Fairly practised. */
    case Settled = 'settled';

    /** Does it daily. */
    case Expert = 'expert';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::New => 'not yet practised',
            self::Settled => 'fairly practised',
            self::Expert => 'very practised',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::New => 'first months',
            self::Settled => 'most weeks',
            self::Expert => 'most days',
        };
    }
}
