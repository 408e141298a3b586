<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use App\Runs\Held;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Long work somebody asked for, as far as it has come.
 *
 * @property string $id
 * @property int $user_id
 * @property string $kind {@see \App\Runs\RunKinds}
 * @property string $topic which of the works of that kind
 * @property ?string $subject_id the record it is about
 * @property string $fingerprint of all it rests on, where that may become another; empty else
 * @property string $status running, done, cancelled, overtaken (what it rests on has changed) or failed
 * @property int $whole how many there are to do
 * @property int $done
 * @property int $portions how many portions have been kept
 * @property ?int $called which of them has been called for
 * @property ?array<string, mixed> $state what is needed to go on
 * @property \stdClass $reading what it has told so far
 * @property ?string $problem why it failed
 * @property Carbon $beat_at when a worker last came back from it
 * @property User $user
 */
final class RunRecord extends Model
{
    use BelongsToAccount;
    use Held;

    public const RUNNING = 'running';

    public const DONE = 'done';

    public const CANCELLED = 'cancelled';

    public const OVERTAKEN = 'overtaken';

    public const FAILED = 'failed';

    public const STATUSES = [self::RUNNING, self::DONE, self::CANCELLED, self::OVERTAKEN, self::FAILED];

    /** Most characters of why one failed. */
    public const PROBLEM = 300;

    /** Silent for so many seconds, a run is said to wait for a worker. */
    private const WAITS_S = 3;

    protected $table = 'runs';

    public const MOMENT = 'Y-m-d H:i:s.v';

    protected $dateFormat = self::MOMENT;

    protected $fillable = [
        'kind',
        'topic',
        'subject_id',
        'fingerprint',
        'status',
        'whole',
        'done',
        'portions',
        'state',
        'reading',
        'problem',
        'beat_at',
    ];

    protected function casts(): array
    {
        return [
            'whole' => 'integer',
            'done' => 'integer',
            'portions' => 'integer',
            'called' => 'integer',
            'tries' => 'integer',
            'state' => 'array',
            'reading' => AsDocument::class,
            'beat_at' => 'datetime',
            'held_until' => 'datetime',
        ];
    }

    /** Seconds since a worker last came back from it. */
    public function silentS(): float
    {
        return $this->beat_at->diffInSeconds(Carbon::now());
    }

    /** @return array<string, mixed> the same, how many there are in all, and what it has told so far */
    public function told(): array
    {
        return $this->counted() + get_object_vars($this->reading);
    }

    /** @return array{id: string, status: string, done: int, waiting: bool, problem: ?string, at: string, whole: int} how far it is of how much */
    public function counted(): array
    {
        return $this->progress() + ['whole' => $this->whole];
    }

    /** @return array{id: string, status: string, done: int, waiting: bool, problem: ?string, at: string} what a watcher is told of any run */
    public function progress(): array
    {
        return [
            'id' => $this->id,
            'status' => $this->status,
            'done' => $this->done,
            'waiting' => $this->status === self::RUNNING && $this->silentS() > self::WAITS_S,
            'problem' => $this->problem,
            'at' => $this->beat_at->toIso8601ZuluString(),
        ];
    }
}
