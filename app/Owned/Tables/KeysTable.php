<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\KeyRecord;
use App\OpenApi\Scope;
use App\Owned\Column;
use App\Owned\OwnedTable;

/** Keys by which other programs act for an account. */
final readonly class KeysTable extends OwnedTable
{
    public function name(): string
    {
        return 'personal_access_tokens';
    }

    public function columns(): array
    {
        return [
            'id' => Column::number(),
            'tokenable_type' => Column::plain(),
            'tokenable_id' => Column::account(),
            'name' => Column::plain(),
            'token' => Column::plain(),
            'abilities' => Column::plain(),
            'last_used_at' => Column::plain(),
            'expires_at' => Column::plain(),
            'created_at' => Column::plain(),
            'updated_at' => Column::plain(),
        ];
    }

    /** @return class-string<KeyRecord> */
    public function record(): string
    {
        return KeyRecord::class;
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
        return ['tokens'];
    }

    /** Only somebody at a page. */
    public function reads(): ?Scope
    {
        return null;
    }

    public function writes(): ?Scope
    {
        return null;
    }
}
