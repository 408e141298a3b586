<?php

declare(strict_types=1);

namespace App\Log\Table;

use RushHold\Tables\RowReader;
use RushHold\Tables\TableMatch;

/** The rows of a CSV file. */
final class CsvRows implements Rows
{
    /** Longest row, in bytes: what is longer is a quote that was never closed. */
    private const LONGEST = 65_536;

    private const PARTS = [',', ';', "\t", '|'];

    /** @var resource */
    private $from;

    private ?TableMatch $match = null;

    /** In which line the last row began. */
    private int $row = 0;

    private function __construct(
        private readonly string $text,
        private readonly string $parts,
        private int $line,
        int $at,
    ) {
        $from = fopen('php://memory', 'r+b');
        if ($from === false) {
            throw new \RuntimeException('There is no memory to read a table in.');
        }
        fwrite($from, $text);
        fseek($from, $at);
        $this->from = $from;
    }

    /**
     * From its first row, or from where it was put down.
     *
     * @param  string  $text  in UTF-8
     * @param  array{at: int, line: int}  $place
     */
    public static function of(string $text, array $place = ['at' => 0, 'line' => 0]): self
    {
        return new self($text, self::parts($text), $place['line'], $place['at']);
    }

    public function by(TableMatch $match): self
    {
        $this->match = $match;

        return $this;
    }

    public function next(): ?array
    {
        $cells = $this->cells();

        return $cells === null || $this->match === null
            ? null
            : [(new RowReader($this->match))->read($cells, $this->row)];
    }

    /** Goes past the next row that has any fields; whether there was one. */
    public function skip(): bool
    {
        do {
            $cells = fgetcsv($this->from, self::LONGEST, $this->parts, '"', '');
        } while ($cells === [null]);

        return $cells !== false;
    }

    public function place(): array
    {
        return ['at' => (int) ftell($this->from), 'line' => $this->line];
    }

    public function called(): string
    {
        return "line {$this->row}";
    }

    /** @return ?list<string> the fields of the next row that has any; null at the end */
    public function cells(): ?array
    {
        do {
            $at = (int) ftell($this->from);
            $cells = fgetcsv($this->from, self::LONGEST, $this->parts, '"', '');
            $this->row = $this->line + 1;
            // a field in quotes may go over several lines
            $this->line += max(1, substr_count($this->text, "\n", $at, (int) ftell($this->from) - $at));
        } while ($cells === [null]);

        return $cells === false ? null : array_map(strval(...), array_slice($cells, 0, TableText::COLUMNS));
    }

    /** What parts the fields: of the signs in use the one that the first line has most of, outside of quotes. */
    private static function parts(string $text): string
    {
        $first = (string) preg_replace('/"[^"]*"/', '', substr($text, 0, strcspn($text, "\r\n")));
        $counts = [];
        foreach (self::PARTS as $sign) {
            $counts[$sign] = substr_count($first, $sign);
        }
        arsort($counts);

        return (string) array_key_first($counts);
    }
}
