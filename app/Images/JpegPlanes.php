<?php

declare(strict_types=1);

namespace App\Images;

use FFI;
use FFI\CData;

/** A picture as it stands in a JPEG before it becomes colours: its brightness, and where they are wanted two planes of colour as coarse as the file has them. */
final readonly class JpegPlanes
{
    /** Nearly as it is: what a camera calls its best is no better. */
    private const QUALITY = 95;

    private CData $block;

    /**
     * @param  list<array{int, int}>  $sizes  samples of a row, and rows, of each plane
     * @param  int  $sampling  how coarse the colours are, as the library calls that
     * @param  \Closure(CData, CData): void  $fill  given where the planes are and how long their rows, fills them
     */
    public function __construct(
        private TurboLibrary $turbo,
        private array $sizes,
        private int $sampling,
        \Closure $fill,
    ) {
        $this->block = KeptBlock::take($turbo, self::bytes($sizes));
        $fill($this->at(0, 0), $this->rows());
    }

    public function __destruct()
    {
        KeptBlock::giveBack($this->block);
    }

    /** @param  list<array{int, int}>  $sizes */
    public static function bytes(array $sizes): int
    {
        return (int) array_sum(array_map(array_product(...), $sizes));
    }

    /** Brightness of a piece, a byte a pixel. */
    public function brightness(int $x, int $y, int $width, int $height): string
    {
        [[$row]] = $this->sizes;
        $bytes = '';
        for ($at = $y; $at < $y + $height; $at++) {
            $bytes .= FFI::string(FFI::addr($this->block[$at * $row + $x]), max(0, $width));
        }

        return $bytes;
    }

    /** A piece, as a JPEG with colours as coarse as they are in the file; it begins at a sample of each plane. */
    public function piece(int $x, int $y, int $width, int $height): string
    {
        $handle = $this->turbo->begin('tjInitCompress');
        try {
            return $this->turbo->made(function (mixed $to, mixed $size) use ($handle, $x, $y, $width, $height): void {
                $given = [$this->at($x, $y), $width, $this->rows(), $height];
                $how = [$this->sampling, $to, $size, self::QUALITY, 0];
                $this->turbo->must($handle, 'tjCompressFromYUVPlanes', ...$given, ...$how);
            });
        } finally {
            $this->turbo->end($handle);
        }
    }

    /** Where this pixel is in each plane. */
    private function at(int $x, int $y): CData
    {
        [[$wide, $high]] = $this->sizes;
        [$at, $begins] = [[], 0];
        foreach ($this->sizes as [$row, $rows]) {
            $at[] = [$this->block, $begins + intdiv($y, intdiv($high, $rows)) * $row + intdiv($x, intdiv($wide, $row))];
            $begins += $row * $rows;
        }

        return $this->turbo->pointers($at);
    }

    private function rows(): CData
    {
        return $this->turbo->numbers(array_column($this->sizes, 0));
    }
}
