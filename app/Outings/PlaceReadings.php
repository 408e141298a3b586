<?php

declare(strict_types=1);

namespace App\Outings;

use App\Models\OutingRecord;
use App\Models\PlaceRecord;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use RushHold\Faults\Fault;
use RushHold\Outing\LearntOffset;
use RushHold\Outing\Outing;

/** What the meter has said at a place over all outings to it. */
final readonly class PlaceReadings
{
    /** Outings that are looked through, the newest. */
    private const OUTINGS = 60;

    public function __construct(private OutingComposer $composer) {}

    public function learnt(PlaceRecord $place, User $user): ?LearntOffset
    {
        /** @var Collection<int, OutingRecord> $outings */
        $outings = OutingRecord::query()
            ->whereBelongsTo($user)
            ->where('place_id', $place->id)
            ->whereRaw("JSON_LENGTH(document, '$.metered') > 0")
            ->orderByDesc('day')
            ->limit(self::OUTINGS)
            ->get();
        $assumptions = $user->assumed();
        $residuals = [];
        foreach ($outings as $outing) {
            $outing->setRelation('place', $place);
            try {
                $day = Outing::fromArray($this->composer->lightOf($outing));
                $residuals = [...$residuals, ...$day->conditions($assumptions)->residuals()];
            } catch (Fault) {
                // a day that cannot be worked out has shown nothing
            }
        }

        return LearntOffset::from($residuals, $assumptions);
    }
}
