<?php

declare(strict_types=1);

namespace App\Images;

use RushHold\Log\FrameFacts;

/**
 * Reads what a camera wrote into a JPEG: of all it may say only what is needed to compare a frame with its plan. Places, names of people
 * and serial numbers are never looked at, so that they cannot be kept.
 */
final class ExifReader
{
    /** A packet of properties is no longer, in bytes. */
    private const PACKET = 65_536;

    /** Cameras that wrote files are not older. */
    private const EARLIEST = '1990';

    /** What a number may be, by field: least, most. */
    private const BOUNDS = [
        'ExposureTime' => FrameFacts::BOUNDS['shutter_s'],
        'FNumber' => FrameFacts::BOUNDS['f_number'],
        'ISOSpeedRatings' => FrameFacts::BOUNDS['iso'],
        'FocalLength' => FrameFacts::BOUNDS['focal_mm'],
        'FocalLengthIn35mmFilm' => [1.0, 10_000.0],
        'ExposureBiasValue' => FrameFacts::BOUNDS['compensation'],
        'SubjectDistance' => FrameFacts::BOUNDS['distance_m'],
        'FocalPlaneXResolution' => [1.0, 1_000_000.0],
    ];

    /** Sensors are no narrower and no wider, in mm. */
    private const SENSOR = [3.0, 100.0];

    /** Millimetres of each unit a resolution may be told in. */
    private const UNIT_MM = [2 => 25.4, 3 => 10.0, 4 => 1.0];

    /** What a lens may say it can be set to: focal lengths in mm, f-numbers. */
    private const LENS = ['mm' => [1.0, 5000.0], 'f' => [0.5, 128.0]];

    /** @var list<string> */
    private array $leftOut = [];

    /** @param  array<mixed>  $tags */
    private function __construct(private readonly array $tags) {}

    /** @param  string  $bytes  of a JPEG, its beginning at the least */
    public static function read(string $bytes): FrameFacts
    {
        $stream = fopen('php://memory', 'r+b');
        if ($stream === false) {
            return new FrameFacts();
        }
        fwrite($stream, $bytes);
        rewind($stream);
        // what is broken in it is warned of; what could be read is what we get
        $tags = @exif_read_data($stream, 'ANY_TAG', false, false);
        fclose($stream);

        return self::told(($tags === false ? [] : $tags) + self::stars($bytes));
    }

    /** @param  array<mixed>  $tags  by the names that PHP's reader gives them */
    public static function told(array $tags): FrameFacts
    {
        return (new self($tags))->facts();
    }

    private function facts(): FrameFacts
    {
        $orientation = $this->tags['Orientation'] ?? 1;

        return new FrameFacts(
            takenAt: $this->takenAt(),
            offset: $this->offset(),
            shutterS: $this->number('ExposureTime'),
            fNumber: $this->number('FNumber'),
            iso: self::whole($this->number('ISOSpeedRatings')),
            focalMm: $this->number('FocalLength'),
            focalIn35Mm: $this->number('FocalLengthIn35mmFilm'),
            compensation: $this->number('ExposureBiasValue'),
            distanceM: $this->number('SubjectDistance'),
            orientation: is_int($orientation) && $orientation >= 1 && $orientation <= 8 ? $orientation : 1,
            subject: $this->subject(),
            body: $this->name('Model'),
            lens: $this->name('UndefinedTag:0xA434'),
            rating: $this->rating(),
            lensRange: $this->lensRange(),
            sensorWidthMm: $this->sensorWidthMm(),
            leftOut: $this->leftOut,
        );
    }

    private function takenAt(): ?string
    {
        $text = $this->tags['DateTimeOriginal'] ?? null;
        if (! is_string($text) || preg_match('/^(\d{4}):(\d{2}):(\d{2}) (\d{2}):(\d{2}):(\d{2})/', $text, $at) !== 1) {
            return null;
        }
        [, $year, $month, $day, $hour, $minute, $second] = $at;
        $isTime = (int) $hour < 24 && (int) $minute < 60 && (int) $second < 61;
        if ($year < self::EARLIEST || ! checkdate((int) $month, (int) $day, (int) $year) || ! $isTime) {
            $this->leftOut[] = sprintf('It says it was taken on %s, which cannot be.', $at[0]);

            return null;
        }
        $fraction = $this->tags['SubSecTimeOriginal'] ?? '';
        $digits = is_string($fraction) || is_int($fraction) ? trim((string) $fraction) : '';

        return "{$year}-{$month}-{$day}T{$hour}:{$minute}:{$second}".
            (preg_match('/^\d{1,6}$/', $digits) === 1 ? '.'.$digits : '');
    }

    private function offset(): ?string
    {
        $text = $this->tags['UndefinedTag:0x9011'] ?? null;
        $isOffset = is_string($text) && preg_match('/^[+-](0\d|1[0-4]):[0-5]\d/', trim($text)) === 1;

        return $isOffset ? substr(trim($text), 0, 6) : null;
    }

    private function number(string $tag): ?float
    {
        $value = $this->tags[$tag] ?? null;
        $value = is_array($value) ? reset($value) : $value;
        // cameras write 0/0 for what they do not know, and 0 for a lens that tells nothing
        $number = self::fraction($value);
        if ($number === null) {
            return null;
        }
        [$least, $most] = self::BOUNDS[$tag];
        if ($number >= $least && $number <= $most) {
            return $number;
        }
        if ($number !== 0.0) {
            $this->leftOut[] = sprintf('Its %s is %s, which cannot be.', $tag, mb_substr(is_scalar($value) ? (string) $value : '', 0, 30));
        }

        return null;
    }

    private static function whole(?float $number): ?int
    {
        return $number === null ? null : (int) round($number);
    }

    /** @return ?array{x: int, y: int, width: int, height: int} */
    private function subject(): ?array
    {
        $area = $this->tags['SubjectArea'] ?? $this->tags['SubjectLocation'] ?? null;
        if (! is_array($area) || count($area) < 2 || count($area) > 4) {
            return null;
        }
        $numbers = array_map(static fn (mixed $one): int => is_numeric($one) ? (int) $one : -1, array_values($area));
        if (min($numbers) < 0 || max($numbers) > 100_000) {
            return null;
        }
        // a point, a circle with its diameter, or a rectangle; each with its middle first
        $width = $numbers[2] ?? 0;
        $height = $numbers[3] ?? $width;

        return [
            'x' => max(0, $numbers[0] - intdiv($width, 2)),
            'y' => max(0, $numbers[1] - intdiv($height, 2)),
            'width' => $width,
            'height' => $height,
        ];
    }

    private function name(string $tag): ?string
    {
        $text = $this->tags[$tag] ?? null;
        if (! is_string($text)) {
            return null;
        }
        $text = mb_scrub($text, 'UTF-8');
        $text = trim((string) preg_replace('/[\p{C}\s]+/u', ' ', $text));
        if (mb_strlen($text) > FrameFacts::NAME) {
            $this->leftOut[] = sprintf('A name of %d characters was cut.', mb_strlen($text));
        }

        return $text === '' ? null : mb_substr($text, 0, FrameFacts::NAME);
    }

    /** @return ?array{least_mm: float, most_mm: float, widest_f: ?float, widest_long_f: ?float} */
    private function lensRange(): ?array
    {
        $told = $this->tags['UndefinedTag:0xA432'] ?? null;
        if (! is_array($told) || count($told) !== 4) {
            return null;
        }
        $numbers = array_map(self::fraction(...), array_values($told));
        $within = static fn (?float $number, string $kind): ?float => $number !== null &&
            $number >= self::LENS[$kind][0] &&
            $number <= self::LENS[$kind][1]
                ? $number
                : null;
        [$least, $most] = [$within($numbers[0], 'mm'), $within($numbers[1], 'mm')];

        return $least === null || $most === null || $least > $most
            ? null
            : [
                'least_mm' => $least,
                'most_mm' => $most,
                'widest_f' => $within($numbers[2], 'f'),
                'widest_long_f' => $within($numbers[3], 'f'),
            ];
    }

    private static function fraction(mixed $value): ?float
    {
        if (! is_string($value) && ! is_int($value) && ! is_float($value)) {
            return null;
        }
        [$above, $below] = explode('/', (string) $value, 2) + [1 => '1'];

        return is_numeric($above) && is_numeric($below) && (float) $below !== 0.0
            ? (float) $above / (float) $below
            : null;
    }

    private function sensorWidthMm(): ?float
    {
        $pixels = $this->tags['ExifImageWidth'] ?? null;
        $told = $this->tags['FocalPlaneResolutionUnit'] ?? 0;
        $unit = is_int($told) ? self::UNIT_MM[$told] ?? null : null;
        $perUnit = $this->number('FocalPlaneXResolution');
        if (! is_int($pixels) || $unit === null || $perUnit === null) {
            return null;
        }
        $width = ($pixels / $perUnit) * $unit;

        return $width >= self::SENSOR[0] && $width <= self::SENSOR[1] ? $width : null;
    }

    /**
     * The stars a person has given, where they stand in the packet of properties that programs add; nothing else of it is looked at.
     *
     * @return array<string, int>
     */
    private static function stars(string $bytes): array
    {
        $from = strpos($bytes, '<x:xmpmeta');
        $packet = $from === false ? '' : substr($bytes, $from, self::PACKET);

        return preg_match('/\bxmp:Rating\s*(?:=\s*["\']|>)\s*([0-5])\s*["\'<]/', $packet, $found) === 1
            ? ['UndefinedTag:0x4746' => (int) $found[1]]
            : [];
    }

    private function rating(): ?int
    {
        $rating = $this->tags['UndefinedTag:0x4746'] ?? null;

        return is_int($rating) && $rating >= 0 && $rating <= 5 ? $rating : null;
    }
}
