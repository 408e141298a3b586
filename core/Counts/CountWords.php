<?php

declare(strict_types=1);

namespace RushHold\Counts;

use RushHold\Kit\AfArea;
use RushHold\Kit\FocusMode;
use RushHold\Motion\Support;
use RushHold\Wording\Units;

/** What bursts are counted by, as a person reads it. */
final class CountWords
{
    public const UNKNOWN = 'not known';

    /** Shutters by whole stops, as parts of a second. */
    private const ENGRAVED = [8, 15, 30, 60, 125, 250, 500, 1000, 2000, 4000, 8000, 16_000, 32_000];

    private const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    /** A value of a dimension: "zone", "about 1/2000", "8 – 16 m"; of one that is named by the account itself the value as it is. */
    public static function value(Dimension $dimension, string $value, Units $units): string
    {
        if ($value === '') {
            return match ($dimension) {
                Dimension::Rush, Dimension::Hold, Dimension::Promised => 'no rush yet',
                Dimension::Outing => 'on no outing',
                default => self::UNKNOWN,
            };
        }

        return match ($dimension) {
            Dimension::Rush, Dimension::Outing, Dimension::Body, Dimension::Lens => $value,
            Dimension::Hold => self::hold($value),
            Dimension::Area => $value === Promise::BY_HAND ? 'by hand' : AfArea::tryFrom($value)?->words() ?? $value,
            Dimension::Tuning => self::tracking(TrackingDials::read($value)),
            Dimension::Heeded => $value === 'yes' ? 'as planned' : 'otherwise',
            Dimension::Shutter => Units::shutter(self::engraved(Bands::shutterS((int) $value))),
            Dimension::Distance => self::distance((int) $value, $units),
            Dimension::Support => Support::tryFrom($value)?->words() ?? $value,
            Dimension::Month => self::month($value),
            Dimension::Promised => $value.' %',
        };
    }

    private static function hold(string $value): string
    {
        $hold = HoldKey::read($value);
        if ($hold === null) {
            return $value;
        }
        $parts = match ($hold->focusMode) {
            FocusMode::Continuous => [$hold->area->words()],
            FocusMode::Manual => [$hold->focusMode->words()],
            default => [$hold->focusMode->words(), $hold->area->words()],
        };
        if ($hold->tracking->stay !== null) {
            $parts[] = 'stay '.$hold->tracking->stay;
        }

        return implode(', ', [...$parts, Units::shutter($hold->shutterS), 'f/'.Units::figures($hold->fNumber, 2)]);
    }

    private static function tracking(TrackingDials $tracking): string
    {
        $parts = [];
        foreach (['stay' => $tracking->stay, 'pace' => $tracking->pace, 'pick' => $tracking->pick?->value] as $name => $level) {
            if ($level !== null) {
                $parts[] = "{$name} {$level}";
            }
        }

        return $parts === [] ? 'no dial for it' : implode(', ', $parts);
    }

    /** The shutter nearest to a power of two as it is engraved: 1/1024 is 1/1000. */
    private static function engraved(float $seconds): float
    {
        foreach (self::ENGRAVED as $per) {
            if (abs(log($seconds * $per, 2)) < 0.2) {
                return 1 / $per;
            }
        }

        return $seconds;
    }

    private static function distance(int $band, Units $units): string
    {
        [$nearM, $farM] = Bands::distanceM($band);
        [$near, $far] = [$units->length($nearM, 2), $units->length($farM, 2)];
        [$number, $unit] = explode(' ', $near) + [1 => ''];

        return str_ends_with($far, ' '.$unit) ? "{$number} – {$far}" : "{$near} – {$far}";
    }

    private static function month(string $value): string
    {
        $month = self::MONTHS[(int) substr($value, 5, 2) - 1] ?? null;

        return $month === null ? $value : $month.' '.substr($value, 0, 4);
    }
}
