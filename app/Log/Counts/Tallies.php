<?php

declare(strict_types=1);

namespace App\Log\Counts;

use App\Log\Bursts\BurstSums;
use App\Log\Bursts\OutingsOfBursts;
use App\Models\BurstRecord;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use RushHold\Counts\BurstFacts;
use RushHold\Counts\Cell;
use RushHold\Counts\Dimension;
use RushHold\Sharpness\FrameVerdict;

/**
 * What all bursts of an account add up to, kept as they change: what each is counted as stands beside it, and whenever that changes the
 * difference goes into every count it is in. Within a transaction, the account in turn.
 *
 * @phpstan-type Counts list<array{int, string, string, Cell}>
 * @phpstan-type Sums array<string, array{int, string, string, Cell}>
 */
final readonly class Tallies
{
    /** Kind of the counts of frames by rush and what they are lost to. */
    public const LOSSES = 20_000;

    /** Kind of the counts by rush and the promise it was shot under. */
    public const PROMISES = 20_001;

    /** Kind of the counts of frames by the person's verdict and the machine's. */
    public const EYES = 20_002;

    /** Rows written in one go. */
    private const ROWS = 400;

    private const SUMS = ['bursts', 'frames', 'keepers', 'squares', 'parts'];

    public function __construct(private OutingsOfBursts $outings) {}

    /**
     * Counts bursts of one account as they are now, in place of how they were counted before.
     *
     * @param  array<string, BurstRecord>  $bursts  by id, with their promises
     * @param  array<string, BurstSums>  $all  what their frames add up to
     */
    public function countAll(array $bursts, array $all): void
    {
        $before = DB::table('counted')->whereIn('burst_id', array_keys($bursts))->get()->keyBy('burst_id');
        $outings = $this->outings->ofAll($bursts);
        [$rows, $changes, $promises, $bytes] = [[], [], [], 0];
        foreach ($bursts as $id => $burst) {
            $sums = $all[$id];
            $facts = BurstFacts::of(
                $burst->rush_id,
                $outings[$id],
                $burst->body,
                $burst->lens,
                $burst->clock,
                $sums->middle,
                $promises[(string) $burst->promise_id] ??= $burst->promise?->value(),
            );
            $now = self::row($burst, $facts, $sums->verdicts, $sums->bytes[$burst->user_id] ?? 0);
            $was = $before->get($id);
            if ($was !== null && self::text($now) === self::text(get_object_vars($was))) {
                continue;
            }
            $rows[] = $now;
            $bytes += (int) $now['bytes'] - (int) ($was->bytes ?? 0);
            if ($was !== null) {
                self::sum($changes, self::countsOf($was), -1);
            }
            self::sum($changes, self::countsOf((object) $now), 1);
        }
        foreach (array_chunk($rows, self::ROWS) as $some) {
            DB::table('counted')->upsert($some, ['burst_id']);
        }
        $account = array_values($bursts)[0]->user_id ?? null;
        if ($account !== null) {
            $this->add($account, $changes);
            self::lengthen($account, $bytes);
        }
    }

    /** Notes that the pictures of an account have become longer by so much, in bytes. */
    private static function lengthen(int $account, int $bytes): void
    {
        if ($bytes !== 0) {
            DB::table('users')->where('id', $account)->increment('picture_bytes', $bytes);
        }
    }

    /**
     * @param  array<string, int>  $verdicts  frames by the person's verdict and the machine's, as eye/verdict
     * @return array<string, int|string> what a burst is counted as
     */
    public static function row(BurstRecord $burst, BurstFacts $facts, array $verdicts, int $bytes): array
    {
        return [
            'burst_id' => $burst->id,
            'user_id' => $burst->user_id,
            'began_at' => $burst->began_at->format('Y-m-d H:i:s.v'),
        ] + array_map(static fn (string $value): string => mb_substr($value, 0, 120), $facts->values) + [
            'frames' => $burst->frames,
            'keepers' => $burst->keepers,
            'promise_id' => (string) $burst->promise_id,
            'verdicts' => (string) json_encode((object) $verdicts),
            'bytes' => $bytes,
        ];
    }

    /**
     * A row as it is compared: byte by byte, so that a body called 1e3 is not one called 1000.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, string>
     */
    private static function text(array $row): array
    {
        ksort($row);

        return array_map(static fn (mixed $value): string => is_scalar($value) ? (string) $value : '', $row);
    }

    /** Takes a burst out of all counts, before it goes. */
    public function forget(BurstRecord $burst): void
    {
        $before = DB::table('counted')->where('burst_id', $burst->id)->first();
        if ($before !== null) {
            DB::table('counted')->where('burst_id', $burst->id)->delete();
            $changes = [];
            self::sum($changes, self::countsOf($before), -1);
            $this->add($burst->user_id, $changes);
            self::lengthen($burst->user_id, -(int) $before->bytes);
        }
    }

    /** Adds all bursts of an account up from scratch: the same as was kept, or it was wrong. */
    public function again(User $user): void
    {
        DB::table('tallies')->where('user_id', $user->id)->delete();
        $sums = [];
        DB::table('counted')
            ->where('user_id', $user->id)
            ->orderBy('burst_id')
            ->each(function (\stdClass $row) use (&$sums): void {
                self::sum($sums, self::countsOf($row), 1);
            }, 2000);
        $this->add($user->id, $sums);
        $bytes = DB::table('counted')->where('user_id', $user->id)->sum('bytes');
        DB::table('users')->where('id', $user->id)->update(['picture_bytes' => $bytes]);
    }

    /** How long the pictures of an account are, in bytes. */
    public static function pictureBytes(User $user): int
    {
        return (int) DB::table('users')->where('id', $user->id)->value('picture_bytes');
    }

    /** @return array<string, string> every count there is, by what it is one of */
    public function all(User $user): array
    {
        $all = array_filter(['picture_bytes' => (string) self::pictureBytes($user)]);
        foreach (DB::table('tallies')->where('user_id', $user->id)->where('bursts', '!=', 0)->cursor() as $row) {
            $all["{$row->kind} {$row->one} {$row->other}"] = implode(' ', self::cell($row)->toArray());
        }

        return $all;
    }

    /** @return Builder counts of one kind, without those that nothing is left of */
    public static function of(User $user, int $kind): Builder
    {
        return DB::table('tallies')->where('user_id', $user->id)->where('kind', $kind)->where('frames', '>', 0);
    }

    public static function cell(\stdClass $row): Cell
    {
        return new Cell(
            (int) $row->bursts,
            (int) $row->frames,
            (int) $row->keepers,
            (int) $row->squares,
            (int) $row->parts,
        );
    }

    /**
     * Adds what a burst is counted in to sums, or takes it off.
     *
     * @param  Sums  $sums  by what they are counts of
     * @param  Counts  $counts
     * @param  int  $sign  1 or -1
     */
    public static function sum(array &$sums, array $counts, int $sign): void
    {
        foreach ($counts as [$kind, $one, $other, $cell]) {
            $key = "{$kind}\n{$one}\n{$other}";
            $there = $sums[$key][3] ?? new Cell();
            $sums[$key] = [$kind, $one, $other, $sign > 0 ? $there->plus($cell) : $there->minus($cell)];
        }
    }

    /**
     * Adds sums to what is kept.
     *
     * @param  Sums  $sums
     */
    public function add(int $account, array $sums): void
    {
        ksort($sums);
        $rows = [];
        foreach ($sums as [$kind, $one, $other, $cell]) {
            if (array_filter($cell->toArray(), static fn (int $sum): bool => $sum !== 0) !== []) {
                $rows[] = ['user_id' => $account, 'kind' => $kind, 'one' => $one, 'other' => $other] + $cell->toArray();
            }
        }
        $added = array_combine(
            self::SUMS,
            array_map(static fn (string $sum) => DB::raw("{$sum} + VALUES({$sum})"), self::SUMS),
        );
        foreach (array_chunk($rows, self::ROWS) as $some) {
            DB::table('tallies')->upsert($some, ['user_id', 'kind', 'one', 'other'], $added);
        }
    }

    /**
     * @param  \stdClass  $row  of counted
     * @return Counts all that it is counted in
     */
    public static function countsOf(\stdClass $row): array
    {
        $values = array_intersect_key(
            array_map(strval(...), array_filter(get_object_vars($row), is_scalar(...))),
            array_flip(array_column(Dimension::cases(), 'value')),
        );
        $cell = Cell::ofBurst((int) $row->frames, (int) $row->keepers);
        $counts = array_map(
            static fn (array $of): array => [...$of, $cell],
            BurstFacts::kept($values)->cells(),
        );
        if ((string) $row->promise_id !== '') {
            $counts[] = [self::PROMISES, $values[Dimension::Rush->value], (string) $row->promise_id, $cell];
        }
        foreach (self::verdicts((string) $row->verdicts) as [$eye, $verdict, $frames]) {
            $cause = FrameVerdict::from($eye === '' ? $verdict : $eye)->cause();
            if ($cause !== null) {
                $counts[] = [self::LOSSES, $values[Dimension::Rush->value], $cause, new Cell(1, $frames)];
            }
            if ($eye !== '') {
                $counts[] = [self::EYES, $eye, $verdict, new Cell(1, $frames)];
            }
        }

        return $counts;
    }

    /**
     * @param  string  $verdicts  of the frames of a burst, as counted has them
     * @return array<string, int> frames by what they are lost to
     */
    public static function losses(string $verdicts): array
    {
        $losses = [];
        foreach (self::verdicts($verdicts) as [$eye, $verdict, $frames]) {
            $cause = FrameVerdict::from($eye === '' ? $verdict : $eye)->cause();
            if ($cause !== null) {
                $losses[$cause] = ($losses[$cause] ?? 0) + $frames;
            }
        }

        return $losses;
    }

    /** @return list<array{string, string, int}> the person's verdict, or nothing, the machine's, and of how many frames */
    private static function verdicts(string $verdicts): array
    {
        $all = [];
        foreach ((array) json_decode($verdicts, true) as $pair => $frames) {
            [$eye, $verdict] = explode('/', (string) $pair) + ['', ''];
            $all[] = [$eye, $verdict, is_int($frames) ? $frames : 0];
        }

        return $all;
    }
}
