<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\DayRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;

/** The day of each outing as it was last reckoned. */
final readonly class DaysTable extends OwnedTable
{
    public function name(): string
    {
        return 'days';
    }

    public function columns(): array
    {
        return [
            'outing_id' => Column::names('outings'),
            'fingerprint' => Column::plain(),
            'metric' => Column::plain(),
            'imperial' => Column::plain(),
            'fault' => Column::document(),
            'reckoned_at' => Column::plain(),
        ];
    }

    /** @return class-string<DayRecord> */
    public function record(): string
    {
        return DayRecord::class;
    }

    public function isArchived(): bool
    {
        return false;
    }
}
