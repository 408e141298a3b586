<?php

declare(strict_types=1);

namespace App\Shoot;

use GdImage;
use RushHold\Rehearsal\Scene\Dice;
use RushHold\Rush\Background;
use RushHold\Rush\Family;
use RushHold\Sharpness\Luminance;
use RushHold\Shoot\Film;
use RushHold\Shoot\Outline;
use RushHold\Shoot\Shooting;
use RushHold\Shoot\Shot;
use RushHold\Shoot\Smear;
use RushHold\Shoot\Surface;
use RushHold\Shoot\Texture;

/** Draws the shots of a simulated pass as JPEGs: surfaces laid side by side, the subject over them, its border as blurred as it is. */
final class Darkroom
{
    private const QUALITY = 92;

    /** Cells the border of the subject is looked for in, in px. */
    private const CELL = 8;

    /** How many spreads to either side of a border are drawn pixel by pixel. */
    private const SOFT = 2.6;

    /** One stop in a file, whose brightness goes with the light to the power of 1/2.2. */
    private const STOP = 1.3703;

    /** What a wing is like next to what is behind: how strong its pattern, how bright its middle. */
    private const SUBJECT = [0.75, 132.0];

    /** Patches a subject is marked with, across and down. */
    private const MARKS = [11, 8];

    /** A subject is drawn so many times as large as it ever is, and so many times as large as it is here at the most, and reduced. */
    private const LARGER = 1.5;

    private const MOST = 6.0;

    /** How strongly, of 127. */
    private const MARKED = 45.0;

    private readonly Surface $subject;

    private readonly Surface $around;

    private ?Surface $inFront = null;

    private readonly float $largestPx;

    /** @var list<float> */
    private readonly array $grain;

    /** @var list<float> */
    private readonly array $marks;

    /** @var array{array{int, int, int}, array{int, int, int}} colours of dark and bright */
    private readonly array $subjectTint;

    /** @var array{array{int, int, int}, array{int, int, int}} */
    private readonly array $aroundTint;

    public function __construct(private readonly Shooting $shooting, private readonly int $seed)
    {
        $side = Surface::SIDE;
        $rush = $shooting->plan->situation->rush;
        [$contrast, $tone, $this->aroundTint, $largest] = match ($rush->clutter->background) {
            Background::Clean => [0.1, 165.0, [[72, 92, 112], [222, 234, 242]], 200.0],
            Background::Moderate => [0.45, 120.0, [[14, 44, 56], [208, 226, 224]], 120.0],
            Background::Busy => [0.9, 105.0, [[30, 38, 18], [214, 212, 164]], 90.0],
        };
        $this->subject = Surface::of(Texture::leaves($side, $side, $seed * 3 + 1, 3.0, 60.0), ...self::SUBJECT);
        $this->around = Surface::of(Texture::leaves($side, $side, $seed * 3 + 2, 3.5, $largest), $contrast, $tone);
        $this->subjectTint = match ($rush->kind()->family) {
            Family::Bird => [[26, 27, 32], [252, 250, 244]],
            Family::Animal => [[46, 32, 20], [236, 216, 178]],
            Family::Small => [[60, 36, 8], [250, 216, 120]],
            Family::Person, Family::Vehicle => [[64, 16, 20], [250, 206, 150]],
        };
        $this->largestPx = max([
            1.0,
            ...array_map(
                static fn (Shot $shot): float => min($shot->widthPx, 1.2 * $shooting->film->width),
                $shooting->shots(),
            ),
        ]);
        $this->marks = Dice::ofSeed($seed + 11)->normals(self::MARKS[0] * self::MARKS[1]);
        $this->grain = Dice::ofSeed($seed + 5)->normals($side * $side);
    }

    /** The file of a shot, without what a camera writes beside it. */
    public function develop(Shot $shot): string
    {
        $film = $this->shooting->film;
        $times = $this->reduced($shot);
        $enlarged = $shot->subject->times($times);
        [$subject, $around] = Surface::photographed($this->subject, $enlarged, $this->around, $shot->around);
        $tiled = self::tile($this->exposed($subject, $shot, 0, $times), $this->subjectTint);
        $around = $this->exposed($around, $shot, 1);
        $canvas = self::canvas($film->width, $film->height);
        $tile = self::tile($around, $this->aroundTint);
        self::cover($canvas, $tile);
        $this->lay($canvas, $shot, $tiled, $around);
        if ($shot->posts !== []) {
            $this->stand($canvas, $shot, $film);
        }
        ob_start();
        imagejpeg($canvas, null, self::QUALITY);

        return (string) ob_get_clean();
    }

    /** What the sensor makes of a surface: brighter or darker, with its noise, the more where it will be reduced. */
    private function exposed(Luminance $surface, Shot $shot, int $shift, float $times = 1.0): Luminance
    {
        $gain = self::STOP ** $shot->stops;
        $count = count($this->grain);
        // another piece of the same grain for each frame and layer
        $from = ($shot->number * 7919 + $shift * 104_729) % $count;
        $values = [];
        foreach ($surface->values as $at => $value) {
            $grain = $times * $shot->noise * $this->grain[($from + $at) % $count];
            $values[] = max(0, min(255, (int) round($gain * $value + $grain)));
        }

        return Luminance::of($surface->width, $surface->height, $values);
    }

    /**
     * @param  array{array{int, int, int}, array{int, int, int}}  $tint
     * @return list<int> the colour of each brightness
     */
    private static function colours(array $tint): array
    {
        [$dark, $bright] = $tint;
        $colours = [];
        // a picture's darks are not black and its brights not white, but all that is darker or brighter still is
        for ($value = 0; $value < 256; $value++) {
            $colour = 0;
            foreach ([0, 1, 2] as $channel) {
                $at = $dark[$channel] + ($bright[$channel] - $dark[$channel]) * (($value - 28) / 200);
                $colour = ($colour << 8) | max(0, min(255, (int) round($at)));
            }
            $colours[] = $colour;
        }

        return $colours;
    }

    /** @param  array{array{int, int, int}, array{int, int, int}}  $tint */
    private static function tile(Luminance $surface, array $tint): GdImage
    {
        $colours = self::colours($tint);
        $tile = self::canvas($surface->width, $surface->height);
        foreach ($surface->values as $at => $value) {
            imagesetpixel($tile, $at % $surface->width, intdiv($at, $surface->width), $colours[(int) $value]);
        }

        return $tile;
    }

    /** The subject over what is behind it. */
    private function lay(GdImage $canvas, Shot $shot, GdImage $tiled, Luminance $around): void
    {
        $film = $this->shooting->film;
        $outline = $this->shooting->outline;
        $spread = self::spread($shot->subject);
        $reach = self::SOFT * max($spread);
        $half = $shot->widthPx / 2;
        $halfHigh = $half * $outline->height;
        $top = max(0, (int) floor($shot->y - $halfHigh - $reach));
        $bottom = min($film->height, (int) ceil($shot->y + $halfHigh + $reach));
        $left = max(0, (int) floor($shot->x - $half - $reach));
        $right = min($film->width, (int) ceil($shot->x + $half + $reach));
        if ($left >= $right || $top >= $bottom) {
            return;
        }
        $layer = $this->coat($shot, $tiled, $reach);
        $under = self::colours($this->aroundTint);
        // its pattern goes with it
        [$shiftX, $shiftY] = [(int) floor($shot->x - $half - $reach), (int) floor($shot->y - $halfHigh - $reach)];
        $cell = self::CELL;
        for ($y = $top; $y < $bottom; $y += $cell) {
            for ($x = $left; $x < $right; $x += $cell) {
                $inside = $this->inside($shot, $outline, $x + $cell / 2, $y + $cell / 2);
                if ($inside > $reach + $cell) {
                    [$wide, $high] = [min($cell, $right - $x), min($cell, $bottom - $y)];
                    imagecopy($canvas, $layer, $x, $y, $x - $shiftX, $y - $shiftY, $wide, $high);
                } elseif ($inside > -$reach - $cell) {
                    for ($row = $y; $row < min($y + $cell, $bottom); $row++) {
                        for ($column = $x; $column < min($x + $cell, $right); $column++) {
                            $share = $this->share($shot, $outline, $column + 0.5, $row + 0.5, $spread);
                            if ($share > 0) {
                                $mine = (int) imagecolorat($layer, $column - $shiftX, $row - $shiftY);
                                $theirs = $under[(int) self::at($around, $column, $row)];
                                imagesetpixel($canvas, $column, $row, self::mixed($mine, $theirs, $share));
                            }
                        }
                    }
                }
            }
        }
    }

    private static function at(Luminance $surface, int $x, int $y): float
    {
        $side = Surface::SIDE;

        return $surface->values[((($y % $side) + $side) % $side) * $side + ((($x % $side) + $side) % $side)];
    }

    /**
     * The subject's surface with the large markings that no two have alike: drawn as large as it ever is in the pass, and reduced to what
     * it is here, so that its pattern stays its own while it comes and goes.
     */
    private function coat(Shot $shot, GdImage $tiled, float $reach): GdImage
    {
        $width = (int) ceil($shot->widthPx + 2 * $reach) + 2;
        $height = (int) ceil($shot->widthPx * $this->shooting->outline->height + 2 * $reach) + 2;
        $times = $this->reduced($shot);
        [$wide, $high] = [(int) round($times * $width), (int) round($times * $height)];
        $full = self::canvas($wide, $high);
        self::cover($full, $tiled);
        $coat = self::canvas($width, $height);
        imagecopyresampled($coat, $full, 0, 0, 0, 0, $width, $height, $wide, $high);
        // what is white on it is as dark as all else in a dark frame
        $white = (int) min(255, 255 * self::STOP ** $shot->stops);
        foreach ([1 => $white * 0x010101, -1 => 0x0A0A0C] as $sign => $colour) {
            $marks = imagescale($this->markings($shot, $sign, $colour), $width, $height, IMG_BILINEAR_FIXED);
            if ($marks !== false) {
                imagecopy($coat, $marks, 0, 0, 0, 0, $width, $height);
            }
        }

        return $coat;
    }

    /** How many times as large the subject ever is, within reason. */
    private function reduced(Shot $shot): float
    {
        return min(self::MOST, (self::LARGER * $this->largestPx) / max(1.0, $shot->widthPx));
    }

    /** Bright above, dark below, and patches of both, as weak as its blur leaves them: here those of one colour. */
    private function markings(Shot $shot, int $sign, int $colour): GdImage
    {
        [$columns, $rows] = self::MARKS;
        $marks = self::canvas($columns, $rows);
        imagealphablending($marks, false);
        imagesavealpha($marks, true);
        $wave = $columns / max(1.0, $shot->widthPx) / 2;
        [$across, $down] = [$shot->subject->keeps($wave, 0.0), $shot->subject->keeps(0.0, $wave)];
        $left = self::MARKED * max(0.0, $across) * max(0.0, $down);
        foreach ($this->marks as $at => $one) {
            $shade = $sign * (0.5 * $one + 0.9 - (1.8 * intdiv($at, $columns)) / ($rows - 1));
            $alpha = 127 - (int) max(0.0, min(1.2 * $left, $left * $shade));
            $column = $shot->way < 0 ? $columns - 1 - ($at % $columns) : $at % $columns;
            imagesetpixel($marks, $column, intdiv($at, $columns), ($alpha << 24) | $colour);
        }

        return $marks;
    }

    /** How far inside the subject, in px. */
    private function inside(Shot $shot, Outline $outline, float $x, float $y): float
    {
        return $shot->widthPx *
            $outline->inside(($shot->way * ($x - $shot->x)) / $shot->widthPx, ($y - $shot->y) / $shot->widthPx);
    }

    /** @return array{float, float} how far a border is blurred that runs down, and one that runs across, as spreads in px */
    private static function spread(Smear $smear): array
    {
        $across = $down = $smear->bellPx ** 2 + $smear->discPx ** 2 / 16;
        foreach ($smear->lines as [$length, $degrees]) {
            $across += ($length * cos(deg2rad($degrees))) ** 2 / 12;
            $down += ($length * sin(deg2rad($degrees))) ** 2 / 12;
        }

        return [sqrt($across), sqrt($down)];
    }

    /**
     * How much of the subject a pixel shows, 0 to 1.
     *
     * @param  array{float, float}  $spread
     */
    private function share(Shot $shot, Outline $outline, float $x, float $y, array $spread): float
    {
        $here = $this->inside($shot, $outline, $x, $y);
        $right = $this->inside($shot, $outline, $x + 1, $y) - $here;
        $below = $this->inside($shot, $outline, $x, $y + 1) - $here;
        $steep = max(1e-6, hypot($right, $below));
        $wide = hypot(($right / $steep) * $spread[0], ($below / $steep) * $spread[1]);
        $z = $here / max(0.3, $wide);

        return $z < -self::SOFT ? 0.0 : ($z > self::SOFT ? 1.0 : self::bell($z));
    }

    /** A bell's share up to so many spreads, by its logistic likeness. */
    private static function bell(float $z): float
    {
        return 1 / (1 + exp(-1.702 * $z));
    }

    private static function mixed(int $mine, int $theirs, float $share): int
    {
        $colour = 0;
        foreach ([16, 8, 0] as $shift) {
            $one = ($mine >> $shift) & 255;
            $other = ($theirs >> $shift) & 255;
            $colour |= (int) round($other + $share * ($one - $other)) << $shift;
        }

        return $colour;
    }

    /** What stands before it, from top to bottom. */
    private function stand(GdImage $canvas, Shot $shot, Film $film): void
    {
        $bark = $this->inFront ??= Surface::of(
            Texture::leaves(Surface::SIDE, Surface::SIDE, $this->seed * 3 + 3, 3.0, 40.0),
            0.5,
            104.0,
        );
        [$post] = Surface::photographed($bark, $shot->inFront, $bark, $shot->inFront);
        $tile = self::tile($this->exposed($post, $shot, 2), [[28, 22, 16], [196, 176, 142]]);
        [$wide] = self::spread($shot->inFront);
        foreach ($shot->posts as [$middle, $width]) {
            $reach = $width / 2 + self::SOFT * $wide;
            for ($x = max(0, (int) floor($middle - $reach)); $x < min($film->width, $middle + $reach); $x++) {
                $left = ($x + 0.5 - $middle + $width / 2) / max(0.3, $wide);
                $right = ($middle + $width / 2 - $x - 0.5) / max(0.3, $wide);
                $share = self::bell($left) + self::bell($right) - 1;
                for ($y = 0; $share > 0.01 && $y < $film->height; $y += Surface::SIDE) {
                    $high = min(Surface::SIDE, $film->height - $y);
                    imagecopymerge($canvas, $tile, $x, $y, $x % Surface::SIDE, 0, 1, $high, (int) round(100 * $share));
                }
            }
        }
    }

    /** Lays a tile side by side over all of it. */
    private static function cover(GdImage $canvas, GdImage $tile): void
    {
        [$width, $height, $side] = [imagesx($canvas), imagesy($canvas), Surface::SIDE];
        for ($y = 0; $y < $height; $y += $side) {
            for ($x = 0; $x < $width; $x += $side) {
                imagecopy($canvas, $tile, $x, $y, 0, 0, $side, $side);
            }
        }
    }

    private static function canvas(int $width, int $height): GdImage
    {
        $canvas = imagecreatetruecolor(max(1, $width), max(1, $height));

        return $canvas === false ? throw new \RuntimeException('There is no memory left for a picture.') : $canvas;
    }
}
