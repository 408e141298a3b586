<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\PromiseRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Owned\Row;
use RushHold\Counts\Promise;
use RushHold\Document\Reader;

/** Plans that frames were taken by, as they stood then. */
final readonly class PromisesTable extends OwnedTable
{
    public function name(): string
    {
        return 'promises';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'rush_id' => Column::names('rushes'),
            'fingerprint' => Column::plain(),
            'document' => Column::document(),
            'made_at' => Column::plain(),
        ];
    }

    /** @return class-string<PromiseRecord> */
    public function record(): string
    {
        return PromiseRecord::class;
    }

    public function check(Row $row): array
    {
        $promise = Promise::kept(Reader::of(Reader::plain($row->object('document')), $row->under));

        return [
            'fingerprint' => $row->like('fingerprint', '/^[0-9a-f]{32}$/', '32 hexadecimal digits'),
            'document' => (object) $promise->toArray(),
            'made_at' => $row->text('made_at'),
        ] + $row->all();
    }
}
