<?php

declare(strict_types=1);

namespace App\Log\Bursts;

use App\Log\Frames\FrameKeeper;
use App\Log\Frames\Relooks;
use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Models\LogActRecord;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * What a person does in the log, each with what was there before, so that it can be taken back and done again, in order, after a reload
 * too. An act names columns of bursts and frames; a burst that was not there stands with nothing.
 *
 * @phpstan-type Rows array<string, ?array<string, mixed>>
 */
final readonly class LogActs
{
    /** So many acts are kept. */
    private const KEPT = 1000;

    /** One act in so many looks whether there are too many. */
    private const LOOK_EVERY = 50;

    private const BURST = ['rush_id', 'promise_id', 'subject', 'by_hand'];

    public function __construct(private BurstKeeper $bursts, private FrameKeeper $frames, private Relooks $relooks) {}

    /**
     * Does something, and remembers it. In one transaction, the account in turn.
     *
     * @param  string  $words  what it is
     * @param  array<string, ?array<string, mixed>>  $bursts  columns they are to have, by id; null for one that is to go
     * @param  array<string, array<string, mixed>>  $frames  columns they are to have, by id
     */
    public function do(User $user, string $words, string $burst, array $bursts, array $frames): void
    {
        DB::transaction(function () use ($user, $words, $burst, $bursts, $frames): void {
            $user->inTurn();
            $before = ['bursts' => $this->bursts($user, $bursts), 'frames' => self::frames($user, $frames)];
            $after = ['bursts' => $bursts, 'frames' => $frames];
            $user->logActs()->where('is_undone', true)->delete();
            $user
                ->logActs()
                ->make([
                    'words' => $words,
                    'burst_id' => $burst,
                    'before' => self::document($before),
                    'after' => self::document($after),
                    'at' => Carbon::now(),
                ])
                ->save();
            $this->apply($user, $after);
            $this->thin($user);
        });
    }

    /** Takes the last act back, or does again the last that was taken back; null when there is none. */
    public function turn(User $user, bool $back): ?LogActRecord
    {
        return DB::transaction(function () use ($user, $back): ?LogActRecord {
            $user->inTurn();
            $act = $this->next($user, $back);
            if ($act === null) {
                return null;
            }
            /** @var array{bursts: Rows, frames: array<string, array<string, mixed>>} $to */
            $to = json_decode(
                (string) json_encode($back ? $act->before : $act->after),
                true,
                16,
                JSON_THROW_ON_ERROR,
            );
            $this->apply($user, $to);
            $act->fill(['is_undone' => $back])->save();

            return $act;
        });
    }

    public function next(User $user, bool $back): ?LogActRecord
    {
        $acts = $user->logActs()->where('is_undone', ! $back);
        $acts->orderBy('id', $back ? 'desc' : 'asc');

        return $acts->first();
    }

    /** @param  array{bursts: array<string, ?array<string, mixed>>, frames: array<string, array<string, mixed>>}  $to */
    private function apply(User $user, array $to): void
    {
        $changed = $judged = $looked = [];
        foreach ($to['bursts'] as $id => $columns) {
            $burst = $user->bursts()->find($id);
            if ($columns === null) {
                continue; // it goes by itself once it has no frames
            }
            if ($burst === null) {
                $burst = $user->bursts()->make($columns);
                $burst->id = $id;
            }
            $burst->fill(array_diff_key($columns, ['subject' => 1]));
            if (array_key_exists('subject', $columns)) {
                $burst->subject = is_array($columns['subject']) ? (object) $columns['subject'] : null;
            }
            $judged[$id] = $burst->isDirty('rush_id');
            $looked[$id] = $burst->isDirty('subject') && $burst->exists;
            $burst->save();
            $changed[$id] = true;
        }
        foreach ($to['frames'] as $id => $columns) {
            $frame = $user->frames()->find($id);
            // one that has been deleted meanwhile, or was to go back where there is nothing any more
            if ($frame === null || (isset($columns['burst_id']) && $user->bursts()->whereKey($columns['burst_id'])->doesntExist())) {
                continue;
            }
            $changed[$frame->burst_id] = true;
            $frame->fill($columns)->save();
            $changed[$frame->burst_id] = true;
        }
        foreach (array_keys($changed) as $id) {
            $burst = $user->bursts()->with('user')->find($id);
            if ($burst !== null && ($judged[$id] ?? false)) {
                $this->frames->judge($burst);
            }
            $this->bursts->recount((string) $id);
        }
        foreach (array_keys(array_filter($looked)) as $id) {
            $this->relooks->begin($user, (string) $id);
        }
    }

    /**
     * @param  array<string, mixed>  $bursts  by id
     * @return Rows what they are now
     */
    private function bursts(User $user, array $bursts): array
    {
        $now = [];
        foreach (array_keys($bursts) as $id) {
            /** @var ?BurstRecord $burst */
            $burst = $user->bursts()->find($id);
            // all of one that is to go, so that it can be made again
            $columns = $bursts[$id] === null ? [...self::BURST, 'body', 'lens', 'began_at', 'ended_at', 'clock'] : self::BURST;
            $now[$id] = $burst === null ? null : array_intersect_key($burst->toArray(), array_flip($columns));
        }

        return $now;
    }

    /**
     * @param  array<string, array<string, mixed>>  $frames  by id
     * @return array<string, array<string, mixed>> the same columns as they are now
     */
    private static function frames(User $user, array $frames): array
    {
        $now = [];
        /** @var FrameRecord $frame */
        foreach ($user->frames()->whereKey(array_keys($frames))->get() as $frame) {
            $now[$frame->id] = array_intersect_key($frame->getAttributes(), $frames[$frame->id]);
        }

        return $now;
    }

    /** @param  array{bursts: array<mixed>, frames: array<mixed>}  $rows */
    private static function document(array $rows): \stdClass
    {
        return (object) ['bursts' => (object) $rows['bursts'], 'frames' => (object) $rows['frames']];
    }

    private function thin(User $user): void
    {
        if (random_int(1, self::LOOK_EVERY) > 1) {
            return;
        }
        $last = $user->logActs()->orderByDesc('id')->skip(self::KEPT)->value('id');
        if ($last !== null) {
            $user->logActs()->where('id', '<=', $last)->delete();
        }
    }
}
