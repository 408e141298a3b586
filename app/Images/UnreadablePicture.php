<?php

declare(strict_types=1);

namespace App\Images;

/** A file that is no picture we can read, and why. */
final class UnreadablePicture extends \RuntimeException
{
    public static function damaged(string $why): self
    {
        return new self('It is damaged: '.rtrim(lcfirst($why), '.').'.');
    }

    public static function larger(int $width, int $height, int $most): self
    {
        return new self(
            sprintf('It has %d × %d pixels; %d million are read at the most.', $width, $height, intdiv($most, 1_000_000)),
        );
    }

    /** A picture in passes is held whole while they come. */
    public static function largerInPasses(int $width, int $height, int $most): self
    {
        return new self(
            sprintf(
                'It has %d × %d pixels and comes in passes (progressive); of such %d million are read at the most.',
                $width,
                $height,
                intdiv($most, 1_000_000),
            ),
        );
    }

    public static function absent(): self
    {
        return new self('There is no such file, or it may not be read.');
    }

    public static function heavier(int $most): self
    {
        return new self(sprintf('It is larger than %d MB.', intdiv($most, 1_000_000)));
    }

    public static function noJpeg(): self
    {
        return new self('It is no JPEG.');
    }

    public static function noPreview(): self
    {
        return new self('It is no JPEG, and there is none inside it.');
    }

    public static function inks(): self
    {
        return new self('Its colours are those of printing inks, which no camera writes.');
    }

    public static function tooManyScans(int $most): self
    {
        return new self("It is built up in more than {$most} passes, which no camera does.");
    }
}
