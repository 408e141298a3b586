<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The last rehearsal of a rush.
 *
 * @property string $rush_id
 * @property string $mark fingerprint of the plan it rehearsed
 * @property \stdClass $document what it told
 * @property Carbon $made_at
 */
final class Rehearsal extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'rush_id';

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['rush_id', 'mark', 'document', 'made_at'];

    protected function casts(): array
    {
        return ['document' => 'object', 'made_at' => 'datetime'];
    }
}
