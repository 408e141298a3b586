<?php

declare(strict_types=1);

namespace RushHold\Habits;

use RushHold\Statistics\Student;

/**
 * How much brighter a place is than reckoned, from what the camera exposed for in the bursts that were taken there.
 * Source: docs/model.md, Yours instead of assumed.
 */
final class PlaceLight
{
    /** What goes before the id of a place in the name of its figure. */
    public const FIGURE = 'light.';

    /** Spread of one burst about its place, in stops, until bursts tell it: a pale bird, a dark wood behind (*assumed*). */
    private const SPREAD = 0.7;

    /** Spread from one place to another, in stops (*assumed*). */
    private const PLACES = 1.0;

    /** What is off by more than so many spreads is something else: a hall, a lamp, a meter that looked elsewhere. */
    private const OUTLIER = 4.0;

    /** A spread from the middle of what deviates, for a normal distribution. */
    private const NORMAL = 1.4826;

    /**
     * @param  string  $name  of the figure
     * @param  list<LightReading>  $readings
     * @param  float  $usual  stops it is said to be brighter by
     */
    public static function figure(string $name, array $readings, float $usual): ?LearntFigure
    {
        if ($readings === []) {
            return null;
        }
        $stops = array_map(static fn (LightReading $one): float => $one->stops, $readings);
        $middle = self::median($stops);
        $off = self::median(array_map(static fn (float $one): float => abs($one - $middle), $stops));
        $far = self::OUTLIER * max(self::SPREAD / 2, self::NORMAL * $off);
        $in = $out = [];
        foreach ($readings as $one) {
            if (abs($one->stops - $middle) <= $far) {
                $in[] = $one;
            } else {
                $out[] = $one->burst;
            }
        }

        $bursts = count($in);
        $frames = array_sum(array_map(static fn (LightReading $one): int => $one->frames, $in));
        $stops = array_map(static fn (LightReading $one): float => $one->stops, $in);
        $mean = array_sum($stops) / $bursts;
        // the spread that was assumed counts as one more burst that lies so far off
        $squares =
            self::SPREAD ** 2 +
            array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $stops));
        $error = sqrt($squares / $bursts / $bursts);
        $worth = Learner::WORTH / (1 + (($mean - $usual) / $error) ** 2);
        $share = $frames / ($frames + $worth);
        $value = $share * $mean + (1 - $share) * $usual;
        $reach =
            Student::of(max(1.0, $bursts - 1 + $worth)) *
            sqrt(($share * $error) ** 2 + ((1 - $share) * self::PLACES) ** 2);

        return new LearntFigure(
            $name,
            $usual,
            $value,
            $value - $reach,
            $value + $reach,
            $worth,
            $frames,
            array_map(static fn (LightReading $one): string => $one->burst, $in),
            $out,
        );
    }

    /** @param  non-empty-list<float>  $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);
        $half = intdiv(count($numbers), 2);

        return count($numbers) % 2 === 1 ? $numbers[$half] : ($numbers[$half - 1] + $numbers[$half]) / 2;
    }
}
