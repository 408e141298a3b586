<?php

declare(strict_types=1);

namespace App\Log\Table;

use App\Files\Files;
use App\Limits\Quota;
use App\Log\Intake\TakenIn;
use App\Models\FileRecord;
use App\Models\User;
use App\Problems\ProblemException;
use App\Runs\Work;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Tables\FrameRow;

/** The frames of a table taken into the log, as a run goes through them. */
final class TableWork implements Work
{
    /** Frames looked up at once, and kept at once. */
    private const AT_ONCE = 50;

    private const KEPT = 120;

    private readonly TakenIn $taken;

    private readonly int $whole;

    /** @var ?array{label: string, id: string} burst of the rows before, and what it is called there */
    private ?array $last;

    private bool $isAtEnd = false;

    private readonly Rows $rows;

    /** @var list<array{FrameRow, ?string}> what has been read since the last time it was kept, and the burst each is to be in where the table says */
    private array $found = [];

    /** @param  array<string, mixed>  $state  what was chosen, and where it was put down */
    public function __construct(
        private readonly User $user,
        private readonly string $run,
        private readonly FileRecord $file,
        private readonly Files $files,
        private readonly TableText $text,
        private readonly TableKeeper $keeper,
        private readonly Quota $quota,
        private readonly array $state,
    ) {
        $this->taken = TakenIn::kept($state);
        $this->whole = (int) ($state['whole'] ?? 0);
        /** @var ?array{label: string, id: string} $last */
        $last = $state['last'] ?? null;
        $this->last = $last;
        /** @var array{at: int, line: int} $place */
        $place = $state['place'] ?? ['at' => 0, 'line' => 0];
        $this->rows = $text->rows(TableLook::match($text, $state), $place);
    }

    public function step(): void
    {
        $rows = [];
        // good or not: what cannot be read takes its time as well
        for ($read = 0; $read < self::AT_ONCE && count($rows) < self::AT_ONCE && ! $this->isAtEnd; $read++) {
            try {
                $next = $this->rows->next();
                $this->isAtEnd = $next === null;
                array_push($rows, ...($next ?? []));
            } catch (Fault|FaultyDocument $fault) {
                $this->taken->refuse($this->rows->called(), TableText::why($fault));
            }
        }
        $new = $this->unknown($rows);
        try {
            $this->quota->forFrames($this->user, count($this->found) + count($new), 0);
        } catch (ProblemException $full) {
            $this->taken->refuse('all that follow', $full->problem->detail);
            $this->isAtEnd = true;

            return;
        }
        foreach ($new as $row) {
            $this->found[] = [$row, $this->burst($row)];
            $this->taken->read++;
        }
    }

    public function isFull(): bool
    {
        return count($this->found) >= self::KEPT;
    }

    /**
     * @param  list<FrameRow>  $rows
     * @return array<string, FrameRow> those that are not in the log yet, each once
     */
    private function unknown(array $rows): array
    {
        $new = [];
        foreach ($rows as $row) {
            $new[$row->key()] = $row;
        }
        $held = array_map(static fn (array $one): string => $one[0]->key(), $this->found);
        $there = $this->user->frames()->whereIn('hash', array_map(strval(...), array_keys($new)))->pluck('hash')->all();
        $new = array_diff_key($new, array_flip([...$held, ...$there]));
        // a photograph that is here already and of which the table does not say the content
        $seen = array_flip($this->keeper->seen($this->user, array_values($new)));
        $new = array_filter($new, static fn (FrameRow $row): bool => ! isset($seen[$row->key()]));
        $this->taken->known += count($rows) - count($new);

        return $new;
    }

    /** The burst it is to be in: that of the row before where the table calls it the same, else one that is to be made. */
    private function burst(FrameRow $row): ?string
    {
        if ($row->burst === null) {
            $this->last = null;
        } elseif ($this->last === null || $this->last['label'] !== $row->burst) {
            $this->last = ['label' => $row->burst, 'id' => strtolower((string) Str::ulid())];
        }

        return $this->last['id'] ?? null;
    }

    public function isFinished(): bool
    {
        return $this->isAtEnd;
    }

    public function done(): int
    {
        return $this->taken->count();
    }

    public function whole(): int
    {
        return max($this->whole, $this->done());
    }

    public function keep(): void
    {
        $this->user->inTurn();
        if ($this->found !== []) {
            $this->keeper->keep($this->user, $this->run, $this->found);
            $this->found = [];
        }
        if ($this->isAtEnd) {
            // bytes cannot be had back where the rest of this is not kept
            DB::afterCommit(fn () => $this->files->delete($this->file));
        }
    }

    public function state(): array
    {
        return [
            'last' => $this->last,
            'place' => $this->rows->place(),
        ] + $this->taken->toArray() + $this->state;
    }

    public function reading(): array
    {
        return [
            'name' => $this->state['name'] ?? '',
            'is_back' => false,
        ] + $this->taken->toArray();
    }
}
