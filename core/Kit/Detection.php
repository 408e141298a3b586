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

    /** What it looks for, in one word. */
    public function words(): string
    {
        return match ($this) {
            self::None => 'off',
            self::Animal => 'animal',
            self::Bird => 'bird',
            self::Person => 'person',
            self::Vehicle => 'vehicle',
        };
    }

    /** What it looks for, as a body lists it: "birds". */
    public function plural(): string
    {
        return match ($this) {
            self::None => 'nothing',
            self::Animal => 'animals',
            self::Bird => 'birds',
            self::Person => 'people',
            self::Vehicle => 'vehicles',
        };
    }
}
