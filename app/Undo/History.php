<?php

declare(strict_types=1);

namespace App\Undo;

use App\Limits\Quota;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Keeps every state of a record for undo and redo; a write on top of an unseen one is refused. */
final readonly class History
{
    /** States kept of one record; older ones go. */
    private const KEPT = 300;

    public function __construct(private Quota $quota) {}

    /** Saves a new record, and keeps the state it begins in. */
    public function begin(Model&Undoable $record): void
    {
        $record->revision = 1;
        $record->position = 1;
        $record->write_id = '';
        $record->save();
        $this->keep($record, 1, 'start');
    }

    /**
     * Changes a record on top of the state the writer saw.
     *
     * @template T of Model&Undoable
     *
     * @param  T  $record
     * @param  \Closure(T): void  $change
     * @return T
     *
     * @throws ProblemException when somebody else has written since
     */
    public function edit(Model&Undoable $record, Write $write, \Closure $change): Model
    {
        return $this->locked($record, $write->revision, function (Model&Undoable $now) use ($write, $change): void {
            if ($now->position === 0) {
                // from before states were kept
                $now->position = 1;
                $this->keep($now, 1, 'start');
            }
            $current = $this->of($now)->where('seq', $now->position)->first();
            $next = $current !== null && $current->gesture === $write->gesture ? $now->position : $now->position + 1;
            $this->of($now)->where('seq', '>', $now->position)->delete();
            $change($now);
            $now->position = $next;
            $now->write_id = $write->id;
            $this->keep($now, $next, $write->gesture);
            if ($next > self::KEPT) {
                $this->of($now)
                    ->where('seq', '<=', $next - self::KEPT)
                    ->delete();
            }
        });
    }

    /**
     * Steps back (−1) or forward (+1) through the states; at the end nothing changes.
     *
     * @template T of Model&Undoable
     *
     * @param  T  $record
     * @return T
     */
    public function step(Model&Undoable $record, int $seenRevision, int $by): Model
    {
        return $this->locked($record, $seenRevision, function (Model&Undoable $now) use ($by): void {
            // older states are thinned, so the next one need not be next by number
            $version =
                $by < 0
                    ? $this->of($now)->where('seq', '<', $now->position)->orderByDesc('seq')->first()
                    : $this->of($now)->where('seq', '>', $now->position)->orderBy('seq')->first();
            if ($version !== null) {
                $now->takeState($version->state);
                $now->position = $version->seq;
                $now->write_id = '';
            }
        });
    }

    /** @return array{revision: int, write_id: string, can_undo: bool, can_redo: bool} what every record open on a page needs to know */
    public function undoState(Model&Undoable $record): array
    {
        return [
            'revision' => $record->revision,
            'write_id' => $record->write_id,
            'can_undo' => $record->position > 1 && $this->of($record)->where('seq', '<', $record->position)->exists(),
            'can_redo' => $record->position > 0 && $this->of($record)->where('seq', '>', $record->position)->exists(),
        ];
    }

    /**
     * @template T of Model&Undoable
     *
     * @param  T  $record
     * @param  \Closure(T): void  $change
     * @return T
     */
    private function locked(Model&Undoable $record, int $seenRevision, \Closure $change): Model
    {
        // two writers that lock crosswise are both carried out, one after the other
        return DB::transaction(function () use ($record, $seenRevision, $change): Model {
            /** @var T $now */
            $now = $record->newQuery()->whereKey($record->id)->lockForUpdate()->firstOrFail();
            if ($now->revision !== $seenRevision) {
                throw new ProblemException(
                    new Problem(
                        'changed-elsewhere',
                        409,
                        'This was changed elsewhere',
                        'Another tab or device saved it after you opened it. Keep yours, or take theirs.',
                        [],
                        ['revision' => $now->revision],
                    ),
                );
            }
            $change($now);
            $now->revision++;
            $now->save();

            return $now;
        });
    }

    /** @return Builder<Version> */
    private function of(Model&Undoable $record): Builder
    {
        return Version::query()->where('record_type', $record::kind())->where('record_id', $record->id);
    }

    private function keep(Model&Undoable $record, int $seq, string $gesture): void
    {
        $bytes = strlen((string) json_encode($record->state()));
        Version::query()->updateOrCreate(
            ['record_type' => $record::kind(), 'record_id' => $record->id, 'seq' => $seq],
            [
                'user_id' => $record->user_id,
                'gesture' => $gesture,
                'state' => $record->state(),
                'bytes' => $bytes,
                'at' => Carbon::now(),
            ],
        );
        $this->quota->keepHistory($record->user_id, $bytes);
    }
}
