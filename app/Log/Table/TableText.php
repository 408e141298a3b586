<?php

declare(strict_types=1);

namespace App\Log\Table;

use App\Documents\SchemaChecker;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnreadableDocument;
use RushHold\Tables\TableField;
use RushHold\Tables\TableMatch;

/** The text of a file that tells of frames: CSV, or log/1. */
final class TableText
{
    /** Largest file, in bytes. */
    public const LARGEST = 24_000_000;

    /** Rows that are taken in from one file. */
    public const MOST = 60_000;

    /** Lines of a table, empty ones and those inside of quotes with them; and bytes of one. */
    private const LINES = 4 * self::MOST;

    private const LINE = 65_536;

    /** Columns of a table that are looked at. */
    public const COLUMNS = 80;

    /** Longest name of a column that is kept, in characters. */
    private const NAME = 60;

    /** Rows by which it is guessed what the columns say. */
    private const SAMPLE = 400;

    /** @var ?list<string> what stands in its first row */
    private ?array $first = null;

    /** @var ?list<list<string>> the first rows of frames */
    private ?array $sample = null;

    private function __construct(
        private readonly SchemaChecker $checker,
        private readonly string $text,
        public readonly bool $isLog,
    ) {}

    /**
     * @throws UnreadableDocument when it is neither
     * @throws TextOutOfBounds when a table has too many lines, or too long ones
     */
    public static function of(SchemaChecker $checker, string $bytes): self
    {
        $text = str_starts_with($bytes, "\u{FEFF}") ? substr($bytes, 3) : $bytes;
        if (! mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }

        // what an old machine has written ends its lines otherwise
        if (! str_contains($text, "\n")) {
            $text = str_replace("\r", "\n", $text);
        }

        $isLog = preg_match('/^\s*\{/', $text) === 1;
        $isLog || self::refuseEndless($text);

        return new self($checker, $text, $isLog);
    }

    private static function refuseEndless(string $text): void
    {
        for ($line = 1, $at = 0; $at < strlen($text); $line++) {
            $long = strcspn($text, "\n", $at) + 1;
            if ($long > self::LINE) {
                $range = sprintf('a table with lines of at most %s bytes', number_format(self::LINE));
                throw TextOutOfBounds::of('file_id', "one with a longer line, {$line}", $range);
            }
            if ($line > self::LINES) {
                $range = sprintf('a table of at most %s lines: bring it in parts', number_format(self::LINES));
                throw TextOutOfBounds::of('file_id', 'a longer one', $range);
            }
            $at += $long;
        }
    }

    /**
     * @param  array{at: int, line: int}  $place  where it was put down; 0 for its beginning
     */
    public function rows(?TableMatch $match, array $place = ['at' => 0, 'line' => 0]): Rows
    {
        if ($this->isLog || $match === null) {
            return LogRows::of($this->checker, $this->text, $place);
        }

        return ($place['line'] === 0 ? $this->csv() : CsvRows::of($this->text, $place))->by($match);
    }

    /**
     * Names of the columns: what stands in the first row, or numbers where that is of a frame already.
     *
     * @return list<string>
     */
    public function names(): array
    {
        return $this->hasHead()
            ? $this->first()
            : array_map(static fn (int $number): string => 'column '.($number + 1), array_keys($this->first()));
    }

    /** What its columns are likely to say. */
    public function guess(): TableMatch
    {
        return TableMatch::guess($this->names(), $this->sample());
    }

    /** @return list<list<string>> the first rows */
    public function sample(): array
    {
        if ($this->sample === null) {
            $this->sample = [];
            $rows = $this->csv();
            while (count($this->sample) < self::SAMPLE && ($cells = $rows->cells()) !== null) {
                $this->sample[] = $cells;
            }
        }

        return $this->sample;
    }

    /**
     * How many frames it tells of, those that cannot be read included.
     *
     * @throws TextOutOfBounds when they are too many
     */
    public function count(): int
    {
        $count = 0;
        if ($this->isLog) {
            $rows = LogRows::of($this->checker, $this->text);
            do {
                $next = $rows->skip();
                $count += (int) $next;
            } while ($next !== null && $count <= self::MOST);
        } else {
            $rows = $this->csv();
            while ($count <= self::MOST && $rows->skip()) {
                $count++;
            }
        }

        $range = sprintf('a table of at most %s rows: bring it in parts', number_format(self::MOST));

        return $count <= self::MOST ? $count : throw TextOutOfBounds::of('file_id', 'a longer one', $range);
    }

    /** From the first row of a frame on. */
    private function csv(): CsvRows
    {
        $rows = CsvRows::of($this->text);
        if ($this->hasHead()) {
            $rows->cells();
        }

        return $rows;
    }

    /** @return list<string> */
    private function first(): array
    {
        if ($this->first === null) {
            $cells = CsvRows::of($this->text)->cells() ?? throw UnreadableDocument::asTable('nothing stands in it');
            $this->first = array_map(
                static fn (string $cell): string => TableField::name($cell, self::NAME) ?? '',
                $cells,
            );
        }

        return $this->first;
    }

    /** Whether its first row names the columns: one of a frame has a number or a time in it. */
    private function hasHead(): bool
    {
        foreach ($this->first() as $cell) {
            if (TableField::number($cell) !== null || TableField::time($cell) !== null) {
                return false;
            }
        }

        return true;
    }

    /** What is wrong with some rows, in one sentence. */
    public static function why(Fault|FaultyDocument $fault): string
    {
        return $fault instanceof FaultyDocument ? $fault->faults[0]->getMessage() : $fault->getMessage();
    }
}
