<?php

declare(strict_types=1);

namespace App\Log\Counts;

use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use RushHold\Counts\BurstFacts;
use RushHold\Counts\Cell;
use RushHold\Counts\Dimension;

/**
 * Reads what bursts add up to: by one thing or two, and of what else is so. What has been added up already is read from there; what is asked
 * for by three things or more is added up now, from what each burst has been counted as.
 */
final readonly class Counting
{
    /** @param  array<string, string>  $where  value of each dimension that is to be so */
    private function __construct(private User $user, private array $where) {}

    /** @param  array<string, string>  $where  value of each dimension that is to be so */
    public static function of(User $user, array $where = []): self
    {
        return new self($user, $where);
    }

    /** @return array<string, string> what a burst is counted as; nothing where it has not been */
    public static function facts(string $burst): array
    {
        $row = DB::table('counted')->where('burst_id', $burst)->first();

        return $row === null ? [] : array_map(strval(...), get_object_vars($row));
    }

    /** All bursts that are so. */
    public function whole(): Cell
    {
        $where = $this->where;
        if (count($where) > 1) {
            $row = $this->counted()->selectRaw(self::sums())->first();

            return $row === null ? new Cell() : Tallies::cell($row);
        }
        $rows = $where === []
            ? Tallies::of($this->user, BurstFacts::ALL)
            : Tallies::of($this->user, Dimension::from((string) key($where))->kind())->where('one', current($where));
        $row = $rows->first();

        return $row === null ? new Cell() : Tallies::cell($row);
    }

    /** @return array<string, Cell> by the values of a dimension */
    public function by(Dimension $by): array
    {
        $cells = [];
        foreach ($this->rows($by, null) as $row) {
            $cells[(string) $row->one] = Tallies::cell($row);
        }

        return $cells;
    }

    /** @return list<array{string, string, Cell}> by the values of two dimensions, or of one and nothing */
    public function crossed(Dimension $by, ?Dimension $and): array
    {
        return array_map(
            static fn (\stdClass $row): array => [
                (string) $row->one,
                $and === null ? '' : (string) $row->other,
                Tallies::cell($row),
            ],
            $this->rows($by, $and),
        );
    }

    /** @return array<string, array<string, int>> frames by rush and by what they are lost to */
    public function losses(): array
    {
        if ($this->where === []) {
            return $this->ofKind(Tallies::LOSSES);
        }
        $losses = [];
        // of what is asked for otherwise, what was said of the frames of each burst is looked at
        foreach ($this->counted()->select(['rush', 'verdicts'])->cursor() as $row) {
            foreach (Tallies::losses((string) $row->verdicts) as $loss => $frames) {
                $losses[(string) $row->rush][$loss] = ($losses[(string) $row->rush][$loss] ?? 0) + $frames;
            }
        }

        return $losses;
    }

    /** @return array<string, array<string, int>> frames by rush and by the promise they were shot under */
    public function promises(): array
    {
        if ($this->where === []) {
            return $this->ofKind(Tallies::PROMISES);
        }
        $rows = $this->counted()
            ->where('promise_id', '!=', '')
            ->groupBy('rush', 'promise_id')
            ->get(['rush', 'promise_id', DB::raw('SUM(frames) AS frames')]);
        $promises = [];
        foreach ($rows as $row) {
            $promises[(string) $row->rush][(string) $row->promise_id] = (int) $row->frames;
        }

        return $promises;
    }

    /** @return array<string, array<string, int>> frames by the one and the other thing they have been counted by */
    private function ofKind(int $kind): array
    {
        $frames = [];
        foreach (Tallies::of($this->user, $kind)->get(['one', 'other', 'frames']) as $row) {
            $frames[(string) $row->one][(string) $row->other] = (int) $row->frames;
        }

        return $frames;
    }

    /** @return list<\stdClass> one, other, and the sums */
    private function rows(Dimension $by, ?Dimension $and): array
    {
        // what is asked for by its value anyway needs no count crossed with itself
        $others = array_diff_key($this->where, [$by->value => '', (string) $and?->value => '']);
        if ($and === null && count($others) === 1) {
            $and = Dimension::from((string) key($others));
            $others = [];
        }
        /** @var list<\stdClass> $rows */
        $rows = $others === [] ? $this->kept($by, $and)->get()->all() : $this->added($by, $and)->get()->all();

        return $rows;
    }

    private function kept(Dimension $by, ?Dimension $and): Builder
    {
        [$kind, $isFirst] = $and === null ? [$by->kind(), true] : $by->kindWith($and);
        $of = [$isFirst ? 'one' : 'other' => $by];
        if ($and !== null) {
            $of[$isFirst ? 'other' : 'one'] = $and;
        }
        $rows = Tallies::of($this->user, $kind);
        foreach ($of as $column => $dimension) {
            if (isset($this->where[$dimension->value])) {
                $rows->where($column, $this->where[$dimension->value]);
            }
        }

        return $rows->selectRaw(
            ($isFirst ? 'one, other' : 'other AS one, one AS other').', bursts, frames, keepers, squares, parts',
        );
    }

    private function added(Dimension $by, ?Dimension $and): Builder
    {
        $rows = $this->counted()->groupBy($by->value);
        if ($and !== null) {
            $rows->groupBy($and->value);
        }
        $other = $and === null ? "''" : $and->value;

        return $rows->selectRaw("{$by->value} AS one, {$other} AS other, ".self::sums());
    }

    /** @return Builder what each burst that is so has been counted as */
    public function counted(): Builder
    {
        $rows = DB::table('counted')->where('user_id', $this->user->id)->where('frames', '>', 0);
        foreach ($this->where as $dimension => $value) {
            $rows->where(Dimension::from($dimension)->value, $value);
        }

        return $rows;
    }

    private static function sums(): string
    {
        return 'COUNT(*) AS bursts, COALESCE(SUM(frames), 0) AS frames, COALESCE(SUM(keepers), 0) AS keepers, '.
            'COALESCE(SUM(frames * frames), 0) AS squares, '.
            'COALESCE(SUM('.Cell::PARTS.' * keepers * keepers DIV frames), 0) AS parts';
    }
}
