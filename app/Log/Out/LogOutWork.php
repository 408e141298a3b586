<?php

declare(strict_types=1);

namespace App\Log\Out;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Models\FileRecord;
use App\Models\User;
use App\Runs\RunFolder;
use App\Runs\Work;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The log for other programs as a run writes it: some frames at a time into a folder, then all of it into one zip. */
final class LogOutWork implements Work
{
    /** Frames of one step. */
    private const FRAMES = 400;

    /** What stands in the folder. */
    private const PARTS = ['frames.csv', 'log.json', 'beside.jsonl'];

    private const BEGINS = '{"format":"log/1","bursts":[';

    /** Id of the last burst that has been written whole. */
    private string $after;

    /** Id of the one that is being written, where some of it has been; and how many frames of it. */
    private string $under;

    private int $from;

    private int $done;

    private bool $areAllWritten;

    private bool $isPacked = false;

    /** @var array<int, int<0, max>> how long each of the parts is, in bytes */
    private array $written;

    private ?FileRecord $made = null;

    private readonly RunFolder $folder;

    /** @var array<string, string> value of each dimension that is to be so */
    private readonly array $where;

    /** @param  array<string, mixed>  $state  what was chosen, and where it was put down */
    public function __construct(
        private readonly User $user,
        string $run,
        private readonly LogOut $out,
        private readonly Files $store,
        private readonly array $state,
    ) {
        $this->folder = new RunFolder($run);
        $known = $this->folder->isThere() ? $state : [];
        $this->where = array_map(strval(...), (array) ($state['where'] ?? []));
        $this->after = (string) ($known['after'] ?? '');
        $this->under = (string) ($known['under'] ?? '');
        $this->from = (int) ($known['from'] ?? 0);
        $this->done = (int) ($known['done'] ?? 0);
        $this->areAllWritten = (bool) ($known['are_all_written'] ?? false);
        $written = array_values((array) ($known['written'] ?? [0, 0, 0]));
        $this->written = array_map(static fn (mixed $bytes): int => max(0, (int) $bytes), $written);
    }

    public function step(): void
    {
        if ($this->areAllWritten) {
            $this->pack();

            return;
        }
        $texts = $this->written[0] === 0 ? [LogOut::tableBegins(), self::BEGINS, ''] : ['', '', ''];
        for ($left = self::FRAMES; $left > 0;) {
            $burst = $this->out->next($this->user, $this->where, $this->after);
            if ($this->from > 0 && $burst?->id !== $this->under) {
                // it has been deleted while it was written: what there was of it stands
                $texts[1] .= ']}';
                $this->from = 0;
            }
            if ($burst === null) {
                $this->areAllWritten = true;
                $texts[1] .= ']}';
                break;
            }
            [$count, $table, $whole, $beside] = $this->out->part($this->user, $burst, $this->from, $left);
            $isFirst = strlen(self::BEGINS) === $this->written[1] + strlen($texts[1]);
            $comma = $this->from > 0 || $isFirst ? '' : ",\n";
            $texts = [$texts[0].$table, $texts[1].$comma.$whole, $texts[2].$beside];
            $isWhole = $count < $left;
            [$this->after, $this->under] = $isWhole ? [$burst->id, ''] : [$this->after, $burst->id];
            $this->from = $isWhole ? 0 : $this->from + $count;
            $this->done += $count;
            $left -= max(1, $count);
        }
        foreach (self::PARTS as $number => $name) {
            $file = $this->folder->inside().'/'.$name;
            $this->written[$number] = RunFolder::append($file, $this->written[$number] ?? 0, $texts[$number]);
        }
    }

    private function pack(): void
    {
        $zip = $this->folder->inside().'/log.zip';
        LogOut::zip($this->folder->path, $zip);
        $name = 'rush-hold-log-'.Carbon::now()->format('Y-m-d').'.zip';
        $this->made = $this->store->made($this->user, FilePurpose::LogOut, $name, 'application/zip', $zip);
        $this->isPacked = true;
    }

    public function isFinished(): bool
    {
        return $this->isPacked;
    }

    public function isFull(): bool
    {
        return $this->isPacked;
    }

    public function done(): int
    {
        return $this->done;
    }

    public function whole(): int
    {
        return max((int) ($this->state['whole'] ?? 0), $this->done);
    }

    public function keep(): void
    {
        $this->made?->save();
        if ($this->isPacked) {
            DB::afterCommit($this->folder->forget(...));
        }
    }

    public function state(): array
    {
        return [
            'where' => $this->where,
            'whole' => $this->whole(),
            'after' => $this->after,
            'under' => $this->under,
            'from' => $this->from,
            'done' => $this->done,
            'are_all_written' => $this->areAllWritten,
            'written' => $this->written,
        ];
    }

    public function reading(): array
    {
        return [];
    }
}
