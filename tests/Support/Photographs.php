<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Images\JpegPicture;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RushHold\Sharpness\BlurMeter;
use RushHold\Sharpness\Luminance;

/** Real photographs, fetched when the tests are set up, and what blurs them by known amounts. */
final class Photographs
{
    private const SIDE = 256;

    /** Round what is measured: so far blur takes from beside it. */
    private const MARGIN = 24;

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

    /** @return array<string, float> by place, "x y": a disc of this diameter in px, smoothed at its border */
    public static function disc(float $diameter): array
    {
        $reach = (int) ceil($diameter / 2);
        $kernel = [];
        foreach (range(-$reach, $reach) as $y) {
            foreach (range(-$reach, $reach) as $x) {
                for ($part = 0; $part < 25; $part++) {
                    [$across, $down] = [$x - 0.4 + 0.2 * ($part % 5), $y - 0.4 + 0.2 * intdiv($part, 5)];
                    $kernel["{$x} {$y}"] = ($kernel["{$x} {$y}"] ?? 0) + (hypot($across, $down) <= $diameter / 2 ? 1 : 0);
                }
            }
        }

        return self::whole($kernel);
    }

    /** @return array<string, float> a line of this length in px, along a direction that goes clockwise from the rows */
    public static function line(float $length, float $degrees): array
    {
        $kernel = [];
        $points = (int) ceil(4 * $length);
        for ($point = 0; $point < $points; $point++) {
            $along = (($point + 0.5) / $points - 0.5) * $length;
            [$x, $y] = [$along * cos(deg2rad($degrees)), $along * sin(deg2rad($degrees))];
            [$left, $top] = [(int) floor($x), (int) floor($y)];
            [$right, $below] = [$x - $left, $y - $top];
            foreach ([[0, 0, (1 - $right) * (1 - $below)], [1, 0, $right * (1 - $below)], [0, 1, (1 - $right) * $below], [1, 1, $right * $below]] as [$across, $down, $share]) {
                $at = ($left + $across).' '.($top + $down);
                $kernel[$at] = ($kernel[$at] ?? 0) + $share;
            }
        }

        return self::whole($kernel);
    }

    /** @param  array<string, float>  $kernel  what it is blurred with; noise is added, and it is rounded as a file is */
    public static function blurred(Luminance $place, array $kernel): Luminance
    {
        $values = array_fill(0, self::SIDE ** 2, 0.0);
        foreach ($kernel as $where => $share) {
            [$across, $down] = array_map(intval(...), explode(' ', $where));
            for ($y = 0, $at = 0; $y < self::SIDE; $y++) {
                $row = ($y + self::MARGIN + $down) * $place->width + self::MARGIN + $across;
                for ($x = 0; $x < self::SIDE; $x++, $at++) {
                    $values[$at] += $share * $place->values[$row + $x];
                }
            }
        }
        $dice = new Randomizer(new Mt19937(1));
        foreach ($values as $at => $value) {
            $grain = sqrt(-2 * log(1 - $dice->getInt(0, 999_999) / 1e6)) * cos(2 * M_PI * $dice->getInt(0, 999_999) / 1e6);
            $values[$at] = max(0, min(255, (int) round($value + self::NOISE * $grain)));
        }

        return Luminance::of(self::SIDE, self::SIDE, $values);
    }

    /**
     * @param  array<string, float|int>  $kernel
     * @return array<string, float>
     */
    private static function whole(array $kernel): array
    {
        $sum = array_sum($kernel);

        return array_map(static fn (float|int $share): float => $share / $sum, array_filter($kernel, static fn (float|int $share): bool => $share > 0));
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
            [$left, $top] = self::sharpest($whole, $side);
            $place = $whole->crop($left, $top, $side, $side);
            $blur = BlurMeter::of($place->crop(self::MARGIN, self::MARGIN, self::SIDE, self::SIDE));
            if ($blur !== null && $blur->totalPx() < self::SHARP_PX) {
                return $place;
            }
        }

        return null;
    }

    /** @return array{int, int} where brightness differs most from pixel to pixel */
    private static function sharpest(Luminance $whole, int $side): array
    {
        [$most, $best] = [-1.0, [0, 0]];
        for ($top = 0; $top + $side <= $whole->height; $top += 64) {
            for ($left = 0; $left + $side <= $whole->width; $left += 64) {
                $sum = 0.0;
                for ($y = $top; $y < $top + $side - 1; $y += 4) {
                    $row = $y * $whole->width + $left;
                    for ($at = $row; $at < $row + $side - 2; $at += 3) {
                        $sum += min(900, ($whole->values[$at + 1] - $whole->values[$at]) ** 2);
                        $sum += min(900, ($whole->values[$at + $whole->width] - $whole->values[$at]) ** 2);
                    }
                }
                if ($sum > $most) {
                    [$most, $best] = [$sum, [$left, $top]];
                }
            }
        }

        return $best;
    }
}
