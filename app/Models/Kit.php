<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * A body, a lens and perhaps a converter in use together.
 *
 * @property string $id
 * @property int $user_id
 * @property string $body_id
 * @property string $lens_id
 * @property ?string $converter_id
 * @property Gear $body
 * @property Gear $lens
 * @property ?Gear $converter
 */
final class Kit extends Model
{
    use BelongsToAccount;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['body_id', 'lens_id', 'converter_id'];

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
     * The kit as kit/1.
     *
     * @param  ?float  $focalMm  where the person has set the zoom, kept inside what the lens reaches; null leaves it to the plan
     */
    public function document(?float $focalMm = null): \stdClass
    {
        $lens = clone $this->lens->document;
        if ($focalMm !== null && isset($lens->focal_min_mm, $lens->focal_max_mm)) {
            // a zoom that has been set offers the plan no other focal length
            $lens->focal_mm = $lens->focal_min_mm = $lens->focal_max_mm = max($lens->focal_min_mm, min($lens->focal_max_mm, $focalMm));
        }

        return (object) ['format' => 'kit/1', 'body' => $this->body->document, 'lens' => $lens, 'converter' => $this->converter?->document->factor ?? 1];
    }

    public function name(): string
    {
        return implode(', ', array_filter([$this->body->name, $this->lens->name, $this->converter?->name]));
    }
}
