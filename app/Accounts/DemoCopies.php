<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Log\Tallies;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A copy of the demo for each visitor: made in a moment, the visitor's own to change and break, thrown away after a day.
 *
 * Rows are copied as they are, with every id in them exchanged for a new one wherever it stands; so plans stay good, and nothing is
 * reckoned.
 */
final readonly class DemoCopies
{
    /** Tables that belong to an account, in the order in which they refer to each other, and the column they are found by. */
    private const TABLES = [
        'gear' => 'user_id',
        'kits' => 'user_id',
        'rushes' => 'user_id',
        'plans' => 'rush_id',
        'layouts' => 'user_id',
        'camera_states' => 'user_id',
        'places' => 'user_id',
        'outings' => 'user_id',
        'days' => 'outing_id',
        'cards' => 'user_id',
        'promises' => 'user_id',
        'bursts' => 'user_id',
        'frames' => 'user_id',
        'counted' => 'user_id',
        'tallies' => 'user_id',
        'learnt' => 'user_id',
        'versions' => 'user_id',
    ];

    /** Tables whose rows a column names, where that is not the account. */
    private const OWNED = ['rush_id' => 'rushes', 'outing_id' => 'outings'];

    /** A copy nobody has used for so long makes room for another, in minutes. */
    private const IDLE_MINUTES = 60;

    public function __construct(private Deletion $deletion) {}

    /**
     * @return ?User null when there is no demo here
     *
     * @throws ProblemException when there are as many copies as there may be, all in use
     */
    public function another(): ?User
    {
        $demo = User::query()->where('is_demo', true)->first();
        if ($demo === null) {
            return null;
        }
        $this->makeRoom();

        return DB::transaction(static function () use ($demo): User {
            $copy = User::query()->create([
                'name' => 'Demo',
                'email' => 'visitor-'.strtolower((string) Str::ulid()).'@inlet.example',
                'password' => self::nobodys(),
                'settings' => $demo->settings,
                'assumptions' => $demo->assumptions,
                'learnt' => $demo->learnt,
                'demo_until' => Carbon::now()->addHours((int) config('rushhold.demo_hours')),
            ]);
            self::copy($demo->id, $copy->id);
            Tallies::of($copy, Tallies::BYTES)->update(['frames' => 0]);

            return $copy;
        });
    }

    /** A password that nobody has, in a form that is quick to make: it is never checked against. */
    public static function nobodys(): string
    {
        return password_hash(bin2hex(random_bytes(18)), PASSWORD_BCRYPT, ['cost' => 4]);
    }

    private static function copy(int $from, int $to): void
    {
        $rows = $ids = [];
        foreach (self::TABLES as $table => $by) {
            $owner = self::OWNED[$by] ?? null;
            $found = DB::table($table)->whereIn(
                $by,
                $owner === null ? [$from] : array_column($rows[$owner] ?? [], 'id'),
            );
            $rows[$table] = array_map(static fn (object $row): array => (array) $row, $found->get()->all());
            foreach ($table === 'versions' ? [] : array_column($rows[$table], 'id') as $id) {
                $ids[$id] = strtolower((string) Str::ulid());
            }
        }
        foreach ($rows as $table => $all) {
            $copies = array_map(
                static fn (array $row): array => array_map(
                    static fn (mixed $value): mixed => is_string($value) ? strtr($value, $ids) : $value,
                    ['user_id' => $to] + array_diff_key($row, $table === 'versions' ? ['id' => 1] : []),
                ),
                $all,
            );
            foreach (
                array_chunk(
                    isset(self::OWNED[self::TABLES[$table]])
                        ? array_map(static fn (array $row): array => array_diff_key($row, ['user_id' => 1]), $copies)
                        : $copies,
                    40,
                ) as $some
            ) {
                DB::table($table)->insert(
                    array_map(
                        static fn (array $row): array => array_diff_key($row, [
                            'share_token' => 1,
                            'share_hash' => 1,
                            'share_until' => 1,
                            'creation_id' => 1,
                            'file_id' => 1,
                            // the pictures stay where they are, with the demo
                            ...($table === 'counted' ? ['bytes' => 1] : []),
                        ]),
                        $some,
                    ),
                );
            }
        }
    }

    /** @throws ProblemException when all copies are in use */
    private function makeRoom(): void
    {
        $most = (int) config('rushhold.demo_copies');
        $copies = User::query()->whereNotNull('demo_until');
        if ((clone $copies)->count() < $most) {
            return;
        }
        $used = DB::table('sessions')
            ->where('last_activity', '>', time() - 60 * self::IDLE_MINUTES)
            ->whereNotNull('user_id')
            ->select('user_id');
        /** @var ?User $idle */
        $idle = $copies
            ->where('created_at', '<', Carbon::now()->subMinutes(self::IDLE_MINUTES))
            ->whereNotIn('id', $used)
            ->oldest('demo_until')
            ->first();
        if ($idle === null) {
            throw new ProblemException(
                new Problem(
                    'full',
                    503,
                    'The demo is full just now',
                    sprintf(
                        'All %d copies of it are in use. Try again in an hour, or make an account of your own.',
                        $most,
                    ),
                ),
            );
        }
        $this->deletion->of($idle);
    }
}
