<?php

declare(strict_types=1);

namespace App\Files;

use App\Limits\Quota;
use App\Models\FileRecord;
use App\Models\FrameRecord;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use League\Flysystem\UnableToReadFile;
use RushHold\Faults\HiddenCharacters;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnknownChoice;

/**
 * What people upload. Each file is of one account, told apart by its content: the same sent again is the same file. The records are in
 * the database, the bytes on a disk of this machine or in a store that speaks S3 (config/filesystems.php); a record never stands without
 * its bytes, and bytes without a record go after a day.
 */
final readonly class Files
{
    /** Bytes read at once. */
    private const CHUNK = 262_144;

    /** Hours after which bytes that no record names are taken to be left over, not on their way in. */
    private const LEFT_HOURS = 24;

    public function __construct(private Factory $disks, private Quota $quota) {}

    /**
     * Takes a file in, or finds the one that is there already.
     *
     * @param  string  $hash  SHA-256 of its content in hexadecimal, as its sender reckoned it
     * @param  string  $name  what its owner calls it
     * @param  resource  $from  read to its end, or until it is too long
     * @return array{FileRecord, bool} the file, and whether it is new
     *
     * @throws ProblemException when it is too large, of the wrong type, damaged on its way, or there is no room for it
     */
    public function take(User $user, FilePurpose $purpose, string $hash, string $name, $from): array
    {
        if (preg_match('/^[0-9a-f]{64}$/', $hash) !== 1) {
            throw TextOutOfBounds::of(
                'hash',
                mb_strcut($hash, 0, 80),
                'the SHA-256 of the file, 64 hexadecimal digits',
            );
        }
        $name = self::named($name);
        $known = $this->known($user, $purpose, $hash);
        if ($known !== null) {
            return [$known, false];
        }
        $whole = $this->read($purpose, $hash, $name, $from);
        try {
            return $this->keep($user, $purpose, $hash, $name, $whole);
        } finally {
            fclose($whole['file']);
        }
    }

    /** The file of this account with this content, its time begun anew; null when there is none. */
    public function known(User $user, FilePurpose $purpose, string $hash): ?FileRecord
    {
        $file = $user->files()->where('purpose', $purpose->value)->where('hash', $hash)->first();
        $file?->fill(['expires_at' => self::until($purpose)])->save();

        return $file;
    }

    /**
     * A file of this account by its id.
     *
     * @throws UnknownChoice when it has none such
     */
    public function ofAccount(User $user, FilePurpose $purpose, string $id, string $field): FileRecord
    {
        return $user->files()->where('purpose', $purpose->value)->find($id) ??
            throw UnknownChoice::of($field, $id, ['the id of a file of yours']);
    }

    /** Its content as text. */
    public function text(FileRecord $file): string
    {
        return (string) $this->disk()->get($file->path());
    }

    /** Its content as text; null where it has been let go of since it was looked up. */
    public function textIfThere(FileRecord $file): ?string
    {
        try {
            return $this->text($file);
        } catch (UnableToReadFile $gone) {
            return FileRecord::query()->whereKey($file->id)->exists() ? throw $gone : null;
        }
    }

    /** @return resource its content, to be read */
    public function stream(FileRecord $file)
    {
        return $this->disk()->readStream($file->path()) ??
            throw new \RuntimeException("The bytes of file {$file->id} are gone.");
    }

    /** A path of this machine under which its bytes are: where the disk is elsewhere they are fetched, once. */
    public function local(FileRecord $file): string
    {
        $disk = $this->disk();
        $there = $disk->path($file->path());
        if ($this->areHere()) {
            return $there;
        }
        $here = sys_get_temp_dir()."/rush-hold-sent-{$file->id}";
        if (! is_file($here)) {
            $part = $here.'.'.getmypid();
            file_put_contents($part, $this->stream($file));
            rename($part, $here);
        }

        return $here;
    }

    /**
     * Keeps a file that was made here, for its account to fetch.
     *
     * @param  string  $path  of this machine
     * @return FileRecord not saved yet, its bytes on the disk
     */
    public function made(User $user, FilePurpose $purpose, string $name, string $type, string $path): FileRecord
    {
        $file = $user->files()->make([
            'purpose' => $purpose,
            'name' => self::named($name),
            'type' => $type,
            'bytes' => (int) filesize($path),
            'hash' => (string) hash_file('sha256', $path),
            'expires_at' => self::until($purpose),
        ]);
        $file->id = $file->newUniqueId();
        $from = fopen($path, 'rb') ?: throw new \RuntimeException('What was made cannot be read.');
        try {
            $this->disk()->writeStream($file->path(), $from);
        } finally {
            fclose($from);
        }

        return $file;
    }

    /** Whether their bytes are in a folder of this machine. */
    public function areHere(): bool
    {
        return config('filesystems.disks.files.driver') === 'local';
    }

    public function delete(FileRecord $file): void
    {
        $file->delete();
        $this->disk()->delete($file->path());
    }

    /** Everything of an account; its records go with the account itself. */
    public function deleteOf(User $user): void
    {
        $this->disk()->deleteDirectory((string) $user->id);
    }

    /** Takes away files that have had their time; how many. */
    public function tidy(): int
    {
        /** @var Collection<int, FileRecord> $ended */
        $ended = FileRecord::query()->where('expires_at', '<', Carbon::now())->limit(1000)->get();
        $ended->each($this->delete(...));

        return $ended->count();
    }

    /** Takes away bytes that nobody names; how many. It looks at all there are. */
    public function tidyBytes(): int
    {
        $gone = 0;
        $disk = $this->disk();
        foreach (array_chunk($disk->allFiles(), 500) as $paths) {
            $ids = array_map(self::nameOf(...), $paths);
            $known =
                array_flip(FileRecord::query()->whereKey($ids)->pluck('id')->all()) +
                array_flip(FrameRecord::query()->whereIn('picture', $ids)->pluck('picture')->all());
            foreach ($paths as $path) {
                if (
                    ! isset($known[self::nameOf($path)]) &&
                    Carbon::createFromTimestamp($disk->lastModified($path))->diffInHours(Carbon::now()) >=
                        self::LEFT_HOURS
                ) {
                    $disk->delete($path);
                    $gone++;
                }
            }
        }

        return $gone;
    }

    /**
     * @param  resource  $from
     * @return array{file: resource, bytes: int, type: string} held in memory while short, in a file of this machine beyond
     */
    private function read(FilePurpose $purpose, string $hash, string $name, $from): array
    {
        $file =
            fopen('php://temp/maxmemory:2097152', 'w+b') ?:
            throw new \RuntimeException('There is no room to hold an upload.');
        $sum = hash_init('sha256');
        $bytes = 0;
        $beginning = '';
        while (! feof($from)) {
            $chunk = (string) fread($from, self::CHUNK);
            $bytes += strlen($chunk);
            if ($bytes > $purpose->largest()) {
                throw self::refused(
                    413,
                    'too-large',
                    'That is too large',
                    sprintf(
                        '“%s” is longer than %.1f MB, the most there is room for. Nothing was saved.',
                        $name,
                        $purpose->largest() / 1e6,
                    ),
                );
            }
            $beginning .=
                strlen($beginning) < ContentType::BEGINNING
                    ? substr($chunk, 0, ContentType::BEGINNING - strlen($beginning))
                    : '';
            hash_update($sum, $chunk);
            fwrite($file, $chunk);
        }
        if ($bytes === 0) {
            throw self::refused(422, 'empty-file', 'There is nothing in it', "“{$name}” is empty. Nothing was saved.");
        }
        if (! hash_equals($hash, hash_final($sum))) {
            throw self::refused(
                422,
                'damaged-file',
                'It was damaged on its way',
                "“{$name}” did not arrive as it was sent. Nothing was saved; send it again.",
            );
        }
        $type = ContentType::of($beginning);
        if (! in_array($type, $purpose->types(), true)) {
            throw self::refused(
                415,
                'wrong-type',
                'That is no file for this',
                sprintf(
                    '“%s” is %s by what is in it; it must be %s. Nothing was saved.',
                    $name,
                    $type,
                    $purpose->words(),
                ),
            );
        }
        rewind($file);

        return ['file' => $file, 'bytes' => $bytes, 'type' => $type];
    }

    /**
     * @param  array{file: resource, bytes: int, type: string}  $whole
     * @return array{FileRecord, bool}
     */
    private function keep(User $user, FilePurpose $purpose, string $hash, string $name, array $whole): array
    {
        $this->giveWay($user, $purpose, $whole['bytes']);
        $this->quota->forFile($user, $purpose, $whole['bytes'], $name);
        $file = $user->files()->make([
            'purpose' => $purpose,
            'name' => $name,
            'type' => $whole['type'],
            'bytes' => $whole['bytes'],
            'hash' => $hash,
            'expires_at' => self::until($purpose),
        ]);
        $file->id = $file->newUniqueId();
        // the bytes first: what breaks off here leaves bytes without a record, never the other way round
        $this->disk()->writeStream($file->path(), $whole['file']);
        try {
            return DB::transaction(function () use ($user, $purpose, $hash, $file, $whole, $name): array {
                $user->inTurn();
                $known = $this->known($user, $purpose, $hash);
                if ($known !== null) {
                    $this->disk()->delete($file->path());

                    return [$known, false];
                }
                $this->quota->forFile($user, $purpose, $whole['bytes'], $name);
                $file->save();

                return [$file, true];
            });
        } catch (\Throwable $thrown) {
            $this->disk()->delete($file->path());
            throw $thrown;
        }
    }

    /** Lets files go that have been taken in, oldest first, until there is room for so many bytes. */
    private function giveWay(User $user, FilePurpose $purpose, int $bytes): void
    {
        $over = $purpose->givesWay() ? $this->quota->overWith($user, $purpose, $bytes) : 0;
        if ($over <= 0) {
            return;
        }
        /** @var Collection<int, FileRecord> $read */
        $read = $user
            ->files()
            ->where('purpose', $purpose->value)
            ->whereNotNull('read_at')
            ->orderBy('read_at')
            ->limit(200)
            ->get();
        foreach ($read as $file) {
            $this->delete($file);
            $over -= $file->bytes;
            if ($over <= 0) {
                break;
            }
        }
    }

    private static function until(FilePurpose $purpose): Carbon
    {
        return Carbon::now()->addDays($purpose->days());
    }

    /** What names the record of these bytes: the id of a file, or the picture of a frame. */
    private static function nameOf(string $path): string
    {
        return explode('-', basename($path))[0];
    }

    /** A name for people: one line, no path, nothing that cannot be seen. */
    private static function named(string $name): string
    {
        $line = Str::limit(
            trim((string) preg_replace('/[\s\p{C}]+/u', ' ', basename(str_replace('\\', '/', mb_scrub($name))))),
            FileRecord::NAME - 1,
            '…',
        );
        HiddenCharacters::refuse($line, 'name');

        return $line === '' ? 'a file without a name' : $line;
    }

    private function disk(): Filesystem
    {
        return $this->disks->disk('files');
    }

    private static function refused(int $status, string $type, string $title, string $detail): ProblemException
    {
        return new ProblemException(new Problem($type, $status, $title, $detail));
    }
}
