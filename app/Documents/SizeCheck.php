<?php

declare(strict_types=1);

namespace App\Documents;

use RushHold\Faults\Fault;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnknownField;

/**
 * Refuses what is larger than a schema allows, before anything walks it whose cost grows faster than its size.
 *
 * Lists longer than their maxItems, texts longer than their maxLength and objects with many unknown names are told at once and
 * not looked into; all else is left to the checks that follow. Costs one step for each value that is looked at.
 */
final class SizeCheck
{
    /** Faults told of one document at the most. */
    public const MOST_FAULTS = 40;

    /** Longest list and text where a schema does not say. */
    private const LIST = 500;

    private const TEXT = 10_000;

    /** @var list<Fault> */
    private array $faults = [];

    /** @var list<Fault> unknown names; few of them are told with everything else that is wrong */
    private array $unknown = [];

    private int $unknownSeen = 0;

    private function __construct(private readonly Schemas $schemas) {}

    /**
     * @param  mixed  $document  as json_decode gives it, objects as objects
     * @return list<Fault> empty when it may be looked at closely
     */
    public static function faults(
        mixed $document,
        \stdClass $schema,
        \stdClass $root,
        Schemas $schemas,
        string $field = '',
    ): array {
        $check = new self($schemas);
        $check->walk($document, $schema, $root, $field);

        return $check->faults !== [] || $check->unknownSeen <= self::MOST_FAULTS ? $check->faults : $check->unknown;
    }

    private function walk(mixed $value, \stdClass $schema, \stdClass $root, string $field): void
    {
        if (is_string($schema->{'$ref'} ?? null)) {
            $found = $this->schemas->follow($schema->{'$ref'}, $root);
            if ($found !== null) {
                $this->walk($value, $found[0], $found[1], $field);
            }

            return;
        }
        if (is_string($value)) {
            $most = is_int($schema->maxLength ?? null) ? $schema->maxLength : self::TEXT;
            if (strlen($value) > $most && mb_strlen($value) > $most) {
                $this->tell(
                    TextOutOfBounds::of($field, $value, Bounds::words($schema->minLength ?? 0, $most, 'characters')),
                );
            }
        } elseif (is_array($value)) {
            $this->list($value, $schema, $root, $field);
        } elseif ($value instanceof \stdClass) {
            $this->object($value, $schema, $root, $field);
        }
    }

    /** @param  array<mixed>  $values */
    private function list(array $values, \stdClass $schema, \stdClass $root, string $field): void
    {
        $most = is_int($schema->maxItems ?? null) ? $schema->maxItems : self::LIST;
        if (count($values) > $most) {
            $this->tell(
                TextOutOfBounds::of(
                    $field,
                    array_slice($values, 0, 20),
                    Bounds::words($schema->minItems ?? 0, $most, 'entries'),
                ),
            );

            return;
        }
        $of = $schema->items ?? new \stdClass();
        foreach ($values as $at => $value) {
            $this->walk(
                $value,
                $of instanceof \stdClass ? $of : new \stdClass(),
                $root,
                self::join($field, (string) $at),
            );
        }
    }

    private function object(\stdClass $value, \stdClass $schema, \stdClass $root, string $field): void
    {
        $known = ($schema->properties ?? null) instanceof \stdClass ? get_object_vars($schema->properties) : [];
        $others = $schema->additionalProperties ?? null;
        $most = is_int($schema->maxProperties ?? null) ? $schema->maxProperties : self::LIST;
        $seen = 0;
        foreach (get_object_vars($value) as $name => $below) {
            $name = (string) $name;
            if (($known[$name] ?? null) instanceof \stdClass) {
                $this->walk($below, $known[$name], $root, self::join($field, $name));
            } elseif ($others === false) {
                if ($this->unknownSeen++ < self::MOST_FAULTS) {
                    $this->unknown[] = UnknownField::named(
                        self::join($field, $name),
                        array_map(strval(...), array_keys($known)),
                    );
                }
            } elseif (++$seen > $most) {
                $this->tell(
                    TextOutOfBounds::of(
                        $field,
                        count(get_object_vars($value)).' entries',
                        sprintf('at most %d entries', $most),
                    ),
                );

                return;
            } else {
                $this->walk(
                    $below,
                    $others instanceof \stdClass ? $others : new \stdClass(),
                    $root,
                    self::join($field, $name),
                );
            }
        }
    }

    private function tell(Fault $fault): void
    {
        if (count($this->faults) < self::MOST_FAULTS) {
            $this->faults[] = $fault;
        }
    }

    private static function join(string $field, string $name): string
    {
        return $field === '' ? $name : $field.'.'.$name;
    }
}
