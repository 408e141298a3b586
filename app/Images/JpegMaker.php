<?php

declare(strict_types=1);

namespace App\Images;

use RushHold\Sharpness\Box;

/**
 * Makes small JPEGs of large ones: a whole picture reduced, and a piece of it in its full size. Both are turned the way up they are looked
 * at, and nothing that a camera or a person wrote into the file is in them. Only workers and commands may use it.
 */
final readonly class JpegMaker
{
    /** A reduced picture is as small as it can be with a side of this length, in px; reduced by eighths. */
    private const LONGEST = 720;

    private const PARTS = 8;

    private const QUALITY = 82;

    private const RGB = 0;

    private const HALF_COLOUR = 2;

    /** Options of a transform: cut off what does not fill a block; copy nothing but the picture. */
    private const TRIM = 2;

    private const NOTHING_ELSE = 64;

    /** How a picture is turned, by the orientation its file has. */
    private const TURNS = [1 => 0, 2 => 1, 3 => 6, 4 => 2, 5 => 3, 6 => 5, 7 => 4, 8 => 7];

    /** A piece begins at a multiple of this, in px. */
    private const BLOCK = 16;

    private TurboLibrary $turbo;

    public function __construct()
    {
        $this->turbo = new TurboLibrary();
    }

    /** @throws UnreadablePicture */
    public function reduced(string $jpeg, int $orientation = 1): string
    {
        $picture = JpegPicture::read($jpeg);
        $longest = max($picture->width(), $picture->height());
        $parts = max(1, min(self::PARTS, (int) ceil((self::PARTS * self::LONGEST) / $longest)));
        $width = intdiv($picture->width() * $parts + self::PARTS - 1, self::PARTS);
        $height = intdiv($picture->height() * $parts + self::PARTS - 1, self::PARTS);
        $pixels = $picture->colours($width, $height);
        $handle = $this->turbo->begin('tjInitCompress');
        try {
            $made = $this->turbo->made(function (mixed $to, mixed $size) use ($handle, $pixels, $width, $height): void {
                $how = [self::RGB, $to, $size, self::HALF_COLOUR, self::QUALITY, 0];
                $this->turbo->must($handle, 'tjCompress2', $pixels, $width, 0, $height, ...$how);
            });
        } finally {
            $this->turbo->end($handle);
        }

        return $this->turned($made, $orientation);
    }

    /**
     * A piece of a picture in its full size.
     *
     * @param  Box  $box  inside the picture, as the file lies
     * @return array{string, Box} the piece, turned; and what it is of the picture as the file lies: it begins at a block
     *
     * @throws UnreadablePicture
     */
    public function piece(JpegPicture $picture, Box $box, int $orientation = 1): array
    {
        $x = $box->x - ($box->x % self::BLOCK);
        $y = $box->y - ($box->y % self::BLOCK);
        $cut = new Box($x, $y, $box->width + $box->x - $x, $box->height + $box->y - $y);

        return [$this->turned($picture->cut($cut), $orientation), $cut];
    }

    private function turned(string $jpeg, int $orientation): string
    {
        $turn = self::TURNS[$orientation] ?? 0;

        return $turn === 0 ? $jpeg : $this->transformed($jpeg, $turn);
    }

    private function transformed(string $jpeg, int $turn): string
    {
        $how = $this->turbo->copied(
            pack('l6', 0, 0, 0, 0, $turn, self::TRIM | self::NOTHING_ELSE).str_repeat("\0", 16),
        );
        $bytes = $this->turbo->copied($jpeg);
        $handle = $this->turbo->begin('tjInitTransform');
        try {
            return $this->turbo->made(function (mixed $to, mixed $size) use ($handle, $bytes, $jpeg, $how): void {
                $transform = $this->turbo->at('tjtransform *', $how);
                $given = [$bytes, strlen($jpeg), 1, $to, $size, $transform, TurboLibrary::STOP_ON_WARNING];
                $this->turbo->must($handle, 'tjTransform', ...$given);
            });
        } finally {
            $this->turbo->end($handle);
        }
    }
}
