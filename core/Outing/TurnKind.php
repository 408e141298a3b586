<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** Which way the water turns. */
enum TurnKind: string
{
    case High = 'high';
    case Low = 'low';
}
