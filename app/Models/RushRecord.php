<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use App\Undo\Undoable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use RushHold\Document\Reader;
use RushHold\Hold\Dials;
use RushHold\Rush\Rush;

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
 * @property string $write_id
 * @property KitRecord $kit
 * @property ?PlanRecord $plan
 * @property ?RehearsalRecord $rehearsal
 * @property Carbon $updated_at
 */
final class RushRecord extends Model implements Undoable
{
    use BelongsToAccount;
    use SoftDeletes;
    use WithItsParts;

    /** @var ?array{\stdClass, Rush} a document, and what was read of it */
    private ?array $value = null;

    protected $table = 'rushes';

    /** The kit with all it is made of, for eager loading. */
    public const WITH_KIT = ['kit.body', 'kit.lens', 'kit.converter', 'kit.adapter'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = [
        'kit_id',
        'focal_mm',
        'dials',
        'name',
        'document',
        'revision',
        'position',
        'write_id',
        'creation_id',
    ];

    protected function casts(): array
    {
        return [
            'document' => AsDocument::class,
            'dials' => AsDocument::class,
            'revision' => 'integer',
            'position' => 'integer',
            'focal_mm' => 'float',
        ];
    }

    /** @return BelongsTo<KitRecord, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(KitRecord::class);
    }

    protected static function parts(): array
    {
        return ['kit'];
    }

    public function state(): \stdClass
    {
        return (object) [
            'kit_id' => $this->kit_id,
            'focal_mm' => $this->focal_mm,
            'dials' => $this->dials,
            'document' => $this->document,
        ];
    }

    public function takeState(\stdClass $state): void
    {
        $this->fill([
            'document' => $state->document,
            'name' => $state->document->name ?? $this->name,
            'kit_id' => $state->kit_id,
            'focal_mm' => $state->focal_mm,
            'dials' => $state->dials ?? null,
        ]);
    }

    /**
     * The rush as the craft reads it.
     *
     * @throws \RushHold\Faults\Fault naming the first field that is amiss
     */
    public function value(): Rush
    {
        if ($this->value === null || $this->value[0] !== $this->document) {
            $this->value = [$this->document, Rush::fromArray(Reader::plain($this->document))];
        }

        return $this->value[1];
    }

    /** Dials of its hold that the person has adopted from a rehearsal. */
    public function dials(): Dials
    {
        return $this->dials === null ? Dials::none() : Dials::fromArray((array) $this->dials);
    }

    /** @return HasOne<RehearsalRecord, $this> */
    public function rehearsal(): HasOne
    {
        return $this->hasOne(RehearsalRecord::class, 'rush_id');
    }

    public static function kind(): string
    {
        return 'rush';
    }

    /** @return HasOne<PlanRecord, $this> */
    public function plan(): HasOne
    {
        return $this->hasOne(PlanRecord::class, 'rush_id');
    }
}
