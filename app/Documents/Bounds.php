<?php

declare(strict_types=1);

namespace App\Documents;

/** Bounds of a text or a list, in words. */
final class Bounds
{
    /** "1 to 120 characters"; $most null for no upper bound. */
    public static function words(mixed $least, mixed $most, string $of): string
    {
        return sprintf('%s to %s %s', json_encode($least), $most === null ? 'any number of' : json_encode($most), $of);
    }
}
