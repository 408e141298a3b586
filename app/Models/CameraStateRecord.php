<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How a body was left.
 *
 * @property string $gear_id
 * @property int $user_id
 * @property \stdClass $document camera-state/1
 * @property string $by the card it was set from, or "typed"
 * @property Carbon $left_at
 */
final class CameraStateRecord extends Model
{
    protected $table = 'camera_states';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'gear_id';

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['gear_id', 'user_id', 'document', 'by', 'left_at'];

    protected function casts(): array
    {
        return ['document' => AsDocument::class, 'left_at' => 'datetime'];
    }
}
