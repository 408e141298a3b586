<?php

declare(strict_types=1);

namespace RushHold\Habits;

use RushHold\Assumptions\Assumptions;
use RushHold\Statistics\Sighted;
use RushHold\Statistics\VarianceParts;

/**
 * How late a hand follows the focus, from how far the plane is off what comes nearer or goes away.
 * Source: docs/model.md, Yours instead of assumed.
 */
final readonly class HandLearner implements Learner
{
    /** What comes slower than this, in m/s, tells nothing of it. */
    private const SLOWEST_MPS = 0.3;

    private const NAME = 'hand.lag';

    public function figures(array $sights, Assumptions $assumed): array
    {
        $sighted = [];
        foreach ($sights as $sight) {
            $shot = $sight->shot;
            if (
                $shot->followed === null ||
                $shot->followed >= 1 ||
                $sight->discMm === null ||
                $shot->closingAtMps($sight->distanceM) < self::SLOWEST_MPS
            ) {
                continue;
            }
            $focalM = $shot->focalMm / 1000;
            // the disc a plane one metre off makes: f² / (N·s·(s − f))
            $mmPerM =
                (1000 * $focalM ** 2) /
                ($sight->fNumber * $sight->distanceM * max(1e-6, $sight->distanceM - $focalM));
            $sighted[] = new Sighted(
                $sight->burst,
                $sight->id,
                $sight->discMm / $mmPerM,
                0.0,
                0.0,
                [($shot->closingAtMps($sight->distanceM) * (1 - $shot->followed)) ** 2],
            );
        }
        if ($sighted === []) {
            return [];
        }
        $usual = $assumed->value(self::NAME);
        $fit = VarianceParts::of($sighted, [max(1e-6, $usual) ** 2], self::WORTH);
        $part = $fit->parts[0];

        return [
            new LearntFigure(
                self::NAME,
                $usual,
                sqrt($part->square),
                sqrt($part->least),
                sqrt($part->most),
                $part->worth,
                $part->frames,
                $part->groups,
                $fit->keptOut,
            ),
        ];
    }
}
