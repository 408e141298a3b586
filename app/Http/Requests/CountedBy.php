<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use RushHold\Counts\Dimension;
use RushHold\Faults\TextOutOfBounds;

/** What bursts an address asks for, by what they are counted by. */
final class CountedBy
{
    /** Longest value of anything that is counted by. */
    private const LONGEST = 120;

    /**
     * What the address asks for, as it is written: an empty value is one, and a blank at the end of a name belongs to it.
     *
     * @return array<string, string>
     */
    public static function asked(Request $request): array
    {
        parse_str((string) $request->getQueryString(), $asked);
        $texts = [];
        foreach ($asked as $name => $value) {
            if (! is_string($value) || mb_strlen($value) > self::LONGEST || ! mb_check_encoding($value, 'UTF-8')) {
                throw TextOutOfBounds::of((string) $name, is_string($value) ? mb_scrub($value) : '', 'a text of at most '.self::LONGEST.' characters');
            }
            $texts[(string) $name] = $value;
        }

        return $texts;
    }

    /**
     * @param  array<string, string>  $asked  from {@see asked()}
     * @return array<string, string> value of each dimension that is to be so
     */
    public static function where(array $asked): array
    {
        return array_intersect_key($asked, array_flip(array_column(Dimension::cases(), 'value')));
    }
}
