<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A fault of one piece of several, told with the name of that piece. */
final class InPiece extends Fault
{
    /**
     * @param  string  $piece  as in: body “Skerry One”
     * @param  string  $words  its field in words; empty for the piece as a whole
     */
    public static function of(Fault $fault, string $piece, string $words): self
    {
        $field = $words === '' ? 'It' : ucfirst($words);
        $message = str_starts_with($fault->getMessage(), $fault->field)
            ? $field.mb_substr($fault->getMessage(), mb_strlen($fault->field))
            : $fault->getMessage();

        return new self($fault->field, $fault->value, $fault->range, sprintf('In the %s: %s', $piece, $message));
    }
}
