<?php

declare(strict_types=1);

namespace App\Archive;

use App\Accounts\StarterKit;
use App\Documents\SchemaChecker;
use App\Limits\Quota;
use App\Log\BurstKeeper;
use App\Log\FramePictures;
use App\Log\Learning;
use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Assumptions\Assumptions;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnknownChoice;
use RushHold\Rush\OwnSubject;

/** Puts an archive back into an empty account: all of it, or nothing. */
final readonly class ArchiveReader
{
    /** Records that are read, unless somebody allows more. */
    public const MOST = 100_000;

    /** Longest archive that is sent, in bytes. */
    public const LARGEST = 60_000_000;

    /** Longest row of an archive, in bytes. */
    private const ROW = 600_000;

    /** Bytes a row of a table is long on average, at the most. */
    private const BYTES = 4000;

    /** Rows written in one go. */
    private const ROWS = 50;

    /** Longest picture of a frame, in bytes. */
    private const PICTURE = 4_000_000;

    /** Longest side of one, in pixels. */
    private const PICTURE_PX = 4000;

    public function __construct(
        private RowChecks $checks,
        private Quota $quota,
        private FramePictures $pictures,
        private BurstKeeper $bursts,
        private Learning $learning,
        private StarterKit $starter,
    ) {}

    /**
     * @param  int  $most  rows that are read; who has more brings them by the command line
     * @return array<string, int> how many of each came
     */
    public function read(User $user, string $file, int $most = self::MOST): array
    {
        $zip = new \ZipArchive();
        if ($zip->open($file, \ZipArchive::RDONLY) !== true) {
            throw self::unreadable();
        }
        try {
            $account = self::account($zip);
            // what is let go of here locks no gap that others write into
            if (DB::transactionLevel() === 0) {
                DB::statement('SET TRANSACTION ISOLATION LEVEL READ COMMITTED');
            }
            $counts = DB::transaction(function () use ($user, $zip, $account, $most): array {
                $user->inTurn();
                $this->refuseFull($user);
                self::settle($user, $account);
                [$counts, $ids] = $this->rows($user, $zip, $most);
                // nobody plans without a body and a lens
                if ($counts['kits'] === 0) {
                    $this->starter->give($user);
                }
                $this->pictures($user, $zip, $ids);
                // counting what is there already changes none of it
                BurstRecord::withoutTimestamps(function () use ($user): void {
                    foreach ($user->bursts()->orderBy('id')->pluck('id') as $burst) {
                        $this->bursts->recount((string) $burst);
                    }
                });

                return $counts;
            });
        } finally {
            $zip->close();
        }
        $this->learning->wake($user);
        foreach (['yours' => true, 'not_yours' => false] as $list => $isOn) {
            foreach (is_array($account[$list] ?? null) ? $account[$list] : [] as $name) {
                if (is_string($name)) {
                    $this->learning->switch($user, $name, $isOn);
                }
            }
        }

        return $counts;
    }

    /** Whether there is nothing in it but what every account begins with. */
    public static function isEmpty(User $user): bool
    {
        foreach (['rushes', 'cards', 'layouts', 'places', 'outings', 'bursts'] as $table) {
            if (DB::table($table)->where('user_id', $user->id)->exists()) {
                return false;
            }
        }

        return DB::table('gear')->where('user_id', $user->id)->where('revision', '>', 1)->doesntExist();
    }

    private function refuseFull(User $user): void
    {
        if (! self::isEmpty($user)) {
            throw new ProblemException(
                new Problem(
                    'not-empty',
                    409,
                    'This account is not empty',
                    'An archive goes into an account in which nothing has been written yet: make a new one for it.',
                ),
            );
        }
        DB::table('kits')->where('user_id', $user->id)->delete();
        DB::table('camera_states')->where('user_id', $user->id)->delete();
        DB::table('gear')->where('user_id', $user->id)->delete();
    }

    /** @return array<string, mixed> */
    private static function account(\ZipArchive $zip): array
    {
        $text = $zip->getFromName('account.json', self::ROW);
        $account = $text === false ? null : json_decode($text, true, 16);
        if (! is_array($account)) {
            throw self::unreadable();
        }
        if (($account['format'] ?? null) !== ArchiveWriter::FORMAT) {
            throw UnknownChoice::of('account.format', $account['format'] ?? null, [ArchiveWriter::FORMAT]);
        }

        return $account;
    }

    /** @param  array<string, mixed>  $account */
    private static function settle(User $user, array $account): void
    {
        $known = is_array($account['settings'] ?? null) ? $account['settings'] : [];
        $settings = array_filter(
            array_intersect_key($known, User::SETTINGS),
            static fn (mixed $value, string $name): bool => in_array($value, User::SETTINGS[$name], true),
            ARRAY_FILTER_USE_BOTH,
        );
        $figures = is_array($account['assumptions'] ?? null) ? $account['assumptions'] : [];
        Assumptions::with($figures);
        $subjects = [];
        foreach (is_array($account['subjects'] ?? null) ? $account['subjects'] : [] as $name => $subject) {
            if (mb_strlen((string) $name) <= OwnSubject::NAME && is_array($subject)) {
                $subjects[(string) $name] = OwnSubject::fromArray($subject)->toArray();
            }
        }
        $user->update(['settings' => $settings, 'assumptions' => $figures, 'subjects' => $subjects === [] ? null : $subjects]);
    }

    /**
     * @return array{array<string, int>, array<string, string>} how many of each, and the new id of each old one
     */
    private function rows(User $user, \ZipArchive $zip, int $most): array
    {
        $ids = $of = $counts = [];
        foreach (Part::all() as $part) {
            // first all ids, so that what names another is known whichever comes first
            foreach (self::lines($zip, $part->table, $most) as $at => $row) {
                if ($part->hasId) {
                    $id = $row['id'] ?? null;
                    if (! is_string($id) || preg_match('/^[0-9a-z]{26}$/', $id) !== 1 || isset($ids[$id])) {
                        $shown = is_string($id) ? mb_substr($id, 0, 40) : '';
                        throw TextOutOfBounds::of("{$part->table}/{$at}/id", $shown, 'an id of its own');
                    }
                    if (count($ids) >= $most) {
                        throw self::tooMuch($most);
                    }
                    $ids[$id] = strtolower((string) Str::ulid());
                    $of[$part->table][$id] = true;
                }
            }
        }
        foreach (Part::all() as $part) {
            $counts[$part->table] = 0;
            $rows = [];
            foreach (self::lines($zip, $part->table, $most) as $at => $row) {
                $under = "{$part->table}/{$at}";
                $kept = $this->checks->row($part, $row, $under);
                foreach ($part->names as $column => $other) {
                    if ($kept[$column] !== null && ! isset($of[$other][(string) $kept[$column]])) {
                        throw UnknownChoice::of("{$under}/{$column}", $kept[$column], ["the id of one of its {$other}"]);
                    }
                }
                foreach ($part->lists as $column => $other) {
                    $isThere = static fn (mixed $id): bool => is_string($id) && isset($of[$other][$id]);
                    $kept[$column] = array_values(array_filter((array) $kept[$column], $isThere));
                }
                $rows[] = self::columns($user, $part, $row, $kept, $ids);
                $counts[$part->table]++;
                if (count($rows) === self::ROWS) {
                    $this->insert($user, $part, $rows, $counts[$part->table]);
                    $rows = [];
                }
            }
            $this->insert($user, $part, $rows, $counts[$part->table]);
        }

        return [$counts, $ids];
    }

    /** @param  list<array<string, mixed>>  $rows */
    private function insert(User $user, Part $part, array $rows, int $count): void
    {
        if (in_array($part->table, ['rushes', 'cards', 'kits', 'places', 'outings'], true)) {
            $this->quota->forAnother($part->table, max(0, $count - 1));
        }
        if ($part->table === 'frames') {
            $this->quota->forFrames($user, $count, 0);
        }
        if ($part->table === 'gear') {
            $this->gear($user, $rows);
        }
        DB::table($part->table)->insert($rows);
    }

    /** @param  list<array<string, mixed>>  $rows */
    private function gear(User $user, array $rows): void
    {
        $there = array_count_values($user->gear()->pluck('type')->all());
        foreach (array_count_values(array_map(strval(...), array_column($rows, 'type'))) as $type => $more) {
            $this->quota->forAnother((string) $type, max(0, ($there[$type] ?? 0) + $more - 1));
        }
        $this->quota->forGear(
            $user,
            array_sum(array_map(static fn (array $row): int => strlen((string) $row['document']), $rows)),
        );
    }

    /**
     * @param  array<string, mixed>  $row  as it came
     * @param  array<string, mixed>  $kept  what is kept of it
     * @param  array<string, string>  $ids
     * @return array<string, mixed> columns of the table, every id a new one wherever it stands
     */
    private static function columns(User $user, Part $part, array $row, array $kept, array $ids): array
    {
        $columns = ['user_id' => $user->id];
        if ($part->hasId) {
            $columns['id'] = $ids[(string) $row['id']];
        }
        foreach ($part->columns as $column) {
            $value = $kept[$column];
            $isDocument = in_array($column, $part->documents, true) && $value !== null;
            $text = $isDocument ? json_encode($value, JSON_THROW_ON_ERROR) : $value;
            $columns[$column] = is_string($text) ? self::anew($text, $ids) : $text;
        }

        return $columns + match ($part->table) {
            'gear', 'rushes', 'layouts', 'places', 'outings' => ['revision' => 1, 'position' => 0, 'write_id' => ''],
            'cards' => ['revision' => 1, 'position' => 0, 'write_id' => '', 'tips' => '{}'],
            'frames' => [
                'held_by' => $user->id,
                'picture' => bin2hex(random_bytes(16)),
                'picture_bytes' => 0,
            ],
            default => [],
        };
    }

    /**
     * @param  array<string, string>  $ids
     * @return string the same with every id in it the new one
     */
    private static function anew(string $text, array $ids): string
    {
        $one = static fn (array $found): string => $ids[$found[0]] ?? $found[0];

        return (string) preg_replace_callback('/(?<![0-9a-zA-Z])[0-9a-z]{26}(?![0-9a-zA-Z])/', $one, $text);
    }

    /** @param  array<string, string>  $ids */
    private function pictures(User $user, \ZipArchive $zip, array $ids): void
    {
        $bytes = $pieces = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $name = (string) $zip->getNameIndex($at);
            if (preg_match('#^pictures/([0-9a-z]{26})-(whole|piece)\.jpg$#', $name, $found) !== 1) {
                continue;
            }
            $frame = $user->frames()->find($ids[$found[1]] ?? '');
            $jpeg = $frame instanceof FrameRecord ? (string) $zip->getFromIndex($at, self::PICTURE) : '';
            if ($frame === null || $jpeg === '') {
                continue;
            }
            $this->pictures->put($frame, $found[2], self::picture($jpeg, $name));
            $bytes[$frame->id] = ($bytes[$frame->id] ?? 0) + strlen($jpeg);
            if ($found[2] === FramePictures::PIECE) {
                $pieces[] = $frame->id;
            }
        }
        foreach ($bytes as $id => $sum) {
            DB::table('frames')->where('id', $id)->update(['picture_bytes' => $sum]);
        }
        // a piece that did not come along has been let go
        $gone = array_diff($user->frames()->where('crop', '!=', null)->pluck('id')->all(), $pieces);
        foreach (array_chunk($gone, 500) as $some) {
            DB::table('frames')->whereIn('id', $some)->update(['crop' => null]);
        }
        $this->quota->forFrames($user, 0, array_sum($bytes));
    }

    /** What begins, goes on and ends as the small JPEGs do that are kept of a frame: it is only ever shown to whoever brought it. */
    private static function picture(string $jpeg, string $name): string
    {
        $size = str_starts_with($jpeg, "\xFF\xD8\xFF") ? @getimagesizefromstring($jpeg) : false;
        if (
            $size === false ||
            $size[2] !== IMAGETYPE_JPEG ||
            max($size[0], $size[1]) > self::PICTURE_PX ||
            ! str_ends_with($jpeg, "\xFF\xD9")
        ) {
            throw TextOutOfBounds::of($name, '', 'a JPEG of at most '.self::PICTURE_PX.' pixels a side');
        }

        return $jpeg;
    }

    /** @return \Generator<int, array<string, mixed>> rows of a table, by the number of their line */
    private static function lines(\ZipArchive $zip, string $table, int $most): \Generator
    {
        $from = $zip->getStream($table.'.jsonl');
        if ($from === false) {
            return;
        }
        $at = $bytes = 0;
        try {
            while (($line = fgets($from, self::ROW)) !== false) {
                $at++;
                $bytes += strlen($line);
                // what is packed small may be long without end, and empty
                if ($bytes > $most * self::BYTES || $at > 2 * $most) {
                    throw self::tooMuch($most);
                }
                if (trim($line) === '') {
                    continue;
                }
                $row = json_decode($line, false, SchemaChecker::DEEPEST * 2);
                if (! ($row instanceof \stdClass)) {
                    throw TextOutOfBounds::of("{$table}/{$at}", mb_scrub(mb_strcut($line, 0, 40)), 'a JSON object of at most '.self::ROW.' bytes');
                }
                yield $at => get_object_vars($row);
            }
        } finally {
            fclose($from);
        }
    }

    private static function tooMuch(int $most): ProblemException
    {
        return new ProblemException(
            new Problem(
                'too-large',
                413,
                'The archive is too long',
                sprintf('%d records are read this way; who keeps the server brings more with account:restore.', $most),
            ),
        );
    }

    private static function unreadable(): ProblemException
    {
        return new ProblemException(
            new Problem('no-archive', 422, 'This is no archive', 'An archive of an account is a zip with account.json in it.'),
        );
    }
}
