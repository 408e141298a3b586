<?php

declare(strict_types=1);

namespace App\Documents;

/**
 * Recognises documents that certainly keep a schema, by walking the schema itself.
 *
 * The schema library reads a schema anew for every request, which takes longer than all else a plan needs. Nearly every
 * document is good, so this walk says yes to those; whatever it is not sure of, a keyword it does not know included,
 * is left to the library, which also names the faults.
 */
final class QuickCheck
{
    private const SAYS_NOTHING = ['$schema', '$id', '$defs', 'title', 'description'];

    public static function certainlyKeeps(mixed $value, mixed $schema, \stdClass $root, Schemas $schemas): bool
    {
        if (! ($schema instanceof \stdClass)) {
            return false;
        }
        foreach (get_object_vars($schema) as $keyword => $rule) {
            if (
                ! in_array($keyword, self::SAYS_NOTHING, true) &&
                ! self::keeps($value, $keyword, $rule, $schema, $root, $schemas)
            ) {
                return false;
            }
        }

        return true;
    }

    private static function keeps(
        mixed $value,
        string $keyword,
        mixed $rule,
        \stdClass $schema,
        \stdClass $root,
        Schemas $schemas,
    ): bool {
        return match ($keyword) {
            '$ref' => is_string($rule) && self::followed($value, $schemas->follow($rule, $root), $schemas),
            'type' => self::isOf($value, is_array($rule) ? $rule : [$rule]),
            'enum' => is_array($rule) && in_array($value, $rule, true),
            'const' => $value === $rule,
            'minimum' => ! is_numeric($value) || is_string($value) || $value >= $rule,
            'maximum' => ! is_numeric($value) || is_string($value) || $value <= $rule,
            'minLength' => ! is_string($value) || mb_strlen($value) >= $rule,
            'maxLength' => ! is_string($value) || mb_strlen($value) <= $rule,
            'minItems' => ! is_array($value) || count($value) >= $rule,
            'maxItems' => ! is_array($value) || count($value) <= $rule,
            'uniqueItems' => ! is_array($value) ||
                $rule === false ||
                count(array_unique(array_filter($value, is_string(...)))) === count($value),
            'items' => ! is_array($value) || self::allKeep($value, $rule, $root, $schemas),
            'required' => ! ($value instanceof \stdClass) ||
                (is_array($rule) &&
                    array_diff(array_filter($rule, is_string(...)), array_keys(get_object_vars($value))) === []),
            'properties' => ! ($value instanceof \stdClass) ||
                ($rule instanceof \stdClass && self::fieldsKeep($value, $rule, $root, $schemas)),
            'additionalProperties' => $rule === false &&
                (! ($value instanceof \stdClass) ||
                    array_diff_key(
                        get_object_vars($value),
                        get_object_vars((object) ($schema->properties ?? new \stdClass())),
                    ) === []),
            default => false,
        };
    }

    /** @param  ?array{\stdClass, \stdClass}  $found */
    private static function followed(mixed $value, ?array $found, Schemas $schemas): bool
    {
        return $found !== null && self::certainlyKeeps($value, $found[0], $found[1], $schemas);
    }

    /** @param  array<mixed>  $types */
    private static function isOf(mixed $value, array $types): bool
    {
        foreach ($types as $type) {
            $is = match ($type) {
                'number' => is_int($value) || is_float($value),
                'integer' => is_int($value),
                'string' => is_string($value),
                'boolean' => is_bool($value),
                'object' => $value instanceof \stdClass,
                'array' => is_array($value) && array_is_list($value),
                'null' => $value === null,
                default => false,
            };
            if ($is) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<mixed>  $values */
    private static function allKeep(array $values, mixed $rule, \stdClass $root, Schemas $schemas): bool
    {
        foreach ($values as $value) {
            if (! self::certainlyKeeps($value, $rule, $root, $schemas)) {
                return false;
            }
        }

        return true;
    }

    private static function fieldsKeep(\stdClass $value, \stdClass $rules, \stdClass $root, Schemas $schemas): bool
    {
        foreach (get_object_vars($value) as $name => $field) {
            if (
                property_exists($rules, (string) $name) &&
                ! self::certainlyKeeps($field, $rules->{$name}, $root, $schemas)
            ) {
                return false;
            }
        }

        return true;
    }
}
