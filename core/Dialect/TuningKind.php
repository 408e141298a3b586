<?php

declare(strict_types=1);

namespace RushHold\Dialect;

/** How a body lets its tracking be tuned. */
enum TuningKind: string
{
    /** Not at all. */
    case None = 'none';

    /** By dials or sliders, one for each axis. */
    case Scales = 'scales';

    /** By numbered presets. */
    case Presets = 'presets';

    /** By named cases. */
    case Cases = 'cases';

    /** Whether one choice stands for a point of all three axes. */
    public function isOneChoice(): bool
    {
        return $this === self::Presets || $this === self::Cases;
    }
}
