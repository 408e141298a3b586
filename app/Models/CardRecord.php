<?php

declare(strict_types=1);

namespace App\Models;

use App\Undo\Undoable;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A card to carry: the holds of some rushes, in order.
 *
 * @property string $id
 * @property int $user_id
 * @property string $name
 * @property list<string> $rushes ids, in the order they are shown
 * @property ?string $outing_id the day out whose light its holds are for; null: as each rush is written
 * @property ?OutingRecord $outing
 * @property array<string, array{on: bool, at: int}> $ticks by what was ticked; at in ms
 * @property array<string, array{fingerprint: string, tips: list<mixed>, fast: list<mixed>}> $tips what would change each hold, by rush, with a fingerprint of what that rests on
 * @property int $revision
 * @property int $position
 * @property string $write_id
 * @property ?string $share_token
 * @property ?string $share_hash
 * @property ?Carbon $share_until
 * @property Carbon $updated_at
 * @property User $user
 */
final class CardRecord extends Model implements Undoable
{
    use BelongsToAccount;
    use SoftDeletes;

    protected $table = 'cards';

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = [
        'name',
        'rushes',
        'outing_id',
        'ticks',
        'tips',
        'revision',
        'position',
        'write_id',
        'share_token',
        'share_hash',
        'share_until',
        'creation_id',
    ];

    protected function casts(): array
    {
        return [
            'rushes' => 'array',
            'tips' => 'array',
            'revision' => 'integer',
            'position' => 'integer',
            'share_token' => Sealed::class,
            'share_until' => 'datetime',
        ];
    }

    /** In the store an object by name, also while it is empty. */
    protected function ticks(): Attribute
    {
        return Attribute::make(
            get: static fn (?string $kept): array => (array) json_decode($kept ?? '{}', true),
            set: static fn (array $ticks): string => json_encode((object) $ticks, JSON_THROW_ON_ERROR),
        )->withoutObjectCaching();
    }

    /** What a shared card is found by; another key of the application leads nowhere. */
    public static function hashOf(string $token): string
    {
        return hash_hmac('sha256', $token, (string) config('app.key'));
    }

    /** @return BelongsTo<OutingRecord, $this> */
    public function outing(): BelongsTo
    {
        return $this->belongsTo(OutingRecord::class, 'outing_id');
    }

    /** Ends its link. */
    public function unshare(): self
    {
        return $this->fill(['share_token' => null, 'share_hash' => null, 'share_until' => null]);
    }

    public function state(): \stdClass
    {
        return (object) ['name' => $this->name, 'rushes' => $this->rushes, 'outing_id' => $this->outing_id];
    }

    public function takeState(\stdClass $state): void
    {
        $this->fill([
            'name' => $state->name,
            'rushes' => $state->rushes,
            'outing_id' => $state->outing_id ?? null,
        ]);
    }

    public static function kind(): string
    {
        return 'card';
    }
}
