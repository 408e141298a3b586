<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The last rehearsal of a rush.
 *
 * @property string $rush_id
 * @property string $fingerprint fingerprint of the plan it rehearsed
 * @property \stdClass $document what it told
 * @property Carbon $made_at
 */
final class RehearsalRecord extends Model
{
    protected $table = 'rehearsals';

    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'rush_id';

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['rush_id', 'fingerprint', 'document', 'made_at'];

    protected function casts(): array
    {
        return ['document' => AsDocument::class, 'made_at' => 'datetime'];
    }
}
