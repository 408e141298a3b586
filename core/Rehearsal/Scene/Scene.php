<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Scene;

use RushHold\Hold\ManualTechnique;
use RushHold\Motion\Pattern;
use RushHold\Planning\Plan;
use RushHold\Planning\TrapPlan;
use RushHold\Rush\Entry;
use RushHold\Rush\Follow;

/**
 * What a pass is drawn from, whatever the camera is set to: the subject, what is in between, and the hand that follows.
 * All numbers that do not change from pass to pass are reckoned here once.
 */
final readonly class Scene
{
    /** Length of a step of time, in seconds: as often as autofocus measures. */
    public const STEP_S = 1 / 120;

    /**
     * @param  bool  $perfect  an aim that never strays, measurements that never scatter, frames that never vary
     * @param  int  $steps  of a pass
     * @param  float  $meetS  from the beginning until it is at the working distance
     * @param  int  $arrives  first step in which it is there to be seen
     * @param  ?float  $trapRad  where the camera waits for a trap that is not panned; null when it follows
     */
    private function __construct(
        public Plan $plan,
        public Pattern $pattern,
        public bool $perfect,
        public SubjectMotion $going,
        public AimModel $following,
        public ObstacleDensity $strips,
        public int $steps,
        public float $meetS,
        public int $arrives,
        public ?float $trapRad,
    ) {}

    public static function of(Plan $plan): self
    {
        return self::drawn($plan, $plan->situation->rush->pattern, false);
    }

    /** The same rush as physics alone would have it: straight on, nothing strays, nothing scatters. */
    public static function perfect(Plan $plan): self
    {
        return self::drawn(
            $plan,
            $plan->situation->rush->pattern === Pattern::Still ? Pattern::Still : Pattern::Steady,
            true,
        );
    }

    private static function drawn(Plan $plan, Pattern $pattern, bool $perfect): self
    {
        $situation = $plan->situation;
        $rush = $situation->rush;
        $going = SubjectMotion::of($situation, $pattern, $perfect);
        $following = AimModel::of($plan, $perfect);
        $late = ($pattern === Pattern::Sudden && ! $going->springs) || $rush->intent->follow === Follow::WhoeverEnters;
        $arrivalS = $late ? $situation->assumptions->value('rehearse.arrival') : 0.0;
        [$steps, $meetS] = self::window(
            $going,
            $rush->nearM,
            $rush->farM,
            $situation->assumptions->value('rehearse.pass'),
            match (true) {
                $going->springs => $situation->assumptions->value('rehearse.sits'),
                $pattern === Pattern::Sudden => $arrivalS,
                default => INF,
            },
        );
        $waits = $plan->hold->manualTechnique === ManualTechnique::Trap && ! $rush->photographer->panning;

        return new self(
            $plan,
            $pattern,
            $perfect,
            $going,
            $following,
            ObstacleDensity::of($situation, 2 * $following->halfFrameRad),
            $steps,
            $meetS,
            (int) round(min($arrivalS, ($steps * self::STEP_S) / 3) / self::STEP_S),
            $waits ? self::onWay($going, self::trapM($plan), self::way($plan)) : null,
        );
    }

    public function value(string $name): float
    {
        return $this->plan->situation->assumptions->value($name);
    }

    public function durationS(): float
    {
        return $this->steps * self::STEP_S;
    }

    /** When there is something to press for, in seconds: once it is there, or once it goes. */
    public function beginsS(): float
    {
        return $this->going->springs ? $this->meetS : $this->arrives * self::STEP_S;
    }

    /** The step at this time, inside the pass. */
    public function stepAt(float $timeS): int
    {
        return max(0, min($this->steps - 1, (int) ($timeS / self::STEP_S)));
    }

    /** Where a trap is set, in metres: its best place on the way, or the working distance. */
    public static function trapM(Plan $plan): float
    {
        $trap =
            $plan->draft->hand->trap ??
            ($plan->situation->rush->moves() ? TrapPlan::along($plan->situation, $plan->hold->fNumber) : null);

        return $trap === null ? $plan->situation->rush->workM : $trap->distanceM;
    }

    /** +1 when it travels to the right of the frame, −1 to the left. */
    public static function way(Plan $plan): int
    {
        return $plan->situation->rush->intent->entry === Entry::Right ? -1 : 1;
    }

    /** The azimuth of that point of the straight way which is this far, on the side the working point lies on. */
    private static function onWay(SubjectMotion $going, float $distanceM, int $way): float
    {
        if ($going->speedMps <= 0) {
            return 0.0;
        }
        $passM = ($going->workM * $going->crossingMps) / $going->speedMps;
        $beforePass = ($going->workM * $going->closingMps) / $going->speedMps;
        $off = sqrt(max(0.0, $distanceM ** 2 - $passM ** 2));
        $timeS = ($beforePass - ($beforePass >= 0 ? $off : -$off)) / $going->speedMps;

        return atan2($way * $going->crossingMps * $timeS, $going->workM - $going->closingMps * $timeS);
    }

    /**
     * The time around the working distance in which it is within its range, cut to the longest pass.
     *
     * @param  float  $lead  how long before the working distance it may be seen at most
     * @return array{int, float} steps, and seconds until the working distance
     */
    private static function window(SubjectMotion $going, float $nearM, float $farM, float $longestS, float $lead): array
    {
        $most = (int) round($longestS / self::STEP_S);
        if ($going->sits || $going->speedMps <= 0) {
            return [$most, $longestS / 2];
        }
        $before = self::stepsWithin($going, $nearM, $farM, -1, (int) min($most, round($lead / self::STEP_S)));
        $after = self::stepsWithin($going, $nearM, $farM, 1, $most);
        // at least a second, and evenly round the working distance where both sides are long
        $least = (int) round(min(1.0, $longestS) / self::STEP_S);
        if ($before + $after < $least) {
            $before = max($before, intdiv($least, 2));
            $after = max($after, $least - $before);
        }
        $before = min($before, max(intdiv($most, 2), $most - $after));

        return [$before + min($after, $most - $before), $before * self::STEP_S];
    }

    /** How many steps it stays within its range, backwards (−1) or forwards (+1) from the working distance. */
    private static function stepsWithin(SubjectMotion $going, float $nearM, float $farM, int $direction, int $most): int
    {
        $steps = 0;
        for (; $steps < $most; $steps++) {
            $timeS = $direction * ($steps + 1) * self::STEP_S;
            $distanceM = hypot($going->crossingMps * $timeS, $going->workM - $going->closingMps * $timeS);
            if ($distanceM < $nearM - 1e-9 || $distanceM > $farM + 1e-9) {
                break;
            }
        }

        return $steps;
    }
}
