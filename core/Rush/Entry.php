<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Where the subject comes in. */
enum Entry: string
{
    /** Anywhere. */
    case Any = 'any';

    /** From the left. */
    case Left = 'left';

    /** From the right. */
    case Right = 'right';

    /** From below: it rises. */
    case Below = 'below';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Any => 'any side',
            self::Left => 'the left',
            self::Right => 'the right',
            self::Below => 'below',
        };
    }
}
