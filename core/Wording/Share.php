<?php

declare(strict_types=1);

namespace RushHold\Wording;

/** Chances and shares as a person says them. */
final class Share
{
    /** "94 %", "under 1 %", "over 99 %". */
    public static function percent(float $share): string
    {
        $percent = $share * 100;

        return match (true) {
            $percent < 0.95 => 'under 1 %',
            $percent > 99.05 => 'over 99 %',
            default => sprintf('%.0f %%', $percent),
        };
    }
}
