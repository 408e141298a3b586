<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A body, a lens or a converter somebody owns.
 *
 * @property string $id
 * @property int $user_id
 * @property string $type body, lens or converter
 * @property string $name
 * @property \stdClass $document the "body" or "lens" part of kit/1, or {"factor": 1.4}
 * @property int $revision
 */
final class Gear extends Model
{
    use BelongsToAccount;
    use SoftDeletes;

    protected $table = 'gear';

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['type', 'name', 'document', 'revision'];

    protected function casts(): array
    {
        return ['document' => 'object', 'revision' => 'integer'];
    }
}
