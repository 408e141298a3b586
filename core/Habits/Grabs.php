<?php

declare(strict_types=1);

namespace RushHold\Habits;

use RushHold\Kit\FocusMode;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;
use RushHold\Rehearsal\Verdict;

/**
 * How the odds that a frame dies of its focus grow with how readily something else takes it: by rehearsing the same passes with that hardly
 * ever, and often. Source: docs/model.md, Yours instead of assumed.
 */
final readonly class Grabs
{
    /** How many times as readily as reckoned in the one rehearsal and in the other. */
    private const HARDLY = 0.1;

    private const OFTEN = 4.0;

    /**
     * @param  string  $area  where the hold looks
     * @param  float  $anyway  odds that come of everything else
     * @param  float  $each  odds that come to them each time something else takes it as readily as reckoned
     */
    public function __construct(public string $area, public float $anyway, public float $each) {}

    /** Null where the camera does not focus by an area. */
    public static function of(Planner $planner, Plan $plan, int $passes): ?self
    {
        if ($plan->hold->focusMode === FocusMode::Manual) {
            return null;
        }
        $area = $plan->hold->area->value;
        $hardly = self::odds($planner, $plan, self::HARDLY, $passes);
        $often = self::odds($planner, $plan, self::OFTEN, $passes);
        $each = max(0.0, ($often - $hardly) / (self::OFTEN - self::HARDLY));

        return new self($area, max(0.0, $hardly - self::HARDLY * $each), $each);
    }

    private static function odds(Planner $planner, Plan $plan, float $strays, int $passes): float
    {
        $situation = $plan->situation;
        $assumptions = $situation->assumptions->but(['area.strays.'.$plan->hold->area->value => $strays]);
        $rehearsal = Rehearsal::of($planner->plan($situation->rush, $situation->kit, $assumptions));
        $camera = $rehearsal->camera($plan->hold);
        [$missed, $hit] = [0, 0];
        for ($seed = 0; $seed < $passes; $seed++) {
            foreach (Take::of($rehearsal->pass($seed), $camera)->counts() as $verdict => $count) {
                $told = Verdict::from($verdict);
                $missed += $told->isFocusOff() ? $count : 0;
                $hit += $told->isThere() && ! $told->isFocusOff() ? $count : 0;
            }
        }

        // as if one more had come of each: none that has not come never comes
        return ($missed + 0.5) / ($hit + 0.5);
    }
}
