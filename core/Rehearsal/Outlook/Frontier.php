<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Outlook;

use RushHold\Optics\Exposure;
use RushHold\Planning\Exposure\ExposureSettings;
use RushHold\Planning\Plan;
use RushHold\Rehearsal\Estimate\Tally;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;

/**
 * Sharp frames against ISO: of all shutters and apertures the camera has, those that the plan's formulas give most sharp frames for
 * their ISO, and what becomes of the frames of many passes with each. Neither shutter nor aperture moves the plane or the finger, so
 * one take serves them all.
 */
final class Frontier
{
    /** Points at the most, the hold as it is among them. */
    private const POINTS = 9;

    /** Share of sharp frames below which nobody would go. */
    private const LEAST = 0.04;

    /** How many more of a hundred frames a point must bring to be worth its ISO. */
    private const WORTH = 0.012;

    /**
     * @param  list<Take>  $takes  of the hold as it is, one a pass
     * @return list<FrontierPoint> by ISO, least first
     */
    public static function of(Rehearsal $rehearsal, array $takes): array
    {
        $plan = $rehearsal->plan;
        if ($plan->situation->streakShutterS($plan->situation->rush->intent->streak) !== null) {
            return []; // a faster shutter would take the streak away: its lengths are the choice
        }
        $exposures = self::best($plan);
        $tallies = [];
        foreach ($exposures as $at => [$settings]) {
            $camera = $rehearsal->camera(
                $plan->hold->with(shutterS: $settings->shutterS, fNumber: $settings->fNumber, iso: $settings->iso),
            );
            $tallies[$at] = new Tally();
            foreach ($takes as $take) {
                $tallies[$at]->add($take->exposedBy($camera)->counts());
            }
        }
        $here = 0;
        foreach ($exposures as $at => [$settings]) {
            $here = self::isHere($plan, $settings) ? $at : $here;
        }

        return array_map(
            static fn (array $exposure, Tally $tally): FrontierPoint => new FrontierPoint(
                $exposure[0],
                $exposure[1],
                $tally,
                $tally->moreThan($tallies[$here]),
                self::isHere($plan, $exposure[0]),
            ),
            $exposures,
            $tallies,
        );
    }

    /** @return list<array{ExposureSettings, float}> the best for each ISO as long as more ISO brings more, and the hold as it is */
    private static function best(Plan $plan): array
    {
        $best = [];
        foreach (self::all($plan) as [$settings, $share]) {
            if ($share > ($best[$settings->iso][1] ?? -1.0)) {
                $best[$settings->iso] = [$settings, $share];
            }
        }
        ksort($best);
        $rising = [];
        $reached = -1.0;
        foreach ($best as [$settings, $share]) {
            if ($share > max($reached + self::WORTH, self::LEAST)) {
                $rising[] = [$settings, $share];
                $reached = $share;
            }
        }
        $kept = self::thinned($rising, self::POINTS - 1);
        if (array_filter($kept, static fn (array $one): bool => self::isHere($plan, $one[0])) === []) {
            $kept[] = [$plan->settings, self::share($plan, $plan->hold->fNumber, $plan->hold->shutterS)];
        }
        usort($kept, static fn (array $a, array $b): int => [$a[0]->iso, $a[1]] <=> [$b[0]->iso, $b[1]]);

        return $kept;
    }

    /** @return \Generator<array{ExposureSettings, float}> every exposure that this light allows */
    private static function all(Plan $plan): \Generator
    {
        $situation = $plan->situation;
        $base = $situation->assumptions->value('camera.base_iso');
        $rush = $situation->rush;
        foreach ($situation->fNumbers() as $fNumber) {
            foreach ($situation->shutters() as $shutterS) {
                $iso = Exposure::iso($rush->ev100, $fNumber, $shutterS);
                if ($iso > $base * 0.9 && $iso < $rush->isoCeiling * 1.12) {
                    yield [
                        ExposureSettings::lit($situation, $fNumber, $shutterS, $plan->settings->standard, null, $iso),
                        self::share($plan, $fNumber, $shutterS),
                    ];
                }
            }
        }
    }

    private static function share(Plan $plan, float $fNumber, float $shutterS): float
    {
        return $plan->frameBlur->sharpShare($fNumber, $shutterS, $plan->situation->sharpMm($plan->settings->standard));
    }

    /**
     * @param  list<array{ExposureSettings, float}>  $points
     * @return list<array{ExposureSettings, float}> so many of them, evenly, both ends among them
     */
    private static function thinned(array $points, int $most): array
    {
        $count = count($points);
        if ($count <= $most) {
            return $points;
        }

        return array_map(
            static fn (int $at): array => $points[(int) round(($at * ($count - 1)) / ($most - 1))],
            range(0, $most - 1),
        );
    }

    private static function isHere(Plan $plan, ExposureSettings $settings): bool
    {
        return abs(log($settings->shutterS / $plan->hold->shutterS)) < 0.01 &&
            abs(log($settings->fNumber / $plan->hold->fNumber)) < 0.01;
    }
}
