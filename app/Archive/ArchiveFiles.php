<?php

declare(strict_types=1);

namespace App\Archive;

use App\Documents\SchemaChecker;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Filesystem\Filesystem;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnknownChoice;

/**
 * The zips of one archive, as somebody has brought them: rows of tables, unpacked to a folder of this machine so that a row can be found
 * again, and pictures of frames.
 */
final class ArchiveFiles
{
    /** In so many bytes at its end a zip says how many files it lists: at most 65,535 of the older kind. */
    private const END = 66_000;

    /** Longest row of a table, and longest account.json, in bytes. */
    private const ROW = 600_000;

    /** Bytes a row is long on average, at the most. */
    private const BYTES = 1600;

    /** Longest picture of a frame, in bytes. */
    private const PICTURE = 4_000_000;

    /** Longest side of one, in pixels. */
    private const PICTURE_PX = 4000;

    private const CHUNK = 262_144;

    /** Rows held at once are so long at the most, together, in bytes. */
    private const HELD = 2_000_000;

    /**
     * @param  list<\ZipArchive>  $zips
     * @param  string  $folder  of this machine, for what is unpacked
     * @param  int  $most  rows that are read
     */
    private function __construct(
        private readonly array $zips,
        private readonly string $folder,
        private readonly int $most,
    ) {}

    /**
     * @param  list<string>  $paths
     * @param  string  $name  of what is restored, by which it is found again on this machine
     *
     * @throws ProblemException when one of them is no zip
     */
    public static function open(array $paths, string $name, int $most): self
    {
        $zips = [];
        foreach ($paths as $path) {
            // what it lists is read into memory that nobody counts
            if (! self::isSmall($path)) {
                throw self::tooMuch($most);
            }
            $zip = new \ZipArchive();
            if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
                throw self::unreadable();
            }
            $zips[] = $zip;
        }

        return new self($zips, self::folder($name), $most);
    }

    /** Takes away what was unpacked under a name. */
    public static function forgetOf(string $name): void
    {
        (new Filesystem())->deleteDirectory(self::folder($name));
    }

    private static function folder(string $name): string
    {
        return sys_get_temp_dir().'/rush-hold-restore-'.$name;
    }

    /** Whether a zip lists no more files than fit into one of the older kind, as those that are written here do. */
    private static function isSmall(string $path): bool
    {
        $from = fopen($path, 'rb') ?: throw new \RuntimeException('What was sent cannot be read.');
        fseek($from, -min(self::END, (int) filesize($path)), SEEK_END);
        $end = (string) stream_get_contents($from);
        fclose($from);

        $record = strrpos($end, "PK\x05\x06");

        // what points to a longer list stands right before it
        return $record === false || substr($end, max(0, $record - 20), 4) !== "PK\x06\x07";
    }

    /**
     * What the account has set.
     *
     * @return array<string, mixed>
     *
     * @throws ProblemException when this is no archive
     */
    public function account(): array
    {
        $text = $this->from('account.json')?->getFromName('account.json', self::ROW);
        $account = is_string($text) ? json_decode($text, true, 16) : null;
        if (! is_array($account)) {
            throw self::unreadable();
        }
        if (($account['format'] ?? null) !== ArchiveWriter::FORMAT) {
            throw UnknownChoice::of('account.format', $account['format'] ?? null, [ArchiveWriter::FORMAT]);
        }

        return $account;
    }

    /**
     * Unpacks a table.
     *
     * @return int lines it has
     *
     * @throws ProblemException when it is longer than what is read
     */
    public function unpack(string $table): int
    {
        $bytes = array_sum(array_map(filesize(...), array_diff(glob($this->folder.'/*.jsonl') ?: [], ["{$this->folder}/{$table}.jsonl"])));
        $name = $table.'.jsonl';
        is_dir($this->folder) || mkdir($this->folder, 0o700);
        $part = "{$this->folder}/{$name}.".getmypid();
        $to = fopen($part, 'wb') ?: throw new \RuntimeException('Nothing can be written here.');
        $lines = 0;
        try {
            foreach ($this->zips as $zip) {
                $from = $zip->getStream($name);
                // what is packed small may be long without end, and empty
                while ($from !== false && ($chunk = (string) fread($from, self::CHUNK)) !== '') {
                    $bytes += strlen($chunk);
                    $lines += substr_count($chunk, "\n");
                    if ($bytes > $this->most * self::BYTES || $lines > 2 * $this->most) {
                        throw self::tooMuch($this->most);
                    }
                    fwrite($to, $chunk);
                }
            }
        } finally {
            fclose($to);
        }
        rename($part, "{$this->folder}/{$name}");

        return $lines;
    }

    /**
     * The next rows of a table.
     *
     * @param  int  $at  lines before them
     * @param  int  $byte  where they begin
     * @param  int  $count  how many at the most
     * @return array{list<array{int, array<string, mixed>}>, int, int, bool} each with the number of its line; lines and bytes before what follows; whether that is nothing
     */
    public function rows(string $table, int $at, int $byte, int $count): array
    {
        $path = "{$this->folder}/{$table}.jsonl";
        if (! is_file($path)) {
            // another machine has begun with this, or it was tidied away
            $this->unpack($table);
        }
        $from = fopen($path, 'rb') ?: throw new \RuntimeException('What was unpacked cannot be read.');
        fseek($from, $byte);
        $rows = [];
        try {
            $until = $byte + self::HELD;
            for ($read = 0; $read < $count && $byte < $until && ($line = fgets($from, self::ROW)) !== false; $read++) {
                $at++;
                $byte += strlen($line);
                if (trim($line) !== '') {
                    $rows[] = [$at, self::row($line, "{$table}/{$at}")];
                }
            }

            return [$rows, $at, $byte, feof($from) || fgetc($from) === false];
        } finally {
            fclose($from);
        }
    }

    /** @return int files of all zips, pictures among them */
    public function count(): int
    {
        return array_sum(array_map(static fn (\ZipArchive $zip): int => $zip->numFiles, $this->zips));
    }

    /** @return ?array{string, string} id of a frame, and which of its pictures this file is; null where it is none */
    public function picture(int $number): ?array
    {
        [$zip, $at] = $this->place($number);
        $name = (string) $zip->getNameIndex($at);

        return preg_match('#^pictures/([0-9a-z]{26})-(whole|piece)\.jpg$#', $name, $found) === 1
            ? [$found[1], $found[2]]
            : null;
    }

    public function has(string $name): bool
    {
        return $this->from($name) !== null;
    }

    /** What begins, goes on and ends as the small JPEGs do that are kept of a frame: it is only ever shown to whoever brought it. */
    public function jpeg(int $number): string
    {
        [$zip, $at] = $this->place($number);
        $jpeg = (string) $zip->getFromIndex($at, self::PICTURE);
        $size = str_starts_with($jpeg, "\xFF\xD8\xFF") ? @getimagesizefromstring($jpeg) : false;
        if (
            $size === false ||
            $size[2] !== IMAGETYPE_JPEG ||
            max($size[0], $size[1]) > self::PICTURE_PX ||
            ! str_ends_with($jpeg, "\xFF\xD9")
        ) {
            throw TextOutOfBounds::of(
                (string) $zip->getNameIndex($at),
                '',
                'a JPEG of at most '.self::PICTURE_PX.' pixels a side',
            );
        }

        return $jpeg;
    }

    /** Takes away what was unpacked. */
    public function forget(): void
    {
        (new Filesystem())->deleteDirectory($this->folder);
    }

    public static function tooMuch(int $most): ProblemException
    {
        return new ProblemException(
            new Problem(
                'too-large',
                413,
                'The archive is too long',
                sprintf(
                    '%s records are read this way; who keeps the server brings more with account:restore.',
                    number_format($most),
                ),
            ),
        );
    }

    /** @return array<string, mixed> */
    private static function row(string $line, string $under): array
    {
        $row = json_decode($line, false, SchemaChecker::DEEPEST * 2);

        return $row instanceof \stdClass
            ? get_object_vars($row)
            : throw TextOutOfBounds::of(
                $under,
                mb_scrub(mb_strcut($line, 0, 40)),
                'a JSON object of at most '.self::ROW.' bytes',
            );
    }

    private function from(string $name): ?\ZipArchive
    {
        foreach ($this->zips as $zip) {
            if ($zip->locateName($name) !== false) {
                return $zip;
            }
        }

        return null;
    }

    /** @return array{\ZipArchive, int} */
    private function place(int $number): array
    {
        foreach ($this->zips as $zip) {
            if ($number < $zip->numFiles) {
                return [$zip, $number];
            }
            $number -= $zip->numFiles;
        }
        throw new \LogicException('The archive has no such file.');
    }

    private static function unreadable(): ProblemException
    {
        return new ProblemException(
            new Problem('no-archive', 422, 'This is no archive', 'An archive of an account is a zip with account.json in it.'),
        );
    }
}
