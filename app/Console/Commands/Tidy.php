<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Deletion;
use App\Files\Files;
use App\Images\RawPreview;
use App\Models\RunRecord;
use App\Models\User;
use App\Owned\Deleted;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Takes away what has had its time. bin/worker runs it every ten minutes; elsewhere a timer does (docs/deploy.md). Safe to run at any time. */
final class Tidy extends Command
{
    /** All bytes that are kept are looked through so often, in seconds. */
    private const LOOKS_S = 86_400;

    /** What a run has told is kept for so many days after it has ended. */
    private const RUN_DAYS = 30;

    /** Every state of a record is kept for a day, then the last of each hour for so many days, then the last of each day. */
    private const HOURLY_DAYS = 30;

    protected $signature = 'tidy {--files : Looks through all bytes that are kept, as it else does once a day}';

    protected $description = 'Takes away what has had its time: sessions, copies of the demo, deleted records, old states.';

    public function handle(Deletion $deletion, Files $files, Deleted $deleted): int
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
                ->where('updated_at', '<', $now->copy()->subDays(self::RUN_DAYS))
                ->where('status', '!=', RunRecord::RUNNING)
                ->delete(),
            'files' => $files->tidy() + ($this->looksThroughAll() ? $files->tidyBytes() : 0),
            'raw files of dead workers' => RawPreview::tidy(),
            'files nobody waited for' => self::unsent($now),
            'copies of the demo' => $this->demoCopies($deletion, $now),
            'deleted records' => $deleted->letGoAfterTheirTime($now),
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

    /** Whether this machine is to look at all that is kept: where that is much, it takes its time. */
    private function looksThroughAll(): bool
    {
        $stamp = storage_path('framework/looked-through-'.config('rushhold.instance'));
        $isDue = ! is_file($stamp) || filemtime($stamp) < time() - self::LOOKS_S;

        return ($isDue || $this->option('files') === true) && touch($stamp);
    }

    /** What was made to be sent, and whoever asked for it went away meanwhile. */
    private static function unsent(Carbon $now): int
    {
        $gone = 0;
        $before = $now->copy()->subDay()->getTimestamp();
        foreach (['run', 'sidecar', 'restore', 'sent'] as $what) {
            foreach (glob(sys_get_temp_dir()."/rush-hold-{$what}*") ?: [] as $path) {
                if (filemtime($path) < $before) {
                    $gone += is_dir($path) ? (int) (new Filesystem())->deleteDirectory($path) : (int) unlink($path);
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
