<?php

declare(strict_types=1);

namespace RushHold\Habits;

use RushHold\Assumptions\Assumptions;
use RushHold\Statistics\Student;

/**
 * How long the aim stays off when it slips, from how alike it is in one frame and the next: what was off counts e^(−t/τ) after t seconds
 * (Uhlenbeck and Ornstein 1930). Source: docs/model.md, Yours instead of assumed.
 */
final readonly class SlipLearner implements Learner
{
    /** Times that are tried, in seconds: so many, each so much longer than the one before. */
    private const SHORTEST_S = 0.01;

    private const STEP = 1.03;

    private const STEPS = 195;

    /** Frames further apart than this tell nothing of each other, in seconds. */
    private const APART_S = 1.0;

    /** The first of two frames lies within so much of the way to the edge. */
    private const INSIDE = 0.5;

    /** What the subject adds by itself may be so much of the whole. */
    private const SUBJECT = 0.2;

    /** Spread of the logarithm of the time from one person to another (*assumed*). */
    private const PEOPLE = 0.5;

    public function figures(array $sights, Assumptions $assumed): array
    {
        $pairs = [];
        foreach (self::bursts($sights) as $burst) {
            foreach ($burst as $at => $sight) {
                $next = $burst[$at + 1] ?? null;
                if ($next === null || $next->atS - $sight->atS > self::APART_S || $next->atS <= $sight->atS) {
                    continue;
                }
                $others = self::off($next, $assumed);
                foreach (self::off($sight, $assumed) as $axis => $one) {
                    $other = $others[$axis];
                    // from near the edge it might have gone where nobody sees it any more, and then there would be no next
                    if ($one !== null && $other !== null && abs($one[0]) < self::INSIDE * $one[1]) {
                        $pairs[$sight->shot->skill][$sight->burst][] = [$one[0], $other[0], $next->atS - $sight->atS];
                    }
                }
            }
        }
        $figures = [];
        foreach ($pairs as $skill => $byBurst) {
            $figures[] = self::figure('aim.recover.'.$skill, $byBurst, $assumed);
        }

        return $figures;
    }

    /**
     * @param  list<Sight>  $sights
     * @return array<string, list<Sight>> those whose place is known, in order
     */
    private static function bursts(array $sights): array
    {
        $bursts = [];
        foreach ($sights as $sight) {
            if ($sight->asideRad !== null && $sight->aboveRad !== null) {
                $bursts[$sight->burst][] = $sight;
            }
        }
        foreach ($bursts as $name => $burst) {
            usort($burst, static fn (Sight $a, Sight $b): int => $a->atS <=> $b->atS);
            $bursts[$name] = $burst;
        }

        return $bursts;
    }

    /**
     * @return list<?array{float, float}> how far off sideways and upwards, and how far it could be and still be in the frame, in spreads of the aim;
     *                                   null where the subject itself adds too much
     */
    private static function off(Sight $sight, Assumptions $assumed): array
    {
        $shot = $sight->shot;
        $rest = $assumed->value('aim.'.$shot->support);
        $late =
            ($assumed->value('aim.late.'.($shot->panning ? $shot->skill : 'unpanned')) * $shot->crossingAtMps($sight->distanceM)) /
            $sight->distanceM;
        $off = [];
        foreach (
            [
                [(float) $sight->asideRad, $shot->jinkM, 1.0, $shot->sensorMm],
                [(float) $sight->aboveRad, $shot->jinkUpM, $assumed->value('aim.upwards'), $shot->sensorHighMm],
            ] as [$angle, $jinkM, $share, $sideMm]
        ) {
            $own = $rest ** 2 + ($share * $late) ** 2;
            $jink = ($jinkM / $sight->distanceM) ** 2;
            $spread = sqrt($own + $jink);
            $off[] = $jink > self::SUBJECT * ($own + $jink)
                ? null
                : [$angle / $spread, $sideMm / 2 / $shot->focalMm / $spread];
        }

        return $off;
    }

    /** @param  array<string, list<array{float, float, float}>>  $byBurst  one, the next, and the seconds between them */
    private static function figure(string $name, array $byBurst, Assumptions $assumed): LearntFigure
    {
        $usual = max(self::SHORTEST_S, $assumed->value($name));
        $likely = [];
        foreach (range(0, self::STEPS - 1) as $step) {
            $tau = self::SHORTEST_S * self::STEP ** $step;
            $sum = 0.0;
            foreach ($byBurst as $pairs) {
                foreach ($pairs as [$one, $other, $between]) {
                    $alike = exp(-$between / $tau);
                    $spread = sqrt(max(1e-6, 1 - $alike ** 2));
                    $sum -= log($spread) + 0.5 * (($other - $alike * $one) / $spread) ** 2;
                }
            }
            $likely[$step] = $sum - 0.5 * (log($tau / $usual) / self::PEOPLE) ** 2;
        }
        $best = (int) array_search(max($likely), $likely, true);
        $reach = 0.5 * Student::of(max(1.0, count($byBurst) - 1)) ** 2;
        [$low, $high] = [$best, $best];
        while ($low > 0 && $likely[$low] > $likely[$best] - $reach) {
            $low--;
        }
        while ($high < self::STEPS - 1 && $likely[$high] > $likely[$best] - $reach) {
            $high++;
        }
        $frames = array_sum(array_map(count(...), $byBurst));

        return new LearntFigure(
            $name,
            $assumed->value($name),
            self::SHORTEST_S * self::STEP ** $best,
            self::SHORTEST_S * self::STEP ** $low,
            self::SHORTEST_S * self::STEP ** $high,
            // the assumed figure counts as surely as people differ
            1 / self::PEOPLE ** 2,
            intdiv($frames, 2),
            array_map(strval(...), array_keys($byBurst)),
            [],
        );
    }
}
