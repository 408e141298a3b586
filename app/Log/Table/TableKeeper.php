<?php

declare(strict_types=1);

namespace App\Log\Table;

use App\Log\Bursts\BurstKeeper;
use App\Log\Bursts\FileNames;
use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use RushHold\Log\FrameFacts;
use RushHold\Tables\FrameRow;

/** Keeps frames that a table tells of: without pictures, with the verdicts it has, and the run that brought them. */
final class TableKeeper
{
    /** Frames taken back in one go. */
    private const BACK = 500;

    /** No two clocks of the world are further apart, in hours. */
    private const ZONES_H = 26;

    /** @var array<string, ?string> ids of rushes by their names */
    private array $rushes = [];

    public function __construct(private readonly BurstKeeper $bursts) {}

    /**
     * Within a transaction, the account in turn.
     *
     * @param  list<array{FrameRow, ?string}>  $found  none of them known; with the id of its burst where the table says which is one
     */
    public function keep(User $user, string $run, array $found): void
    {
        $fps = FileNames::fps($user);
        $bursts = [];
        foreach ($found as [$row, $id]) {
            $burst =
                $id === null
                    ? $this->bursts->place($user, $row->facts, $fps)
                    : $bursts[$id] ?? $this->named($user, $row, $id);
            if ($burst->rush_id === null && $row->rush !== null) {
                $burst->fill(['rush_id' => $this->rush($user, $row->rush)])->save();
            }
            $bursts[$burst->id] = $burst;
            $this->frame($user, $burst, $row, $run)->save();
        }
        $this->bursts->recountAll(array_map(strval(...), array_keys($bursts)));
    }

    /**
     * Those that are in the log as photographs of the same name and second.
     *
     * @param  list<FrameRow>  $rows
     * @return list<string> their keys
     */
    public function seen(User $user, array $rows): array
    {
        $rows = array_filter($rows, static fn (FrameRow $row): bool => $row->hash === null);
        $moments = array_filter(
            array_map(static fn (FrameRow $row): ?Carbon => BurstKeeper::moment($row->facts), $rows),
        );
        if ($moments === []) {
            return [];
        }
        $there = [];
        /** @var FrameRecord $frame */
        foreach (
            $user
                ->frames()
                ->whereIn('name', array_map(static fn (FrameRow $row): string => $row->name, $rows))
                // a table seldom says the zone of its clock
                ->whereBetween('taken_at', [
                    min($moments)->copy()->subHours(self::ZONES_H),
                    max($moments)->copy()->addHours(self::ZONES_H),
                ])
                ->get(['name', 'facts']) as $frame
        ) {
            $there[$frame->name.self::second($frame->facts())] = true;
        }
        $seen = array_filter(
            $rows,
            static fn (FrameRow $row): bool => isset($there[$row->name.self::second($row->facts)]),
        );

        return array_values(array_map(static fn (FrameRow $row): string => $row->key(), $seen));
    }

    /**
     * Takes frames of one taking away again.
     *
     * @return int how many are left
     */
    public function back(User $user, string $run): int
    {
        return DB::transaction(function () use ($user, $run): int {
            $user->inTurn();
            $all = $user->frames()->where('table_run', $run);
            $some = (clone $all)->limit(self::BACK)->pluck('burst_id', 'id');
            $user->frames()->whereKey($some->keys()->all())->delete();
            $this->bursts->recountAll(array_values(array_map(strval(...), $some->unique()->all())));

            return $all->count();
        });
    }

    private function named(User $user, FrameRow $row, string $id): BurstRecord
    {
        $at = BurstKeeper::moment($row->facts);
        $burst = $user->bursts()->find($id) ?? $this->bursts->begin($user, $row->facts, $at, $id);
        // what a table says of its bursts holds, whatever the times
        $burst->fill(['by_hand' => true])->save();

        return $burst;
    }

    /** What the camera's clock showed, to the second. */
    private static function second(FrameFacts $facts): string
    {
        return substr((string) $facts->takenAt, 0, 19);
    }

    /** The rush of this name; null where there is none, or more than one. */
    private function rush(User $user, string $name): ?string
    {
        if (! array_key_exists($name, $this->rushes)) {
            $found = $user->rushes()->where('name', $name)->limit(2)->pluck('id');
            $this->rushes[$name] = $found->count() === 1 ? (string) $found->first() : null;
        }

        return $this->rushes[$name];
    }

    private function frame(User $user, BurstRecord $burst, FrameRow $row, string $run): FrameRecord
    {
        return $user->frames()->make([
            'burst_id' => $burst->id,
            'hash' => $row->key(),
            'name' => $row->name,
            'taken_at' => BurstKeeper::moment($row->facts),
            'width' => FrameRecord::UNSEEN[0],
            'height' => FrameRecord::UNSEEN[1],
            'facts' => (object) $row->facts->toArray(),
            'measured' => FrameRecord::unmeasured(),
            'found_by' => FrameRecord::TABLE,
            'total_px' => $row->blurPx,
            'limit_px' => $row->limitPx ?? 0.0,
            'floor_px' => 0.0,
            'verdict' => $row->verdict,
            'confidence' => $row->confidence,
            'eye' => $row->eye,
            'held_by' => $user->id,
            'picture' => bin2hex(random_bytes(16)),
            'table_run' => $run,
            'picture_bytes' => 0,
            'crop' => null,
        ]);
    }
}
