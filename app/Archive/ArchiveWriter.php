<?php

declare(strict_types=1);

namespace App\Archive;

use App\Log\FramePictures;
use App\Log\Learning;
use App\Models\FrameRecord;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Everything of an account in one zip: what it has set, every record it has written, row by row, and the small pictures of its frames. It can
 * be read by anybody, and goes back into an empty account ({@see ArchiveReader}).
 */
final readonly class ArchiveWriter
{
    public const FORMAT = 'archive/1';

    public function __construct(private FramePictures $pictures) {}

    /** @param  bool  $pictures  whether the pictures of frames go along */
    public function write(User $user, string $file, bool $pictures = true): void
    {
        $folder = $file.'.parts';
        mkdir($folder, 0o700);
        try {
            $zip = new \ZipArchive();
            $zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
            $zip->addFromString('account.json', self::text(self::account($user)));
            foreach (Part::all() as $part) {
                $this->part($user, $part, "{$folder}/{$part->table}.jsonl");
                $zip->addFile("{$folder}/{$part->table}.jsonl", "{$part->table}.jsonl");
            }
            $number = 0;
            /** @var iterable<FrameRecord> $frames */
            $frames = $pictures ? $user->frames()->where('picture_bytes', '>', 0)->lazyById(200) : [];
            foreach ($frames as $frame) {
                $this->put($zip, $frame, $folder.'/'.++$number);
            }
            $zip->close();
        } finally {
            array_map(unlink(...), glob($folder.'/*') ?: []);
            rmdir($folder);
        }
    }

    private function put(\ZipArchive $zip, FrameRecord $frame, string $file): void
    {
        foreach (FramePictures::BOTH as $which) {
            $jpeg = $this->pictures->get($frame, $which);
            if ($jpeg !== null) {
                file_put_contents("{$file}-{$which}", $jpeg);
                $name = "pictures/{$frame->id}-{$which}.jpg";
                $zip->addFile("{$file}-{$which}", $name);
                // a JPEG becomes no shorter
                $zip->setCompressionName($name, \ZipArchive::CM_STORE);
            }
        }
    }

    /** @return array<string, mixed> */
    private static function account(User $user): array
    {
        return [
            'format' => self::FORMAT,
            'made_at' => Carbon::now()->toIso8601ZuluString(),
            'settings' => (object) $user->settings,
            'assumptions' => (object) $user->assumptions,
            'subjects' => (object) ($user->subjects ?? []),
            'yours' => array_keys($user->learnt ?? []),
            'not_yours' => Learning::switchedOff($user),
        ];
    }

    private function part(User $user, Part $part, string $file): void
    {
        $to = fopen($file, 'wb');
        if ($to === false) {
            throw new \RuntimeException('Nothing can be written here.');
        }
        $rows = DB::table($part->table)
            ->where('user_id', $user->id)
            ->orderBy($part->hasId ? 'id' : 'gear_id');
        foreach ($rows->cursor() as $row) {
            $all = get_object_vars($row);
            $told = $part->hasId ? ['id' => $all['id']] : [];
            foreach ($part->columns as $column) {
                $value = $all[$column];
                $told[$column] = is_string($value) && in_array($column, $part->documents, true)
                    ? json_decode($value, false, 64, JSON_THROW_ON_ERROR)
                    : $value;
            }
            fwrite($to, self::text($told)."\n");
        }
        fclose($to);
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
