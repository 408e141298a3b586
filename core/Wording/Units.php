<?php

declare(strict_types=1);

namespace RushHold\Wording;

/** The units a person reads in. Blur on the sensor stays in µm and focal lengths in mm either way. */
enum Units: string
{
    /** Metres and metres a second. */
    case Metric = 'metric';

    /** Feet, inches and miles an hour. */
    case Imperial = 'imperial';

    /** A length or distance, to three figures: "36 cm", "18.1 m", "59.4 ft". */
    public function length(float $metres, int $figures = 3): string
    {
        if (is_infinite($metres)) {
            return 'infinity';
        }
        if ($this === self::Imperial) {
            $feet = $metres / 0.3048;

            return abs($feet) < 3
                ? self::figures($feet * 12, $figures).' in'
                : self::figures($feet, $figures).' ft';
        }

        return match (true) {
            abs($metres) < 0.01 => self::figures($metres * 1000, $figures).' mm',
            abs($metres) < 1 => self::figures($metres * 100, $figures).' cm',
            default => self::figures($metres, $figures).' m',
        };
    }

    /** A speed: "9 m/s", "20.1 mph". */
    public function speed(float $mps, int $figures = 3): string
    {
        return $this === self::Imperial
            ? self::figures($mps / 0.44704, $figures).' mph'
            : self::figures($mps, $figures).' m/s';
    }

    /** A shutter as it is engraved: "1/3200", "0.5 s"; anything between is told to two figures. */
    public static function shutter(float $seconds): string
    {
        return $seconds < 0.3 ? '1/'.self::figures(1 / $seconds) : self::figures($seconds).' s';
    }

    /** A time to two figures: "0.15 s". */
    public static function time(float $seconds): string
    {
        return is_infinite($seconds) ? 'for ever' : self::figures($seconds, 2).' s';
    }

    /** Blur in µm: "13.0 µm". */
    public static function blur(float $mm): string
    {
        return sprintf($mm < 0.1 ? '%.1f µm' : '%.0f µm', $mm * 1000);
    }

    /** Stops, "1 stop" or "0.53 stops". */
    public static function stops(float $stops): string
    {
        $figures = self::figures($stops, 2);

        return $figures.($figures === '1' ? ' stop' : ' stops');
    }

    /** A number to so many significant figures, without trailing noughts after the point. */
    public static function figures(float $number, int $figures = 3): string
    {
        if ($number === 0.0 || ! is_finite($number)) {
            return is_finite($number) ? '0' : 'infinity';
        }
        $decimals = $figures - 1 - (int) floor(log10(abs($number)));
        $text = number_format(round($number, $decimals), max(0, $decimals), '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
