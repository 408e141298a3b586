<?php

declare(strict_types=1);

namespace RushHold\Rush;

/**
 * How a body is stretched out, as shares of the length that a rush gives.
 * That length runs along the travel for what flies, runs on four legs, swims or rolls, and upwards for what stands.
 */
enum Posture: string
{
    /** A bird on the wing. */
    case Flying = 'flying';

    /** A bird on a perch or on the ground. */
    case Perched = 'perched';

    /** A long-legged bird on its feet; the length is its height. */
    case Stalking = 'stalking';

    /** A bird on the water. */
    case Afloat = 'afloat';

    /** An animal on four legs. */
    case FourLegged = 'four-legged';

    /** A person on two legs; the length is the height. */
    case Upright = 'upright';

    /** A person turning over in the air. */
    case Tumbling = 'tumbling';

    /** Head and arms out of the water. */
    case InWater = 'in-water';

    /** A person seated in a boat. */
    case Seated = 'seated';

    /** A person on a horse or on two wheels. */
    case Mounted = 'mounted';

    /** A machine on four wheels. */
    case Rolling = 'rolling';

    /** A machine on wings. */
    case Winged = 'winged';

    /** An insect or a flower. */
    case Small = 'small';

    /** As it stands in a sentence, with its article. */
    public function words(): string
    {
        return match ($this) {
            self::Flying => 'a bird on the wing',
            self::Perched => 'a bird on a perch',
            self::Stalking => 'a long-legged bird',
            self::Afloat => 'a bird on the water',
            self::FourLegged => 'an animal on four legs',
            self::Upright => 'a person on two legs',
            self::Tumbling => 'a person turning over',
            self::InWater => 'a swimmer\'s head and arms',
            self::Seated => 'a person in a boat',
            self::Mounted => 'a rider',
            self::Rolling => 'a machine on wheels',
            self::Winged => 'a machine on wings',
            self::Small => 'an insect or a flower',
        };
    }

    /** @return array{float, float, float} along its travel, across it, upwards; *assumed* */
    public function shares(): array
    {
        return match ($this) {
            self::Flying => [1.0, 2.0, 0.7],
            self::Perched => [0.85, 0.45, 0.8],
            self::Stalking => [0.5, 0.25, 1.0],
            self::Afloat => [1.0, 0.45, 0.55],
            self::FourLegged => [1.0, 0.35, 0.75],
            self::Upright => [0.45, 0.35, 1.0],
            self::Tumbling => [0.7, 0.5, 0.85],
            self::InWater => [1.0, 0.9, 0.55],
            self::Seated => [1.0, 0.4, 0.55],
            self::Mounted => [1.0, 0.4, 0.9],
            self::Rolling => [1.0, 0.45, 0.35],
            self::Winged => [1.0, 1.0, 0.3],
            self::Small => [1.0, 0.9, 0.8],
        };
    }

    /** @return array{float, float} where the head or front is, from the middle of the body: forwards and upwards, in shares of the length */
    public function head(): array
    {
        return match ($this) {
            self::Flying => [0.36, 0.04],
            self::Perched => [0.24, 0.24],
            self::Stalking => [0.14, 0.42],
            self::Afloat => [0.36, 0.18],
            self::FourLegged => [0.4, 0.18],
            self::Upright => [0.02, 0.43],
            self::Tumbling => [0.0, 0.1],
            self::InWater => [0.12, 0.1],
            self::Seated => [0.04, 0.18],
            self::Mounted => [0.08, 0.34],
            self::Rolling, self::Winged => [0.42, 0.0],
            self::Small => [0.25, 0.1],
        };
    }
}
