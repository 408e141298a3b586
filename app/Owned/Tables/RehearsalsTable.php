<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\RehearsalRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;

/** The last rehearsal of each rush. */
final readonly class RehearsalsTable extends OwnedTable
{
    public function name(): string
    {
        return 'rehearsals';
    }

    public function columns(): array
    {
        return [
            'rush_id' => Column::names('rushes'),
            'fingerprint' => Column::plain(),
            'document' => Column::document(),
            'made_at' => Column::plain(),
        ];
    }

    /** @return class-string<RehearsalRecord> */
    public function record(): string
    {
        return RehearsalRecord::class;
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
