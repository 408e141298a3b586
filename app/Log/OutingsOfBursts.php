<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\BurstRecord;
use App\Models\OutingRecord;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use RushHold\Outing\LocalDay;

/** On which outing a burst was taken: one of the day its camera's clock showed, or of the evening before that still lasted. */
final readonly class OutingsOfBursts
{
    /** Its id; of several on one day the one that its rush was expected on, else nobody knows. */
    public function of(BurstRecord $burst): ?string
    {
        if ($burst->clock === null) {
            return null;
        }
        [$date, $time] = [substr($burst->clock, 0, 10), substr($burst->clock, 11, 5)];
        /** @var Collection<int, OutingRecord> $near */
        $near = OutingRecord::query()
            ->where('user_id', $burst->user_id)
            ->whereIn('day', [$date, self::dayAfter($date, -1)])
            ->get();
        $night = $near->filter(
            static fn (OutingRecord $outing): bool => $outing->day !== $date &&
                $outing->lastsPastMidnight() &&
                $time <= $outing->document->until,
        );
        $day = $night->isEmpty() ? $near->where('day', $date) : $night;
        if ($day->count() < 2) {
            return $day->first()?->id;
        }
        $expected = $day->filter(
            static fn (OutingRecord $outing): bool => $burst->rush_id !== null &&
                in_array($burst->rush_id, array_column($outing->document->rushes ?? [], 'rush_id'), true),
        );

        return $expected->count() === 1 ? $expected->first()?->id : null;
    }

    /** @return list<string> ids of the bursts whose camera's clock showed this day, or the one after it where an outing lasts past midnight */
    public static function on(int $account, string $day, bool $pastMidnight): array
    {
        /** @var list<string> $ids */
        $ids = DB::table('bursts')
            ->where('user_id', $account)
            ->whereBetween('clock', [$day, ($pastMidnight ? self::dayAfter($day, 1) : $day).'U'])
            ->pluck('id')
            ->all();

        return $ids;
    }

    private static function dayAfter(string $day, int $days): string
    {
        return LocalDay::of($day, 'UTC')->plus($days)->date;
    }
}
