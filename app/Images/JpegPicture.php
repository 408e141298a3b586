<?php

declare(strict_types=1);

namespace App\Images;

use FFI;
use FFI\CData;
use RushHold\Sharpness\Box;
use RushHold\Sharpness\Luminance;
use RushHold\Sharpness\Picture;

/** A JPEG, decoded once and looked at piece by piece. */
final class JpegPicture implements Picture
{
    /** Largest picture, in pixels; and largest that is built up in passes, which the library holds whole, six bytes a pixel. */
    private const MOST_PIXELS = 120_000_000;

    private const MOST_IN_PASSES = 24_000_000;

    /** What one that is built up in passes and its planes may need together, in bytes; and of that the library for a pixel. */
    private const ALL_IN_PASSES = 190_000_000;

    private const PIXEL_IN_PASSES = 6;

    /** What a look needs beside a byte a pixel, in bytes. */
    private const BESIDE = 24_000_000;

    /** Passes a JPEG may be built up in, those of small pictures inside it too: each costs as much as the picture. */
    private const MOST_SCANS = 60;

    private ?JpegPlanes $planes = null;

    private function __construct(
        private readonly TurboJpeg $jpeg,
        private readonly int $width,
        private readonly int $height,
        private readonly bool $isInColour,
        private readonly int $length,
        private readonly int $most,
    ) {}

    /**
     * @param  bool  $isInColour  whether pieces are to be cut out of it in colour, {@see cut()}
     *
     * @throws UnreadablePicture in words, before anything large is made
     */
    public static function read(string $bytes, bool $isInColour = false): self
    {
        if (! str_starts_with($bytes, "\xFF\xD8\xFF")) {
            throw UnreadablePicture::noJpeg();
        }
        if (substr_count($bytes, "\xFF\xDA") > self::MOST_SCANS) {
            throw UnreadablePicture::tooManyScans(self::MOST_SCANS);
        }
        $jpeg = TurboJpeg::of($bytes);
        [$width, $height] = $jpeg->size();
        if ($width < 1 || $height < 1) {
            throw UnreadablePicture::damaged('it has no size');
        }
        $isInPasses = self::isInPasses($bytes);
        if ($isInPasses && $width * $height > self::MOST_IN_PASSES) {
            throw UnreadablePicture::largerInPasses($width, $height, self::MOST_IN_PASSES);
        }
        $most = min(self::MOST_PIXELS, self::room(strlen($bytes)));
        if ($width * $height > $most) {
            throw UnreadablePicture::larger($width, $height, $most);
        }

        $library = $isInPasses ? self::PIXEL_IN_PASSES * $width * $height : 0;

        return new self($jpeg, $width, $height, $isInColour, strlen($bytes), self::ALL_IN_PASSES - $library);
    }

    /** Whether its frame begins as one of those do whose picture comes in several passes. */
    private static function isInPasses(string $bytes): bool
    {
        $at = 2;
        while (($bytes[$at] ?? '') === "\xFF") {
            $kind = ord($bytes[$at + 1] ?? "\xDA");
            // C4, C8 and CC stand among the beginnings of frames and are none
            if ($kind >= 0xC0 && $kind <= 0xCF && ! in_array($kind, [0xC4, 0xC8, 0xCC], true)) {
                return ! in_array($kind, [0xC0, 0xC1], true);
            }
            if ($kind === 0xDA) {
                break;
            }
            $isFilling = $kind === 0xFF;
            $at += $isFilling ? 1 : 2 + (unpack('n', substr($bytes, $at + 2, 2)."\0\0")[1] ?? 0);
        }

        // what hides how it begins is not given the benefit of the doubt
        return str_contains($bytes, "\xFF\xC2");
    }

    /**
     * How many pixels there is memory for in this process.
     *
     * @param  int  $length  of the file, of which a copy more is made
     */
    private static function room(int $length): int
    {
        $limit = ini_parse_quantity((string) ini_get('memory_limit'));

        $used = memory_get_usage() - KeptBlock::bytes() + $length + self::BESIDE;

        return $limit <= 0 ? self::MOST_PIXELS : max(0, $limit - $used);
    }

    public function width(): int
    {
        return $this->width;
    }

    public function height(): int
    {
        return $this->height;
    }

    public function piece(int $left, int $top, int $width, int $height): Luminance
    {
        $left = max(0, min($left, $this->width - 1));
        $top = max(0, min($top, $this->height - 1));
        $width = min($width, $this->width - $left);
        $height = min($height, $this->height - $top);
        $bytes = $this->planes()->brightness($left, $top, $width, $height);

        return Luminance::fromBytes($width, $height, $bytes);
    }

    /** Its colours at a size it can be reduced to, three bytes a pixel. */
    public function colours(int $width, int $height): CData
    {
        return $this->jpeg->colours($width, $height);
    }

    public function eighth(): Luminance
    {
        $width = intdiv($this->width + 7, 8);
        $height = intdiv($this->height + 7, 8);

        $bytes = FFI::string($this->jpeg->gray($width, $height), max(0, $width * $height));

        return Luminance::fromBytes($width, $height, $bytes);
    }

    /**
     * A piece, as a JPEG: in colour where it was read for that and there is room for it, else without.
     *
     * @param  Box  $box  inside the picture, beginning at multiples of 4
     */
    public function cut(Box $box): string
    {
        return $this->planes()->piece($box->x, $box->y, $box->width, $box->height);
    }

    /** All of it, decoded when it is asked for. */
    private function planes(): JpegPlanes
    {
        return $this->planes ??= $this->jpeg->planes($this->isInColour, min($this->most, self::room($this->length)));
    }
}
