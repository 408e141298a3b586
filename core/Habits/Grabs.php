<?php

declare(strict_types=1);

namespace RushHold\Habits;

use RushHold\Kit\FocusMode;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Rehearsal;
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

    /** Passes that are played however long they take. */
    private const LEAST = 12;

    /**
     * @param  string  $area  where the hold looks
     * @param  float  $anyway  odds that come of everything else
     * @param  float  $each  odds that come to them each time something else takes it as readily as reckoned
     */
    public function __construct(public string $area, public float $anyway, public float $each) {}

    /**
     * Null where the camera does not focus by an area.
     *
     * @param  int  $passes  of each rehearsal, as far as there is time for them
     * @param  ?\Closure(): bool  $goesOn  whether there is time left; null where there always is
     */
    public static function of(Planner $planner, Plan $plan, int $passes, ?\Closure $goesOn = null): ?self
    {
        if ($plan->hold->focusMode === FocusMode::Manual) {
            return null;
        }
        $area = $plan->hold->area->value;
        $hardly = self::rehearsal($planner, $plan, self::HARDLY);
        $often = self::rehearsal($planner, $plan, self::OFTEN);
        // as if one more had come of each: what has not come may come still
        [$few, $many] = [[0.5, 0.5], [0.5, 0.5]];
        for ($seed = 0; $seed < $passes && ($seed < self::LEAST || $goesOn === null || $goesOn()); $seed++) {
            $few = self::counted($few, $hardly, $plan, $seed);
            $many = self::counted($many, $often, $plan, $seed);
        }
        [$few, $many] = [$few[0] / $few[1], $many[0] / $many[1]];
        $each = max(0.0, ($many - $few) / (self::OFTEN - self::HARDLY));

        return new self($area, max(0.0, $few - self::HARDLY * $each), $each);
    }

    /** The rush of a plan, with something else taking the focus from its area so many times as readily. */
    private static function rehearsal(Planner $planner, Plan $plan, float $strays): Rehearsal
    {
        $situation = $plan->situation;
        $assumptions = $situation->assumptions->but(['area.strays.'.$plan->hold->area->value => $strays]);

        return Rehearsal::of($planner->plan($situation->rush, $situation->kit, $assumptions));
    }

    /**
     * @param  array{float, float}  $so  frames whose focus was off, and was not, so far
     * @return array{float, float} with those of one more pass
     */
    private static function counted(array $so, Rehearsal $rehearsal, Plan $plan, int $seed): array
    {
        [$missed, $hit] = $so;
        foreach ($rehearsal->take($seed, $plan->hold)->counts() as $verdict => $count) {
            $told = Verdict::from($verdict);
            $missed += $told->isFocusOff() ? $count : 0;
            $hit += $told->isThere() && ! $told->isFocusOff() ? $count : 0;
        }

        return [$missed, $hit];
    }
}
