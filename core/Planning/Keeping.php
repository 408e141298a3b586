<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Hold\Pick;
use RushHold\Kit\AfArea;
use RushHold\Motion\Pattern;
use RushHold\Rush\Follow;

/**
 * In how many frames of a pass the focus is right: what the scores of an area leave out, because it is the same for most areas or
 * because it needs time. How long the camera takes to find it, what hides it meanwhile, how long a wrong grab lasts, whether what is
 * grabbed is sharp enough anyway, and whether it is in the frame at all. Source: docs/model.md.
 */
final readonly class Keeping
{
    private float $workM;

    private float $waitS;

    private float $slower;

    /** Seconds of a pass that are photographed. */
    private float $lastsS;

    private Between $between;

    /** @param  float  $limitMm  blur that counts as sharp */
    private function __construct(
        private Situation $situation,
        private AreaScore $score,
        private Hold $hold,
        private float $limitMm,
    ) {
        $this->workM = $situation->rush->workM;
        $this->waitS = $situation->waitS($hold->stay);
        $this->slower = $situation->focusSlower();
        $speed = $situation->rush->travel->speedMps;
        $longest = $this->value('rehearse.pass');
        $this->lastsS = $situation->rush->moves()
            ? max(
                min(1.0, $longest),
                min($longest, ($situation->rush->farM - $situation->rush->nearM) / max(1e-6, $speed)),
            )
            : $longest;
        $this->between = Between::of($situation, $score, $this->waitS, $this->lastsS);
    }

    public static function of(Plan $plan): float
    {
        $keeping = new self(
            $plan->situation,
            $plan->draft->areaScore(),
            $plan->hold,
            $plan->situation->sharpMm($plan->settings->standard),
        );

        return $keeping->inFrame() *
            $keeping->aimed() *
            $keeping->sprung() *
            $keeping->found() *
            $keeping->undisturbed() *
            $keeping->unhidden();
    }

    private function value(string $name): float
    {
        return $this->situation->assumptions->value($name);
    }

    /** Blur of a plane there as a share of what is lost by it: none when it is sharp anyway. */
    private function harm(float $planeM): float
    {
        return $this->situation->lostAt($planeM, $this->hold->fNumber, $this->limitMm);
    }

    /** Where what is behind lies as the subject goes along: it stays where it is, the subject does not. */
    private function leftBehindM(): float
    {
        return $this->situation->behindM() + (abs($this->situation->rush->travel->closingMps()) * $this->lastsS) / 4;
    }

    /** Time to find it again from a plane there. */
    private function findsS(float $planeM): float
    {
        $blur =
            $this->situation->softPerDioptre() *
            abs(1 / $this->workM - ($planeM > 0 && is_finite($planeM) ? 1 / $planeM : 0.0));
        $glimpse = $this->value('rehearse.glimpse') * $this->slower;
        $acquire = $this->value('af.acquire') * $this->slower;
        $recover = $this->value('af.recover') * $this->slower;

        return $glimpse +
            max(0.0, $acquire - $glimpse) * min(1.0, $blur / $this->value('rehearse.soft')) +
            max(0.0, $recover - $acquire) * min(1.0, $blur / $this->value('rehearse.lost'));
    }

    private function inFrame(): float
    {
        $framing = $this->situation->framing;

        return $this->situation->arrivedWander()->within($framing->frameWidthM / 2, $framing->frameHeightM / 2);
    }

    /** What springs has left the aim behind before the hand answers; how long until the area is on it again is lost. */
    private function sprung(): float
    {
        $rush = $this->situation->rush;
        if (! $rush->springs()) {
            return 1.0;
        }
        $behindM = $this->situation->wayM($rush->travel->speedMps, $this->value('person.reaction'));
        $reachM =
            (max($this->score->width, $this->score->height) * $this->situation->framing->frameWidthM +
                $this->situation->framing->targetM) /
            2;
        $catches = $this->value('aim.recover.'.$rush->photographer->skill->value);
        $offS = $behindM > $reachM ? $catches * log($behindM / max(1e-6, $reachM)) : 0.0;

        return $offS > 0 ? max(0.0, 1 - ($offS + $this->findsS($this->workM * 1.1)) / $this->lastsS) : 1.0;
    }

    /**
     * Off the target it goes on as it was going, until it has waited; then it takes what it finds there: what stands in front,
     * or what is behind, where there is anything.
     */
    private function aimed(): float
    {
        $on = $this->score->onTarget;
        $front = $this->between->underShare;
        $behind = $this->situation->seesBehind() ? 1 - $front : 0.0;
        $off = max(0.02, $this->value('aim.recover.'.$this->situation->rush->photographer->skill->value));
        $takes = fn (float $needsS): float => exp(-($this->waitS + $needsS) / $off);
        $lost =
            $behind * $takes($this->value('af.acquire') * $this->slower) * $this->findsS($this->situation->behindM()) +
            $front * $takes($this->value('rehearse.grab')) * $this->escapesS();
        $costs = ($lost * (1 - $on)) / ($off * max(0.01, $on));
        $harm =
            $front * $this->harm($this->situation->frontM()) +
            $behind * $this->harm($this->leftBehindM()) +
            (1 - $front - $behind) * 0.5 * $this->harm($this->workM * 1.1);

        return 1 - (1 - $on / (1 + $costs)) * $harm;
    }

    /** How long a thing in front keeps the focus once it has it, and until the subject is found again. */
    private function escapesS(): float
    {
        return $this->between->sticksS + $this->findsS($this->situation->frontM());
    }

    /** What is left of a pass once it has been found. */
    private function found(): float
    {
        $rush = $this->situation->rush;
        $late =
            ($rush->pattern === Pattern::Sudden && ! $rush->springs()) ||
            $rush->intent->follow === Follow::WhoeverEnters;
        $fromM =
            $late && $this->situation->seesBehind()
                ? $this->situation->behindM()
                : $this->workM * (1 + $this->value('rehearse.prefocus'));
        // while it is looked for it goes on, away from where the lens stands
        $meanwhileM = abs($rush->travel->closingMps()) * $this->findsS($fromM);
        $needs =
            $this->findsS($fromM + ($rush->springs() ? 0.0 : $meanwhileM)) +
            ($late && $this->situation->seesBehind() ? $this->waitS : 0.0);
        $ready = $this->value('person.reaction') + $this->value('camera.shutter_lag');
        $waits = min(1.0, max(0.0, $needs - $ready) / max(0.1, $this->lastsS - $ready));
        $caught = $this->between->getsIn($needs) * min(1.0, $this->between->sticksS / $this->lastsS);

        return (1 - $this->harm($fromM) * $waits) * (1 - $this->harm($this->situation->frontM()) * $caught);
    }

    /** What wrong grabs leave: they come by chance, and each lasts until it is found again. */
    private function undisturbed(): float
    {
        $partM = max(0.05, $this->workM - $this->situation->framing->depthM / 2);
        $every = $this->value('rehearse.hazard');
        $rate = $lost = 0.0;
        foreach ($this->score->takes() as $takes => $mean) {
            [$lasts, $harm] = match ($takes) {
                'part' => [
                    $this->value('af.acquire') * $this->slower + $this->waitS + $this->findsS($partM),
                    $this->harm($partM),
                ],
                'behind' => [
                    $this->waitS + $this->findsS($this->situation->behindM()),
                    $this->harm($this->leftBehindM()),
                ],
                default => [
                    $this->findsS(INF) + $this->between->getsIn($this->findsS(INF)) * $this->escapesS(),
                    $this->harm($this->workM * 1.5),
                ],
            };
            $rate += $mean / $every;
            $lost += ($mean / $every) * $lasts * $harm;
        }
        $start = $this->score->hazards['start'] ?? 0.0;
        $started =
            1 -
            (1 - exp(-$start)) *
                $this->harm($this->leftBehindM()) *
                min(1.0, ($this->waitS + $this->findsS($this->situation->behindM())) / $this->lastsS);

        return $started * self::goodOf($rate, $lost, $this->lastsS);
    }

    /** Share of the time something is well that fails at this rate and then costs `$lost / $rate` on average, starting well. */
    private static function goodOf(float $rate, float $lost, float $lastsS): float
    {
        if ($lost <= 1e-9) {
            return 1.0;
        }
        $mends = $rate / $lost;
        $both = $rate + $mends;
        $steady = $mends / $both;

        return $steady + ((1 - $steady) * (1 - exp(-$both * $lastsS))) / ($both * $lastsS);
    }

    /** What stands and passes in between leaves of it: what it hides, and what the focus loses by it. */
    private function unhidden(): float
    {
        $rush = $this->situation->rush;
        $standing = $this->situation->standing();
        $passing = $this->situation->passing();
        if ($standing <= 0 && $passing <= 0) {
            return 1.0;
        }
        $atM = $this->situation->frontM();
        $strip = $this->situation->obstacleWidthM() / $atM;
        $target = $this->situation->framing->targetM / $this->workM;
        $frame = $this->situation->framing->frameWidthM / $this->workM;
        $box = $this->score->width * $frame;
        $boxed = $this->score->area->isZone() || $this->score->area === AfArea::WholeFrame;
        $takes = $boxed ? $box + $strip : $target + $strip;
        $protected = $boxed && $this->hold->pick !== Pick::Nearest ? 1 - $this->score->detection : 1.0;
        $harm = $this->harm($atM);
        $left = 1.0;
        if ($standing > 0) {
            $grid = $frame / $standing;
            $turns = $rush->moves() ? $rush->travel->crossingMps() / $this->workM : 0.0;
            $left *= $this->passes($grid, $strip, $takes, $turns, $harm * $protected, $this->between->sticksS);
        }
        if ($passing > 0) {
            $turns = $this->value('obstacle.pass_speed') / $atM;
            $grid = ($turns * $this->value('rehearse.hazard')) / $passing;
            $left *= $this->passes($grid, $strip, $takes, $turns, $harm * $protected, 0.0);
        }

        return $left;
    }

    /**
     * Share of the frames that things going by leave.
     *
     * @param  float  $grid  from one to the next, rad
     * @param  float  $strip  how wide one is, rad
     * @param  float  $takes  over how much of that the focus is on it, rad
     * @param  float  $turns  how fast they go by, rad a second
     * @param  float  $harm  what of the frames is lost meanwhile
     * @param  float  $sticks  how long one keeps the focus it has taken, s
     */
    private function passes(
        float $grid,
        float $strip,
        float $takes,
        float $turns,
        float $harm,
        float $sticks,
    ): float {
        $finds = $this->findsS($this->situation->frontM());
        $hidden = min(1.0, $strip / $grid);
        if ($turns <= 1e-6) {
            return 1 -
                ($this->situation->rush->moves() ? $hidden : $hidden ** 8) -
                0.5 * $harm * max(0.0, min(1.0, $takes / $grid) - $hidden);
        }
        $every = $grid / $turns;
        $long = $takes / $turns;
        // how long one hides it varies: about the waiting time, half of them are outlasted
        $outlasts = $long ** 4 / ($long ** 4 + $this->waitS ** 4 + 1e-12);
        $isAlwaysOne = $takes >= $grid;
        $lost = $isAlwaysOne ? $every : min($every, max(0.0, $long - $this->waitS) + $finds) * $outlasts;
        $stuck = (($sticks + $finds) * $outlasts) / $every;

        return max(
            0.0,
            min(
                1 - 0.6 * $hidden - 0.4 * $hidden ** 8,
                1 - ($harm * $lost) / $every,
                1 - $harm * (1 - self::goodOf($outlasts / $every, $stuck, $this->lastsS)),
            ),
        );
    }
}
