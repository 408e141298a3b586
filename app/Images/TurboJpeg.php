<?php

declare(strict_types=1);

namespace App\Images;

use FFI;
use FFI\CData;

/** A JPEG as the library has it: its size, and its brightness at any size it can be reduced to. */
final readonly class TurboJpeg
{
    private const GRAY = 6;

    /** The kind of colours that is brightness and two differences to it; and how coarse those are that are not there. */
    private const BRIGHT_AND_TWO = 1;

    private const NO_COLOUR = 3;

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
        [$width, $height] = $this->header();

        return [$width, $height];
    }

    /**
     * All of it as it stands in the file, before it becomes colours; its brightness alone where no colours are wanted, where they stand
     * otherwise, or where there is no room for them.
     *
     * @param  int  $most  bytes there is room for
     *
     * @throws UnreadablePicture
     */
    public function planes(bool $inColour, int $most): JpegPlanes
    {
        [$width, $height, $sampling, $kind] = $this->header();
        if ($inColour && $sampling >= 0 && $kind === self::BRIGHT_AND_TWO) {
            $size = fn (int $plane): array => [
                $this->turbo->number('tjPlaneWidth', $plane, $width, $sampling),
                $this->turbo->number('tjPlaneHeight', $plane, $height, $sampling),
            ];
            $sizes = array_map($size, [0, 1, 2]);
            if (JpegPlanes::bytes($sizes) <= $most) {
                $fill = fn (CData $to, CData $rows) => $this->decompress(
                    'tjDecompressToYUVPlanes',
                    $to,
                    $width,
                    $rows,
                    $height,
                );

                return new JpegPlanes($this->turbo, $sizes, $sampling, $fill);
            }
        }

        return new JpegPlanes(
            $this->turbo,
            [[$width, $height]],
            self::NO_COLOUR,
            fn (CData $to) => $this->decompress('tjDecompress2', $to[0], $width, 0, $height, self::GRAY),
        );
    }

    /**
     * @return array{int, int, int, int} width and height, how coarse its colours are and of which kind, as the library calls those
     *
     * @throws UnreadablePicture
     */
    private function header(): array
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

        return array_values($found);
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
        $this->decompress('tjDecompress2', $pixels, $width, 0, $height, $as);

        return $pixels;
    }

    private function decompress(string $how, mixed ...$given): void
    {
        $all = [$this->bytes, $this->length, ...$given, TurboLibrary::STOP_ON_WARNING];
        $this->turbo->must($this->handle, $how, ...$all);
    }
}
