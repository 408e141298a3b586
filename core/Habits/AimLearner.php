<?php

declare(strict_types=1);

namespace RushHold\Habits;

use RushHold\Assumptions\Assumptions;
use RushHold\Statistics\Sighted;
use RushHold\Statistics\VarianceParts;

/**
 * How far the aim wanders at rest on each support, and how late it is behind what crosses, from where the subject lies in the frames: both at
 * once, because they stand together in every frame. Source: docs/model.md, Yours instead of assumed.
 */
final readonly class AimLearner implements Learner
{
    /** Bursts that must have been composed alike for their middle to be where the person wants it. */
    private const BURSTS = 3;

    public function figures(array $sights, Assumptions $assumed): array
    {
        $by = [];
        foreach ($sights as $sight) {
            if ($sight->asideRad !== null && $sight->aboveRad !== null) {
                $by[$sight->under][] = $sight;
            }
        }
        $names = $sighted = [];
        $upwards = $assumed->value('aim.upwards');
        foreach ($by as $together) {
            $bursts = count(array_unique(array_map(static fn (Sight $one): string => $one->burst, $together)));
            if ($bursts < self::BURSTS) {
                continue;
            }
            // what is taken off as the middle is so much too near to each
            $wider = sqrt($bursts / ($bursts - 1));
            $aside = self::middle(array_map(static fn (Sight $one): float => (float) $one->asideRad, $together));
            $above = self::middle(array_map(static fn (Sight $one): float => (float) $one->aboveRad, $together));
            foreach ($together as $sight) {
                $shot = $sight->shot;
                $rest = self::place($names, 'aim.'.$shot->support);
                $late = self::place($names, 'aim.late.'.($shot->panning ? $shot->skill : 'unpanned'));
                $panRate = $shot->crossingAtMps($sight->distanceM) / $sight->distanceM;
                foreach (
                    [
                        [(float) $sight->asideRad - $aside, $shot->jinkM, 1.0, $shot->sensorMm],
                        [(float) $sight->aboveRad - $above, $shot->jinkUpM, $upwards, $shot->sensorHighMm],
                    ] as [$off, $jinkM, $share, $sideMm]
                ) {
                    $sighted[] = [
                        $sight,
                        $off * $wider,
                        ($jinkM / $sight->distanceM) ** 2,
                        [$rest => 1.0, $late => ($share * $panRate) ** 2],
                        $sideMm / 2 / $shot->focalMm,
                    ];
                }
            }
        }
        if ($sighted === []) {
            return [];
        }
        $fit = VarianceParts::of(
            array_map(
                static fn (array $one): Sighted => new Sighted(
                    $one[0]->burst,
                    $one[0]->id,
                    $one[1],
                    0.0,
                    $one[2],
                    array_map(static fn (int $part): float => $one[3][$part] ?? 0.0, array_values($names)),
                    $one[4],
                ),
                $sighted,
            ),
            array_map(static fn (string $name): float => $assumed->value($name) ** 2, array_keys($names)),
            self::WORTH,
        );
        $figures = [];
        foreach (array_keys($names) as $at => $name) {
            $part = $fit->parts[$at];
            $figures[] = new LearntFigure(
                $name,
                $assumed->value($name),
                sqrt($part->square),
                sqrt($part->least),
                sqrt($part->most),
                $part->worth,
                // each frame tells it sideways and upwards
                (int) ceil($part->frames / 2),
                $part->groups,
                array_values(array_unique($fit->keptOut)),
            );
        }

        return $figures;
    }

    /** @param  array<string, int>  $names  which part each figure is */
    private static function place(array &$names, string $name): int
    {
        return $names[$name] ??= count($names);
    }

    /** @param  non-empty-list<float>  $values */
    private static function middle(array $values): float
    {
        return array_sum($values) / count($values);
    }
}
