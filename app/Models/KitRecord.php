<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use RushHold\Kit\KitAssembly;

/**
 * A body, a lens and perhaps a converter in use together.
 *
 * @property string $id
 * @property int $user_id
 * @property string $body_id
 * @property string $lens_id
 * @property ?string $converter_id
 * @property ?string $adapter_id
 * @property GearRecord $body
 * @property GearRecord $lens
 * @property ?GearRecord $converter
 * @property ?GearRecord $adapter
 */
final class KitRecord extends Model
{
    use BelongsToAccount;
    use WithItsParts;

    protected $table = 'kits';

    /** No more of what it is made of than the names, for eager loading. */
    public const NAMES = ['body:id,name', 'lens:id,name', 'converter:id,name', 'adapter:id,name'];

    /** What a kit is made of, for eager loading. */
    public const PARTS = ['body', 'lens', 'converter', 'adapter'];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['body_id', 'lens_id', 'converter_id', 'adapter_id'];

    /** @return BelongsTo<GearRecord, $this> */
    public function body(): BelongsTo
    {
        return $this->part('body_id');
    }

    /** @return BelongsTo<GearRecord, $this> */
    public function lens(): BelongsTo
    {
        return $this->part('lens_id');
    }

    /** @return BelongsTo<GearRecord, $this> */
    public function converter(): BelongsTo
    {
        return $this->part('converter_id');
    }

    /** @return BelongsTo<GearRecord, $this> */
    public function adapter(): BelongsTo
    {
        return $this->part('adapter_id');
    }

    /**
     * A part stays with the kits it is in, deleted or not.
     *
     * @return BelongsTo<GearRecord, $this>
     */
    private function part(string $key): BelongsTo
    {
        $relation = $this->belongsTo(GearRecord::class, $key);
        $relation->withoutGlobalScope(SoftDeletingScope::class);

        return $relation;
    }

    /**
     * The kit as kit/1, with the numbers a plan rests on.
     *
     * @param  ?float  $focalMm  where the person has set the zoom; null leaves it to the plan
     * @return array{format: string, body: array<mixed>, lens: array<mixed>, converter: mixed}
     */
    public function document(?float $focalMm = null): array
    {
        return KitAssembly::document(
            $this->body->read(),
            $this->lens->read(),
            $this->converter?->read(),
            $this->adapter?->read(),
            $focalMm,
        );
    }

    protected static function parts(): array
    {
        return ['body', 'lens'];
    }

    public function name(): string
    {
        return implode(
            ', ',
            array_filter([$this->body->name, $this->lens->name, $this->converter?->name, $this->adapter?->name]),
        );
    }
}
