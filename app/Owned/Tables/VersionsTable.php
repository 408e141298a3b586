<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\User;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Undo\Version;

/** Every state of what can be undone. */
final readonly class VersionsTable extends OwnedTable
{
    public function name(): string
    {
        return 'versions';
    }

    public function columns(): array
    {
        return [
            'id' => Column::number(),
            'user_id' => Column::account(),
            'record_type' => Column::plain(),
            'record_id' => Column::plain(),
            'seq' => Column::plain(),
            'gesture' => Column::plain(),
            'state' => Column::document(),
            'at' => Column::plain(),
            'bytes' => Column::plain(),
        ];
    }

    /** @return class-string<Version> */
    public function record(): string
    {
        return Version::class;
    }

    public function isArchived(): bool
    {
        return false;
    }

    public function limits(): array
    {
        return ['history_bytes' => 'earlier states, to undo to'];
    }

    public function used(User $user): array
    {
        return ['history_bytes' => (int) $this->rowsOf($user->id)->sum('bytes')];
    }
}
