<?php

declare(strict_types=1);

namespace RushHold\Tables;

use RushHold\Sharpness\FrameVerdict;

/**
 * What stands in one field of a table, as people and programs write it: 1/2000, 0,0005 s, f/5.6, 400 mm, 40 ft, 2026:05:22 05:12:33.
 * Each reading is null where the text is none of the kind.
 */
final class TableField
{
    private const FOOT_M = 0.3048;

    /** Cameras that wrote files are not older, and none is from a year that far off. */
    private const YEARS = [1990, 2099];

    private const YES = ['yes', 'y', 'true', '1', 'x', '✓', 'keep', 'keeper', 'kept', 'pick', 'picked'];

    private const NO = ['no', 'n', 'false', '0', '-1', '-', 'reject', 'rejected', 'lost', 'none'];

    /** A number with a point or a comma: 1,600 and 1.600,5 too. */
    public static function number(string $text): ?float
    {
        $text = str_replace(["\u{a0}", "\u{202f}", ' ', "'", '’'], '', trim($text));
        if (preg_match('/^[+-]?\d{1,3}(,\d{3})+(\.\d+)?$/', $text) === 1 && (substr_count($text, ',') > 1 || str_contains($text, '.'))) {
            $text = str_replace(',', '', $text);
        } elseif (preg_match('/^[+-]?\d{1,3}(\.\d{3})+(,\d+)?$/', $text) === 1 && (substr_count($text, '.') > 1 || str_contains($text, ','))) {
            $text = str_replace(['.', ','], ['', '.'], $text);
        } else {
            $text = str_replace(',', '.', $text);
        }

        return is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
    }

    /** A number without fractions; what a comma or a point parts in threes is one: 1,600. */
    public static function whole(string $text): ?int
    {
        $text = (string) preg_replace('/^iso\s*/i', '', trim($text));
        $text = preg_match('/^\d{1,3}([,.]\d{3})+$/', $text) === 1 ? str_replace([',', '.'], '', $text) : $text;
        $number = self::number($text);

        return $number !== null && round($number) === $number && abs($number) < 1e9 ? (int) $number : null;
    }

    /** Seconds: 1/2000, 1/2000 s, 0.0005, 2", 0,8 sec. */
    public static function shutter(string $text): ?float
    {
        $text = (string) preg_replace('/\s*(s|sec|secs|second|seconds|"|″)\.?$/iu', '', trim($text));
        if (! str_contains($text, '/')) {
            return self::number($text);
        }
        [$above, $below] = array_map(self::number(...), explode('/', $text, 2));

        return $above !== null && $below !== null && $below > 0 ? $above / $below : null;
    }

    /** An f-number: f/5.6, F5,6, 5.6. */
    public static function aperture(string $text): ?float
    {
        return self::number((string) preg_replace('#^[fƒ]\s*/?\s*#iu', '', trim($text)));
    }

    /** Millimetres: 400 mm, 400. */
    public static function millimetres(string $text): ?float
    {
        return self::number((string) preg_replace('/\s*mm$/i', '', trim($text)));
    }

    /** Stops: +1/3, -0.7, 1 EV. */
    public static function stops(string $text): ?float
    {
        $text = str_replace('−', '-', (string) preg_replace('/\s*(ev|stops?)$/i', '', trim($text)));
        if (preg_match('#^([+-]?)(?:(\d+)\s+)?(\d+)/(\d+)$#', $text, $at) === 1 && (int) $at[4] > 0) {
            return ($at[1] === '-' ? -1 : 1) * ((float) $at[2] + (float) $at[3] / (float) $at[4]);
        }

        return self::number($text);
    }

    /** Metres: 12.5 m, 40 ft, 12,5; a bare number is in the unit the column says. */
    public static function metres(string $text, bool $isInFeet): ?float
    {
        if (preg_match('/^(.*?)\s*(m|metres?|meters?|ft|feet|foot|\')$/iu', trim($text), $at) === 1) {
            $isInFeet = in_array(mb_strtolower($at[2]), ['ft', 'feet', 'foot', "'"], true);
            $text = $at[1];
        }
        $number = self::number($text);

        return $number === null ? null : $number * ($isInFeet ? self::FOOT_M : 1.0);
    }

    /** Whether somebody has kept it. */
    public static function isYes(string $text): ?bool
    {
        $text = mb_strtolower(trim($text));

        return match (true) {
            in_array($text, self::YES, true) => true,
            in_array($text, self::NO, true) => false,
            default => null,
        };
    }

    /** Stars, 0 to 5. */
    public static function stars(string $text): ?int
    {
        $stars = self::whole($text);

        return $stars !== null && $stars >= 0 && $stars <= 5 ? $stars : null;
    }

    /** A verdict, by its name or in words. */
    public static function verdict(string $text): ?FrameVerdict
    {
        $text = mb_strtolower(trim($text));
        foreach (FrameVerdict::cases() as $verdict) {
            if ($text === $verdict->value || $text === $verdict->words()) {
                return $verdict;
            }
        }

        return null;
    }

    /** 64 hexadecimal digits in small letters. */
    public static function hash(string $text): ?string
    {
        $text = strtolower(trim($text));

        return preg_match('/^[0-9a-f]{64}$/', $text) === 1 ? $text : null;
    }

    /** A day as 2026-05-22, out of a text that begins with one. */
    public static function day(string $text, DayOrder $order): ?string
    {
        if (preg_match('#^\s*(\d{1,4})[-/.:](\d{1,2})[-/.:](\d{1,4})(?!\d)#', $text, $at) !== 1) {
            return null;
        }
        [$year, $month, $day] = match ($order) {
            DayOrder::YearMonthDay => [$at[1], $at[2], $at[3]],
            DayOrder::DayMonthYear => [$at[3], $at[2], $at[1]],
            DayOrder::MonthDayYear => [$at[3], $at[1], $at[2]],
        };

        $told = sprintf('%04d-%02d-%02d', (int) $year, (int) $month, (int) $day);
        $read = \DateTimeImmutable::createFromFormat('!Y-m-d', $told);

        return strlen($year) === 4 &&
            strlen($day) < 3 &&
            (int) $year >= self::YEARS[0] &&
            (int) $year <= self::YEARS[1] &&
            $read !== false &&
            $read->format('Y-m-d') === $told
            ? $told
            : null;
    }

    /** A time of day as 05:12:33.12, out of a text that ends with one, before a zone. */
    public static function time(string $text): ?string
    {
        $found = preg_match(
            '/(?:^|[T\s,])(\d{1,2}):(\d{2})(?::(\d{2})(?:[.,](\d{1,6})\d*)?)?\s*(am|pm|a\.m\.|p\.m\.)?\s*(?:Z|UTC|[+-]\d{2}:?\d{2})?\s*$/iu',
            $text,
            $at,
        );
        if ($found !== 1) {
            return null;
        }
        $hour = (int) $at[1];
        $half = strtolower($at[5] ?? '');
        if ($half !== '') {
            if ($hour < 1 || $hour > 12) {
                return null;
            }
            $hour = ($hour % 12) + (str_starts_with($half, 'p') ? 12 : 0);
        }
        [$minute, $second] = [(int) $at[2], (int) ($at[3] ?? 0)];

        return $hour < 24 && $minute < 60 && $second < 60
            ? sprintf('%02d:%02d:%02d', $hour, $minute, $second).(($at[4] ?? '') === '' ? '' : '.'.$at[4])
            : null;
    }

    /** How far a clock is ahead of UTC as +01:00, out of a text that ends with it. */
    public static function offset(string $text): ?string
    {
        if (preg_match('/(?:Z|UTC)\s*$/', $text) === 1) {
            return '+00:00';
        }

        return preg_match('/(?:^|[\d\s])([+-])(0\d|1[0-4]):?([0-5]\d)\s*$/', $text, $at) === 1
            ? "{$at[1]}{$at[2]}:{$at[3]}"
            : null;
    }

    /** A name without signs that nobody sees, of so many characters at the most; null where nothing is left. */
    public static function name(string $text, int $most): ?string
    {
        $text = trim((string) preg_replace('/[\p{C}\s]+/u', ' ', $text));

        return $text === '' ? null : mb_substr($text, 0, $most);
    }
}
