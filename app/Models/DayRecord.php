<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use App\Documents\JsonText;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use RushHold\Wording\Units;

/**
 * The day of an outing as it was last reckoned.
 *
 * @property string $outing_id
 * @property string $fingerprint of all it was reckoned from
 * @property ?string $metric "day" of outing/1 as it is sent, worded in metric units; null when nobody has asked for it so
 * @property ?string $imperial
 * @property ?\stdClass $fault why there is no day
 * @property Carbon $reckoned_at
 */
final class DayRecord extends Model
{
    protected $table = 'days';

    public $incrementing = false;

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $primaryKey = 'outing_id';

    protected $keyType = 'string';

    protected $fillable = ['outing_id', 'fingerprint', 'metric', 'imperial', 'fault', 'reckoned_at'];

    protected function casts(): array
    {
        return ['fault' => AsDocument::class, 'reckoned_at' => 'datetime'];
    }

    public function text(Units $units): ?JsonText
    {
        return JsonText::orNull($units === Units::Metric ? $this->metric : $this->imperial);
    }
}
