<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One state a rush has been in.
 *
 * @property string $rush_id
 * @property int $seq
 * @property string $gesture changes made in one go carry one name and count as one state
 * @property string $kit_id
 * @property ?float $focal_mm
 * @property \stdClass $document rush/1
 */
final class RushVersion extends Model
{
    public $timestamps = false;

    protected $fillable = ['rush_id', 'seq', 'gesture', 'kit_id', 'focal_mm', 'document'];

    protected function casts(): array
    {
        return ['seq' => 'integer', 'document' => 'object', 'focal_mm' => 'float'];
    }
}
