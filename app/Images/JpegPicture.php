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
    /** Largest picture, in pixels. */
    private const MOST_PIXELS = 120_000_000;

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
        if ($width * $height > self::MOST_PIXELS) {
            throw UnreadablePicture::larger($width, $height, self::MOST_PIXELS);
        }

        return new self($jpeg, $width, $height);
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
