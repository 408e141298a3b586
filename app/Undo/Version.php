<?php

declare(strict_types=1);

namespace App\Undo;

use App\Documents\AsDocument;
use Illuminate\Database\Eloquent\Model;

/**
 * One state a record has been in.
 *
 * @property int $seq
 * @property string $gesture changes made in one go carry one name and count as one state
 * @property \stdClass $state
 */
final class Version extends Model
{
    public $timestamps = false;

    protected $fillable = ['user_id', 'record_type', 'record_id', 'seq', 'gesture', 'state', 'bytes', 'at'];

    protected function casts(): array
    {
        return ['seq' => 'integer', 'state' => AsDocument::class, 'bytes' => 'integer', 'at' => 'datetime'];
    }
}
