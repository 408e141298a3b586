<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Owned\Column;
use App\Owned\OwnedTable;

/** What all bursts of an account add up to. */
final readonly class TalliesTable extends OwnedTable
{
    public function name(): string
    {
        return 'tallies';
    }

    public function columns(): array
    {
        return [
            'user_id' => Column::account(),
            'kind' => Column::plain(),
            'one' => Column::plain(),
            'other' => Column::plain(),
            'bursts' => Column::plain(),
            'frames' => Column::plain(),
            'keepers' => Column::plain(),
            'squares' => Column::plain(),
            'parts' => Column::plain(),
        ];
    }

    public function isArchived(): bool
    {
        return false;
    }
}
