<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\MissingField;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnreadableDocument;
use RushHold\Faults\WrongType;

/** The JSON object a request carries, read with objects kept as objects. */
final readonly class Body
{
    private function __construct(private \stdClass $fields) {}

    /** @throws FaultyDocument when it is no JSON object */
    public static function of(Request $request): self
    {
        try {
            $fields = json_decode($request->getContent() ?: '{}', false, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $broken) {
            throw new FaultyDocument([UnreadableDocument::because('The request', lcfirst($broken->getMessage()))]);
        }

        return new self($fields instanceof \stdClass ? $fields : throw WrongType::of('', $fields, 'a JSON object'));
    }

    public function object(string $name): \stdClass
    {
        $value = $this->fields->{$name} ?? throw MissingField::named($name);

        return $value instanceof \stdClass ? $value : throw WrongType::of($name, $value, 'an object');
    }

    public function optionalObject(string $name): ?\stdClass
    {
        return isset($this->fields->{$name}) ? $this->object($name) : null;
    }

    public function text(string $name, int $most = 120): string
    {
        $value = $this->fields->{$name} ?? throw MissingField::named($name);
        if (! is_string($value)) {
            throw WrongType::of($name, $value, 'text');
        }
        $value = trim($value);
        if ($value === '' || mb_strlen($value) > $most) {
            throw TextOutOfBounds::of($name, $value, sprintf('1 to %d characters', $most));
        }

        return $value;
    }

    /** A text of any length, as it stands. */
    public function longText(string $name): string
    {
        $value = $this->fields->{$name} ?? throw MissingField::named($name);

        return is_string($value) ? $value : throw WrongType::of($name, $value, 'text');
    }

    /** @return list<string> */
    public function texts(string $name, int $most): array
    {
        $value = $this->fields->{$name} ?? throw MissingField::named($name);
        if (! is_array($value)) {
            throw WrongType::of($name, $value, 'a list');
        }
        if (count($value) > $most) {
            throw TextOutOfBounds::of($name, count($value).' entries', sprintf('at most %d entries', $most));
        }

        return array_map(static fn (mixed $item, int|string $at): string => is_string($item) ? $item : throw WrongType::of($name.'.'.$at, $item, 'text'), $value, array_keys($value));
    }

    public function optionalText(string $name, int $most = 120): ?string
    {
        return isset($this->fields->{$name}) ? $this->text($name, $most) : null;
    }

    public function whole(string $name): int
    {
        $value = $this->fields->{$name} ?? throw MissingField::named($name);

        return is_int($value) ? $value : throw WrongType::of($name, $value, 'a whole number');
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

        return $value >= $least && $value <= $most ? (float) $value : throw NumberOutOfRange::of($name, (float) $value, $least, $most, $unit);
    }
}
