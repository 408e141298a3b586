<?php

declare(strict_types=1);

namespace App\Images;

use FFI;
use FFI\CData;
use RushHold\Sharpness\Luminance;
use RushHold\Sharpness\Picture;

/** A JPEG, decoded once and looked at piece by piece. */
final class JpegPicture implements Picture
{
    /** Largest picture, in pixels; and largest that is built up in passes, which the library holds whole, six bytes a pixel. */
    private const MOST_PIXELS = 120_000_000;

    private const MOST_IN_PASSES = 24_000_000;

    /** What a look needs beside a byte a pixel, in bytes. */
    private const BESIDE = 24_000_000;

    /** Passes a JPEG may be built up in, those of small pictures inside it too: each costs as much as the picture. */
    private const MOST_SCANS = 60;

    private ?CData $pixels = null;

    private function __construct(
        private readonly TurboJpeg $jpeg,
        private readonly int $width,
        private readonly int $height,
    ) {}

    /** @throws UnreadablePicture in words, before anything large is made */
    public static function read(string $bytes): self
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
        if (self::isInPasses($bytes) && $width * $height > self::MOST_IN_PASSES) {
            throw UnreadablePicture::largerInPasses($width, $height, self::MOST_IN_PASSES);
        }
        $most = min(self::MOST_PIXELS, self::room());
        if ($width * $height > $most) {
            throw UnreadablePicture::larger($width, $height, $most);
        }

        return new self($jpeg, $width, $height);
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

    /** How many pixels there is memory for in this process. */
    private static function room(): int
    {
        $limit = ini_parse_quantity((string) ini_get('memory_limit'));

        return $limit <= 0 ? self::MOST_PIXELS : max(0, $limit - memory_get_usage() - self::BESIDE);
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
        $pixels = $this->pixels ??= $this->jpeg->gray($this->width, $this->height);
        $bytes = '';
        for ($row = $top; $row < $top + $height; $row++) {
            $bytes .= FFI::string(FFI::addr($pixels[$row * $this->width + $left]), max(0, $width));
        }

        return Luminance::fromBytes($width, $height, $bytes);
    }

    public function eighth(): Luminance
    {
        $width = intdiv($this->width + 7, 8);
        $height = intdiv($this->height + 7, 8);

        $bytes = FFI::string($this->jpeg->gray($width, $height), max(0, $width * $height));

        return Luminance::fromBytes($width, $height, $bytes);
    }
}
