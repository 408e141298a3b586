<?php

declare(strict_types=1);

namespace RushHold\Dialect;

/** Words as a camera shows them and a person types them. */
final class Words
{
    /** Whether two words are the same but for case, spaces, and the dash a minus is typed with. */
    public static function alike(string $a, string $b): bool
    {
        return self::plain($a) === self::plain($b);
    }

    private static function plain(string $word): string
    {
        return mb_strtolower(trim((string) preg_replace(['/[−–—]/u', '/\s+/u'], ['-', ' '], $word)));
    }
}
