<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** What kind of activity it is: decides which custom and which cautions apply. */
enum Family: string
{
    /** Birds. */
    case Bird = 'bird';

    /** Wild and tame four-legged animals. */
    case Animal = 'animal';

    /** Insects and flowers: close and small. */
    case Small = 'small';

    /** People at sport. */
    case Person = 'person';

    /** Machines and whoever rides in them. */
    case Vehicle = 'vehicle';
}
