<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something a person has done in the log, with what was there before and after.
 *
 * @property int $id
 * @property int $user_id
 * @property string $words what it was: "3 frames judged"
 * @property string $burst_id where it was done
 * @property \stdClass $before columns of bursts and frames, by their ids
 * @property \stdClass $after
 * @property bool $is_undone
 * @property Carbon $at
 */
final class LogActRecord extends Model
{
    public $timestamps = false;

    protected $table = 'log_acts';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['words', 'burst_id', 'before', 'after', 'is_undone', 'at'];

    protected function casts(): array
    {
        return [
            'before' => AsDocument::class,
            'after' => AsDocument::class,
            'is_undone' => 'boolean',
            'at' => 'datetime',
        ];
    }
}
