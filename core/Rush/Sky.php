<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** What stands between the sun and the ground. */
enum Sky: string
{
    /** No cloud before the sun. */
    case Clear = 'clear';

    /** Thin cloud or haze; soft shadows. */
    case Hazy = 'hazy';

    /** Bright cloud; hardly a shadow. */
    case Bright = 'bright';

    /** A closed grey sky. */
    case Overcast = 'overcast';

    /** Rain clouds. */
    case Heavy = 'heavy';

    /** Whether it throws light from one side, so that its direction counts. */
    public function throwsShadows(): bool
    {
        return $this === self::Clear || $this === self::Hazy;
    }

    /** As a sentence says it. */
    public function words(): string
    {
        return match ($this) {
            self::Clear => 'clear',
            self::Hazy => 'hazy',
            self::Bright => 'bright cloud',
            self::Overcast => 'overcast',
            self::Heavy => 'heavy cloud',
        };
    }
}
