<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Faults\MissingField;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\WrongType;
use RushHold\Guard;

/** Typed access to one object of a JSON document; every miss is a fault that names the whole path. */
final readonly class Reader
{
    /** Smaller than any length, time or share that means something. */
    private const NOUGHT = 1e-12;

    /**
     * A document as JSON gives it, its objects as arrays: what the craft reads.
     *
     * @return array<mixed>
     */
    public static function plain(mixed $document): array
    {
        $document = $document instanceof \stdClass ? get_object_vars($document) : $document;

        return is_array($document)
            ? array_map(
                static fn (mixed $value): mixed => is_array($value) || $value instanceof \stdClass
                    ? self::plain($value)
                    : $value,
                $document,
            )
            : [];
    }

    /** @param  array<mixed>  $fields */
    private function __construct(private array $fields, private string $path) {}

    /** @param  array<mixed>  $fields */
    public static function of(array $fields, string $path = ''): self
    {
        return new self($fields, $path);
    }

    /** @return array<mixed> all its fields */
    public function all(): array
    {
        return $this->fields;
    }

    public function inside(string $name): self
    {
        $value = $this->need($name);

        return is_array($value)
            ? new self($value, $this->path($name))
            : throw WrongType::of($this->path($name), $value, 'an object');
    }

    public function number(string $name): float
    {
        $value = $this->need($name);

        return self::asFloat($value) ?? throw WrongType::of($this->path($name), $value, 'a number');
    }

    /** A number between two others, which may be left out; null where it is. */
    public function optional(string $name, float $least, float $most, string $unit = ''): ?float
    {
        return $this->has($name)
            ? Guard::between($this->path($name), $this->number($name), $least, $most, $unit)
            : null;
    }

    private static function asFloat(mixed $value): ?float
    {
        return is_int($value) || is_float($value) ? (abs($value) < self::NOUGHT ? 0.0 : (float) $value) : null;
    }

    public function whole(string $name): int
    {
        $value = $this->number($name);

        return floor($value) === $value
            ? (int) $value
            : throw WrongType::of($this->path($name), $value, 'a whole number');
    }

    public function text(string $name): string
    {
        $value = $this->need($name);

        return is_string($value) ? $value : throw WrongType::of($this->path($name), $value, 'text');
    }

    public function optionalText(string $name): ?string
    {
        return $this->has($name) ? $this->text($name) : null;
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        $found = [];
        foreach ($this->items($name) as $at => $item) {
            $found[] = is_string($item) ? $item : throw WrongType::of($this->path($name).'.'.$at, $item, 'text');
        }

        return $found;
    }

    /** @return list<self> a list of objects */
    public function objects(string $name): array
    {
        $found = [];
        foreach ($this->items($name) as $at => $item) {
            $found[] = is_array($item)
                ? new self($item, $this->path($name).'.'.$at)
                : throw WrongType::of($this->path($name).'.'.$at, $item, 'an object');
        }

        return $found;
    }

    public function flag(string $name): bool
    {
        $value = $this->need($name);

        return is_bool($value) ? $value : throw WrongType::of($this->path($name), $value, 'true or false');
    }

    /** @return list<mixed> */
    public function items(string $name): array
    {
        $value = $this->need($name);

        return is_array($value) ? array_values($value) : throw WrongType::of($this->path($name), $value, 'a list');
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function choice(string $name, string $enum): \BackedEnum
    {
        return $this->known($this->need($name), $enum, $this->path($name));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return list<T>
     */
    public function choices(string $name, string $enum): array
    {
        $found = [];
        foreach ($this->items($name) as $at => $item) {
            $found[] = $this->known($item, $enum, $this->path($name).'.'.$at);
        }

        return $found;
    }

    /** @return list<float> */
    public function numbers(string $name): array
    {
        $found = [];
        foreach ($this->items($name) as $at => $item) {
            $found[] = self::asFloat($item) ?? throw WrongType::of($this->path($name).'.'.$at, $item, 'a number');
        }

        return $found;
    }

    /** Whether an optional field is there. */
    public function has(string $name): bool
    {
        return ($this->fields[$name] ?? null) !== null;
    }

    /** @return list<string> the names of the fields there are */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->fields));
    }

    public function path(string $name): string
    {
        return $this->path === '' ? $name : $this->path.'.'.$name;
    }

    private function need(string $name): mixed
    {
        return array_key_exists($name, $this->fields)
            ? $this->fields[$name]
            : throw MissingField::named($this->path($name));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    private function known(mixed $value, string $enum, string $path): \BackedEnum
    {
        $found = is_string($value) ? $enum::tryFrom($value) : null;

        return $found ??
            throw UnknownChoice::of(
                $path,
                $value,
                array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases()),
            );
    }
}
