<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\OpenApi\Scope;
use App\Owned\Column;
use App\Owned\OwnedTable;

/** Where an account is signed in. */
final readonly class SessionsTable extends OwnedTable
{
    public function name(): string
    {
        return 'sessions';
    }

    public function columns(): array
    {
        return [
            'id' => Column::plain(),
            'user_id' => Column::account(),
            'ip_address' => Column::plain(),
            'user_agent' => Column::plain(),
            'payload' => Column::plain(),
            'last_activity' => Column::plain(),
        ];
    }

    public function isArchived(): bool
    {
        return false;
    }

    public function isCopied(): bool
    {
        return false;
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
