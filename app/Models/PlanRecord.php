<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use App\Documents\JsonText;
use Illuminate\Database\Eloquent\Model;
use RushHold\Wording\Units;

/**
 * The last plan of a rush.
 *
 * @property string $rush_id
 * @property string $fingerprint of all it was reckoned from
 * @property ?string $metric plan/1 as it is sent, worded in metric units; null when nobody has asked for it so
 * @property ?string $imperial
 * @property ?\stdClass $settings its shutter_s, f_number and iso, for lists
 * @property ?\stdClass $fault why there is no plan
 */
final class PlanRecord extends Model
{
    protected $table = 'plans';

    public $incrementing = false;

    protected $primaryKey = 'rush_id';

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['rush_id', 'fingerprint', 'metric', 'imperial', 'fault', 'settings'];

    protected function casts(): array
    {
        return ['fault' => AsDocument::class, 'settings' => AsDocument::class];
    }

    public function text(Units $units): ?JsonText
    {
        return JsonText::orNull($units === Units::Metric ? $this->metric : $this->imperial);
    }
}
