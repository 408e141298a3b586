<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\User;
use App\Owned\Column;
use App\Owned\OwnedTable;

/** The accounts themselves; what a person has set goes into an archive as account.json. */
final readonly class UsersTable extends OwnedTable
{
    public function name(): string
    {
        return 'users';
    }

    public function columns(): array
    {
        return [
            'id' => Column::account(),
            'name' => Column::plain(),
            'email' => Column::plain(),
            'password' => Column::plain(),
            'settings' => Column::document(),
            'assumptions' => Column::document(),
            'subjects' => Column::document(),
            'learnt' => Column::document('places'),
            'remember_token' => Column::plain(),
            'created_at' => Column::plain(),
            'updated_at' => Column::plain(),
            'is_demo' => Column::plain(),
            'demo_until' => Column::plain(),
            'filled_by' => Column::plain(),
            'picture_bytes' => Column::plain(),
        ];
    }

    /** @return class-string<User> */
    public function record(): string
    {
        return User::class;
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
        // password and account itself are only for somebody at a page
        return ['settings', 'assumptions', 'subjects', 'quota', 'session'];
    }
}
