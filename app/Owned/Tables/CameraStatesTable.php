<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Documents\SchemaChecker;
use App\Models\CameraStateRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Owned\Row;
use RushHold\Card\CameraState;

/** How each body was left. */
final readonly class CameraStatesTable extends OwnedTable
{
    public function __construct(private SchemaChecker $checker) {}

    public function name(): string
    {
        return 'camera_states';
    }

    public function columns(): array
    {
        return [
            'user_id' => Column::account(),
            'gear_id' => Column::names('gear'),
            'document' => Column::document(),
            'by' => Column::plain(),
            'left_at' => Column::plain(),
        ];
    }

    /** @return class-string<CameraStateRecord> */
    public function record(): string
    {
        return CameraStateRecord::class;
    }

    public function check(Row $row): array
    {
        CameraState::fromArray($this->checker->check($row->object('document'), 'camera-state', $row->at('document')));

        return ['by' => $row->text('by'), 'left_at' => $row->text('left_at')] + $row->all();
    }
}
