<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\PlanRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;

/** The last plan of each rush. */
final readonly class PlansTable extends OwnedTable
{
    public function name(): string
    {
        return 'plans';
    }

    public function columns(): array
    {
        return [
            'rush_id' => Column::names('rushes'),
            'fingerprint' => Column::plain(),
            'metric' => Column::plain(),
            'imperial' => Column::plain(),
            'settings' => Column::document(),
            'fault' => Column::document(),
            'created_at' => Column::plain(),
            'updated_at' => Column::plain(),
        ];
    }

    /** @return class-string<PlanRecord> */
    public function record(): string
    {
        return PlanRecord::class;
    }

    public function isArchived(): bool
    {
        return false;
    }
}
