<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use App\Owned\Column;
use App\Owned\ColumnKind;
use App\Owned\Ids;
use App\Owned\Owned;
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
    /** Rows written in one go. */
    private const ROWS = 40;

    /** A copy nobody has used for so long makes room for another, in minutes. */
    private const IDLE_MINUTES = 60;

    public function __construct(private Deletion $deletion, private Owned $owned) {}

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

        return DB::transaction(function () use ($demo): User {
            $copy = User::query()->create([
                'name' => 'Demo',
                'email' => 'visitor-'.strtolower((string) Str::ulid()).'@inlet.example',
                'password' => Passwords::nobodys(),
                'settings' => $demo->settings,
                'assumptions' => $demo->assumptions,
                'learnt' => $demo->learnt,
                'demo_until' => Carbon::now()->addHours((int) config('rushhold.demo_hours')),
            ]);
            $this->copy($demo->id, $copy->id);

            return $copy;
        });
    }

    private function copy(int $from, int $to): void
    {
        $rows = $ids = [];
        foreach ($this->owned->copied() as $name => $table) {
            $rows[$name] = array_map(get_object_vars(...), $table->rowsOf($from)->get()->all());
            $key = $table->key();
            foreach ($key === null ? [] : array_column($rows[$name], $key) as $id) {
                $ids[(string) $id] = strtolower((string) Str::ulid());
            }
        }
        foreach ($this->owned->copied() as $name => $table) {
            $columns = array_filter($table->columns(), static fn (Column $column): bool => $column->isCopied);
            $copies = array_map(
                static fn (array $row): array => self::row($columns, $row, $ids, $to),
                $rows[$name],
            );
            foreach (array_chunk($copies, self::ROWS) as $some) {
                DB::table($name)->insert($some);
            }
        }
    }

    /**
     * @param  array<string, Column>  $columns
     * @param  array<string, mixed>  $row
     * @param  array<string, string>  $ids  the new ones, by the old
     * @return array<string, mixed>
     */
    private static function row(array $columns, array $row, array $ids, int $account): array
    {
        $copy = [];
        foreach ($columns as $name => $column) {
            $copy[$name] = match (true) {
                $column->kind === ColumnKind::Account => $account,
                is_string($row[$name]) => Ids::replaced(
                    $row[$name],
                    static fn (string $id): string => $ids[$id] ?? $id,
                ),
                default => $row[$name],
            };
        }

        return $copy;
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
