<?php

declare(strict_types=1);

namespace RushHold\Habits;

use RushHold\Assumptions\Assumptions;
use RushHold\Statistics\OddsFactor;
use RushHold\Statistics\OddsSighted;

/**
 * How readily something else takes the focus from each AF area in this person's places, from the frames whose focus was on the subject and
 * those in which it was not. Source: docs/model.md, Yours instead of assumed.
 */
final readonly class AreaLearner implements Learner
{
    /** Odds that a machine calls a frame out of focus that is not (*assumed* from the tables in docs/model.md). */
    private const MISJUDGED = 0.03;

    public function figures(array $sights, Assumptions $assumed): array
    {
        $by = [];
        foreach ($sights as $sight) {
            $grabs = $sight->shot->grabs;
            if ($grabs !== null && $sight->focusHit !== null) {
                $by[$grabs->area][] = new OddsSighted(
                    $sight->burst,
                    ! $sight->focusHit,
                    $grabs->anyway + ($sight->isByEye ? 0.0 : self::MISJUDGED),
                    $grabs->each,
                );
            }
        }
        $figures = [];
        foreach ($by as $area => $sighted) {
            $name = 'area.strays.'.$area;
            $usual = $assumed->value($name);
            $fit = OddsFactor::of($sighted, $usual, self::WORTH);
            if ($fit !== null) {
                $figures[] = new LearntFigure(
                    $name,
                    $usual,
                    $fit->factor,
                    $fit->least,
                    $fit->most,
                    $fit->worth,
                    $fit->count,
                    $fit->groups,
                    [],
                );
            }
        }

        return $figures;
    }
}
