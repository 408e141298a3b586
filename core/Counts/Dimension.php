<?php

declare(strict_types=1);

namespace RushHold\Counts;

/**
 * What bursts are counted by: of each every burst has one value, an empty one where nobody knows. Counts are kept by the place of a case in
 * this list, so that a new one goes to its end.
 */
enum Dimension: string
{
    case Rush = 'rush';

    /** The set-up it was planned with, as far as frames are told apart by it. */
    case Hold = 'hold';

    case Area = 'area';

    /** Stay, pace and pick of the tracking. */
    case Tuning = 'tuning';

    /** Whether shutter and aperture were those of the plan. */
    case Heeded = 'heeded';

    /** As shot, by whole stops. */
    case Shutter = 'shutter';

    /** As the file says it, else as planned, by doublings. */
    case Distance = 'distance';

    case Body = 'body';

    case Lens = 'lens';

    case Support = 'support';

    case Outing = 'outing';

    case Month = 'month';

    /** Share of sharp frames that the rehearsal of its plan expected, in whole percent. */
    case Promised = 'promised';

    public function words(): string
    {
        return match ($this) {
            self::Rush => 'rush',
            self::Hold => 'hold',
            self::Area => 'AF area',
            self::Tuning => 'tracking',
            self::Heeded => 'set as planned',
            self::Shutter => 'shutter',
            self::Distance => 'distance',
            self::Body => 'body',
            self::Lens => 'lens',
            self::Support => 'support',
            self::Outing => 'outing',
            self::Month => 'month',
            self::Promised => 'promise',
        };
    }

    /** Whether its values have an order of their own, which a list of them keeps. */
    public function isOrdered(): bool
    {
        return match ($this) {
            self::Shutter, self::Distance, self::Month, self::Promised => true,
            default => false,
        };
    }

    /** @return int kind of the counts by this one alone: 1 upwards */
    public function kind(): int
    {
        return $this->place() + 1;
    }

    /**
     * @return array{int, bool} kind of the counts by this one and another, and whether this one stands first in them
     */
    public function kindWith(self $other): array
    {
        [$low, $high] = [min($this->place(), $other->place()), max($this->place(), $other->place())];

        return [100 * ($low + 1) + $high + 1, $this->place() === $low];
    }

    private function place(): int
    {
        /** @var ?array<string, int> $places */
        static $places = null;
        $places ??= array_flip(array_column(self::cases(), 'value'));

        return $places[$this->value];
    }
}
