<?php

declare(strict_types=1);

namespace App\Log\Bursts;

use App\Models\BurstRecord;
use App\Models\OutingRecord;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use RushHold\Outing\LocalDay;

/** On which outing a burst was taken: one of the day its camera's clock showed, or of the evening before that still lasted. */
final readonly class OutingsOfBursts
{
    /**
     * The ids of outings; of several on one day the one that a burst's rush was expected on, else nobody knows.
     *
     * @param  array<string, BurstRecord>  $bursts  of one account, by id
     * @return array<string, ?string> by burst
     */
    public function ofAll(array $bursts): array
    {
        $days = [];
        foreach ($bursts as $burst) {
            foreach (self::daysOf($burst) as $day) {
                $days[$day] = true;
            }
        }
        $accounts = array_column($bursts, 'user_id');
        /** @var Collection<int, OutingRecord> $outings */
        $outings = $days === []
            ? new Collection()
            : OutingRecord::query()->where('user_id', reset($accounts))->whereIn('day', array_keys($days))->get();

        return array_map(static fn (BurstRecord $burst): ?string => self::among($burst, $outings), $bursts);
    }

    /** @return list<string> the day its camera's clock showed, and the one before; none where it showed nothing */
    private static function daysOf(BurstRecord $burst): array
    {
        $date = substr((string) $burst->clock, 0, 10);

        return $date === '' ? [] : [$date, self::dayAfter($date, -1)];
    }

    /** @param  Collection<int, OutingRecord>  $outings  of its days, and of others */
    private static function among(BurstRecord $burst, Collection $outings): ?string
    {
        $days = self::daysOf($burst);
        $near = $outings->whereIn('day', $days);
        if ($days === [] || $near->isEmpty()) {
            return null;
        }
        $time = substr((string) $burst->clock, 11, 5);
        $night = $near->filter(
            static fn (OutingRecord $outing): bool => $outing->day !== $days[0] &&
                $outing->lastsPastMidnight() &&
                $time <= $outing->document->until,
        );
        $day = $night->isEmpty() ? $near->where('day', $days[0]) : $night;
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
