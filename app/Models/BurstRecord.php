<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Frames taken in one go.
 *
 * @property string $id
 * @property int $user_id
 * @property ?string $rush_id the rush they were taken for, once somebody has said so
 * @property ?string $promise_id the plan they were taken by, as it stood when that was said
 * @property string $body as the files name it, empty where they do not
 * @property string $lens
 * @property Carbon $began_at by the camera's clock where the files name no zone
 * @property Carbon $ended_at
 * @property ?string $clock what the camera's clock showed at its first frame; null where the files do not say, and it stands where it came
 * @property ?\stdClass $subject where a person has touched the subject: frame, and x, y, w, h in px of its file
 * @property bool $by_hand whether a person has said which frames are in it
 * @property int $frames
 * @property int $keepers by the person's verdict, where there is none by the machine's
 * @property int $eyed how many a person has judged
 * @property User $user
 * @property ?PromiseRecord $promise
 */
final class BurstRecord extends Model
{
    use BelongsToAccount;

    protected $table = 'bursts';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['rush_id', 'promise_id', 'body', 'lens', 'began_at', 'ended_at', 'clock', 'subject', 'by_hand', 'frames', 'keepers', 'eyed'];

    protected function casts(): array
    {
        return [
            'began_at' => 'datetime',
            'ended_at' => 'datetime',
            'subject' => AsDocument::class,
            'by_hand' => 'boolean',
            'frames' => 'integer',
            'keepers' => 'integer',
            'eyed' => 'integer',
        ];
    }

    /** @return HasMany<FrameRecord, $this> */
    public function frames(): HasMany
    {
        return $this->hasMany(FrameRecord::class, 'burst_id');
    }

    /** @return BelongsTo<PromiseRecord, $this> */
    public function promise(): BelongsTo
    {
        return $this->belongsTo(PromiseRecord::class, 'promise_id');
    }

    /** The frame in the middle of it; one it has, at least. */
    public function middle(): FrameRecord
    {
        $count = $this->frames()->count();
        /** @var FrameRecord $frame */
        $frame = $this->ordered()->skip(intdiv(max(0, $count - 1), 2))->firstOrFail();

        return $frame;
    }

    /** @return list<FrameRecord> by time, with their files */
    public function inOrder(int $most = 100_000, int $from = 0): array
    {
        /** @var list<FrameRecord> $found */
        $found = $this->ordered()->with('file')->offset($from)->limit($most)->get()->all();

        return $found;
    }

    /** @return HasMany<FrameRecord, $this> */
    private function ordered(): HasMany
    {
        $frames = $this->frames();
        foreach (['taken_at', 'name', 'id'] as $by) {
            $frames->orderBy($by);
        }

        return $frames;
    }
}
