<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use RushHold\Counts\Promise;
use RushHold\Document\Reader;

/**
 * A plan that frames were taken by, as it stood when the person said so, and what its rehearsal expected.
 *
 * @property string $id
 * @property int $user_id
 * @property ?string $rush_id
 * @property string $fingerprint of all the plan rested on
 * @property \stdClass $document {@see Promise::toArray()}
 * @property Carbon $made_at
 */
final class PromiseRecord extends Model
{
    use BelongsToAccount;

    protected $table = 'promises';

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $guarded = ['id', 'user_id'];

    protected function casts(): array
    {
        return ['document' => AsDocument::class, 'made_at' => 'datetime'];
    }

    public function value(): Promise
    {
        return Promise::kept(Reader::of(Reader::plain($this->document)));
    }
}
