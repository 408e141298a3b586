<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** What lies behind. */
enum Background: string
{
    /** Plain sky, water or far blur. */
    case Clean = 'clean';

    /** Some shapes. */
    case Moderate = 'moderate';

    /** Strong shapes and edges. */
    case Busy = 'busy';

    /** This, or some shapes where it is plainer. */
    public function atLeastModerate(): self
    {
        return $this === self::Clean ? self::Moderate : $this;
    }

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Clean => 'plain',
            self::Moderate => 'some shapes',
            self::Busy => 'busy',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::Clean => 'sky, water, a far blur',
            self::Moderate => 'banks, far trees',
            self::Busy => 'strong shapes and edges',
        };
    }
}
