<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Documents\SchemaChecker;
use App\Models\RushRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Owned\Row;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\HiddenCharacters;
use RushHold\Hold\Dials;
use RushHold\Rush\Rush;

/** Rushes somebody described. */
final readonly class RushesTable extends OwnedTable
{
    public function __construct(private SchemaChecker $checker) {}

    public function name(): string
    {
        return 'rushes';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'kit_id' => Column::names('kits'),
            'focal_mm' => Column::plain(),
            'dials' => Column::document(),
            'name' => Column::plain(),
            'document' => Column::document(),
            ...Column::undo(),
            ...Column::creation(),
            ...Column::times(),
        ];
    }

    /** @return class-string<RushRecord> */
    public function record(): string
    {
        return RushRecord::class;
    }

    public function check(Row $row): array
    {
        $document = $row->object('document');
        HiddenCharacters::refuse($document, $row->under);
        Rush::fromArray($this->checker->check($document, 'rush', $row->at('document')));
        if ($row->value('dials') !== null) {
            Dials::fromArray($this->checker->check($row->object('dials'), 'dials', $row->at('dials')));
        }

        return ['name' => $row->name(), 'focal_mm' => $row->between('focal_mm', 1, 5000, 'mm')] + $row->all();
    }

    public function limits(): array
    {
        return ['rushes' => 'rushes'];
    }

    /** It stays with the bursts taken for it, and with the layouts and cards that name it. */
    public function isNamed(Model $record): bool
    {
        $id = $record->getKey();
        $names = static fn (string $table, string $column): bool => DB::table($table)
            ->where('user_id', $record->getAttribute('user_id'))
            ->where($column, 'like', "%{$id}%")
            ->exists();

        return DB::table('bursts')->where('rush_id', $id)->exists() || $names('layouts', 'document') || $names('cards', 'rushes');
    }

    public function addresses(): array
    {
        return ['rushes', 'plans'];
    }
}
