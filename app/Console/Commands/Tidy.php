<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Deletion;
use App\Files\Files;
use App\Images\RawPreview;
use App\Models\CardRecord;
use App\Models\GearRecord;
use App\Models\OutingRecord;
use App\Models\PlaceRecord;
use App\Models\RunRecord;
use App\Models\RushRecord;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Takes away what has had its time. bin/worker runs it every ten minutes; elsewhere a timer does (docs/deploy.md). Safe to run at any time. */
final class Tidy extends Command
{
    /** What was deleted can be brought back for so many days. */
    private const DELETED_DAYS = 30;

    /** What goes then, whatever names another before it. */
    private const DELETED = [
        CardRecord::class,
        OutingRecord::class,
        PlaceRecord::class,
        RushRecord::class,
        GearRecord::class,
    ];

    /** Every state of a record is kept for a day, then the last of each hour for so many days, then the last of each day. */
    private const HOURLY_DAYS = 30;

    protected $signature = 'tidy';

    protected $description = 'Takes away what has had its time: sessions, copies of the demo, deleted records, old states.';

    public function handle(Deletion $deletion, Files $files): int
    {
        $now = Carbon::now();
        $gone = [
            'sessions' => DB::table('sessions')
                ->where(
                    'last_activity',
                    '<',
                    $now->copy()->subMinutes((int) config('session.lifetime'))->getTimestamp(),
                )
                ->delete(),
            'counts' => DB::table('cache')->where('expiration', '<', $now->getTimestamp())->delete() +
                DB::table('cache_locks')->where('expiration', '<', $now->getTimestamp())->delete(),
            'links to a password' => DB::table('password_reset_tokens')
                ->where('created_at', '<', $now->copy()->subDay())
                ->delete(),
            'links to cards' => DB::table('cards')
                ->where('share_until', '<', $now)
                ->update(['share_token' => null, 'share_hash' => null, 'share_until' => null]),
            'runs' => DB::table('runs')
                ->where('updated_at', '<', $now->copy()->subDays(self::DELETED_DAYS))
                ->where('status', '!=', RunRecord::RUNNING)
                ->delete(),
            'files' => $files->tidy(),
            'raw files of dead workers' => RawPreview::tidy(),
            'files nobody waited for' => self::unsent($now),
            'copies of the demo' => $this->demoCopies($deletion, $now),
            'deleted records' => $this->deleted($now->copy()->subDays(self::DELETED_DAYS)),
            'states' => $this->thin($now),
        ];
        $this->line(
            implode(
                ', ',
                array_map(static fn (string $what, int $count): string => "{$count} {$what}", array_keys($gone), $gone),
            ),
        );

        return self::SUCCESS;
    }

    /** What was made to be sent, and whoever asked for it went away meanwhile. */
    private static function unsent(Carbon $now): int
    {
        $gone = 0;
        foreach (['log', 'archive', 'sidecar'] as $what) {
            foreach (glob(sys_get_temp_dir()."/rush-hold-{$what}*") ?: [] as $file) {
                if (is_file($file) && filemtime($file) < $now->copy()->subDay()->getTimestamp() && unlink($file)) {
                    $gone++;
                }
            }
        }

        return $gone;
    }

    private function demoCopies(Deletion $deletion, Carbon $now): int
    {
        /** @var Collection<int, User> $ended */
        $ended = User::query()->where('demo_until', '<', $now)->limit(500)->get();
        $ended->each($deletion->of(...));

        return $ended->count();
    }

    /**
     * Records that were deleted long ago; a piece of kit stays with the rushes that use it, a rush with the cards, layouts and bursts that
     * name it, an outing with the bursts that were taken on it, a place with its outings.
     */
    private function deleted(Carbon $before): int
    {
        $count = 0;
        foreach (self::DELETED as $model) {
            /** @var Collection<int, CardRecord|OutingRecord|PlaceRecord|RushRecord|GearRecord> $old */
            $old = $model::query()
                ->withoutGlobalScope(SoftDeletingScope::class)
                ->where('deleted_at', '<', $before)
                ->limit(1000)
                ->get();
            foreach ($old as $record) {
                if (! $this->isNamed($record)) {
                    DB::table('versions')
                        ->where('record_type', $record::kind())
                        ->where('record_id', $record->id)
                        ->delete();
                    DB::table('runs')->where('subject_id', $record->id)->delete();
                    $record->forceDelete();
                    $count++;
                }
            }
        }

        return $count;
    }

    private function isNamed(CardRecord|OutingRecord|PlaceRecord|RushRecord|GearRecord $record): bool
    {
        return match (true) {
            $record instanceof CardRecord => false,
            $record instanceof OutingRecord => DB::table('counted')
                ->where('user_id', $record->user_id)
                ->where('outing', $record->id)
                ->exists(),
            $record instanceof PlaceRecord => DB::table('outings')->where('place_id', $record->id)->exists(),
            $record instanceof RushRecord => DB::table('bursts')->where('rush_id', $record->id)->exists() ||
                DB::table('layouts')
                    ->where('user_id', $record->user_id)
                    ->where('document', 'like', "%{$record->id}%")
                    ->exists() ||
                DB::table('cards')
                    ->where('user_id', $record->user_id)
                    ->where('rushes', 'like', "%{$record->id}%")
                    ->exists(),
            default => DB::table('kits')
                ->where(
                    static fn ($query) => $query
                        ->where('body_id', $record->id)
                        ->orWhere('lens_id', $record->id)
                        ->orWhere('converter_id', $record->id)
                        ->orWhere('adapter_id', $record->id),
                )
                ->exists(),
        };
    }

    private function thin(Carbon $now): int
    {
        return DB::delete(
            <<<'SQL'
            DELETE versions FROM versions JOIN (
                SELECT id FROM (
                    SELECT id, ROW_NUMBER() OVER (
                        PARTITION BY record_type, record_id, DATE_FORMAT(at, IF(at < ?, '%Y%m%d', '%Y%m%d%H'))
                        ORDER BY seq DESC
                    ) AS place
                    FROM versions WHERE at < ?
                ) AS placed WHERE place > 1 LIMIT 20000
            ) AS thinned ON thinned.id = versions.id
            SQL
            ,
            [$now->copy()->subDays(self::HOURLY_DAYS), $now->copy()->subDay()],
        );
    }
}
