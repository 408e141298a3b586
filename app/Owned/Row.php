<?php

declare(strict_types=1);

namespace App\Owned;

use RushHold\Faults\HiddenCharacters;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\WrongType;

/** A row of an archive, as somebody may have changed it on the way; each fault names where it stands. */
final readonly class Row
{
    private const LONGEST = 120;

    private const MOMENT = '/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d(\.\d{1,6})?$/';

    /** @param  array<string, mixed>  $values  by column, documents as objects */
    private function __construct(private array $values, public string $under) {}

    /**
     * @param  array<string, Column>  $columns  of its table
     * @param  array<string, mixed>  $values  as they came
     * @param  string  $under  where it stands
     *
     * @throws \RushHold\Faults\Fault where a text, a number or a moment is none
     */
    public static function of(array $columns, array $values, string $under): self
    {
        $kept = [];
        foreach ($columns as $name => $column) {
            if ($column->isArchived && $column->kind !== ColumnKind::Id) {
                $value = $values[$name] ?? null;
                $kept[$name] = $column->isDocument() ? $value : self::plain($name, $value, "{$under}/{$name}");
            }
        }

        return new self($kept, $under);
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        return $this->values;
    }

    public function value(string $column): mixed
    {
        return $this->values[$column];
    }

    /** Where a column stands. */
    public function at(string $column): string
    {
        return "{$this->under}/{$column}";
    }

    /** The name every record has. */
    public function name(): string
    {
        $name = $this->text('name');

        return trim($name) !== '' ? $name : throw TextOutOfBounds::of($this->at('name'), $name, 'a name');
    }

    public function text(string $column): string
    {
        $value = $this->values[$column];

        return is_string($value) ? $value : throw WrongType::of($this->at($column), $value, 'a text');
    }

    /** A text that looks so. */
    public function like(string $column, string $pattern, string $words): string
    {
        $text = $this->text($column);

        return preg_match($pattern, $text) === 1
            ? $text
            : throw TextOutOfBounds::of($this->at($column), self::shown($text), $words);
    }

    /** @param  list<string>  $of */
    public function choice(string $column, array $of): string
    {
        $value = $this->values[$column];

        return is_string($value) && in_array($value, $of, true)
            ? $value
            : throw UnknownChoice::of($this->at($column), $value, $of);
    }

    /** A number of pixels. */
    public function px(string $column): int
    {
        $value = $this->values[$column];

        return is_int($value) && $value >= 1 && $value <= 100_000
            ? $value
            : throw NumberOutOfRange::of($this->at($column), self::number($value), 1, 100_000, 'px');
    }

    /** A number, and none where it does not say. */
    public function between(string $column, float $least, float $most, string $unit = ''): ?float
    {
        $value = $this->values[$column];
        if ($value === null) {
            return null;
        }

        return (is_int($value) || is_float($value)) && $value >= $least && $value <= $most
            ? (float) $value
            : throw NumberOutOfRange::of($this->at($column), self::number($value), $least, $most, $unit);
    }

    public function object(string $column): \stdClass
    {
        $value = $this->values[$column];

        return $value instanceof \stdClass ? $value : throw WrongType::of($this->at($column), $value, 'an object');
    }

    private static function plain(string $column, mixed $value, string $at): mixed
    {
        if ($value === null) {
            return null;
        }
        if (str_ends_with($column, '_at')) {
            return is_string($value) && preg_match(self::MOMENT, $value) === 1 && strtotime($value) !== false
                ? $value
                : throw TextOutOfBounds::of($at, self::shown($value), 'a moment, as 2026-05-23 05:40:00');
        }
        if (is_string($value)) {
            HiddenCharacters::refuse($value, $at);

            return mb_strlen($value) <= self::LONGEST
                ? $value
                : throw TextOutOfBounds::of($at, self::shown($value), 'at most '.self::LONGEST.' characters');
        }

        return is_bool($value) || is_int($value) || (is_float($value) && is_finite($value))
            ? $value
            : throw WrongType::of($at, $value, 'a text or a number');
    }

    private static function number(mixed $value): float
    {
        return (float) (is_numeric($value) ? $value : 0);
    }

    private static function shown(mixed $value): string
    {
        return is_scalar($value) ? mb_substr((string) $value, 0, 40) : '';
    }
}
