<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Documents\SchemaChecker;
use App\Models\LayoutRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Owned\Row;
use RushHold\Controls\Layout;

/** What the controls of each body do. */
final readonly class LayoutsTable extends OwnedTable
{
    public function __construct(private SchemaChecker $checker) {}

    public function name(): string
    {
        return 'layouts';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'gear_id' => Column::names('gear'),
            'document' => Column::document('rushes', 'gear'),
            ...Column::undo(),
            'created_at' => Column::plain(),
            'updated_at' => Column::plain(),
        ];
    }

    /** @return class-string<LayoutRecord> */
    public function record(): string
    {
        return LayoutRecord::class;
    }

    public function check(Row $row): array
    {
        Layout::fromArray($this->checker->check($row->object('document'), 'layout', $row->at('document')));

        return $row->all();
    }

    public function addresses(): array
    {
        return ['layouts'];
    }
}
