<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Owned\Column;
use App\Owned\OwnedTable;

/** Figures of a person's own frames. */
final readonly class LearntTable extends OwnedTable
{
    public function name(): string
    {
        return 'learnt';
    }

    public function columns(): array
    {
        return [
            'user_id' => Column::account(),
            'name' => Column::plain(),
            'assumed' => Column::plain(),
            'value' => Column::plain(),
            'least' => Column::plain(),
            'most' => Column::plain(),
            'worth' => Column::plain(),
            'frames' => Column::plain(),
            'bursts' => Column::document('bursts'),
            'kept_out' => Column::document('bursts'),
            'is_on' => Column::plain(),
            'fingerprint' => Column::plain(),
        ];
    }

    public function isArchived(): bool
    {
        return false;
    }
}
