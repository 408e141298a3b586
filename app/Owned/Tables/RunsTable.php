<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\RunRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;

/** Long work an account has asked for. */
final readonly class RunsTable extends OwnedTable
{
    public function name(): string
    {
        return 'runs';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'kind' => Column::plain(),
            'topic' => Column::plain(),
            'subject_id' => Column::plain(),
            'fingerprint' => Column::plain(),
            'status' => Column::plain(),
            'whole' => Column::plain(),
            'done' => Column::plain(),
            'portions' => Column::plain(),
            'called' => Column::plain(),
            'tries' => Column::plain(),
            'held_by' => Column::plain(),
            'held_until' => Column::plain(),
            'state' => Column::plain(),
            'reading' => Column::plain(),
            'problem' => Column::plain(),
            'beat_at' => Column::plain(),
            'created_at' => Column::plain(),
            'updated_at' => Column::plain(),
        ];
    }

    /** @return class-string<RunRecord> */
    public function record(): string
    {
        return RunRecord::class;
    }

    public function isArchived(): bool
    {
        return false;
    }

    public function isCopied(): bool
    {
        return false;
    }

    public function addresses(): array
    {
        return ['sweeps'];
    }
}
