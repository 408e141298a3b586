<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Whom to follow. */
enum Follow: string
{
    /** The chosen one. */
    case ThisOne = 'this-one';

    /** Whoever is nearest. */
    case Nearest = 'nearest';

    /** Whoever comes into view. */
    case WhoeverEnters = 'whoever-enters';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::ThisOne => 'this one',
            self::Nearest => 'whoever leads',
            self::WhoeverEnters => 'whoever comes in',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::ThisOne => 'the one I have chosen',
            self::Nearest => 'the nearest of them',
            self::WhoeverEnters => 'not there yet',
        };
    }
}
