<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;

/** The narrowest range of the limiter switch that leaves out nothing the subject may reach. */
final class LimiterChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $ranges = $situation->kit->lens->limiterM;
        $rush = $situation->rush;
        if ($ranges === []) {
            $draft->because('limiter_m', 'Your lens has no limiter.');

            return;
        }
        $fitting = array_values(array_filter($ranges, static fn (array $range): bool => $range[0] <= $rush->nearM && ($range[1] ?? INF) >= $rush->farM));
        // none takes in all of it: at least where you photograph it
        $among = $fitting !== [] ? $fitting : array_values(array_filter($ranges, static fn (array $range): bool => $range[0] <= $rush->workM && ($range[1] ?? INF) >= $rush->workM));
        $numbers = ['near_m' => $rush->nearM, 'far_m' => $rush->farM];
        if ($among === []) {
            $draft->because('limiter_m', fn (): string => sprintf('No range of your limiter takes in %s: switch it off.', $situation->units->length($rush->workM)), $numbers);

            return;
        }
        $order = $fitting !== [] ? 1 : -1; // what fits may be narrow; what does not should be wide
        usort($among, /** @param  array{float, ?float}  $a @param  array{float, ?float}  $b */ static fn (array $a, array $b): int => $order * (self::span($a) <=> self::span($b)));
        $chosen = $draft->limiterM = $among[0];
        $draft->because('limiter_m', fn (): string => $this->why($situation, $chosen, $fitting !== [], count($ranges)), $numbers);
    }

    /**
     * How far the focus may run, in dioptres: what a lens has to travel.
     *
     * @param  array{float, ?float}  $range
     */
    private static function span(array $range): float
    {
        return 1 / $range[0] - ($range[1] === null ? 0.0 : 1 / $range[1]);
    }

    /** @param  array{float, ?float}  $range */
    private function why(Situation $situation, array $range, bool $fits, int $count): string
    {
        $units = $situation->units;
        $between = sprintf('%s – %s', $units->length($situation->rush->nearM), $units->length($situation->rush->farM));
        if (! $fits) {
            return sprintf('No range takes in all of %s; this one covers where you photograph it.', $between);
        }
        $cut = $range[0] > $situation->kit->lens->closestM * 1.05;

        return match (true) {
            $cut => sprintf('It stays within %s: shut off what is nearer than %s and the lens comes back sooner.', $between, $units->length($range[0])),
            $count > 1 => sprintf('It may come as near as %s, inside the shorter range, so leave it on full.', $units->length($situation->rush->nearM)),
            default => 'Its only range takes in all of this.',
        };
    }
}
