<?php

declare(strict_types=1);

namespace App\Images;

use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;

/**
 * The picture inside a raw file: every camera that writes raw files writes a JPEG into them too. It is taken out by Debian's reader of
 * metadata, which is kept running from file to file (docs/platform.md). Only workers and commands may use it.
 */
final class RawPreview
{
    /** Seconds after which nobody waits for one file any longer. */
    private const PATIENCE_S = 20.0;

    /** How the files are called that it is given. */
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

    private ?Process $tool = null;

    private ?InputStream $orders = null;

    private int $asked = 0;

    public function __destruct()
    {
        $this->stop();
    }

    /** Whether a file is of a kind that may hold a picture: tagged images, as most raw files are, or boxes in boxes that are no film. */
    public static function isIn(string $beginning): bool
    {
        return preg_match('/^(II[\x2A\x55RO][\x00OSU]|MM\x00[\x2A\x55]|MMOR)/', $beginning) === 1 ||
            preg_match('/^.{4}ftyp(?!iso|mp4|avc|qt|M4|MSNV|3g)/s', $beginning) === 1;
    }

    /** Takes away the files of whoever died while reading. */
    public static function tidy(): int
    {
        $left = array_filter(
            glob(sys_get_temp_dir().'/'.self::PREFIX.'*') ?: [],
            static fn (string $file): bool => (int) @filemtime($file) < time() - self::LEFT_S,
        );

        return count(array_filter($left, static fn (string $file): bool => @unlink($file)));
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
        $file = tempnam(sys_get_temp_dir(), self::PREFIX);
        if ($file === false) {
            throw new \RuntimeException('No file can be made in '.sys_get_temp_dir().'.');
        }
        try {
            if (file_put_contents($file, $bytes) !== strlen($bytes)) {
                throw new \RuntimeException("{$file} cannot be written.");
            }
            $told = $this->told($file);
            $picture = $this->ask(['-b', '-'.self::largest($told), $file]);
        } finally {
            @unlink($file);
        }
        $size = str_starts_with($picture, "\xFF\xD8\xFF") ? @getimagesizefromstring($picture) : false;
        if ($size === false) {
            throw UnreadablePicture::noPreview();
        }

        return ExifWriter::into($picture, ExifReader::told(self::tags($told, $size[0])));
    }

    /**
     * @param  array<string, mixed>  $told
     * @return string the name under which the largest picture stands
     *
     * @throws UnreadablePicture where there is none
     */
    private static function largest(array $told): string
    {
        $sizes = [];
        foreach (self::PICTURES as $name) {
            $says = $told[$name] ?? null;
            if (is_string($says) && preg_match('/^\(Binary data (\d+) bytes/', $says, $size) === 1) {
                $sizes[$name] = (int) $size[1];
            }
        }
        $sizes = array_filter($sizes, static fn (int $size): bool => $size <= self::MOST);

        return $sizes === [] ? throw UnreadablePicture::noPreview() : (string) array_search(max($sizes), $sizes, true);
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
     * @return array<string, mixed>
     *
     * @throws UnreadablePicture
     */
    private function told(string $file): array
    {
        $names = [...self::PICTURES, ...array_keys(self::TAGS)];
        $asked = array_map(static fn (string $name): string => '-'.$name, $names);
        /** @var mixed $found */
        $found = json_decode($this->ask(['-j', '-n', '-q', '-q', ...$asked, $file]), true, 8);
        $told = is_array($found) && is_array($found[0] ?? null) ? $found[0] : throw UnreadablePicture::noPreview();

        return array_filter($told, is_string(...), ARRAY_FILTER_USE_KEY);
    }

    /**
     * @param  list<string>  $arguments
     *
     * @throws UnreadablePicture where it says nothing for too long
     */
    private function ask(array $arguments): string
    {
        [$tool, $orders] = $this->running();
        $end = sprintf('{ready%d}', ++$this->asked);
        $orders->write(implode("\n", $arguments)."\n-execute{$this->asked}\n");
        $said = '';
        $until = microtime(true) + self::PATIENCE_S;
        while (! str_contains($said, $end)) {
            if (! $tool->isRunning() || microtime(true) > $until) {
                $this->stop();
                throw UnreadablePicture::noPreview();
            }
            $more = $tool->getIncrementalOutput();
            $said .= $more;
            if ($more === '') {
                usleep(500);
            }
        }
        $tool->clearOutput();
        $tool->clearErrorOutput();

        return substr($said, 0, (int) strpos($said, $end));
    }

    /** @return array{Process, InputStream} */
    private function running(): array
    {
        if ($this->tool !== null && $this->orders !== null && $this->tool->isRunning()) {
            return [$this->tool, $this->orders];
        }
        $this->orders = new InputStream();
        // it dies with whoever asks it, however that dies; no configuration of whoever runs it
        $tool = ['setpriv', '--pdeathsig', 'KILL', 'exiftool', '-config', '', '-stay_open', 'True', '-@', '-'];
        $this->tool = new Process($tool, timeout: null);
        $this->tool->setInput($this->orders);
        $this->tool->start();

        return [$this->tool, $this->orders];
    }

    private function stop(): void
    {
        $this->orders?->close();
        $this->tool?->stop(0.0);
        $this->tool = $this->orders = null;
    }
}
