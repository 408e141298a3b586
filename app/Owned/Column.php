<?php

declare(strict_types=1);

namespace App\Owned;

/** A column of a table that belongs to an account: what is in it, and what becomes of it elsewhere. */
final readonly class Column
{
    /**
     * @param  list<string>  $ids  tables whose ids are in it
     * @param  bool  $isArchived  whether it goes into an archive
     * @param  bool  $isCopied  whether a copy of the demo has it; else it begins as it usually does
     * @param  ?\Closure(int): mixed  $begins  what a restored row has there, by its account; null as the store has it
     */
    private function __construct(
        public ColumnKind $kind,
        public array $ids = [],
        public bool $isArchived = true,
        public bool $isCopied = true,
        public ?\Closure $begins = null,
    ) {}

    /** The id of a row, which is another one wherever the row is restored or copied. */
    public static function id(): self
    {
        return new self(ColumnKind::Id);
    }

    /** A number the store gives each row. */
    public static function number(): self
    {
        return new self(ColumnKind::Number, isArchived: false, isCopied: false);
    }

    /** The account it belongs to. */
    public static function account(): self
    {
        return new self(ColumnKind::Account, isArchived: false);
    }

    /** A text, a number or a moment, as it is. */
    public static function plain(): self
    {
        return new self(ColumnKind::Plain);
    }

    /**
     * JSON.
     *
     * @param  string  ...$ids  tables whose ids may stand in it
     */
    public static function document(string ...$ids): self
    {
        return new self(ColumnKind::Document, array_values($ids));
    }

    /** JSON, a list of ids of rows of a table; those that are not there are left out. */
    public static function lists(string $table): self
    {
        return new self(ColumnKind::List, [$table]);
    }

    /** The id of a row of another table, or of none. */
    public static function names(string $table): self
    {
        return new self(ColumnKind::Names, [$table]);
    }

    /** @return array<string, self> the three moments of a record that can be deleted */
    public static function times(): array
    {
        return ['created_at' => self::plain(), 'updated_at' => self::plain(), 'deleted_at' => self::plain()];
    }

    /** @return array<string, self> what every record has whose states are kept, {@see \App\Undo\Undoable} */
    public static function undo(): array
    {
        return [
            'revision' => self::plain()->inside(static fn (): int => 1),
            // before its first change: the state it is restored in is the first that is kept
            'position' => self::plain()->inside(static fn (): int => 0),
            'write_id' => self::plain()->inside(static fn (): string => ''),
        ];
    }

    /** @return array<string, self> the mark of the request that made it */
    public static function creation(): array
    {
        return ['creation_id' => self::plain()->inside()->left()];
    }

    /**
     * The same, which goes into no archive.
     *
     * @param  ?\Closure(int): mixed  $begins  what a restored row has there, by its account; null as the store has it
     */
    public function inside(?\Closure $begins = null): self
    {
        return new self($this->kind, $this->ids, false, $this->isCopied, $begins);
    }

    /** The same, which no copy of the demo has. */
    public function left(): self
    {
        return new self($this->kind, $this->ids, $this->isArchived, false, $this->begins);
    }

    /** Whether it holds JSON. */
    public function isDocument(): bool
    {
        return $this->kind === ColumnKind::Document || $this->kind === ColumnKind::List;
    }
}
