<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\KitRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;

/** Pieces of gear in use together. */
final readonly class KitsTable extends OwnedTable
{
    public function name(): string
    {
        return 'kits';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'body_id' => Column::names('gear'),
            'lens_id' => Column::names('gear'),
            'converter_id' => Column::names('gear'),
            'adapter_id' => Column::names('gear'),
            'created_at' => Column::plain(),
            'updated_at' => Column::plain(),
        ];
    }

    /** @return class-string<KitRecord> */
    public function record(): string
    {
        return KitRecord::class;
    }

    /** Every account begins with one. */
    public function fills(int $account): bool
    {
        return $this->rowsOf($account)->count() > 1;
    }

    public function limits(): array
    {
        return ['kits' => 'kits put together'];
    }

    public function addresses(): array
    {
        return ['kits'];
    }
}
