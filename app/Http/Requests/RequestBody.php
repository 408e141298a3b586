<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\SchemaChecker;
use App\Models\GearRecord;
use App\Undo\Write;
use Illuminate\Http\Request;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\HiddenCharacters;
use RushHold\Faults\MissingField;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\WrongType;

/**
 * The JSON object a request carries, read with objects kept as objects. No text, name or document passes with characters that
 * cannot be seen, or that turn the direction of what follows.
 */
final readonly class RequestBody
{
    private function __construct(private \stdClass $fields) {}

    /** @throws FaultyDocument when it is no JSON object */
    public static function of(Request $request): self
    {
        $fields = SchemaChecker::decoded($request->getContent() ?: '{}', 'The request');

        // some clients write an empty object as an empty list
        $fields = $fields === [] ? new \stdClass() : $fields;

        return new self($fields instanceof \stdClass ? $fields : throw WrongType::of('', $fields, 'a JSON object'));
    }

    public function object(string $name): \stdClass
    {
        $value = $this->need($name);
        if (! ($value instanceof \stdClass)) {
            throw WrongType::of($name, $value, 'an object');
        }
        HiddenCharacters::refuse($value, $name);

        return $value;
    }

    public function optionalObject(string $name): ?\stdClass
    {
        return isset($this->fields->{$name}) ? $this->object($name) : null;
    }

    /** An object of any names, which are looked at one by one. */
    public function names(string $name, int $most): \stdClass
    {
        $count = count(get_object_vars($value = $this->object($name)));

        return $count <= $most
            ? $value
            : throw TextOutOfBounds::of($name, $count.' entries', sprintf('at most %d entries', $most));
    }

    /** One line of text, without the spaces round it. */
    public function text(string $name, int $most = GearRecord::NAME): string
    {
        $value = $this->need($name);
        if (! is_string($value)) {
            throw WrongType::of($name, $value, 'text');
        }
        $value = trim($value);
        if ($value === '' || mb_strlen($value) > $most) {
            throw TextOutOfBounds::of($name, $value, sprintf('1 to %d characters', $most));
        }
        HiddenCharacters::refuse($value, $name);

        return $value;
    }

    public function optionalText(string $name, int $most = GearRecord::NAME): ?string
    {
        return isset($this->fields->{$name}) ? $this->text($name, $most) : null;
    }

    /** A text of any length, as it stands. */
    public function longText(string $name): string
    {
        $value = $this->need($name);

        return is_string($value) ? $value : throw WrongType::of($name, $value, 'text');
    }

    /** @return list<string> */
    public function texts(string $name, int $most): array
    {
        $value = $this->need($name);
        if (! is_array($value)) {
            throw WrongType::of($name, $value, 'a list');
        }
        if (count($value) > $most) {
            throw TextOutOfBounds::of($name, count($value).' entries', sprintf('at most %d entries', $most));
        }
        HiddenCharacters::refuse($value, $name);

        return array_map(
            static fn (mixed $item, int|string $at): string => is_string($item)
                ? $item
                : throw WrongType::of($name.'.'.$at, $item, 'text'),
            $value,
            array_keys($value),
        );
    }

    /** @return ?list<string> nothing where it is not told */
    public function optionalTexts(string $name, int $most): ?array
    {
        return ($this->fields->{$name} ?? null) === null ? null : $this->texts($name, $most);
    }

    public function whole(string $name): int
    {
        $value = $this->need($name);

        return is_int($value) ? $value : throw WrongType::of($name, $value, 'a whole number');
    }

    public function flag(string $name, bool $usual): bool
    {
        $value = $this->fields->{$name} ?? $usual;

        return is_bool($value) ? $value : throw WrongType::of($name, $value, 'true or false');
    }

    public function optionalNumber(string $name, float $least, float $most, string $unit = ''): ?float
    {
        $value = $this->fields->{$name} ?? null;
        if ($value === null) {
            return null;
        }
        if (! is_int($value) && ! is_float($value)) {
            throw WrongType::of($name, $value, 'a number');
        }

        return $value >= $least && $value <= $most
            ? (float) $value
            : throw NumberOutOfRange::of($name, (float) $value, $least, $most, $unit);
    }

    /** What the writer of a change says of it; without a gesture, it is undone by itself. */
    public function write(): Write
    {
        $revision = $this->whole('revision');

        return new Write(
            $revision,
            $this->optionalText('gesture', 40) ?? 'at '.$revision,
            $this->optionalText('write_id', 40) ?? '',
        );
    }

    private function need(string $name): mixed
    {
        return $this->fields->{$name} ?? throw MissingField::named($name);
    }
}
