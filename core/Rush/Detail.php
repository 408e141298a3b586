<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Contrast of the target itself. */
enum Detail: string
{
    /** Plain: one tone, or dark. */
    case Low = 'low';

    /** Some markings. */
    case Medium = 'medium';

    /** Lettering, stripes, strong markings. */
    case High = 'high';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Low => 'plain',
            self::Medium => 'some markings',
            self::High => 'strong markings',
        };
    }
}
