<?php

declare(strict_types=1);

namespace App\Limits;

use App\Files\FilePurpose;
use App\Models\User;
use App\Owned\Deleted;
use App\Owned\Owned;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Support\Facades\DB;

/**
 * How much one account may keep: said with numbers before it is reached, refused with numbers when it is. Earlier states are never
 * refused; when they take more than their share, the oldest go.
 */
final readonly class Quota
{
    /** One write in so many looks at how long the history has become, and every long one. */
    private const LOOK_EVERY = 16;

    private const LONG_BYTES = 20_000;

    public function __construct(private Owned $owned, private Deleted $deleted) {}

    /** @return array<string, array{used: int, most: int, words: string}> of all that may be kept */
    public function of(User $user): array
    {
        $told = [];
        foreach (array_keys($this->owned->all()) as $table) {
            $told += $this->ofTable($user, $table);
        }

        return $told;
    }

    /** @return array<string, array{used: int, most: int, words: string}> of one table, by the names of its limits */
    public function ofTable(User $user, string $name): array
    {
        $table = $this->owned->table($name);
        $used = $table->used($user);
        $told = [];
        foreach ($table->limits() as $limit => $words) {
            $told[$limit] = ['used' => $used[$limit], 'most' => $this->most($limit), 'words' => $words];
        }

        return $told;
    }

    /**
     * Whether there is room for another row. Deleted ones have room of their own; beyond that those that nothing names go for good before
     * their time.
     *
     * @param  string  $name  of the table
     * @param  ?string  $limit  the one it is counted by, where that is not the table's own
     * @param  int  $more  rows that come
     *
     * @throws ProblemException when there is none
     */
    public function forAnother(User $user, string $name, ?string $limit = null, int $more = 1): void
    {
        $limit ??= $name;
        $of = $this->ofTable($user, $name)[$limit];
        self::refuseBeyond($of, $more);
        $table = $this->owned->table($name);
        if ($table->keptDays() === null) {
            return;
        }
        $deleted = static fn (): int => $table->rowsOf($user->id)->whereNotNull('deleted_at')->count();
        $most = max($of['most'], (int) config('rushhold.quota.deleted'));
        if ($deleted() > $most) {
            $this->deleted->letGoOf($user->id);
            if ($deleted() > $most) {
                throw self::full(
                    sprintf(
                        'You have deleted %s %s that others of your records still name, and no more of those are kept. Delete what names them.',
                        number_format($deleted()),
                        $of['words'],
                    ),
                );
            }
        }
    }

    /**
     * @param  int  $more  bytes that come to what is kept of kit
     *
     * @throws ProblemException when there is no room for them
     */
    public function forGear(User $user, int $more): void
    {
        ['used' => $used, 'most' => $most] = $this->ofTable($user, 'gear')['gear_bytes'];
        if ($more > 0 && $used + $more > $most) {
            throw self::full(
                sprintf(
                    'What you have written about your kit is %s KB long, and an account keeps %s KB; this would be %s KB more. Shorten it, or delete a piece.',
                    number_format($used / 1000),
                    number_format($most / 1000),
                    number_format($more / 1000, 1),
                ),
            );
        }
    }

    /**
     * @param  int  $bytes  how long a file is that comes to what is kept
     * @param  string  $name  what it is called
     *
     * @throws ProblemException when there is no room for it
     */
    public function forFile(User $user, FilePurpose $purpose, int $bytes, string $name): void
    {
        $over = $this->overWith($user, $purpose, $bytes);
        if ($over > 0 && $purpose->givesWay()) {
            throw new ProblemException(
                new Problem(
                    'full-for-now',
                    503,
                    'There is no room just now',
                    "“{$name}” has to wait until those sent before it have been looked at.",
                ),
            );
        }
        if ($over > 0) {
            throw self::full(
                sprintf(
                    'Your files are %s MB long, and an account keeps %s MB; “%s” would be %s MB more. Delete some that you no longer need.',
                    number_format(self::fileBytes($user, $purpose) / 1e6, 1),
                    number_format(self::mostBytes($purpose) / 1e6),
                    $name,
                    number_format($bytes / 1e6, 1),
                ),
            );
        }
    }

    /** By how many bytes the files of an account would be more than it may keep of them, with so many more; under 0 there is room. */
    public function overWith(User $user, FilePurpose $purpose, int $bytes): int
    {
        return self::fileBytes($user, $purpose) + $bytes - self::mostBytes($purpose);
    }

    /**
     * @param  int  $frames  that come to those there are
     * @param  int  $bytes  of their pictures
     *
     * @throws ProblemException when there is no room for them
     */
    public function forFrames(User $user, int $frames, int $bytes): void
    {
        $of = $this->ofTable($user, 'frames');
        self::refuseBeyond($of['frames'], $frames);
        ['used' => $used, 'most' => $most] = $of['picture_bytes'];
        if ($used + $bytes > $most) {
            throw self::full(
                sprintf(
                    'The pictures of your frames are %s MB long, and an account keeps %s MB. Let pieces of older bursts go, or delete bursts.',
                    number_format($used / 1e6, 1),
                    number_format($most / 1e6),
                ),
            );
        }
    }

    private static function fileBytes(User $user, FilePurpose $purpose): int
    {
        return (int) $user->files()->where('purpose', $purpose->value)->sum('bytes');
    }

    private static function mostBytes(FilePurpose $purpose): int
    {
        return (int) config(
            'rushhold.quota.'.match ($purpose) {
                FilePurpose::Frame => 'waiting_bytes',
                FilePurpose::Archive, FilePurpose::Out, FilePurpose::LogOut => 'archive_bytes',
                default => 'file_bytes',
            },
        );
    }

    /** Lets the oldest states of an account go when all of them together have become too long. */
    public function keepHistory(int $user, int $written): void
    {
        if ($written < self::LONG_BYTES && random_int(1, self::LOOK_EVERY) > 1) {
            return;
        }
        $over = $this->historyBytes($user) - (int) config('rushhold.quota.history_bytes');
        if ($over <= 0) {
            return;
        }
        // a tenth more than needed, so that the next writes need not look for any
        $over += (int) config('rushhold.quota.history_bytes') / 10;
        $last = 0;
        foreach (
            DB::table('versions')
                ->where('user_id', $user)
                ->orderBy('id')
                ->select(['id', 'bytes'])
                ->cursor() as $version
        ) {
            $last = (int) $version->id;
            if (($over -= (int) $version->bytes) <= 0) {
                break;
            }
        }
        DB::table('versions')->where('user_id', $user)->where('id', '<=', $last)->delete();
    }

    private function historyBytes(int $user): int
    {
        return (int) DB::table('versions')->where('user_id', $user)->sum('bytes');
    }

    private function most(string $kind): int
    {
        $most = config('rushhold.quota.'.$kind) ?? config('rushhold.quota.gear.'.$kind);

        return is_int($most) ? $most : throw new \LogicException('There is no limit for '.$kind);
    }

    /** @param  array{used: int, most: int, words: string}  $of */
    private static function refuseBeyond(array $of, int $more): void
    {
        if ($of['most'] < $of['used'] + $more) {
            throw self::full(
                sprintf(
                    'You have %s %s, and an account keeps %s at the most. Delete some that you no longer need.',
                    number_format($of['used']),
                    $of['words'],
                    number_format($of['most']),
                ),
            );
        }
    }

    private static function full(string $detail): ProblemException
    {
        return new ProblemException(new Problem('full', 409, 'There is no more room', $detail));
    }
}
