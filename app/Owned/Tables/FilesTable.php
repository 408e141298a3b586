<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Files\FilePurpose;
use App\Models\FileRecord;
use App\Models\User;
use App\Owned\Column;
use App\Owned\OwnedTable;

/** What an account has uploaded, until it goes by itself. */
final readonly class FilesTable extends OwnedTable
{
    public function name(): string
    {
        return 'files';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'purpose' => Column::plain(),
            'name' => Column::plain(),
            'type' => Column::plain(),
            'bytes' => Column::plain(),
            'hash' => Column::plain(),
            'expires_at' => Column::plain(),
            'created_at' => Column::plain(),
            'updated_at' => Column::plain(),
            'read_at' => Column::plain(),
            'tries' => Column::plain(),
            'held_by' => Column::plain(),
            'held_until' => Column::plain(),
            'outcome' => Column::plain(),
        ];
    }

    /** @return class-string<FileRecord> */
    public function record(): string
    {
        return FileRecord::class;
    }

    public function isArchived(): bool
    {
        return false;
    }

    public function isCopied(): bool
    {
        return false;
    }

    public function limits(): array
    {
        return ['file_bytes' => 'files you have sent'];
    }

    public function used(User $user): array
    {
        // those that wait to be looked at have room of their own
        return ['file_bytes' => (int) $this->rowsOf($user->id)->where('purpose', FilePurpose::Kit->value)->sum('bytes')];
    }

    public function addresses(): array
    {
        return ['files'];
    }
}
