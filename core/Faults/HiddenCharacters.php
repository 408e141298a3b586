<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A text with characters that cannot be seen, or that turn the direction of what follows. */
final class HiddenCharacters extends Fault
{
    private const HIDDEN = '/[\p{Cc}\x{200B}-\x{200F}\x{202A}-\x{202E}\x{2060}-\x{2069}\x{FEFF}]/u';

    /** @throws self naming the first text of the document that holds one */
    public static function refuse(mixed $value, string $field = ''): void
    {
        // written as one text they show at once; where there is one, it is looked for
        if (preg_match(self::HIDDEN, is_string($value) ? $value : serialize($value)) !== 0) {
            self::find($value, $field);
        }
    }

    /** @throws self */
    private static function find(mixed $value, string $field): void
    {
        if (is_string($value) && preg_match(self::HIDDEN, $value) !== 0) {
            $range = 'plain text on one line, without control characters';
            $shown = preg_replace(self::HIDDEN, '�', $value);
            $field = (string) preg_replace(self::HIDDEN, '�', $field);
            throw new self(
                $field,
                $shown,
                $range,
                sprintf('%s is %s; it must be %s.', $field, self::shown($shown), $range),
            );
        }
        foreach (is_array($value) || $value instanceof \stdClass ? (array) $value : [] as $name => $below) {
            if (is_string($name)) {
                self::find($name, $field === '' ? 'a name' : $field);
            }
            self::find($below, $field === '' ? (string) $name : $field.'.'.$name);
        }
    }
}
