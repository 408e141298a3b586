<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Estimate;

use RushHold\Assumptions\Assumptions;
use RushHold\Hold\Dials;
use RushHold\Hold\Hold;
use RushHold\Kit\Body;
use RushHold\Kit\FocusMode;
use RushHold\Planning\Plan;
use RushHold\Rehearsal\Camera;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;
use RushHold\Rehearsal\Verdict;
use RushHold\Rush\Style;

/** Which single dial, turned, would save most: each is tried on the same passes as the hold as it is. */
final readonly class RemedySearch
{
    /**
     * @param  list<Remedy>  $found  those that tell, the most helpful first
     * @param  list<Remedy>  $tried  all of them
     */
    private function __construct(
        private Assumptions $assumptions,
        public Tally $now,
        public array $found,
        public array $tried,
    ) {}

    /** Passes that are played however long they take. */
    private const LEAST = 8;

    /**
     * @param  int  $passes  on how many each is tried, at the most
     * @param  ?\Closure(): bool  $goesOn  asked before each pass whether there is time for it; null when there always is
     */
    public static function find(Rehearsal $rehearsal, Hold $hold, int $passes, ?\Closure $goesOn = null): self
    {
        $tries = self::tries($rehearsal->plan, $hold);
        $cameras = array_map(static fn (Dials $dials): Camera => $rehearsal->camera($dials->on($hold)), $tries);
        $present = $rehearsal->camera($hold);
        $now = new Tally();
        $tallies = array_map(static fn (): Tally => new Tally(), $tries);
        for ($seed = 0; $seed < $passes && ($seed < self::LEAST || $goesOn === null || $goesOn()); $seed++) {
            $pass = $rehearsal->pass($seed);
            $as = Take::of($pass, $present);
            $now->add($as->counts());
            foreach ($cameras as $at => $camera) {
                // shutter and aperture leave the plane where it was
                $take =
                    $tries[$at]->shutterS !== null || $tries[$at]->fNumber !== null
                        ? $as->exposedBy($camera)
                        : Take::of($pass, $camera);
                $tallies[$at]->add($take->counts());
            }
        }
        $tried = array_map(
            static fn (Dials $dials, Tally $tally): Remedy => new Remedy($dials, $tally, $tally->moreThan($now)),
            $tries,
            $tallies,
        );
        usort($tried, static fn (Remedy $a, Remedy $b): int => $b->margin->mean <=> $a->margin->mean);

        return new self(
            $rehearsal->plan->situation->assumptions,
            $now,
            array_values(
                array_filter(
                    $tried,
                    static fn (Remedy $remedy): bool => $remedy->margin->isTelling() && $remedy->margin->mean > 0,
                ),
            ),
            $tried,
        );
    }

    /** What treats this loss best, of all that help as a whole; null when nothing does. */
    public function against(Verdict $loss): ?Remedy
    {
        $now = $this->now->losses()[$loss->value] ?? 0.0;
        $best = null;
        $better = 1 + $this->assumptions->value('remedy.better');
        $most = $this->assumptions->value('remedy.worth') * $now;
        foreach ($this->found as $remedy) {
            $saved = $now - ($remedy->tally->losses()[$loss->value] ?? 0.0);
            // of those that save about as many, the one that helps more as a whole stands first
            if ($saved > $most * $better) {
                [$best, $most] = [$remedy, $saved];
            }
        }

        return $best;
    }

    /** @return list<Dials> every dial of the hold turned to each of its other values; exposure by a third and a whole stop */
    private static function tries(Plan $plan, Hold $hold): array
    {
        $body = $plan->situation->kit->body;
        $tries = [];
        if ($hold->focusMode !== FocusMode::Manual) {
            foreach ($body->areas as $area) {
                $tries[] = $area === $hold->area ? null : new Dials(area: $area);
            }
        }
        if ($hold->focusMode->follows()) {
            foreach (array_keys($body->stayLevelsS) as $level) {
                $tries[] = $level === $hold->stay ? null : new Dials(stay: $level);
            }
            foreach ($body->hasPace ? Body::PACES : [] as $pace) {
                $tries[] = $pace === $hold->pace ? null : new Dials(pace: $pace);
            }
        }
        $situation = $plan->situation;
        $shutters = $situation->shutters();
        $fNumbers = $situation->fNumbers();
        $streaks = $situation->rush->intent->style === Style::PanBlur;
        foreach ([3, 1, -1] as $thirds) {
            // where the background is to streak, a faster shutter would take away what is wanted
            $tries[] =
                ($streaks && $thirds > 0) || ($shutter = self::beside($shutters, $hold->shutterS, -$thirds)) === null
                    ? null
                    : new Dials(shutterS: $shutter);
            $tries[] =
                ($fNumber = self::beside($fNumbers, $hold->fNumber, $thirds)) === null
                    ? null
                    : new Dials(fNumber: $fNumber);
        }

        return array_values(array_filter($tries));
    }

    /**
     * The engraved value so many thirds along a scale from this one, null beyond its ends.
     *
     * @param  non-empty-list<float>  $scale
     */
    public static function beside(array $scale, float $value, int $thirds): ?float
    {
        $at = 0;
        foreach ($scale as $place => $one) {
            $at = abs(log($one / $value)) < abs(log($scale[$at] / $value)) ? $place : $at;
        }

        return $scale[$at + $thirds] ?? null;
    }
}
