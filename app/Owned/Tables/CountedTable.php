<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Owned\Column;
use App\Owned\OwnedTable;

/** What each burst is counted as. */
final readonly class CountedTable extends OwnedTable
{
    public function name(): string
    {
        return 'counted';
    }

    public function columns(): array
    {
        return [
            'burst_id' => Column::names('bursts'),
            'user_id' => Column::account(),
            'began_at' => Column::plain(),
            'rush' => Column::plain(),
            'hold' => Column::plain(),
            'area' => Column::plain(),
            'tuning' => Column::plain(),
            'heeded' => Column::plain(),
            'shutter' => Column::plain(),
            'distance' => Column::plain(),
            'body' => Column::plain(),
            'lens' => Column::plain(),
            'support' => Column::plain(),
            'outing' => Column::plain(),
            'month' => Column::plain(),
            'promised' => Column::plain(),
            'frames' => Column::plain(),
            'keepers' => Column::plain(),
            'promise_id' => Column::plain(),
            'verdicts' => Column::plain(),
            'bytes' => Column::plain()->left(),
        ];
    }

    public function isArchived(): bool
    {
        return false;
    }
}
