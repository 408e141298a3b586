<?php

declare(strict_types=1);

namespace App\Images;

use FFI;
use FFI\CData;

/** A JPEG as the library has it: its size, and its brightness at any size it can be reduced to. */
final readonly class TurboJpeg
{
    private const GRAY = 6;

    /** The kinds of colours that are inks. */
    private const INKS = [3, 4];

    private CData $handle;

    private CData $bytes;

    private function __construct(private TurboLibrary $turbo, string $jpeg, private int $length)
    {
        $this->handle = $turbo->begin('tjInitDecompress');
        $this->bytes = $turbo->copied($jpeg);
    }

    public static function of(string $jpeg): self
    {
        return new self(new TurboLibrary(), $jpeg, strlen($jpeg));
    }

    public function __destruct()
    {
        $this->turbo->end($this->handle);
    }

    /**
     * @return array{int, int} width and height
     *
     * @throws UnreadablePicture
     */
    public function size(): array
    {
        $numbers = $this->turbo->bytes(16);
        $at = fn (int $number): mixed => $this->turbo->at('int *', $numbers, 4 * $number);
        $this->turbo->must(
            $this->handle,
            'tjDecompressHeader3',
            $this->bytes,
            $this->length,
            ...array_map($at, [0, 1, 2, 3]),
        );
        /** @var array{1: int, 2: int, 3: int, 4: int} $found */
        $found = unpack('l4', FFI::string($numbers, 16));
        if (in_array($found[4], self::INKS, true)) {
            throw UnreadablePicture::inks();
        }

        return [$found[1], $found[2]];
    }

    /**
     * Brightness of all of it, a byte a pixel.
     *
     * @throws UnreadablePicture
     */
    public function gray(int $width, int $height): CData
    {
        return $this->decoded($width, $height, self::GRAY, 1);
    }

    /**
     * Colours of all of it, three bytes a pixel.
     *
     * @throws UnreadablePicture
     */
    public function colours(int $width, int $height): CData
    {
        return $this->decoded($width, $height, 0, 3);
    }

    private function decoded(int $width, int $height, int $as, int $bytes): CData
    {
        $pixels = $this->turbo->bytes($width * $height * $bytes);
        $this->turbo->must(
            $this->handle,
            'tjDecompress2',
            $this->bytes,
            $this->length,
            $pixels,
            $width,
            0,
            $height,
            $as,
            TurboLibrary::STOP_ON_WARNING,
        );

        return $pixels;
    }
}
