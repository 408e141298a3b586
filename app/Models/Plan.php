<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The last plan of a rush.
 *
 * @property string $rush_id
 * @property string $mark fingerprint of all it was reckoned from
 * @property ?\stdClass $document plan/1, or null when there is a fault
 * @property ?\stdClass $settings its shutter_s, f_number and iso, for lists
 * @property ?\stdClass $fault why there is no plan
 */
final class Plan extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'rush_id';

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['rush_id', 'mark', 'document', 'fault', 'settings'];

    protected function casts(): array
    {
        return ['document' => 'object', 'fault' => 'object', 'settings' => 'object'];
    }
}
