<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Documents\SchemaChecker;
use App\Models\OutingRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Owned\Row;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use RushHold\Document\Reader;
use RushHold\Faults\HiddenCharacters;
use RushHold\Outing\LocalDay;

/** Days out at a place. */
final readonly class OutingsTable extends OwnedTable
{
    public function __construct(private SchemaChecker $checker) {}

    public function name(): string
    {
        return 'outings';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'place_id' => Column::names('places'),
            'day' => Column::plain(),
            'name' => Column::plain(),
            'document' => Column::document('rushes', 'kits', 'gear'),
            ...Column::undo(),
            ...Column::creation(),
            ...Column::times(),
        ];
    }

    /** @return class-string<OutingRecord> */
    public function record(): string
    {
        return OutingRecord::class;
    }

    public function check(Row $row): array
    {
        $document = $row->object('document');
        HiddenCharacters::refuse($document, $row->under);
        $outing = Reader::of($this->checker->check($document, 'outing.json#/$defs/kept', $row->at('document')));
        LocalDay::of($outing->text('date'), 'UTC', $row->at('document/date'));

        return ['name' => $row->name(), 'day' => $outing->text('date')] + $row->all();
    }

    public function limits(): array
    {
        return ['outings' => 'outings'];
    }

    /** It stays with the bursts that were taken on it. */
    public function isNamed(Model $record): bool
    {
        return DB::table('counted')
            ->where('user_id', $record->getAttribute('user_id'))
            ->where('outing', $record->getKey())
            ->exists();
    }

    public function addresses(): array
    {
        return ['outings'];
    }
}
