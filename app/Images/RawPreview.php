<?php

declare(strict_types=1);

namespace App\Images;

use Illuminate\Filesystem\Filesystem;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * The picture inside a raw file: every camera that writes raw files writes a JPEG into them too. It is taken out by Debian's reader of
 * metadata: one process a file, which writes pictures into a folder of its own, so that nothing that stands in a file can be taken for an
 * answer about another (docs/platform.md). Only workers and commands may use it.
 */
final class RawPreview
{
    /** Seconds after which nobody waits for one file any longer. */
    private const PATIENCE_S = 20.0;

    /** What one process may use: memory and the length of a file it writes, in bytes. */
    private const BOUNDS = ['--as=262144000', '--fsize=64000000'];

    /** How the folders are called that it works in. */
    private const PREFIX = 'rush-hold-raw';

    /** Nobody reads one file so long, in seconds. */
    private const LEFT_S = 3600;

    /** Largest picture inside, in bytes. */
    private const MOST = 40_000_000;

    /** Where the picture may stand; the largest is taken. */
    private const PICTURES = ['JpgFromRaw', 'PreviewImage', 'OtherImage'];

    /** What is asked of the metadata, by the name under which a JPEG's reader knows it: what is not asked for cannot be kept. */
    private const TAGS = [
        'DateTimeOriginal' => 'DateTimeOriginal',
        'SubSecTimeOriginal' => 'SubSecTimeOriginal',
        'OffsetTimeOriginal' => 'UndefinedTag:0x9011',
        'ExposureTime' => 'ExposureTime',
        'FNumber' => 'FNumber',
        'ISO' => 'ISOSpeedRatings',
        'FocalLength' => 'FocalLength',
        'FocalLengthIn35mmFormat' => 'FocalLengthIn35mmFilm',
        'ExposureCompensation' => 'ExposureBiasValue',
        'SubjectDistance' => 'SubjectDistance',
        'Orientation' => 'Orientation',
        'SubjectArea' => 'SubjectArea',
        'SubjectLocation' => 'SubjectLocation',
        'Model' => 'Model',
        'LensModel' => 'UndefinedTag:0xA434',
        'LensInfo' => 'UndefinedTag:0xA432',
        'Rating' => 'UndefinedTag:0x4746',
        'ExifImageWidth' => 'ExifImageWidth',
        'FocalPlaneXResolution' => 'FocalPlaneXResolution',
        'FocalPlaneResolutionUnit' => 'FocalPlaneResolutionUnit',
    ];

    /** Tags of several numbers. */
    private const LISTS = ['SubjectArea', 'SubjectLocation', 'LensInfo'];

    /** Whether a file is of a kind that may hold a picture: tagged images, as most raw files are, or boxes in boxes that are no film. */
    public static function isIn(string $beginning): bool
    {
        return preg_match('/^(II[\x2A\x55RO][\x00OSU]|MM\x00[\x2A\x55]|MMOR)/', $beginning) === 1 ||
            preg_match('/^.{4}ftyp(?!iso|mp4|avc|qt|M4|MSNV|3g)/s', $beginning) === 1;
    }

    /** Takes away the folders of whoever died while reading. */
    public static function tidy(): int
    {
        $left = array_filter(
            glob(sys_get_temp_dir().'/'.self::PREFIX.'*', GLOB_ONLYDIR) ?: [],
            static fn (string $folder): bool => (int) @filemtime($folder) < time() - self::LEFT_S,
        );

        return count(array_filter($left, (new Filesystem())->deleteDirectory(...)));
    }

    /**
     * A JPEG with what the camera wrote of how it was taken; one that is a JPEG already as it is.
     *
     * @param  string  $bytes  of a file
     *
     * @throws UnreadablePicture
     */
    public function jpeg(string $bytes): string
    {
        if (! self::isIn($bytes)) {
            return $bytes;
        }
        $folder = sys_get_temp_dir().'/'.self::PREFIX.'-'.bin2hex(random_bytes(12));
        if (! @mkdir($folder, 0700)) {
            throw new \RuntimeException("{$folder} cannot be made.");
        }
        try {
            if (@file_put_contents("{$folder}/raw", $bytes) !== strlen($bytes)) {
                throw new \RuntimeException("{$folder}/raw cannot be written.");
            }
            $told = self::told($folder);
            $picture = self::largest($folder);
        } finally {
            (new Filesystem())->deleteDirectory($folder);
        }
        $size = str_starts_with($picture, "\xFF\xD8\xFF") ? @getimagesizefromstring($picture) : false;
        if ($size === false) {
            throw UnreadablePicture::noPreview();
        }

        return ExifWriter::into($picture, ExifReader::told(self::tags($told, $size[0])));
    }

    /**
     * @return string the largest of the pictures that were written there
     *
     * @throws UnreadablePicture where there is none
     */
    private static function largest(string $folder): string
    {
        $sizes = [];
        foreach (self::PICTURES as $name) {
            $sizes["{$folder}/{$name}"] = (int) @filesize("{$folder}/{$name}");
        }
        $sizes = array_filter($sizes, static fn (int $size): bool => $size > 0 && $size <= self::MOST);

        return $sizes === []
            ? throw UnreadablePicture::noPreview()
            : (string) file_get_contents((string) array_search(max($sizes), $sizes, true));
    }

    /**
     * @param  array<string, mixed>  $told
     * @param  int  $width  of the picture inside, in px
     * @return array<string, mixed> as the reader of a JPEG has them, places in pixels of the picture inside
     */
    private static function tags(array $told, int $width): array
    {
        $tags = [];
        foreach (self::TAGS as $name => $known) {
            $value = $told[$name] ?? null;
            if (in_array($name, self::LISTS, true)) {
                $value = is_string($value) ? preg_split('/\s+/', trim($value)) : null;
            } elseif (is_int($value) && in_array($name, ['SubSecTimeOriginal', 'Model', 'LensModel'], true)) {
                $value = (string) $value;
            }
            if ($value !== null) {
                $tags[$known] = $value;
            }
        }
        $whole = $tags['ExifImageWidth'] ?? $width;
        $times = is_int($whole) && $whole > 0 ? $width / $whole : 1.0;
        $scaled = static fn (mixed $one): mixed => is_numeric($one) ? (int) round((float) $one * $times) : $one;
        foreach (['SubjectArea', 'SubjectLocation'] as $name) {
            if (is_array($tags[$name] ?? null)) {
                $tags[$name] = array_map($scaled, $tags[$name]);
            }
        }

        return $tags;
    }

    /**
     * Writes the pictures in a raw file beside it, each under its name, and tells what the camera wrote.
     *
     * @return array<string, mixed>
     *
     * @throws UnreadablePicture where it is none, or takes more time or memory than any camera's
     */
    private static function told(string $folder): array
    {
        $named = static fn (array $names): array => array_map(static fn (string $name): string => "-{$name}", $names);
        $tool = new Process([
            // it dies with whoever asks it, however that dies; no configuration of whoever runs it
            ...['setpriv', '--pdeathsig', 'KILL', 'prlimit', ...self::BOUNDS, 'exiftool', '-config', ''],
            ...['-b', '-W', "{$folder}/%t", ...$named(self::PICTURES), "{$folder}/raw"],
            ...['-execute', '-j', '-n', ...$named(array_keys(self::TAGS)), "{$folder}/raw", '-common_args', '-q', '-q'],
        ], timeout: self::PATIENCE_S);
        try {
            $tool->run();
        } catch (ProcessTimedOutException) {
            throw UnreadablePicture::noPreview();
        }
        /** @var mixed $found */
        $found = json_decode($tool->getOutput(), true, 8);
        $told = is_array($found) && is_array($found[0] ?? null) ? $found[0] : throw UnreadablePicture::noPreview();

        return array_filter($told, is_string(...), ARRAY_FILTER_USE_KEY);
    }
}
