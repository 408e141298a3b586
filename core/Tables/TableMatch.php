<?php

declare(strict_types=1);

namespace RushHold\Tables;

use RushHold\Faults\MissingField;
use RushHold\Faults\TwoOfOneName;
use RushHold\Faults\UnknownChoice;

/** What each column of a table says of a frame. */
final readonly class TableMatch
{
    /** A column is taken for what its name says where so much of what stands in it can be read as that. */
    private const READS = 0.5;

    /**
     * @param  list<string>  $names  of the columns
     * @param  array<string, int>  $columns  number of the column of each {@see FrameColumn} that there is
     */
    private function __construct(
        private array $names,
        public array $columns,
        public DayOrder $days,
    ) {}

    /**
     * By the names of the columns and what stands in the first rows.
     *
     * @param  list<string>  $names
     * @param  list<list<string>>  $rows
     */
    public static function guess(array $names, array $rows): self
    {
        $columns = [];
        foreach ($names as $number => $name) {
            $column = FrameColumn::called($name);
            $texts = self::below($rows, $number);
            // a column called “date” may hold the time as well
            if (($column === FrameColumn::Day || $column === FrameColumn::Time) && self::areMoments($texts)) {
                $column = FrameColumn::TakenAt;
            } elseif ($column === FrameColumn::TakenAt && $texts !== [] && ! self::areMoments($texts)) {
                $column = TableField::time($texts[0]) !== null ? FrameColumn::Time : FrameColumn::Day;
            }
            if ($column !== null && ! isset($columns[$column->value]) && self::reads($column, $name, $texts)) {
                $columns[$column->value] = $number;
            }
        }
        $day = $columns[FrameColumn::TakenAt->value] ?? $columns[FrameColumn::Day->value] ?? null;
        $order = $day === null ? DayOrder::YearMonthDay : DayOrder::of(self::below($rows, $day))[0];

        return new self($names, $columns, $order);
    }

    /**
     * As somebody has chosen.
     *
     * @param  list<string>  $names
     * @param  array<mixed>  $chosen  for each column one of {@see FrameColumn}, or nothing where it is left out
     */
    public static function chosen(array $names, array $chosen, string $days): self
    {
        $order = DayOrder::tryFrom($days) ??
            throw UnknownChoice::of('days', $days, array_column(DayOrder::cases(), 'value'));
        $columns = [];
        foreach (array_values($chosen) as $number => $value) {
            if ($value === '' || $number >= count($names)) {
                continue;
            }
            $column =
                (is_string($value) ? FrameColumn::tryFrom($value) : null) ??
                throw UnknownChoice::of("columns.{$number}", $value, array_column(FrameColumn::cases(), 'value'));
            if (isset($columns[$column->value])) {
                throw TwoOfOneName::in("columns.{$number}", $column->words());
            }
            $columns[$column->value] = $number;
        }

        return new self($names, $columns, $order);
    }

    /** Whether it says all that a frame needs to be put into its burst. */
    public function isWhole(): bool
    {
        return isset($this->columns[FrameColumn::TakenAt->value]) ||
            (isset($this->columns[FrameColumn::Day->value]) && isset($this->columns[FrameColumn::Time->value]));
    }

    /**
     * Whether its days can be read in one order only.
     *
     * @param  list<list<string>>  $rows
     */
    public function areDaysSure(array $rows): bool
    {
        $day = $this->columns[FrameColumn::TakenAt->value] ?? $this->columns[FrameColumn::Day->value] ?? null;

        return $day === null || DayOrder::of(self::below($rows, $day))[1];
    }

    /** Whether it says which frames came out. */
    public function tellsVerdicts(): bool
    {
        $telling = [FrameColumn::Verdict->value, FrameColumn::Eye->value, FrameColumn::Kept->value];

        return array_intersect_key($this->columns, array_flip($telling)) !== [];
    }

    /** What is wrong with one that is not whole. */
    public static function withoutMoment(): MissingField
    {
        return MissingField::named('columns: one for day and time');
    }

    /** @return list<string> for each column what it is taken for, nothing where it is left out */
    public function toArray(): array
    {
        $as = array_flip($this->columns);

        return array_map(static fn (int $number): string => $as[$number] ?? '', array_keys($this->names));
    }

    /**
     * What one row says in a column, without blanks around it; nothing where no column says it.
     *
     * @param  list<string>  $cells
     */
    public function text(array $cells, FrameColumn $column): string
    {
        return trim($cells[$this->columns[$column->value] ?? -1] ?? '');
    }

    /** Whether bare numbers of the distance are in feet. */
    public function isInFeet(): bool
    {
        return FrameColumn::isInFeet($this->names[$this->columns[FrameColumn::Distance->value] ?? -1] ?? '');
    }

    /**
     * @param  list<list<string>>  $rows
     * @return list<string> what stands in a column, where anything does
     */
    private static function below(array $rows, int $number): array
    {
        $texts = array_map(static fn (array $row): string => trim($row[$number] ?? ''), $rows);

        return array_values(array_filter($texts, static fn (string $text): bool => $text !== ''));
    }

    /** @param  list<string>  $texts */
    private static function areMoments(array $texts): bool
    {
        return $texts !== [] &&
            TableField::time($texts[0]) !== null &&
            DayOrder::readable($texts[0]) !== [];
    }

    /** @param  list<string>  $texts */
    private static function reads(FrameColumn $column, string $name, array $texts): bool
    {
        $read = array_filter($texts, static fn (string $text): bool => match ($column) {
            FrameColumn::Kept => TableField::isYes($text) !== null,
            FrameColumn::Rating => TableField::stars($text) !== null,
            FrameColumn::Verdict, FrameColumn::Eye => TableField::verdict($text) !== null,
            FrameColumn::Hash => TableField::hash($text) !== null,
            FrameColumn::Offset => TableField::offset($text) !== null,
            default => ! in_array($column, FrameColumn::measured(), true) ||
                // cameras write 0 for what they do not know
                TableField::number($text) === 0.0 ||
                $column->number($text, FrameColumn::isInFeet($name)) !== null,
        });

        return count($read) >= self::READS * count($texts);
    }
}
