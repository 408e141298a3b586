<?php

declare(strict_types=1);

namespace App\Archive;

use App\Owned\Column;
use App\Owned\ColumnKind;
use App\Owned\Ids;
use App\Owned\Owned;
use App\Owned\OwnedTable;
use App\Owned\Row;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnknownChoice;

/**
 * Makes rows of an account from those of an archive. Every id becomes another one, told from the old one alone, so that it is known
 * wherever it stands, by whoever goes on with this: a row names another where that is in the store already, else nothing.
 */
final readonly class RowMaker
{
    private const DIGITS = '0123456789abcdefghjkmnpqrstvwxyz';

    /** The first digits of an id say when it was made, and order what is listed by it. */
    private const TIME = '/^[0-7][0-9a-hjkmnp-tv-z]{9}/';

    /** @param  string  $secret  what tells the ids of this restoring from those of another, which nobody can guess */
    public function __construct(private Owned $owned, private int $account, private string $secret) {}

    /** The id that takes the place of one in the archive. */
    public function id(string $old): string
    {
        $hash = hash_hmac('sha256', $old, $this->secret, true);
        $new = preg_match(self::TIME, $old) === 1 ? substr($old, 0, 10) : '01hzzzzzzz';
        for ($at = 0; $at < 16; $at++) {
            $new .= self::DIGITS[ord($hash[$at]) & 31];
        }

        return $new;
    }

    /**
     * @param  list<array{int, array<string, mixed>}>  $rows  as they came, each with the number of its line
     * @return list<array<string, mixed>> columns of the store
     *
     * @throws \RushHold\Faults\Fault naming the row and the column that is amiss
     */
    public function rows(OwnedTable $table, array $rows): array
    {
        [$columns, $key, $kept, $seen] = [$table->columns(), $table->key(), [], []];
        foreach ($rows as [$at, $row]) {
            $under = "{$table->name()}/{$at}";
            $old = $key === null ? null : self::oldId($row[$key] ?? null, $seen, $under);
            $kept[] = [$under, $old, $table->check(Row::of($columns, $row, $under))];
        }
        $there = $this->there($table->name(), $columns, $kept);

        return array_map(fn (array $one): array => $this->columns($columns, $there, ...$one), $kept);
    }

    /** @param  array<string, true>  $seen  those of the rows before: an id stands for one row only */
    private static function oldId(mixed $id, array &$seen, string $under): string
    {
        if (! is_string($id) || preg_match(Ids::ONE, $id) !== 1 || isset($seen[$id])) {
            throw TextOutOfBounds::of("{$under}/id", is_string($id) ? mb_substr($id, 0, 40) : '', 'an id of its own');
        }
        $seen[$id] = true;

        return $id;
    }

    /**
     * Which of the ids that the rows name, list or mention are in the store.
     *
     * @param  array<string, Column>  $columns
     * @param  list<array{string, ?string, array<string, mixed>}>  $kept
     * @return array<string, array<string, true>> new ids by table; none for one that comes later
     */
    private function there(string $table, array $columns, array $kept): array
    {
        $asked = [];
        foreach ($columns as $name => $column) {
            if (! $column->isArchived || $column->ids === []) {
                continue;
            }
            foreach ($kept as [, , $values]) {
                foreach (Ids::in(self::text($values[$name])) as $old) {
                    foreach ($column->ids as $other) {
                        $asked[$other][$this->id($old)] = true;
                    }
                }
            }
        }
        $there = [];
        foreach (array_keys($this->owned->archived()) as $name) {
            if ($name === $table) {
                break;
            }
            $there[$name] = [];
            foreach (array_chunk(array_keys($asked[$name] ?? []), 1000) as $some) {
                $found = DB::table($name)->where('user_id', $this->account)->whereIn('id', $some)->pluck('id')->all();
                $there[$name] += array_fill_keys($found, true);
            }
        }

        return $there;
    }

    /**
     * @param  array<string, Column>  $columns
     * @param  array<string, array<string, true>>  $there
     * @param  array<string, mixed>  $kept
     * @return array<string, mixed>
     */
    private function columns(array $columns, array $there, string $under, ?string $old, array $kept): array
    {
        $row = [];
        foreach ($columns as $name => $column) {
            if ($column->kind === ColumnKind::Id) {
                $row[$name] = $this->id((string) $old);
            } elseif ($column->kind === ColumnKind::Account) {
                $row[$name] = $this->account;
            } elseif ($column->isArchived) {
                $row[$name] = $this->value($column, $there, $kept[$name], "{$under}/{$name}");
            } elseif ($column->begins !== null) {
                $row[$name] = ($column->begins)($this->account);
            }
        }

        return $row;
    }

    /** @param  array<string, array<string, true>>  $there */
    private function value(Column $column, array $there, mixed $value, string $at): mixed
    {
        if ($value === null || $column->kind === ColumnKind::Plain) {
            return $value;
        }
        $isThere = fn (mixed $id): bool => is_string($id) && isset($there[$column->ids[0]][$this->id($id)]);
        if ($column->kind === ColumnKind::Names) {
            return $isThere($value)
                ? $this->id((string) $value)
                : throw UnknownChoice::of($at, $value, ["the id of one of its {$column->ids[0]}"]);
        }
        if ($column->kind === ColumnKind::List) {
            return self::text(array_map(
                fn (mixed $id): string => $this->id((string) $id),
                array_values(array_filter((array) $value, $isThere)),
            ));
        }
        if ($column->ids === []) {
            return self::text($value);
        }
        $isKnown = function (string $old) use ($column, $there): bool {
            foreach ($column->ids as $table) {
                // what comes later is not there yet
                if (! isset($there[$table]) || isset($there[$table][$this->id($old)])) {
                    return true;
                }
            }

            return false;
        };

        return Ids::replaced(
            self::text($value),
            fn (string $old): string => $isKnown($old) ? $this->id($old) : $old,
        );
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : json_encode($value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
}
