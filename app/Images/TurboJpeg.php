<?php

declare(strict_types=1);

namespace App\Images;

use FFI;
use FFI\CData;

/**
 * Debian's libjpeg-turbo, called directly: of the libraries that read a JPEG it alone gives the brightness of 24 megapixels in a fifth
 * of a second without colour in between, and an eighth of the size in half of that (docs/platform.md). Only workers and commands may
 * use it: a web server is not let call C.
 */
final readonly class TurboJpeg
{
    private const LIBRARY = 'libturbojpeg.so.0';

    private const DECLARATIONS = <<<'C'
        typedef void *tjhandle;
        tjhandle tjInitDecompress(void);
        int tjDecompressHeader3(tjhandle, const unsigned char *, unsigned long, int *, int *, int *, int *);
        int tjDecompress2(tjhandle, const unsigned char *, unsigned long, unsigned char *, int, int, int, int, int);
        int tjDestroy(tjhandle);
        char *tjGetErrorStr2(tjhandle);
        C;

    private const GRAY = 6;

    /** Damage is a fault, not a warning. */
    private const STOP_ON_WARNING = 8192;

    private CData $handle;

    private CData $bytes;

    private function __construct(private FFI $library, string $jpeg, private int $length)
    {
        $handle = $this->call('tjInitDecompress');
        if (! ($handle instanceof CData)) {
            throw new \RuntimeException('The JPEG library cannot begin.');
        }
        $this->handle = $handle;
        $this->bytes = $this->made($length);
        FFI::memcpy($this->bytes, $jpeg, max(0, $length));
    }

    public static function of(string $jpeg): self
    {
        return new self(FFI::cdef(self::DECLARATIONS, self::LIBRARY), $jpeg, strlen($jpeg));
    }

    public function __destruct()
    {
        $this->call('tjDestroy', $this->handle);
    }

    /**
     * @return array{int, int} width and height
     *
     * @throws UnreadablePicture
     */
    public function size(): array
    {
        $numbers = $this->made(16);
        $at = fn (int $number): mixed => $this->library->cast('int *', FFI::addr($numbers[4 * $number]));
        $failed = $this->call(
            'tjDecompressHeader3',
            $this->handle,
            $this->bytes,
            $this->length,
            $at(0),
            $at(1),
            $at(2),
            $at(3),
        );
        if ($failed !== 0) {
            throw UnreadablePicture::damaged($this->why());
        }
        /** @var array{1: int, 2: int} $found */
        $found = unpack('l2', FFI::string($numbers, 8));

        return [$found[1], $found[2]];
    }

    /**
     * Brightness of all of it, a byte a pixel.
     *
     * @throws UnreadablePicture
     */
    public function gray(int $width, int $height): CData
    {
        $pixels = $this->made($width * $height);
        $failed = $this->call(
            'tjDecompress2',
            $this->handle,
            $this->bytes,
            $this->length,
            $pixels,
            $width,
            0,
            $height,
            self::GRAY,
            self::STOP_ON_WARNING,
        );
        if ($failed !== 0) {
            throw UnreadablePicture::damaged($this->why());
        }

        return $pixels;
    }

    private function why(): string
    {
        $why = $this->call('tjGetErrorStr2', $this->handle);

        return $why instanceof CData ? FFI::string($why) : 'unknown';
    }

    private function call(string $name, mixed ...$values): mixed
    {
        return $this->library->{$name}(...$values);
    }

    private function made(int $bytes): CData
    {
        return $this->library->new("unsigned char[{$bytes}]") ??
            throw new \RuntimeException('There is no memory left.');
    }
}
