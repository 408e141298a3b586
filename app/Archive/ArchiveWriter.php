<?php

declare(strict_types=1);

namespace App\Archive;

use App\Log\Frames\FramePictures;
use App\Models\FrameRecord;
use App\Models\User;
use App\Owned\Column;
use App\Owned\Owned;
use App\Owned\OwnedTable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Filesystem\Filesystem;

/**
 * Everything of an account in one zip: what it has set, every record it has written, row by row, and the small pictures of its frames. It can
 * be read by anybody, and goes back into an empty account ({@see RestoreWork}).
 */
final readonly class ArchiveWriter
{
    public const FORMAT = 'archive/1';

    /** Rows read at once. */
    private const ROWS = 1000;

    /** Frames whose pictures are read at once. */
    private const FRAMES = 40;

    /** @param  int  $atOnce  frames whose pictures are read at once */
    public function __construct(
        private FramePictures $pictures,
        private Owned $owned,
        private int $atOnce = self::FRAMES,
    ) {}

    /**
     * Writes it at once.
     *
     * @param  bool  $pictures  whether the pictures of frames go along
     */
    public function write(User $user, string $file, bool $pictures = true): void
    {
        $folder = $file.'.parts';
        mkdir($folder, 0o700);
        try {
            foreach ($this->owned->archived() as $table) {
                $to = fopen("{$folder}/{$table->name()}.jsonl", 'wb') ?: throw new \RuntimeException('Nothing can be written here.');
                for ($after = ''; $after !== null;) {
                    [$text, , $after] = $this->rows($user, $table, $after);
                    fwrite($to, $text);
                }
                fclose($to);
            }
            $after = $pictures ? '' : null;
            while ($after !== null) {
                [, , $after] = $this->pictures($user, $folder, $after);
            }
            self::zip($user, $folder, $file);
        } finally {
            (new Filesystem())->deleteDirectory($folder);
        }
    }

    /**
     * The next rows of a table, as JSON a line each.
     *
     * @param  string  $after  where those before ended
     * @return array{string, int, ?string} rows, how many, and where they end; null where these are the last
     */
    public function rows(User $user, OwnedTable $table, string $after): array
    {
        $by = $table->pagedBy();
        $columns = array_filter($table->columns(), static fn (Column $column): bool => $column->isArchived);
        $rows = $table
            ->rowsOf($user->id)
            ->where($by, '>', $after)
            ->orderBy($by)
            ->limit(self::ROWS)
            ->get()
            ->all();
        $text = '';
        foreach ($rows as $row) {
            $told = [];
            foreach ($columns as $name => $column) {
                $value = $row->{$name};
                $told[$name] = is_string($value) && $column->isDocument()
                    ? json_decode($value, false, 64, JSON_THROW_ON_ERROR)
                    : $value;
            }
            $text .= self::text($told)."\n";
            $after = (string) $row->{$by};
        }

        return [$text, count($rows), count($rows) < self::ROWS ? null : $after];
    }

    /**
     * Puts the next pictures into a folder.
     *
     * @param  string  $after  where those before ended
     * @return array{int, int, ?string} frames, bytes, and where they end; null where these are the last
     */
    public function pictures(User $user, string $folder, string $after): array
    {
        is_dir($folder.'/pictures') || mkdir($folder.'/pictures', 0o700);
        /** @var Collection<int, FrameRecord> $frames */
        $frames = $user
            ->frames()
            ->where('picture_bytes', '>', 0)
            ->where('hash', '>', $after)
            ->orderBy('hash')
            ->limit($this->atOnce)
            ->get();
        $bytes = 0;
        foreach ($frames as $frame) {
            foreach (FramePictures::BOTH as $which) {
                $jpeg = $this->pictures->get($frame, $which);
                if ($jpeg !== null) {
                    $bytes += (int) file_put_contents("{$folder}/pictures/{$frame->id}-{$which}.jpg", $jpeg);
                }
            }
        }

        return [$frames->count(), $bytes, $frames->count() < $this->atOnce ? null : (string) $frames->last()?->hash];
    }

    /** Makes a zip of all that is in a folder, and of what the account has set. */
    public static function zip(User $user, string $folder, string $file): void
    {
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
        $zip->addFromString('account.json', self::text(AccountWords::of($user)));
        foreach (glob($folder.'/*.jsonl') ?: [] as $path) {
            $zip->addFile($path, basename($path));
        }
        foreach (glob($folder.'/pictures/*.jpg') ?: [] as $path) {
            $name = 'pictures/'.basename($path);
            $zip->addFile($path, $name);
            // a JPEG becomes no shorter
            $zip->setCompressionName($name, \ZipArchive::CM_STORE);
        }
        $zip->close();
    }

    /** @param  array<string, mixed>  $value */
    private static function text(array $value): string
    {
        return json_encode(
            $value,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
