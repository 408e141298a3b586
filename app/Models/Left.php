<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How a body was left.
 *
 * @property string $gear_id
 * @property int $user_id
 * @property \stdClass $document left/1
 * @property string $by the card it was set from, or "typed"
 * @property Carbon $left_at
 */
final class Left extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'gear_id';

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['gear_id', 'user_id', 'document', 'by', 'left_at'];

    protected function casts(): array
    {
        return ['document' => 'object', 'left_at' => 'datetime'];
    }
}
