<?php

declare(strict_types=1);

namespace App\Limits;

use App\Files\FilePurpose;
use App\Log\Tallies;
use App\Models\GearRecord;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use RushHold\Counts\BurstFacts;

/**
 * How much one account may keep: said with numbers before it is reached, refused with numbers when it is. Earlier states are never
 * refused; when they take more than their share, the oldest go.
 */
final readonly class Quota
{
    /** One write in so many looks at how long the history has become, and every long one. */
    private const LOOK_EVERY = 16;

    private const LONG_BYTES = 20_000;

    private const WORDS = [
        'rushes' => 'rushes',
        'cards' => 'cards',
        'kits' => 'kits',
        'places' => 'places',
        'outings' => 'outings',
        'frames' => 'frames',
        'body' => 'bodies',
        'lens' => 'lenses',
        'converter' => 'converters',
        'adapter' => 'adapters',
        'support' => 'supports',
    ];

    /** @return array<string, array{used: int, most: int}> of what may be kept: rushes, cards, kits, places, outings, what ofGear() tells, history_bytes, file_bytes, frames, picture_bytes */
    public function of(User $user): array
    {
        return [
            'rushes' => ['used' => $user->rushes()->count(), 'most' => $this->most('rushes')],
            'cards' => ['used' => $user->cards()->count(), 'most' => $this->most('cards')],
            'kits' => ['used' => $user->kits()->count(), 'most' => $this->most('kits')],
            'places' => ['used' => $user->places()->count(), 'most' => $this->most('places')],
            'outings' => ['used' => $user->outings()->count(), 'most' => $this->most('outings')],
            ...$this->ofGear($user),
            'history_bytes' => [
                'used' => $this->historyBytes($user->id),
                'most' => (int) config('rushhold.quota.history_bytes'),
            ],
            'file_bytes' => [
                'used' => self::fileBytes($user, FilePurpose::Kit),
                'most' => (int) config('rushhold.quota.file_bytes'),
            ],
            ...$this->ofFrames($user),
        ];
    }

    /** @return array{frames: array{used: int, most: int}, picture_bytes: array{used: int, most: int}} */
    public function ofFrames(User $user): array
    {
        return [
            'frames' => ['used' => self::frames($user), 'most' => $this->most('frames')],
            'picture_bytes' => [
                'used' => $this->pictureBytes($user),
                'most' => (int) config('rushhold.quota.picture_bytes'),
            ],
        ];
    }

    /** @return array<string, array{used: int, most: int}> of each type of gear, and gear_bytes */
    public function ofGear(User $user): array
    {
        /** @var Collection<int|string, GearRecord> $gear */
        $gear = $user
            ->gear()
            ->selectRaw('type, COUNT(*) AS count, SUM(LENGTH(document)) AS bytes')
            ->groupBy('type')
            ->get()
            ->keyBy('type');
        $told = [];
        foreach (GearRecord::TYPES as $type) {
            $told[$type] = ['used' => (int) $gear->get($type)?->getAttribute('count'), 'most' => $this->most($type)];
        }

        return $told + [
            'gear_bytes' => [
                'used' => (int) $gear->sum(static fn (GearRecord $one): int => (int) $one->getAttribute('bytes')),
                'most' => (int) config('rushhold.quota.gear_bytes'),
            ],
        ];
    }

    /**
     * @param  string  $kind  rushes, cards, kits, places, outings, or a type of gear
     * @param  int  $used  how many there are
     *
     * @throws ProblemException when there is no room for another
     */
    public function forAnother(string $kind, int $used): void
    {
        $most = $this->most($kind);
        if ($used >= $most) {
            throw self::full(
                sprintf(
                    'You have %s %s, and an account keeps %s at the most. Delete some that you no longer need.',
                    number_format($used),
                    self::WORDS[$kind],
                    number_format($most),
                ),
            );
        }
    }

    /**
     * @param  int  $more  bytes that come to what is kept of kit
     *
     * @throws ProblemException when there is no room for them
     */
    public function forGear(User $user, int $more): void
    {
        $most = (int) config('rushhold.quota.gear_bytes');
        $used = (int) $user->gear()->sum(DB::raw('LENGTH(document)'));
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
        $this->forAnother('frames', self::frames($user) + $frames - 1);
        $most = (int) config('rushhold.quota.picture_bytes');
        $used = $this->pictureBytes($user);
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

    /** Pictures of frames that are in this account's own folder. */
    private function pictureBytes(User $user): int
    {
        return (int) Tallies::of($user, Tallies::BYTES)->value('frames');
    }

    /** As they have been counted: there may be a million. */
    private static function frames(User $user): int
    {
        return (int) Tallies::of($user, BurstFacts::ALL)->value('frames');
    }

    private static function fileBytes(User $user, FilePurpose $purpose): int
    {
        return (int) $user->files()->where('purpose', $purpose->value)->sum('bytes');
    }

    private static function mostBytes(FilePurpose $purpose): int
    {
        return (int) config($purpose->givesWay() ? 'rushhold.quota.waiting_bytes' : 'rushhold.quota.file_bytes');
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

    private static function full(string $detail): ProblemException
    {
        return new ProblemException(new Problem('full', 409, 'There is no more room', $detail));
    }
}
