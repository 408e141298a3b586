<?php

declare(strict_types=1);

namespace RushHold\Faults;

/**
 * A mistake in what was given, told so that it can be put right: which field, which value, which range.
 *
 * Fields are dotted paths into the document ("distance.work_m"); {@see pointer()} gives the JSON pointer.
 */
abstract class Fault extends \DomainException
{
    /** Longest part of a field's path, and longest message, in characters. */
    private const LONGEST_NAME = 60;

    private const LONGEST_MESSAGE = 400;

    public readonly string $field;

    public readonly string $range;

    final protected function __construct(string $field, public readonly mixed $value, string $range, string $message)
    {
        $this->field = self::shortened($field);
        $this->range = self::cut($range, self::LONGEST_MESSAGE);
        // a long name stands in the message too
        parent::__construct(
            self::cut(
                $field === $this->field ? $message : str_replace($field, $this->field, $message),
                self::LONGEST_MESSAGE,
            ),
        );
    }

    /** The field as a JSON pointer, "" for the document as a whole. */
    public function pointer(): string
    {
        return $this->field === '' ? '' : '/'.str_replace('.', '/', $this->field);
    }

    /** What was given, small enough to be told: a long text is cut, a list or an object is written out in short. */
    public function told(): mixed
    {
        return match (true) {
            is_float($this->value) && ! is_finite($this->value) => null,
            is_string($this->value) => self::cut($this->value, self::LONGEST_NAME),
            is_scalar($this->value), $this->value === null => $this->value,
            default => self::shown($this->value),
        };
    }

    private static function shortened(string $field): string
    {
        return implode(
            '.',
            array_map(
                static fn (string $name): string => self::cut($name, self::LONGEST_NAME),
                array_slice(explode('.', $field), 0, 40),
            ),
        );
    }

    private static function cut(string $text, int $most): string
    {
        return mb_strlen($text) > $most ? mb_substr($text, 0, $most - 1).'…' : $text;
    }

    /** The value as it would be written in JSON, shortened to 60 characters. */
    protected static function shown(mixed $value): string
    {
        $value = self::few($value);
        if (is_float($value) && ! is_finite($value)) {
            return is_nan($value) ? 'not a number' : 'infinity';
        }
        $text = json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR);
        $text = is_string($text) ? $text : get_debug_type($value);

        return mb_strlen($text) > 60 ? mb_substr($text, 0, 57).'…' : $text;
    }

    /** A value with no more in it than can be shown. */
    private static function few(mixed $value): mixed
    {
        return match (true) {
            is_string($value) => mb_substr($value, 0, 100),
            is_array($value) => array_map(self::few(...), array_slice($value, 0, 20)),
            $value instanceof \stdClass => (object) array_map(
                self::few(...),
                array_slice(get_object_vars($value), 0, 20),
            ),
            default => $value,
        };
    }

    /** A number without needless digits: 0.000125, 3.6, 6400. */
    protected static function plain(float $number): string
    {
        return is_finite($number) ? rtrim(rtrim(sprintf('%.9f', $number), '0'), '.') : 'infinity';
    }
}
