<?php

declare(strict_types=1);

namespace App\Owned;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Deleted records, which can be brought back for a while: they go for good after their time, or before it where there is need of their room. */
final readonly class Deleted
{
    /** Looked at in one go. */
    private const AT_ONCE = 1000;

    public function __construct(private Owned $owned) {}

    /** Lets go of those whose time is over, whoever's they are; how many. */
    public function letGoAfterTheirTime(Carbon $now): int
    {
        return $this->letGo(
            static fn (Builder $records, int $days): mixed => $records
                ->where('deleted_at', '<', $now->copy()->subDays($days)),
        );
    }

    /** Lets go of all of an account; how many. */
    public function letGoOf(int $account): int
    {
        return $this->letGo(
            static fn (Builder $records): mixed => $records
                ->where('user_id', $account)
                ->whereNotNull('deleted_at')
                ->orderBy('deleted_at'),
        );
    }

    /** @param  \Closure(Builder<Model>, int): mixed  $which  narrows down records that can be deleted */
    private function letGo(\Closure $which): int
    {
        $gone = 0;
        // whatever names another before it
        foreach (array_reverse($this->owned->all()) as $table) {
            $record = $table->record();
            $days = $table->keptDays();
            if ($record === null || $days === null) {
                continue;
            }
            $records = $record::query()->withoutGlobalScope(SoftDeletingScope::class);
            $which($records, $days);
            /** @var Collection<int, Model> $old */
            $old = $records->limit(self::AT_ONCE)->get();
            foreach ($old as $one) {
                $gone += $table->isNamed($one) ? 0 : self::forGood($table, $one);
            }
        }

        return $gone;
    }

    private static function forGood(OwnedTable $table, Model $record): int
    {
        return DB::transaction(static function () use ($table, $record): int {
            DB::table('versions')->where('record_type', $table->kind())->where('record_id', $record->getKey())->delete();
            DB::table('runs')->where('subject_id', $record->getKey())->delete();
            $record->newQueryWithoutScopes()->whereKey($record->getKey())->toBase()->delete();

            return 1;
        });
    }
}
