<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A sweep of settings somebody asked for, as far as it has come.
 *
 * @property string $id
 * @property int $user_id
 * @property string $rush_id
 * @property string $kind
 * @property string $fingerprint fingerprint of the plan it sweeps round
 * @property string $status running, done, cancelled, overtaken (the rush has changed) or failed
 * @property int $passes
 * @property int $done
 * @property ?array<string, mixed> $state what is needed to go on
 * @property \stdClass $reading what it has told so far
 * @property Carbon $beat_at when a worker last came back from it
 * @property ?RushRecord $rush null when it has been deleted
 * @property User $user
 */
final class SweepRecord extends Model
{
    use BelongsToAccount;

    protected $table = 'sweeps';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['rush_id', 'kind', 'fingerprint', 'status', 'passes', 'done', 'state', 'reading', 'beat_at'];

    protected function casts(): array
    {
        return ['passes' => 'integer', 'done' => 'integer', 'state' => 'array', 'reading' => AsDocument::class, 'beat_at' => 'datetime'];
    }

    /** @return BelongsTo<RushRecord, $this> */
    public function rush(): BelongsTo
    {
        return $this->belongsTo(RushRecord::class);
    }
}
