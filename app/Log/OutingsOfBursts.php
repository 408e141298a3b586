<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\BurstRecord;
use App\Models\OutingRecord;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** On which outing a burst was taken: one of the day its camera's clock showed. */
final readonly class OutingsOfBursts
{
    /** Its id; of several on one day the one that its rush was expected on, else nobody knows. */
    public function of(BurstRecord $burst): ?string
    {
        if ($burst->clock === null) {
            return null;
        }
        /** @var Collection<int, OutingRecord> $day */
        $day = OutingRecord::query()
            ->where('user_id', $burst->user_id)
            ->where('day', substr($burst->clock, 0, 10))
            ->get();
        if ($day->count() < 2) {
            return $day->first()?->id;
        }
        $expected = $day->filter(
            static fn (OutingRecord $outing): bool => $burst->rush_id !== null &&
                in_array($burst->rush_id, array_column($outing->document->rushes ?? [], 'rush_id'), true),
        );

        return $expected->count() === 1 ? $expected->first()?->id : null;
    }

    /** @return list<string> ids of the bursts whose camera's clock showed this day */
    public static function on(int $account, string $day): array
    {
        /** @var list<string> $ids */
        $ids = DB::table('bursts')
            ->where('user_id', $account)
            ->whereBetween('clock', [$day, $day.'U'])
            ->pluck('id')
            ->all();

        return $ids;
    }
}
