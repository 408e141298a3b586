<?php

declare(strict_types=1);

namespace RushHold\Log;

use RushHold\Optics\SharpnessStandard;

/**
 * What one photograph tells of the body and the lens it was taken with. Each figure says how it is known: read as it stands in the file,
 * reckoned from what stands there, or not at all, so that it has to be asked for.
 */
final readonly class KitFromFile
{
    public const READ = 'read';

    public const RECKONED = 'reckoned';

    public const ASKED = 'asked';

    /** Sides of a sensor are told to so many digits of a mm. */
    private const DIGITS = 1;

    /** How much a crop or a rounded 35 mm equivalent may be off, as a share. */
    private const USUAL = 0.03;

    /** Widths sensors usually have, in mm: a figure that is nearly one of them is that one. */
    private const WIDTHS_MM = [36.0, 43.8, 23.5, 22.3, 17.3, 13.2];

    /**
     * @param  array<string, array{value: string|float|int|null, by: string}>  $body  name, pixels_wide, sensor_width_mm, sensor_height_mm
     * @param  array<string, array{value: string|float|int|null, by: string}>  $lens  name, focal_min_mm, focal_max_mm; widest_f
     *     at the longest, widest_f_short at the shortest
     */
    private function __construct(public array $body, public array $lens) {}

    /**
     * @param  int  $width  of the picture as the file lies, in px
     * @param  int  $height  of it
     */
    public static function of(FrameFacts $facts, int $width, int $height): self
    {
        [$wide, $high] = [max($width, $height), min($width, $height)];
        [$sensorMm, $by] = self::sensor($facts, $width, $height);
        $range = $facts->lensRange;
        // one that was used at this length can be set to it
        $used = self::figure($facts->focalMm, self::RECKONED);

        return new self(
            [
                'name' => self::figure($facts->body, self::READ),
                'pixels_wide' => self::figure($wide, self::READ),
                'sensor_width_mm' => self::figure($sensorMm, $by),
                'sensor_height_mm' => self::figure(
                    $sensorMm === null ? null : round(($sensorMm * $high) / max(1, $wide), self::DIGITS),
                    self::RECKONED,
                ),
            ],
            [
                'name' => self::figure($facts->lens, self::READ),
                'focal_min_mm' => $range === null ? $used : self::figure($range['least_mm'], self::READ),
                'focal_max_mm' => $range === null ? $used : self::figure($range['most_mm'], self::READ),
                'widest_f' => self::figure($range['widest_long_f'] ?? $range['widest_f'] ?? null, self::READ),
                'widest_f_short' => self::figure($range['widest_f'] ?? null, self::READ),
            ],
        );
    }

    /** @return array{?float, string} its long side in mm, and how it is known */
    private static function sensor(FrameFacts $facts, int $width, int $height): array
    {
        $long = max($width, $height) / max(1, $width);
        $measured = match (true) {
            $facts->sensorWidthMm !== null => $facts->sensorWidthMm * $long,
            $facts->focalMm !== null && $facts->focalIn35Mm !== null => (SharpnessStandard::DIAGONAL_MM *
                $facts->focalMm *
                max($width, $height)) /
                $facts->focalIn35Mm /
                hypot($width, $height),
            default => null,
        };
        if ($measured === null) {
            return [null, self::ASKED];
        }
        foreach (self::WIDTHS_MM as $usual) {
            if (abs($measured / $usual - 1) <= self::USUAL) {
                return [$usual, self::RECKONED];
            }
        }

        return [round($measured, self::DIGITS), self::RECKONED];
    }

    /** @return array{value: string|float|int|null, by: string} */
    private static function figure(string|float|int|null $value, string $by): array
    {
        return ['value' => $value, 'by' => $value === null ? self::ASKED : $by];
    }
}
