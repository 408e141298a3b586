<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use RushHold\Kit\AdapterUse;

/**
 * A body, a lens and perhaps a converter in use together.
 *
 * @property string $id
 * @property int $user_id
 * @property string $body_id
 * @property string $lens_id
 * @property ?string $converter_id
 * @property ?string $adapter_id
 * @property Gear $body
 * @property Gear $lens
 * @property ?Gear $converter
 * @property ?Gear $adapter
 */
final class Kit extends Model
{
    use BelongsToAccount;

    /** What a kit is made of, for eager loading. */
    public const PARTS = ['body', 'lens', 'converter', 'adapter'];

    /** What a body or lens tells about itself beyond the numbers a plan rests on. */
    private const NOT_PLANNED = ['name', 'dialect', 'controls', 'care', 'sharpest_f', 'tuned'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['body_id', 'lens_id', 'converter_id', 'adapter_id'];

    /** @return BelongsTo<Gear, $this> */
    public function body(): BelongsTo
    {
        return $this->part('body_id');
    }

    /** @return BelongsTo<Gear, $this> */
    public function lens(): BelongsTo
    {
        return $this->part('lens_id');
    }

    /** @return BelongsTo<Gear, $this> */
    public function converter(): BelongsTo
    {
        return $this->part('converter_id');
    }

    /** @return BelongsTo<Gear, $this> */
    public function adapter(): BelongsTo
    {
        return $this->part('adapter_id');
    }

    /**
     * A part stays with the kits it is in, deleted or not.
     *
     * @return BelongsTo<Gear, $this>
     */
    private function part(string $key): BelongsTo
    {
        $relation = $this->belongsTo(Gear::class, $key);
        $relation->withoutGlobalScope(SoftDeletingScope::class);

        return $relation;
    }

    /**
     * The kit as kit/1, with the numbers a plan rests on.
     *
     * @param  ?float  $focalMm  where the person has set the zoom, kept inside what the lens reaches; null leaves it to the plan
     */
    public function document(?float $focalMm = null): \stdClass
    {
        [$body, $lens] = [self::planned($this->piece('body')->document), self::planned($this->piece('lens')->document)];
        if ($this->adapter !== null) {
            [$body, $lens] = AdapterUse::between($body, $lens, $this->adapter->document);
        }
        if ($focalMm !== null && isset($lens->focal_min_mm, $lens->focal_max_mm)) {
            // a zoom that has been set offers the plan no other focal length
            $lens->focal_mm = $lens->focal_min_mm = $lens->focal_max_mm = max($lens->focal_min_mm, min($lens->focal_max_mm, $focalMm));
        }

        return (object) ['format' => 'kit/1', 'body' => $body, 'lens' => $lens, 'converter' => $this->converter?->document->factor ?? 1];
    }

    /** @throws ModelNotFoundException when its account was deleted a moment ago */
    private function piece(string $type): Gear
    {
        $part = $this->getRelationValue($type);

        return $part instanceof Gear ? $part : throw (new ModelNotFoundException)->setModel(Gear::class);
    }

    private static function planned(\stdClass $part): \stdClass
    {
        return (object) array_diff_key(get_object_vars($part), array_flip(self::NOT_PLANNED));
    }

    public function name(): string
    {
        return implode(', ', array_filter([$this->body->name, $this->lens->name, $this->converter?->name, $this->adapter?->name]));
    }
}
