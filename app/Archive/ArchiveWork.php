<?php

declare(strict_types=1);

namespace App\Archive;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Models\FileRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Runs\RunFolder;
use App\Runs\Work;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Everything of an account written into a file to be fetched, or several where its pictures are too long for one. What has been read
 * stands in a folder of this machine until it is packed; another machine begins again.
 */
final class ArchiveWork implements Work
{
    /** Longest file, in bytes. */
    public const LARGEST = 130_000_000;

    /** Pictures that go into one file: so many that the rest has room beside them. */
    private const PICTURES = 90_000_000;

    private int $table;

    /** Where the rows or frames read last end; null where there are no more. */
    private ?string $after;

    /** @var int<0, max> how long the table being written is, in bytes */
    private int $written;

    /** How long the pictures are that are not packed yet, in bytes. */
    private int $unpacked;

    private int $done;

    /** @var list<string> ids of the files that are made */
    private array $files;

    /** @var list<string> ids of files that another machine has made of what is written anew here */
    private array $stale;

    private ?FileRecord $made = null;

    private bool $hasWritten = false;

    private readonly RunFolder $folder;

    /** @param  array<string, mixed>  $state  where it was put down */
    public function __construct(
        private readonly User $user,
        string $run,
        private readonly Owned $owned,
        private readonly ArchiveWriter $writer,
        private readonly Files $store,
        private readonly int $whole,
        array $state,
        private readonly int $pictures = self::PICTURES,
    ) {
        $this->folder = new RunFolder($run);
        $known = $this->folder->isThere() ? $state : [];
        $this->stale = $known === [] ? array_values((array) ($state['files'] ?? [])) : [];
        $this->table = (int) ($known['table'] ?? 0);
        $this->after = array_key_exists('after', $known) ? $known['after'] : '';
        $this->written = max(0, (int) ($known['written'] ?? 0));
        $this->unpacked = (int) ($known['unpacked'] ?? 0);
        $this->done = (int) ($known['done'] ?? 0);
        $this->files = array_values((array) ($known['files'] ?? []));
    }

    public function step(): void
    {
        match (true) {
            $this->table < count($this->owned->archived()) => $this->rows(),
            $this->after !== null && $this->unpacked < $this->pictures => $this->see(),
            default => $this->pack(),
        };
    }

    private function rows(): void
    {
        $table = array_values($this->owned->archived())[$this->table];
        [$text, $count, $after] = $this->writer->rows($this->user, $table, (string) $this->after);
        $this->written = RunFolder::append("{$this->part()}/{$table->name()}.jsonl", $this->written, $text);
        $this->after = $after;
        $this->done += $count;
        if ($after === null) {
            [$this->table, $this->after, $this->written] = [$this->table + 1, '', 0];
        }
    }

    private function see(): void
    {
        [$frames, $bytes, $this->after] = $this->writer->pictures($this->user, $this->part(), (string) $this->after);
        $this->done += $frames;
        $this->unpacked += $bytes;
    }

    private function pack(): void
    {
        $number = count($this->files) + 1;
        $zip = $this->part().'.zip';
        ArchiveWriter::zip($this->user, $this->part(), $zip);
        $name = 'rush-hold-'.Carbon::now()->format('Y-m-d').($number === 1 ? '' : '-'.$number).'.zip';
        $this->made = $this->store->made($this->user, FilePurpose::Out, $name, 'application/zip', $zip);
        unlink($zip);
        $this->files[] = $this->made->id;
        $this->unpacked = 0;
        $this->hasWritten = true;
    }

    public function isFinished(): bool
    {
        return $this->files !== [] && $this->after === null && $this->unpacked === 0;
    }

    public function isFull(): bool
    {
        return $this->hasWritten;
    }

    public function done(): int
    {
        return $this->done;
    }

    public function whole(): int
    {
        return max($this->whole, $this->done);
    }

    public function keep(): void
    {
        $this->made?->save();
        foreach ($this->user->files()->whereKey($this->stale)->get() as $file) {
            DB::afterCommit(fn () => $this->store->delete($file));
        }
        [$this->made, $this->hasWritten, $this->stale] = [null, false, []];
        if ($this->isFinished()) {
            DB::afterCommit($this->folder->forget(...));
        }
    }

    /** Where what goes into the next file stands. */
    private function part(): string
    {
        return $this->folder->inside((string) (count($this->files) + 1));
    }

    public function state(): array
    {
        return [
            'table' => $this->table,
            'after' => $this->after,
            'written' => $this->written,
            'unpacked' => $this->unpacked,
            'done' => $this->done,
            'files' => $this->files,
            'whole' => $this->whole,
        ];
    }

    public function reading(): array
    {
        return ['files' => $this->files];
    }
}
