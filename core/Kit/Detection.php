<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** What subject detection looks for. */
enum Detection: string
{
    /** Nothing: detection is off or does not know this subject. */
    case None = 'none';

    /** Four-legged animals. */
    case Animal = 'animal';

    /** Birds. */
    case Bird = 'bird';

    /** People. */
    case Person = 'person';

    /** Vehicles. */
    case Vehicle = 'vehicle';
}
