<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Images\JpegPicture;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RushHold\Sharpness\BlurMeter;
use RushHold\Sharpness\Luminance;

/** Real photographs, fetched when the tests are set up, and blurred by known amounts. */
final class Photographs
{
    private const SIDE = 256;

    /** Round what is measured: so far blur takes from beside it. */
    private const MARGIN = 24;

    /** Cells it is looked for in, in px. */
    private const CELL = 64;

    /** Smaller pictures are icons; they have no room for what is measured. */
    private const LEAST = 2 * self::SIDE - 112;

    /** Where more blur than this is left at its sharpest, a photograph cannot tell what more of it does, in px. */
    private const SHARP_PX = 2.0;

    /** Noise of one in a hundred. */
    private const NOISE = 2.55;

    /** @return array<string, Luminance> by name: the place of each that is sharpest, with its margin, reduced until it is sharp */
    public static function sharp(): array
    {
        $found = [];
        foreach (glob(dirname(__DIR__, 2).'/storage/photographs/*') ?: [] as $file) {
            $size = getimagesize($file);
            $whole = $size !== false && min($size[0], $size[1]) >= self::LEAST ? self::read($file) : null;
            $place = $whole === null ? null : self::place($whole);
            if ($place !== null) {
                $found[basename($file)] = $place;
            }
        }

        return $found;
    }

    /** What is inside the margin, blurred; noise is added, and it is rounded as a file is. */
    public static function blurred(Luminance $place, BlurKernel $kernel): Luminance
    {
        $values = $kernel->blur($place)->crop(self::MARGIN, self::MARGIN, self::SIDE, self::SIDE)->values;
        $grain = self::grain();
        foreach ($values as $at => $value) {
            $values[$at] = max(0, min(255, (int) round($value + $grain[$at])));
        }

        return Luminance::of(self::SIDE, self::SIDE, $values);
    }

    /** @return list<float> the same in every picture */
    private static function grain(): array
    {
        static $grain = [];
        if ($grain === []) {
            $dice = new Randomizer(new Mt19937(1));
            for ($at = 0; $at < self::SIDE ** 2; $at++) {
                $normal = sqrt(-2 * log(1 - $dice->getInt(0, 999_999) / 1e6)) * cos(2 * M_PI * $dice->getInt(0, 999_999) / 1e6);
                $grain[] = self::NOISE * $normal;
            }
        }

        return $grain;
    }

    private static function read(string $file): Luminance
    {
        $bytes = (string) file_get_contents($file);
        if (str_starts_with($bytes, "\xFF\xD8")) {
            $picture = JpegPicture::read($bytes);

            return $picture->piece(0, 0, $picture->width(), $picture->height());
        }
        $image = @imagecreatefromstring($bytes);
        imagepalettetotruecolor($image);
        [$width, $height] = [imagesx($image), imagesy($image)];
        $values = [];
        for ($at = 0; $at < $width * $height; $at++) {
            $colour = imagecolorat($image, $at % $width, intdiv($at, $width));
            $values[] = (int) round(0.299 * (($colour >> 16) & 255) + 0.587 * (($colour >> 8) & 255) + 0.114 * ($colour & 255));
        }

        return Luminance::of($width, $height, $values);
    }

    private static function place(Luminance $whole): ?Luminance
    {
        $side = self::SIDE + 2 * self::MARGIN;
        for (; min($whole->width, $whole->height) >= $side; $whole = $whole->halved()) {
            [$left, $top] = self::sharpest($whole);
            $place = $whole->crop($left, $top, $side, $side);
            $blur = BlurMeter::of($place->crop(self::MARGIN, self::MARGIN, self::SIDE, self::SIDE));
            if ($blur !== null && $blur->totalPx() < self::SHARP_PX) {
                return $place;
            }
        }

        return null;
    }

    /** @return array{int, int} where brightness differs most from pixel to pixel, inside the margin */
    private static function sharpest(Luminance $whole): array
    {
        $cells = intdiv(self::SIDE, self::CELL);
        [$columns, $rows] = [intdiv($whole->width - 2 * self::MARGIN, self::CELL), intdiv($whole->height - 2 * self::MARGIN, self::CELL)];
        $sums = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $sums[] = self::differs($whole, self::MARGIN + self::CELL * $column, self::MARGIN + self::CELL * $row);
            }
        }
        [$most, $best] = [-1.0, [0, 0]];
        for ($top = 0; $top <= $rows - $cells; $top++) {
            for ($left = 0; $left <= $columns - $cells; $left++) {
                $sum = 0.0;
                for ($row = $top; $row < $top + $cells; $row++) {
                    $sum += array_sum(array_slice($sums, $row * $columns + $left, $cells));
                }
                if ($sum > $most) {
                    [$most, $best] = [$sum, [self::CELL * $left, self::CELL * $top]];
                }
            }
        }

        return $best;
    }

    private static function differs(Luminance $whole, int $left, int $top): float
    {
        $sum = 0.0;
        for ($y = $top; $y < $top + self::CELL; $y += 4) {
            for ($at = $y * $whole->width + $left, $end = $at + self::CELL; $at < $end; $at += 3) {
                $sum += min(900, ($whole->values[$at + 1] - $whole->values[$at]) ** 2);
                $sum += min(900, ($whole->values[$at + $whole->width] - $whole->values[$at]) ** 2);
            }
        }

        return $sum;
    }
}
