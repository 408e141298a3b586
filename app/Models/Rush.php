<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A rush somebody described, in the state it is in now; {@see RushVersion} keeps the states before and after.
 *
 * @property string $id
 * @property int $user_id
 * @property string $kit_id
 * @property ?float $focal_mm
 * @property string $name
 * @property \stdClass $document rush/1
 * @property int $revision grows with every write, so that two tabs cannot overwrite each other unseen
 * @property int $position seq of the version it is in
 * @property string $write the writer's own mark of the last write, by which it knows it again when the answer was lost
 * @property Kit $kit
 * @property ?Plan $plan
 * @property Carbon $updated_at
 */
final class Rush extends Model
{
    use BelongsToAccount;
    use SoftDeletes;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['kit_id', 'focal_mm', 'name', 'document', 'revision', 'position', 'write'];

    protected function casts(): array
    {
        return ['document' => 'object', 'revision' => 'integer', 'position' => 'integer', 'focal_mm' => 'float'];
    }

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** @return HasMany<RushVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(RushVersion::class);
    }

    /** @return HasOne<Plan, $this> */
    public function plan(): HasOne
    {
        return $this->hasOne(Plan::class);
    }
}
