<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use App\Undo\Undoable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;

/**
 * A day out at a place.
 *
 * @property string $id
 * @property int $user_id
 * @property string $place_id
 * @property string $name
 * @property string $day its date, for lists
 * @property \stdClass $document the outing as it is kept: outing.json#/$defs/kept
 * @property int $revision
 * @property int $position
 * @property string $write_id
 * @property PlaceRecord $place
 * @property ?DayRecord $reckoned
 * @property Carbon $updated_at
 */
final class OutingRecord extends Model implements Undoable
{
    use BelongsToAccount;
    use SoftDeletes;

    protected $table = 'outings';

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['place_id', 'name', 'day', 'document', 'revision', 'position', 'write_id', 'creation_id'];

    protected function casts(): array
    {
        return ['document' => AsDocument::class, 'revision' => 'integer', 'position' => 'integer'];
    }

    /** @return BelongsTo<PlaceRecord, $this> also one that has been deleted: the outing was there */
    public function place(): BelongsTo
    {
        $place = $this->belongsTo(PlaceRecord::class);
        $place->withoutGlobalScope(SoftDeletingScope::class);

        return $place;
    }

    /** @return HasOne<DayRecord, $this> */
    public function reckoned(): HasOne
    {
        return $this->hasOne(DayRecord::class, 'outing_id');
    }

    public function state(): \stdClass
    {
        return (object) ['place_id' => $this->place_id, 'name' => $this->name, 'document' => $this->document];
    }

    public function takeState(\stdClass $state): void
    {
        $this->fill([
            'place_id' => $state->place_id,
            'name' => $state->name,
            'day' => $state->document->date ?? $this->day,
            'document' => $state->document,
        ]);
    }

    public static function kind(): string
    {
        return 'outing';
    }
}
