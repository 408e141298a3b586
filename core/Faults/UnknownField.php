<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A field the document may not carry: most often a misspelt name. */
final class UnknownField extends Fault
{
    /** Names that are listed in full. */
    private const FEW = 16;

    /** @param  list<string>  $allowed */
    public static function named(string $field, array $allowed): self
    {
        $known = self::nearest($field, $allowed);

        return new self(
            $field,
            null,
            'one of '.$known,
            sprintf('%s is not a known field; known here: %s.', $field, $known),
        );
    }

    /**
     * All names where they are few, else those most like what was written.
     *
     * @param  list<string>  $allowed
     */
    private static function nearest(string $field, array $allowed): string
    {
        if (count($allowed) <= self::FEW) {
            return implode(', ', $allowed);
        }
        $written = substr((string) strrchr('.'.$field, '.'), 1, 60);
        $distance = [];
        foreach ($allowed as $name) {
            $distance[$name] = levenshtein($written, substr($name, 0, 60));
        }
        asort($distance);

        return sprintf(
            '%s and %d more',
            implode(', ', array_slice(array_keys($distance), 0, self::FEW / 2)),
            count($allowed) - self::FEW / 2,
        );
    }
}
