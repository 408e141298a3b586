<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Others who pass between. */
enum Crossers: string
{
    /** Nobody. */
    case None = 'none';

    /** Now and then. */
    case Occasional = 'occasional';

    /** All the time. */
    case Frequent = 'frequent';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::None => 'nobody',
            self::Occasional => 'now and then',
            self::Frequent => 'all the time',
        };
    }
}
