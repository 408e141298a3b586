<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Documents\SchemaChecker;
use App\Models\PlaceRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Owned\Row;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use RushHold\Document\Reader;
use RushHold\Faults\HiddenCharacters;
use RushHold\Outing\Place;

/** Places to photograph at. */
final readonly class PlacesTable extends OwnedTable
{
    public function __construct(private SchemaChecker $checker) {}

    public function name(): string
    {
        return 'places';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'name' => Column::plain(),
            'document' => Column::document(),
            ...Column::undo(),
            ...Column::creation(),
            ...Column::times(),
        ];
    }

    /** @return class-string<PlaceRecord> */
    public function record(): string
    {
        return PlaceRecord::class;
    }

    public function check(Row $row): array
    {
        $document = $row->object('document');
        HiddenCharacters::refuse($document, $row->under);
        Place::read(Reader::of($this->checker->check($document, 'place', $row->at('document')), 'place'));

        return ['name' => $row->name()] + $row->all();
    }

    public function limits(): array
    {
        return ['places' => 'places'];
    }

    /** It stays with its outings. */
    public function isNamed(Model $record): bool
    {
        return DB::table('outings')->where('place_id', $record->getKey())->exists();
    }

    public function addresses(): array
    {
        return ['places'];
    }
}
