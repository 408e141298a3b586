<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** What one waits for on a day. */
enum WaitsFor: string
{
    /** Until the water has gone. */
    case Water = 'water';

    /** Until there is light enough, or the better light. */
    case Light = 'light';

    /** Until a rush may happen. */
    case Hours = 'hours';
}
