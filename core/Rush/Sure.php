<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** In how many frames the standard is to hold, as far as the shutter decides it. */
enum Sure: string
{
    /** In the usual frame: half of them are better. */
    case Half = 'half';

    /** In four of five. */
    case Most = 'most';

    /** In nineteen of twenty. */
    case NearlyAll = 'nearly-all';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Half => 'in half the frames',
            self::Most => 'in most frames',
            self::NearlyAll => 'in nearly all frames',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::Half => 'the usual frame, at the least ISO',
            self::Most => 'four of five',
            self::NearlyAll => 'nineteen of twenty',
        };
    }

    /** The share of frames it asks for. */
    public function share(): float
    {
        return match ($this) {
            self::Half => 0.5,
            self::Most => 0.8,
            self::NearlyAll => 0.95,
        };
    }
}
