<?php

declare(strict_types=1);

namespace App\Log\Bursts;

use App\Log\Counts\Tallies;
use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use RushHold\Log\Bursts;
use RushHold\Log\FrameFacts;

/** Which burst a frame is in, and what is known of each burst from its frames. */
final readonly class BurstKeeper
{
    /** No two frames of one burst are further apart than this, whatever the camera, in seconds. */
    private const FURTHEST_S = 60;

    public function __construct(private Tallies $tallies) {}

    /**
     * The burst of a frame that has just come, made if there is none; two that it joins become one. Within a transaction, the account in
     * turn.
     *
     * @param  array<string, float>  $fps  of bodies, by the name in the files
     */
    public function place(User $user, FrameFacts $facts, array $fps): BurstRecord
    {
        $at = self::moment($facts);
        if ($at === null) {
            return $this->begin($user, $facts, null);
        }
        $before = $this->neighbour($user, $facts, $at, -1, $fps);
        $after = $this->neighbour($user, $facts, $at, 1, $fps);
        if ($before !== null && $after !== null && $before->id !== $after->id && self::mayBeOne($before, $after)) {
            $after->frames()->update(['burst_id' => $before->id]);
            $this->tallies->forget($after);
            $after->delete();
        }

        return $before ?? $after ?? $this->begin($user, $facts, $at);
    }

    /** When a frame was taken, to the millisecond, by the camera's clock where it wrote no zone; null when it says nothing. */
    public static function moment(FrameFacts $facts): ?Carbon
    {
        $atS = Bursts::atS($facts);

        return $atS === null ? null : Carbon::createFromTimestampMs((int) round(1000 * $atS));
    }

    /** Tells a burst anew from its frames, and counts it so; one without any goes. */
    public function recount(string $id): void
    {
        $this->recountAll([$id]);
    }

    /**
     * The same of several of one account, at the cost of few.
     *
     * @param  list<string>  $ids
     */
    public function recountAll(array $ids): void
    {
        /** @var Collection<string, BurstRecord> $bursts */
        $bursts = BurstRecord::query()->with('promise')->whereKey($ids)->orderBy('id')->get()->keyBy('id');
        $all = BurstSums::of(array_values(array_map(strval(...), $bursts->modelKeys())));
        foreach ($bursts as $id => $burst) {
            $sums = $all[$id] ?? null;
            if ($sums === null) {
                $this->tallies->forget($burst);
                $burst->delete();

                continue;
            }
            $burst
                ->fill([
                    'frames' => $sums->frames,
                    'keepers' => $sums->keepers,
                    'eyed' => $sums->eyed,
                    'began_at' => $sums->beganAt ?? $burst->began_at,
                    'ended_at' => $sums->endedAt ?? $burst->ended_at,
                    'clock' => $sums->first->takenAt,
                ])
                ->save();
        }
        $this->tallies->countAll($bursts->intersectByKeys($all)->all(), $all);
    }

    /**
     * A burst that has no frame yet.
     *
     * @param  ?Carbon  $at  when it began; null where nobody knows
     * @param  ?string  $id  which it is to have
     */
    public function begin(User $user, FrameFacts $facts, ?Carbon $at, ?string $id = null): BurstRecord
    {
        $at ??= Carbon::now();
        $burst = $user
            ->bursts()
            ->make([
                'body' => (string) $facts->body,
                'lens' => (string) $facts->lens,
                'began_at' => $at,
                'ended_at' => $at,
                'clock' => $facts->takenAt,
            ])
            ->forceFill($id === null ? [] : ['id' => $id]);
        $burst->save();

        return $burst;
    }

    /**
     * The burst of the last frame before, or the first after, where the two are of one.
     *
     * @param  int  $way  -1 before, 1 after
     * @param  array<string, float>  $fps
     */
    private function neighbour(User $user, FrameFacts $facts, Carbon $at, int $way, array $fps): ?BurstRecord
    {
        [$from, $until] = $way < 0
            ? [$at->copy()->subSeconds(self::FURTHEST_S), $at]
            : [$at, $at->copy()->addSeconds(self::FURTHEST_S)];
        $candidates = FrameRecord::query()
            ->whereHas(
                'burst',
                static fn (Builder $burst): Builder => $burst->where('body', (string) $facts->body)->where('by_hand', false),
            )
            ->with('burst')
            ->where('user_id', $user->id);
        /** @var ?FrameRecord $frame */
        $frame = $candidates
            ->whereBetween('taken_at', [$from->format('Y-m-d H:i:s.v'), $until->format('Y-m-d H:i:s.v')])
            ->orderBy('taken_at', $way < 0 ? 'desc' : 'asc')
            ->first();
        if ($frame === null) {
            return null;
        }
        $fpsOf = static fn (?string $body): ?float => $fps[(string) $body] ?? null;
        $both = Bursts::of([$frame->facts(), $facts], $fpsOf);

        return count($both) === 1 ? $frame->burst : null;
    }

    private static function mayBeOne(BurstRecord $one, BurstRecord $other): bool
    {
        return $one->rush_id === $other->rush_id && $one->subject === null && $other->subject === null;
    }
}
