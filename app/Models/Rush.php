<?php

declare(strict_types=1);

namespace App\Models;

use App\History\Undoable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use RushHold\Hold\Dials;

/**
 * A rush somebody described, in the state it is in now.
 *
 * @property string $id
 * @property int $user_id
 * @property string $kit_id
 * @property ?float $focal_mm
 * @property ?\stdClass $dials dials of its hold that the person has taken from a rehearsal
 * @property string $name
 * @property \stdClass $document rush/1
 * @property int $revision
 * @property int $position
 * @property string $write
 * @property Kit $kit
 * @property ?Plan $plan
 * @property ?Rehearsal $rehearsal
 * @property Carbon $updated_at
 */
final class Rush extends Model implements Undoable
{
    use BelongsToAccount;
    use SoftDeletes;

    /** The kit with all it is made of, for eager loading. */
    public const WITH_KIT = ['kit.body', 'kit.lens', 'kit.converter', 'kit.adapter'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['kit_id', 'focal_mm', 'dials', 'name', 'document', 'revision', 'position', 'write', 'made'];

    protected function casts(): array
    {
        return ['document' => 'object', 'dials' => 'object', 'revision' => 'integer', 'position' => 'integer', 'focal_mm' => 'float'];
    }

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    public function state(): \stdClass
    {
        return (object) ['kit_id' => $this->kit_id, 'focal_mm' => $this->focal_mm, 'dials' => $this->dials, 'document' => $this->document];
    }

    public function takeState(\stdClass $state): void
    {
        $this->fill(['document' => $state->document, 'name' => $state->document->name ?? $this->name, 'kit_id' => $state->kit_id, 'focal_mm' => $state->focal_mm, 'dials' => $state->dials ?? null]);
    }

    /** Dials of its hold that the person has taken from a rehearsal. */
    public function dials(): Dials
    {
        return $this->dials === null ? Dials::none() : Dials::fromArray((array) $this->dials);
    }

    /** @return HasOne<Rehearsal, $this> */
    public function rehearsal(): HasOne
    {
        return $this->hasOne(Rehearsal::class);
    }

    public static function kind(): string
    {
        return 'rush';
    }

    /** @return HasOne<Plan, $this> */
    public function plan(): HasOne
    {
        return $this->hasOne(Plan::class);
    }
}
