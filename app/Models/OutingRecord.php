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
use RushHold\Faults\Fault;
use RushHold\Outing\LocalDay;
use RushHold\Outing\Window;

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
    use WithItsParts;

    protected $table = 'outings';

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['place_id', 'name', 'day', 'document', 'revision', 'position', 'write_id', 'creation_id'];

    protected function casts(): array
    {
        return ['document' => AsDocument::class, 'revision' => 'integer', 'position' => 'integer'];
    }

    protected static function parts(): array
    {
        return ['place'];
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

    /** When it ends, in Unix seconds; at the end of its day where its hours cannot be read. */
    public function endsAt(): float
    {
        try {
            $day = LocalDay::of($this->day, (string) ($this->place->document->zone ?? 'UTC'));

            return Window::of($day, (string) ($this->document->from ?? ''), (string) ($this->document->until ?? ''))->untilS;
        } catch (Fault) {
            return (float) strtotime($this->day.' 24:00 UTC');
        }
    }

    /** Whether it ends on the day after its date. */
    public function lastsPastMidnight(): bool
    {
        return self::isPastMidnight($this->document);
    }

    /** The same of an outing as it is kept. */
    public static function isPastMidnight(mixed $document): bool
    {
        return $document instanceof \stdClass && ($document->until ?? '') <= ($document->from ?? '');
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
