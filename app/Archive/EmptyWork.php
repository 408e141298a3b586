<?php

declare(strict_types=1);

namespace App\Archive;

use App\Log\Frames\FramePictures;
use App\Models\FrameRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Owned\OwnedTable;
use App\Runs\Work;
use Illuminate\Database\Eloquent\Collection;

/** Everything taken out of an account again that was put into it, a portion at a time; at the end it is open as it was before. */
final class EmptyWork implements Work
{
    /** Rows deleted in one go, and frames with their pictures. */
    private const ROWS = 500;

    private const FRAMES = 100;

    /** Tables from here on; each is emptied before those it names. */
    private int $table;

    private int $done;

    /** @var list<array{string, list<string>|null}> tables of which something is deleted, and the ids where not simply the next */
    private array $going = [];

    /** @param  array<string, mixed>  $state */
    public function __construct(
        private readonly User $user,
        private readonly Owned $owned,
        private readonly FramePictures $pictures,
        private readonly array $state,
    ) {
        $this->table = (int) ($state['table'] ?? 0);
        $this->done = (int) ($state['done'] ?? 0);
    }

    public function step(): void
    {
        $table = $this->tables()[$this->table];
        if ($table->name() === 'frames') {
            $this->frames();

            return;
        }
        $this->going[] = [$table->name(), null];
        $left = $this->rows($table)->count();
        $this->done += min($left, self::ROWS);
        if ($left <= self::ROWS) {
            $this->table++;
        }
    }

    /** Their pictures first: bytes that no row names would be found only by whoever looks through all of them. */
    private function frames(): void
    {
        /** @var Collection<int, FrameRecord> $frames */
        $frames = $this->user->frames()->limit(self::FRAMES)->get();
        $this->pictures->delete($frames);
        $this->going[] = ['frames', array_values(array_map(strval(...), $frames->modelKeys()))];
        $this->done += $frames->count();
        if ($frames->count() < self::FRAMES) {
            $this->table++;
        }
    }

    public function isFinished(): bool
    {
        return $this->table >= count($this->tables());
    }

    public function isFull(): bool
    {
        return $this->going !== [];
    }

    public function done(): int
    {
        return $this->done;
    }

    public function whole(): int
    {
        return $this->done + ($this->isFinished() ? 0 : 1);
    }

    public function keep(): void
    {
        foreach ($this->going as [$name, $ids]) {
            $rows = $this->rows($this->owned->table($name));
            $ids === null ? $rows->limit(self::ROWS)->delete() : $rows->whereIn('id', $ids)->delete();
        }
        $this->going = [];
        if ($this->isFinished()) {
            $this->user->forceFill(['learnt' => null, 'picture_bytes' => 0, 'filled_by' => null])->save();
        }
    }

    public function state(): array
    {
        return ['table' => $this->table, 'done' => $this->done] + $this->state;
    }

    public function reading(): array
    {
        return [];
    }

    /** @return list<OwnedTable> */
    private function tables(): array
    {
        // what comes with an archive, and what is reckoned of it; no file, no run, nobody who is signed in
        $isIn = static fn (OwnedTable $table): bool => $table->isArchived() || $table->isCopied();

        return array_values(array_filter(array_reverse($this->owned->all()), $isIn));
    }

    /** Those that go: what was there before stays. */
    private function rows(OwnedTable $table): \Illuminate\Database\Query\Builder
    {
        $rows = $table->rowsOf($this->user->id);
        $stays = $this->state['stays'][$table->name()] ?? [];

        return $stays === [] ? $rows : $rows->whereNotIn('id', $stays);
    }
}
