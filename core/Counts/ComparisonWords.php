<?php

declare(strict_types=1);

namespace RushHold\Counts;

/** What two set-ups brought, one beside the other, as a person reads it. */
final class ComparisonWords
{
    /** Bursts beyond which nobody goes on for the sake of a comparison. */
    private const FAR = 2000;

    public static function difference(string $one, string $other, Difference $difference): string
    {
        if ($difference->one->cell->bursts === 0 || $difference->other->cell->bursts === 0) {
            return sprintf(
                'Of “%s” nothing has come home yet, so there is nothing to compare.',
                $difference->one->cell->bursts === 0 ? $one : $other,
            );
        }
        if ($difference->isTold()) {
            return sprintf(
                '“%s” brings %s more sharp frames in a hundred than “%s”: between %s and %s.',
                $difference->more > 0 ? $one : $other,
                self::points(abs($difference->more)),
                $difference->more > 0 ? $other : $one,
                self::points(min(abs($difference->least), abs($difference->most))),
                self::points(max(abs($difference->least), abs($difference->most))),
            );
        }
        $needed = $difference->burstsToTell();

        return 'Not to be told apart yet: '.
            match (true) {
                $needed === null, $needed > self::FAR => 'they would need thousands of bursts more for that.',
                $needed === 0 => 'ten points would show by now, so they lie closer than that.',
                default => sprintf('about %d more %s each would tell 10 points.', $needed, $needed === 1 ? 'burst' : 'bursts'),
            };
    }

    /** Null where no rush has both. */
    public static function paired(string $one, string $other, PairedDifference $paired): ?string
    {
        if ($paired->pairs === 0) {
            return null;
        }
        $within = $paired->pairs === 1 ? 'Within the one rush that has both' : "Within the {$paired->pairs} rushes that have both";
        [$least, $most] = [$paired->more - $paired->half, $paired->more + $paired->half];

        return $paired->isTold()
            ? sprintf(
                '%s, “%s” brings %s more in a hundred: between %s and %s.',
                $within,
                $paired->more > 0 ? $one : $other,
                self::points(abs($paired->more)),
                self::points(min(abs($least), abs($most))),
                self::points(max(abs($least), abs($most))),
            )
            : sprintf(
                '%s, they are not to be told apart: between %s less and %s more of “%s”.',
                $within,
                self::points(max(0.0, -$least)),
                self::points(max(0.0, $most)),
                $one,
            );
    }

    private static function points(float $share): string
    {
        return sprintf($share < 0.0995 ? '%.1f' : '%.0f', 100 * $share);
    }
}
