<?php

declare(strict_types=1);

namespace App\Owned;

use App\Models\User;
use App\OpenApi\Scope;
use App\Undo\Undoable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * A table whose rows belong to an account: everything that is to be known of it by whoever archives, restores, copies, counts, tidies or
 * deletes what somebody owns. A room that keeps a record of its own adds one of these to {@see Owned}, and is in all of that.
 */
abstract readonly class OwnedTable
{
    /** As it is called in the store, and in an archive. */
    abstract public function name(): string;

    /** @return array<string, Column> every column it has */
    abstract public function columns(): array;

    /** @return ?class-string<Model> the record of a row; its states are kept where it is {@see Undoable} */
    public function record(): ?string
    {
        return null;
    }

    /** Whether it goes into an archive: everything a person wrote does, nothing that is reckoned again from it. */
    public function isArchived(): bool
    {
        return true;
    }

    /** Whether a copy of the demo has it. */
    public function isCopied(): bool
    {
        return true;
    }

    /**
     * Holds a row of an archive to what could have been written through the pages.
     *
     * @return array<string, mixed> what is kept of it
     *
     * @throws \RushHold\Faults\Fault naming the first column that is amiss
     */
    public function check(Row $row): array
    {
        return $row->all();
    }

    /** Whether an account has rows of it that a person has written: into such an account nothing is restored. */
    public function fills(int $account): bool
    {
        return $this->isArchived() && $this->rowsOf($account)->exists();
    }

    /** @return array<string, string> what of it is counted against the quota, in words, by the name of its limit */
    public function limits(): array
    {
        return [];
    }

    /** @return array<string, int> how much of each of its limits an account uses */
    public function used(User $user): array
    {
        $rows = $this->rowsOf($user->id);
        if ($this->keptDays() !== null) {
            $rows->whereNull('deleted_at');
        }

        return array_map(static fn (): int => $rows->count(), $this->limits());
    }

    /** Days a deleted row can be brought back for; null where none is kept. */
    public function keptDays(): ?int
    {
        return isset($this->columns()['deleted_at']) ? 30 : null;
    }

    /** Whether something that stays names a deleted row, which stays with it. */
    public function isNamed(Model $record): bool
    {
        return false;
    }

    /** @return list<string> first parts of the addresses under which it is asked for */
    public function addresses(): array
    {
        return [];
    }

    /** What a key must be allowed to read it; null where only somebody at a page may. */
    public function reads(): ?Scope
    {
        return Scope::Read;
    }

    /** What a key must be allowed to change it; null where only somebody at a page may. */
    public function writes(): ?Scope
    {
        return Scope::Write;
    }

    /** The column each row is told apart by in an archive, null where the store numbers them. */
    public function key(): ?string
    {
        foreach ($this->columns() as $name => $column) {
            if ($column->kind === ColumnKind::Id) {
                return $name;
            }
        }

        return null;
    }

    /** The column its rows are read in the order of, whose values differ within an account. */
    public function pagedBy(): string
    {
        return $this->key() ?? array_key_first(array_filter(
            $this->columns(),
            static fn (Column $column): bool => $column->kind === ColumnKind::Names,
        )) ?? throw new \LogicException("Nothing tells the rows of {$this->name()} apart.");
    }

    /** The column that says whose a row is: the account's own, or that of the row it belongs to. */
    public function owner(): string
    {
        $kinds = array_map(static fn (Column $column): ColumnKind => $column->kind, $this->columns());
        $owner = array_search(ColumnKind::Account, $kinds, true) ?: array_search(ColumnKind::Names, $kinds, true);

        return is_string($owner) ? $owner : throw new \LogicException("Nobody owns {$this->name()}.");
    }

    /** Its rows of an account, whoever they belong to by way of another. */
    public function rowsOf(int $account): Builder
    {
        $owner = $this->owner();
        $column = $this->columns()[$owner];
        $rows = DB::table($this->name());
        if ($column->kind === ColumnKind::Account) {
            return $rows->where($owner, $account);
        }

        return $rows->whereIn($owner, DB::table($column->ids[0])->where('user_id', $account)->select('id'));
    }

    /** Short name of its kind among the states that are kept; null where none are. */
    public function kind(): ?string
    {
        $record = $this->record();

        return $record !== null && is_subclass_of($record, Undoable::class) ? $record::kind() : null;
    }
}
