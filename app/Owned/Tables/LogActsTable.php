<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\LogActRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;

/** What a person has done in the log, to be undone. */
final readonly class LogActsTable extends OwnedTable
{
    public function name(): string
    {
        return 'log_acts';
    }

    public function columns(): array
    {
        return [
            'id' => Column::number(),
            'user_id' => Column::account(),
            'words' => Column::plain(),
            'burst_id' => Column::plain(),
            'before' => Column::document('bursts', 'frames'),
            'after' => Column::document('bursts', 'frames'),
            'is_undone' => Column::plain(),
            'at' => Column::plain(),
        ];
    }

    /** @return class-string<LogActRecord> */
    public function record(): string
    {
        return LogActRecord::class;
    }

    public function isArchived(): bool
    {
        return false;
    }

    public function isCopied(): bool
    {
        return false;
    }
}
