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
    final protected function __construct(
        public readonly string $field,
        public readonly mixed $value,
        public readonly string $range,
        string $message,
    ) {
        parent::__construct($message);
    }

    /** The field as a JSON pointer, "" for the document as a whole. */
    public function pointer(): string
    {
        return $this->field === '' ? '' : '/'.str_replace('.', '/', $this->field);
    }

    /** The value as it would be written in JSON, shortened to 60 characters. */
    protected static function shown(mixed $value): string
    {
        if (is_float($value) && ! is_finite($value)) {
            return is_nan($value) ? 'not a number' : 'infinity';
        }
        $text = json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR);
        $text = is_string($text) ? $text : get_debug_type($value);

        return mb_strlen($text) > 60 ? mb_substr($text, 0, 57).'…' : $text;
    }

    /** A number without needless digits: 0.000125, 3.6, 6400. */
    protected static function plain(float $number): string
    {
        return is_finite($number) ? rtrim(rtrim(sprintf('%.9f', $number), '0'), '.') : 'infinity';
    }
}
