<?php

declare(strict_types=1);

namespace App\Images;

use FFI;
use FFI\CData;

/**
 * Debian's libjpeg-turbo, called directly: of the libraries that read a JPEG it alone gives the brightness of 24 megapixels in a fifth of a
 * second without colour in between, and an eighth of the size in half of that (docs/platform.md). Only workers and commands may use it: a
 * web server is not let call C.
 */
final readonly class TurboLibrary
{
    /** Damage is a fault, not a warning. */
    public const STOP_ON_WARNING = 8192;

    private const LIBRARY = 'libturbojpeg.so.0';

    private const DECLARATIONS = <<<'C'
        typedef void *tjhandle;
        typedef unsigned char byte;
        typedef struct { int x, y, w, h, op, options; void *data, *filter; } tjtransform;
        tjhandle tjInitDecompress(void);
        tjhandle tjInitCompress(void);
        tjhandle tjInitTransform(void);
        int tjDecompressHeader3(tjhandle, const byte *, unsigned long, int *, int *, int *, int *);
        int tjDecompress2(tjhandle, const byte *, unsigned long, byte *, int, int, int, int, int);
        int tjCompress2(tjhandle, const byte *, int, int, int, int, byte **, unsigned long *, int, int, int);
        int tjDecompressToYUVPlanes(tjhandle, const byte *, unsigned long, byte **, int, int *, int, int);
        int tjCompressFromYUVPlanes(tjhandle, const byte **, int, const int *, int, int,
            byte **, unsigned long *, int, int);
        int tjPlaneWidth(int, int, int);
        int tjPlaneHeight(int, int, int);
        int tjTransform(tjhandle, const byte *, unsigned long, int, byte **, unsigned long *, tjtransform *, int);
        int tjDestroy(tjhandle);
        void tjFree(byte *);
        char *tjGetErrorStr2(tjhandle);
        C;

    private FFI $library;

    public function __construct()
    {
        $this->library = FFI::cdef(self::DECLARATIONS, self::LIBRARY);
    }

    public function call(string $name, mixed ...$values): mixed
    {
        return $this->library->{$name}(...$values);
    }

    /** A function that answers with 0 unless it fails. */
    public function must(CData $handle, string $name, mixed ...$values): void
    {
        if ($this->call($name, $handle, ...$values) !== 0) {
            $why = $this->call('tjGetErrorStr2', $handle);
            throw UnreadablePicture::damaged($why instanceof CData ? FFI::string($why) : 'unknown');
        }
    }

    /** A function that answers with a number above 0 unless it fails. */
    public function number(string $name, int ...$values): int
    {
        $number = $this->call($name, ...$values);

        return is_int($number) && $number > 0 ? $number : throw UnreadablePicture::damaged($name);
    }

    public function begin(string $name): CData
    {
        $handle = $this->call($name);

        return $handle instanceof CData ? $handle : throw new \RuntimeException('The JPEG library cannot begin.');
    }

    public function end(CData $handle): void
    {
        $this->call('tjDestroy', $handle);
    }

    /** So many bytes of C's own. */
    public function bytes(int $count): CData
    {
        return $this->library->new("unsigned char[{$count}]") ??
            throw new \RuntimeException('There is no memory left.');
    }

    /**
     * Pointers to bytes, beside each other.
     *
     * @param  list<array{CData, int}>  $to  bytes, and from which of them on
     */
    public function pointers(array $to): CData
    {
        $pointers = $this->library->new('byte *['.count($to).']') ??
            throw new \RuntimeException('There is no memory left.');
        foreach ($to as $number => [$bytes, $offset]) {
            $pointers[$number] = FFI::addr($bytes[$offset]);
        }

        return $pointers;
    }

    /** @param  list<int>  $numbers */
    public function numbers(array $numbers): CData
    {
        $made = $this->library->new('int['.count($numbers).']') ??
            throw new \RuntimeException('There is no memory left.');
        foreach ($numbers as $at => $number) {
            $made[$at] = $number;
        }

        return $made;
    }

    /** A copy of these bytes that C may read. */
    public function copied(string $bytes): CData
    {
        $copy = $this->bytes(max(1, strlen($bytes)));
        FFI::memcpy($copy, $bytes, strlen($bytes));

        return $copy;
    }

    /** Where these bytes lie, as a pointer of this type. */
    public function at(string $type, CData $bytes, int $offset = 0): mixed
    {
        return $this->library->cast($type, FFI::addr($bytes[$offset]));
    }

    /**
     * What a function has made that is given where to put the address of its bytes and how many they are.
     *
     * @param  \Closure(mixed, mixed): void  $make
     */
    public function made(\Closure $make): string
    {
        // an address and a length, each of eight bytes
        $told = $this->bytes(16);
        $address = $this->library->cast('byte **', FFI::addr($told[0]));
        if ($address === null) {
            throw new \RuntimeException('There is no memory left.');
        }
        $make($address, $this->at('unsigned long *', $told, 8));
        /** @var array{1: int} $length */
        $length = unpack('P', FFI::string(FFI::addr($told[8]), 8));
        $bytes = $address[0];
        if (! ($bytes instanceof CData)) {
            throw new \RuntimeException('The JPEG library has made nothing.');
        }
        try {
            return FFI::string($bytes, max(0, $length[1]));
        } finally {
            $this->call('tjFree', $bytes);
        }
    }
}
