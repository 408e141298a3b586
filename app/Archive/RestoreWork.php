<?php

declare(strict_types=1);

namespace App\Archive;

use App\Files\Files;
use App\Limits\Quota;
use App\Log\Bursts\BurstKeeper;
use App\Log\Frames\FramePictures;
use App\Log\Yours\Learning;
use App\Models\BurstRecord;
use App\Models\FileRecord;
use App\Models\FrameRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Problems\ProblemException;
use App\Runs\Work;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\FaultyDocument;

/**
 * An archive put into an empty account, a portion at a time. Nobody else sees any of it until the last: the account is being filled
 * meanwhile ({@see User::$filled_by}), and is as it was before where this ends otherwise ({@see EmptyWork}).
 */
final class RestoreWork implements Work
{
    /** Rows read at once, and the most that are held. */
    private const ROWS = 250;

    private const HELD = 500;

    /** Files of the archive looked through at once, and the most pictures that are held. */
    private const FILES = 20;

    private const PICTURES = 100;

    /** Bursts counted at once. */
    private const BURSTS = 60;

    private readonly RowMaker $maker;

    /** @var list<array<string, mixed>> rows that have been read, and are not written yet */
    private array $rows = [];

    /** Of which table they are. */
    private string $of = '';

    /** Whether what is held has to be in the store before anything else is asked for. */
    private bool $isPhaseOver = false;

    /** @var array<string, int> bytes of pictures that have come since the last time it was kept, by frame */
    private array $bytes = [];

    /** @var list<string> bursts that are to be counted */
    private array $bursts = [];

    /**
     * @param  list<FileRecord>  $sent  the files it was sent as, which go when it is done
     */
    public function __construct(
        private readonly User $user,
        private readonly array $sent,
        private readonly ArchiveFiles $archive,
        private readonly Owned $owned,
        private readonly Quota $quota,
        private readonly Files $files,
        private readonly FramePictures $pictures,
        private readonly BurstKeeper $keeper,
        private readonly Learning $learning,
        private readonly AccountWords $words,
        private readonly RestoreState $state,
    ) {
        $this->maker = new RowMaker($owned, $user->id, $state->secret);
    }

    public function step(): void
    {
        try {
            match ($this->state->phase) {
                RestorePhase::Unpack => $this->unpack(),
                RestorePhase::Rows => $this->read(),
                RestorePhase::Pictures => $this->see(),
                RestorePhase::Count => $this->count(),
                RestorePhase::Learn => $this->learn(),
                RestorePhase::Done => null,
            };
        } catch (ProblemException|FaultyDocument $no) {
            throw RefusedArchive::because($no instanceof ProblemException ? $no->problem->detail : $no->getMessage());
        }
    }

    private function unpack(): void
    {
        $this->state->whole += $this->archive->unpack($this->table());
        if ($this->state->whole > $this->state->most) {
            throw ArchiveFiles::tooMuch($this->state->most);
        }
        if ($this->nextTable(RestorePhase::Rows)) {
            $this->state->whole += $this->archive->count();
        }
    }

    private function read(): void
    {
        $table = $this->owned->table($this->table());
        $this->of = $table->name();
        [$at, $byte] = [$this->state->at, $this->state->byte];
        [$rows, $at, $byte, $isAtEnd] = $this->archive->rows($this->of, $at, $byte, self::ROWS);
        foreach ($this->maker->rows($table, $rows) as $number => $row) {
            $this->rows[] = $this->of === 'frames' ? $this->withoutLostPiece($row, (string) $rows[$number][1]['id']) : $row;
        }
        $this->state->done += $at - $this->state->at;
        [$this->state->at, $this->state->byte] = [$at, $byte];
        $this->state->counts[$this->of] = ($this->state->counts[$this->of] ?? 0) + count($rows);
        if ($isAtEnd) {
            $this->nextTable(RestorePhase::Pictures);
            // what the next table names is in the store before it is asked for
            $this->isPhaseOver = true;
        }
    }

    /**
     * A piece that did not come along has been let go.
     *
     * @param  array<string, mixed>  $frame
     * @return array<string, mixed>
     */
    private function withoutLostPiece(array $frame, string $old): array
    {
        $hasPiece = $frame['crop'] !== null && $this->archive->has("pictures/{$old}-".FramePictures::PIECE.'.jpg');

        return ['crop' => $hasPiece ? $frame['crop'] : null] + $frame;
    }

    private function see(): void
    {
        $until = min($this->archive->count(), $this->state->file + self::FILES);
        $found = [];
        for (; $this->state->file < $until; $this->state->file++) {
            $picture = $this->archive->picture($this->state->file);
            if ($picture !== null) {
                $found[$this->state->file] = [$this->maker->id($picture[0]), $picture[1]];
            }
            $this->state->done++;
        }
        $frames = $found === []
            ? new Collection()
            : $this->user->frames()->whereKey(array_column($found, 0))->get()->keyBy('id');
        foreach ($found as $file => [$id, $which]) {
            $frame = $frames->get($id);
            if ($frame instanceof FrameRecord) {
                $jpeg = $this->archive->jpeg($file);
                $this->pictures->put($frame, $which, $jpeg);
                $this->bytes[$id] = ($this->bytes[$id] ?? 0) + strlen($jpeg);
                $this->state->bytes += strlen($jpeg);
                $this->state->pictures++;
            }
        }
        $this->quota->forFrames($this->user, 0, $this->state->bytes);
        if ($this->state->file === $this->archive->count()) {
            $this->state->phase = RestorePhase::Count;
            $this->isPhaseOver = true;
            $this->state->whole += $this->user->bursts()->count();
        }
    }

    private function count(): void
    {
        $ids = $this->user
            ->bursts()
            ->where('id', '>', $this->state->burst)
            ->orderBy('id')
            ->limit(self::BURSTS)
            ->pluck('id')
            ->all();
        array_push($this->bursts, ...array_map(strval(...), $ids));
        $this->state->done += count($ids);
        $this->state->burst = $ids === [] ? $this->state->burst : (string) end($ids);
        if (count($ids) < self::BURSTS) {
            $this->state->phase = RestorePhase::Learn;
            $this->isPhaseOver = true;
        }
    }

    /** What the frames tell is told before the account is open again. */
    private function learn(): void
    {
        $settled = clone $this->user;
        $settled->forceFill(AccountWords::check($this->archive->account()))->syncOriginal();
        $this->learning->wake($settled);
        $this->state->phase = RestorePhase::Done;
    }

    public function isFinished(): bool
    {
        return $this->state->phase === RestorePhase::Done;
    }

    public function isFull(): bool
    {
        return count($this->rows) >= self::HELD ||
            count($this->bytes) >= self::PICTURES ||
            $this->bursts !== [] ||
            $this->isPhaseOver;
    }

    public function done(): int
    {
        return $this->state->done;
    }

    public function whole(): int
    {
        return max($this->state->whole, $this->state->done);
    }

    public function keep(): void
    {
        $this->write();
        foreach ($this->bytes as $frame => $bytes) {
            DB::table('frames')->where('id', $frame)->increment('picture_bytes', $bytes);
        }
        // counting what is there already changes none of it
        BurstRecord::withoutTimestamps(fn () => $this->keeper->recountAll($this->bursts));
        [$this->rows, $this->bytes, $this->bursts, $this->isPhaseOver] = [[], [], [], false];
        if ($this->isFinished()) {
            $this->open();
        }
    }

    private function write(): void
    {
        if ($this->rows === []) {
            return;
        }
        try {
            DB::table($this->of)->insert($this->rows);
        } catch (UniqueConstraintViolationException) {
            throw RefusedArchive::because("{$this->of}.jsonl has two rows of which there can be only one.");
        }
        $this->refuseTooMany($this->of);
    }

    private function refuseTooMany(string $table): void
    {
        foreach ($this->quota->ofTable($this->user, $table) as $name => $limit) {
            // what frames add up to is told at the end
            $used = $name === 'frames' ? $this->state->counts['frames'] : $limit['used'];
            if ($used > $limit['most']) {
                throw RefusedArchive::because(sprintf(
                    'It has %s %s, and an account keeps %s.',
                    number_format($used),
                    $limit['words'],
                    number_format($limit['most']),
                ));
            }
        }
    }

    /** The one short moment in which everything is there. */
    private function open(): void
    {
        // nobody plans without a body and a lens
        if (($this->state->counts['kits'] ?? 0) > 0) {
            foreach (['kits', 'gear'] as $table) {
                DB::table($table)->whereIn('id', $this->state->starter[$table] ?? [])->delete();
            }
        }
        $this->words->settle($this->user, $this->archive->account(), $this->maker->id(...));
        $this->user->forceFill(['filled_by' => null])->save();
        DB::afterCommit(function (): void {
            array_map($this->files->delete(...), $this->sent);
            $this->archive->forget();
        });
    }

    private function table(): string
    {
        return array_keys($this->owned->archived())[$this->state->table];
    }

    /** @return bool whether that was the last, and the next phase begins */
    private function nextTable(RestorePhase $then): bool
    {
        $this->state->table++;
        [$this->state->at, $this->state->byte] = [0, 0];
        $wasLast = $this->state->table === count($this->owned->archived());
        if ($wasLast) {
            [$this->state->table, $this->state->phase] = [0, $then];
        }

        return $wasLast;
    }

    public function state(): array
    {
        return $this->state->toArray();
    }

    public function reading(): array
    {
        return ['phase' => $this->state->phase->value, 'counts' => (object) $this->state->counts, 'pictures' => $this->state->pictures];
    }
}
