<?php

declare(strict_types=1);

namespace App\Log\Bursts;

use App\Models\OutingRecord;
use Illuminate\Support\Facades\DB;

/** A day out that is planned, moved or taken away after its frames came home counts them anew. */
final readonly class OutingObserver
{
    public function __construct(private BurstKeeper $bursts) {}

    public function saved(OutingRecord $outing): void
    {
        $before = $outing->getOriginal('day');
        $was = $outing->getOriginal('document');
        if (is_string($before) && self::rests($before, $was) === self::rests($outing->day, $outing->document)) {
            return;
        }
        $this->count(
            $outing,
            is_string($before) ? [$outing->day, $before] : [$outing->day],
            $outing->lastsPastMidnight() || OutingRecord::isPastMidnight($was),
        );
    }

    public function deleted(OutingRecord $outing): void
    {
        $this->count($outing, [$outing->day], $outing->lastsPastMidnight());
    }

    /** @return array<mixed> all by which it is told what was taken on it */
    private static function rests(string $day, mixed $document): array
    {
        $rushes = array_unique($document instanceof \stdClass ? array_column($document->rushes ?? [], 'rush_id') : []);
        sort($rushes);

        return [$day, OutingRecord::isPastMidnight($document) ? $document->until ?? '' : null, $rushes];
    }

    /** @param  list<string>  $days */
    private function count(OutingRecord $outing, array $days, bool $pastMidnight): void
    {
        foreach (array_unique($days) as $day) {
            $ids = OutingsOfBursts::on($outing->user_id, $day, $pastMidnight);
            if ($ids === []) {
                continue;
            }
            DB::transaction(function () use ($outing, $ids): void {
                $outing->user()->first()?->inTurn();
                $this->bursts->recountAll($ids);
            });
        }
    }
}
