<?php

declare(strict_types=1);

namespace App\Owned;

/** Ids of rows, wherever they stand in a text. */
final class Ids
{
    /** As the store has them. */
    public const ONE = '/^[0-9a-z]{26}$/';

    private const ANYWHERE = '/(?<![0-9a-zA-Z])[0-9a-z]{26}(?![0-9a-zA-Z])/';

    /** @return list<string> what may be one in a text, each once */
    public static function in(string $text): array
    {
        preg_match_all(self::ANYWHERE, $text, $found);

        return array_values(array_unique($found[0]));
    }

    /** @param  \Closure(string): string  $with  what stands there instead */
    public static function replaced(string $text, \Closure $with): string
    {
        $one = static fn (array $found): string => $with($found[0]);

        return (string) preg_replace_callback(self::ANYWHERE, $one, $text);
    }
}
