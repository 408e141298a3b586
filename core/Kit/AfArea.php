<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** Where the camera looks for focus, smallest to largest. */
enum AfArea: string
{
    /** A pinprick. */
    case Spot = 'spot';

    /** One point. */
    case SinglePoint = 'single-point';

    /** A point with four to eight helpers around it. */
    case PointPlus = 'point-plus';

    /** A small box. */
    case ZoneSmall = 'zone-small';

    /** A long low box. */
    case ZoneWide = 'zone-wide';

    /** An upright box. */
    case ZoneTall = 'zone-tall';

    /** A big box. */
    case ZoneLarge = 'zone-large';

    /** Everything the camera sees. */
    case WholeFrame = 'whole-frame';

    /** Starts where it is put, then follows that pattern of colour and shape. */
    case LockOn = 'lock-on';

    public function words(): string
    {
        return match ($this) {
            self::Spot => 'pinpoint',
            self::SinglePoint => 'one point',
            self::PointPlus => 'expanded point',
            self::ZoneSmall => 'small zone',
            self::ZoneWide => 'wide zone',
            self::ZoneTall => 'tall zone',
            self::ZoneLarge => 'large zone',
            self::WholeFrame => 'whole frame',
            self::LockOn => 'lock-on',
        };
    }

    /** @return list<string> every area as the formats name it, smallest first, lock-on last */
    public static function all(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** One letter for it, where a map has room for no more. */
    public function letter(): string
    {
        return match ($this) {
            self::Spot => 'p',
            self::SinglePoint => '1',
            self::PointPlus => 'e',
            self::ZoneSmall => 's',
            self::ZoneWide => 'w',
            self::ZoneTall => 't',
            self::ZoneLarge => 'L',
            self::WholeFrame => 'F',
            self::LockOn => 'k',
        };
    }

    /** A box in which the camera itself picks. */
    public function isZone(): bool
    {
        return in_array($this, [self::ZoneSmall, self::ZoneWide, self::ZoneTall, self::ZoneLarge], true);
    }

    /** A point that goes where it is put and nowhere else. */
    public function isPoint(): bool
    {
        return in_array($this, [self::Spot, self::SinglePoint, self::PointPlus], true);
    }

    /** Rank by how much of the frame it may take focus from; 0 is the smallest. What follows anywhere ranks with the whole frame. */
    public function reach(): int
    {
        return match ($this) {
            self::Spot => 0,
            self::SinglePoint => 1,
            self::PointPlus => 2,
            self::ZoneSmall => 3,
            self::ZoneWide, self::ZoneTall => 4,
            self::ZoneLarge => 5,
            self::WholeFrame, self::LockOn => 6,
        };
    }
}
