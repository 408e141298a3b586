<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Outlook;

use RushHold\Hold\Hold;
use RushHold\Kit\AfArea;
use RushHold\Kit\Body;
use RushHold\Kit\FocusMode;
use RushHold\Rehearsal\Estimate\RemedySearch;
use RushHold\Rehearsal\Estimate\Tally;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;

/**
 * What must not be touched: each field of the hold is set off step by step, on the same passes, until a tenth of the sharp frames is
 * lost. What loses most for the least is what matters; the rest is freedom.
 */
final class Touches
{
    /** Passes that tell it, wherever it is told. */
    public const PASSES = 40;

    /** Share of the sharp frames whose loss counts. */
    public const TENTH = 0.1;

    /** Sharp frames a pass below which there is nothing to lose. */
    private const LEAST = 0.3;

    /** Thirds of a stop that shutter and aperture are set off by, one after the other. */
    private const THIRDS = [1, 2, 3, 6];

    /**
     * @param  list<Take>  $takes  of the hold as it is, one a pass
     * @return list<Touch> what matters most first; none when there is nothing to lose
     */
    public static function of(Rehearsal $rehearsal, array $takes): array
    {
        $now = self::tally($takes);
        if ($now->sharpAPass() < self::LEAST) {
            return [];
        }
        $found = [];
        foreach (self::ways($rehearsal) as $field => $directions) {
            $found[] = self::search($rehearsal, $takes, $now, $field, $directions);
        }
        usort($found, self::mattersMore(...));

        return $found;
    }

    private static function mattersMore(Touch $a, Touch $b): int
    {
        return [$a->off === null ? 1 : 0, $a->steps, $b->lost] <=> [$b->off === null ? 1 : 0, $b->steps, $a->lost];
    }

    /**
     * @param  list<Take>  $takes
     * @param  list<list<array{int, Hold}>>  $directions  settings outwards each way, with how many steps off they are
     */
    private static function search(
        Rehearsal $rehearsal,
        array $takes,
        Tally $now,
        string $field,
        array $directions,
    ): Touch {
        $nearest = null;
        $worst = 0.0;
        foreach ($directions as $settings) {
            foreach ($settings as [$steps, $hold]) {
                if ($nearest !== null && $steps > $nearest->steps) {
                    break;
                }
                $lost = 1 - self::tried($rehearsal, $takes, $hold, $field)->sharpAPass() / $now->sharpAPass();
                $worst = max($worst, $lost);
                if ($lost >= self::TENTH && ($nearest === null || $steps < $nearest->steps || $lost > $nearest->lost)) {
                    $nearest = new Touch($field, $hold, $steps, $lost);
                }
                if ($lost >= self::TENTH) {
                    break;
                }
            }
        }

        return $nearest ?? new Touch($field, null, 0, $worst);
    }

    /** @param  list<Take>  $takes */
    private static function tried(Rehearsal $rehearsal, array $takes, Hold $hold, string $field): Tally
    {
        $camera = $rehearsal->camera($hold);

        return self::tally(
            array_map(
                static fn (Take $take): Take => in_array($field, ['shutter_s', 'f_number'], true)
                    ? $take->exposedBy($camera)
                    : Take::of($take->pass, $camera),
                $takes,
            ),
        );
    }

    /** @param  list<Take>  $takes */
    private static function tally(array $takes): Tally
    {
        $tally = new Tally();
        foreach ($takes as $take) {
            $tally->add($take->counts());
        }

        return $tally;
    }

    /** @return array<string, list<list<array{int, Hold}>>> by field: in each direction the settings outwards */
    private static function ways(Rehearsal $rehearsal): array
    {
        $plan = $rehearsal->plan;
        $hold = $plan->hold;
        $body = $plan->situation->kit->body;
        $ways = [
            'shutter_s' => self::stops($plan->situation->shutters(), $hold->shutterS, [1], 'shutterS', $hold),
            'f_number' => self::stops($plan->situation->fNumbers(), $hold->fNumber, [1, -1], 'fNumber', $hold),
        ];
        if ($hold->focusMode !== FocusMode::Manual) {
            $areas = $body->areas;
            usort($areas, static fn (AfArea $a, AfArea $b): int => $a->reach() <=> $b->reach());
            $ways['area.pattern'] = self::levels(
                $areas,
                $hold->area,
                static fn (AfArea $area): Hold => $hold->with(area: $area),
            );
        }
        if ($hold->focusMode->follows()) {
            $ways['tuning.stay'] = self::levels(
                array_keys($body->stayLevelsS),
                $hold->stay,
                static fn (int $level): Hold => $hold->with(stay: $level),
            );
            $ways['tuning.pace'] = self::levels(
                $body->hasPace ? Body::PACES : [],
                $hold->pace,
                static fn (int $level): Hold => $hold->with(pace: $level),
            );
            $ways['focus_mode'] = $body->offers(FocusMode::Single)
                ? [[[1, $hold->with(focusMode: FocusMode::Single)]]]
                : [];
        }

        return array_filter($ways, static fn (array $directions): bool => array_filter($directions) !== []);
    }

    /**
     * @param  non-empty-list<float>  $scale
     * @param  list<int>  $directions
     * @return list<list<array{int, Hold}>>
     */
    private static function stops(array $scale, float $value, array $directions, string $field, Hold $hold): array
    {
        $ways = [];
        foreach ($directions as $direction) {
            $settings = [];
            foreach (self::THIRDS as $thirds) {
                $off = RemedySearch::beside($scale, $value, $direction * $thirds);
                if ($off !== null) {
                    $settings[] = [
                        $thirds,
                        $field === 'shutterS' ? $hold->with(shutterS: $off) : $hold->with(fNumber: $off),
                    ];
                }
            }
            $ways[] = $settings;
        }

        return $ways;
    }

    /**
     * @template T
     *
     * @param  list<T>  $scale
     * @param  ?T  $value
     * @param  \Closure(T): Hold  $set
     * @return list<list<array{int, Hold}>>
     */
    private static function levels(array $scale, mixed $value, \Closure $set): array
    {
        $here = array_search($value, $scale, true);
        if (! is_int($here)) {
            return [];
        }
        $ways = [];
        foreach ([1, -1] as $direction) {
            $settings = [];
            for ($at = $here + $direction; isset($scale[$at]); $at += $direction) {
                // a level counts as much as a stop
                $settings[] = [3 * abs($at - $here), $set($scale[$at])];
            }
            $ways[] = $settings;
        }

        return $ways;
    }
}
