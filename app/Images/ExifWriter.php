<?php

declare(strict_types=1);

namespace App\Images;

use RushHold\Log\FrameFacts;

/** Writes into a JPEG what a camera would have written of how it was taken. */
final class ExifWriter
{
    private const SHORT = 3;

    private const TEXT = 2;

    private const RATIONAL = 5;

    private const SIGNED_RATIONAL = 10;

    private const LONG = 4;

    /** Begins after the first marker; offsets count from here. */
    private const HEADER = "II*\0\x08\0\0\0";

    public static function into(string $jpeg, FrameFacts $facts): string
    {
        $tiff = self::tiff($facts, getimagesizefromstring($jpeg)[0] ?? 0);
        $segment = "Exif\0\0".$tiff;

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($segment) + 2).$segment.substr($jpeg, 2);
    }

    private static function tiff(FrameFacts $facts, int $width): string
    {
        $first = array_filter([
            0x0110 => self::text($facts->body),
            0x0112 => [self::SHORT, 1, pack('v', $facts->orientation)],
            0x4746 => $facts->rating === null ? null : [self::SHORT, 1, pack('v', $facts->rating)],
        ]);
        [$day, $fraction] = self::time($facts->takenAt);
        $second = array_filter([
            0x829A => self::rational($facts->shutterS, 1_000_000),
            0x829D => self::rational($facts->fNumber, 100),
            0x8827 => $facts->iso === null ? null : [self::SHORT, 1, pack('v', min(65_535, $facts->iso))],
            0x9003 => self::text($day),
            0x9011 => self::text($facts->offset),
            0x9204 => $facts->compensation === null
                    ? null
                    : [self::SIGNED_RATIONAL, 1, pack('l2', (int) round($facts->compensation * 300), 300)],
            0x9206 => self::rational($facts->distanceM, 1000),
            0x920A => self::rational($facts->focalMm, 100),
            0x9214 => $facts->subject === null
                    ? null
                    : [
                        self::SHORT,
                        4,
                        pack(
                            'v4',
                            $facts->subject['x'] + intdiv($facts->subject['width'], 2),
                            $facts->subject['y'] + intdiv($facts->subject['height'], 2),
                            $facts->subject['width'],
                            $facts->subject['height'],
                        ),
                    ],
            0x9291 => self::text($fraction),
            0xA405 => $facts->focalIn35Mm === null
                    ? null
                    : [self::SHORT, 1, pack('v', (int) round($facts->focalIn35Mm))],
            0xA434 => self::text($facts->lens),
            0xA432 => self::lens($facts->lensRange),
        ] + self::resolution($facts->sensorWidthMm, $width));
        $begins = strlen(self::HEADER) + 2 + 12 * (count($first) + 1) + 4;
        $begins += array_sum(array_map(self::beside(...), $first));
        $first[0x8769] = [self::LONG, 1, pack('V', $begins)];

        return self::HEADER.self::directory($first, strlen(self::HEADER)).self::directory($second, $begins);
    }

    /**
     * Bytes that do not fit into the entry itself.
     *
     * @param  array{int, int, string}  $entry
     */
    private static function beside(array $entry): int
    {
        return strlen($entry[2]) > 4 ? strlen($entry[2]) + (strlen($entry[2]) % 2) : 0;
    }

    /** @param  array<int, array{int, int, string}>  $entries  by tag: kind, count, bytes */
    private static function directory(array $entries, int $at): string
    {
        ksort($entries);
        $data = '';
        $after = $at + 2 + 12 * count($entries) + 4;
        $told = pack('v', count($entries));
        foreach ($entries as $tag => [$kind, $count, $bytes]) {
            $told .= pack('vvV', $tag, $kind, $count);
            if (strlen($bytes) > 4) {
                $told .= pack('V', $after + strlen($data));
                $data .= $bytes.(strlen($bytes) % 2 === 1 ? "\0" : '');
            } else {
                $told .= str_pad($bytes, 4, "\0");
            }
        }

        return $told.pack('V', 0).$data;
    }

    /** @return ?array{int, int, string} */
    private static function text(?string $text): ?array
    {
        return $text === null ? null : [self::TEXT, strlen($text) + 1, $text."\0"];
    }

    /** @return ?array{int, int, string} */
    private static function rational(?float $number, int $parts): ?array
    {
        if ($number === null) {
            return null;
        }
        // fractions of a second as they are engraved; else as finely as it fits
        $parts = (int) max(1, min($parts, 4e9 / max(1.0, $number)));
        $over = $number > 0 && $number < 0.3
            ? [10, (int) round(10 / $number)]
            : [(int) round($number * $parts), $parts];

        return [self::RATIONAL, 1, pack('V2', ...$over)];
    }

    /**
     * @param  ?array{least_mm: float, most_mm: float, widest_f: ?float, widest_long_f: ?float}  $range
     * @return ?array{int, int, string}
     */
    private static function lens(?array $range): ?array
    {
        if ($range === null) {
            return null;
        }
        $told = '';
        foreach ($range as $number) {
            $told .= $number === null ? pack('V2', 0, 0) : pack('V2', (int) round($number * 10), 10);
        }

        return [self::RATIONAL, 4, $told];
    }

    /**
     * How finely the pixels lie: so many to a millimetre.
     *
     * @return array<int, array{int, int, string}>
     */
    private static function resolution(?float $sensorWidthMm, int $width): array
    {
        return $sensorWidthMm === null
            ? []
            : [
                0xA002 => [self::LONG, 1, pack('V', $width)],
                0xA20E => [self::RATIONAL, 1, pack('V2', (int) round((1000 * $width) / $sensorWidthMm), 1000)],
                0xA210 => [self::SHORT, 1, pack('v', 4)],
            ];
    }

    /** @return array{?string, ?string} as EXIF has it: the second, and fractions of it */
    private static function time(?string $takenAt): array
    {
        if ($takenAt === null) {
            return [null, null];
        }
        $parts = explode('.', $takenAt, 2);

        return [strtr($parts[0], ['-' => ':', 'T' => ' ']), $parts[1] ?? null];
    }
}
