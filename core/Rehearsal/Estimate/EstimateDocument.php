<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Estimate;

use RushHold\Hold\Dials;
use RushHold\Planning\Adopted\AdoptedExposure;
use RushHold\Planning\Plan;
use RushHold\Rehearsal\Verdict;
use RushHold\Wording\HoldWords;
use RushHold\Wording\Units;

/** Writes what many passes have told: keeper rate, what to expect of one pass, losses by cause, and what would help. */
final class EstimateDocument
{
    /**
     * @param  bool  $byHand  whether a hand focuses
     * @return array<string, mixed>
     */
    public static function of(Tally $tally, bool $byHand): array
    {
        [$least, $most] = $tally->usually();
        $losses = [];
        foreach ($tally->losses() as $verdict => $frames) {
            $cause = Verdict::from($verdict);
            $losses[] = [
                'verdict' => $verdict,
                'frames' => $frames,
                'dies' => VerdictWords::diesOf($cause),
                'treated_by' => VerdictWords::treatedBy($cause, $byHand),
            ];
        }

        return [
            'passes' => $tally->passes(),
            'frames' => $tally->framesAPass(),
            'sharp' => $tally->sharpAPass(),
            'sharp_least' => $least,
            'sharp_most' => $most,
            'keeper' => $tally->keeperRate()->toArray(),
            'at_least_one' => $tally->atLeastOne()->toArray(),
            'losses' => $losses,
        ];
    }

    /**
     * For each loss worth a word the dial that treats it best, and the single dials that help most.
     *
     * @return array{losses: list<array<string, mixed>>, best: list<array<string, mixed>>}
     */
    public static function remedies(Plan $plan, RemedySearch $remedies): array
    {
        $losses = [];
        $least = $plan->situation->assumptions->value('remedy.loss') * $remedies->now->framesAPass();
        foreach ($remedies->now->losses() as $verdict => $frames) {
            $remedy = $frames < $least ? null : $remedies->against(Verdict::from($verdict));
            if ($remedy !== null) {
                $losses[] =
                    ['verdict' => $verdict, 'saves' => $frames - ($remedy->tally->losses()[$verdict] ?? 0.0)] +
                    self::help($plan, $remedy);
            }
        }

        return [
            'losses' => $losses,
            'best' => array_map(
                static fn (Remedy $remedy): array => self::help($plan, $remedy),
                array_slice($remedies->found, 0, 5),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function help(Plan $plan, Remedy $remedy): array
    {
        return [
            'dials' => (object) $remedy->dials->toArray(),
            'words' => self::words($plan, $remedy->dials),
            'gain' => $remedy->margin->toArray(),
            'sharp' => $remedy->tally->sharpAPass(),
        ] + self::light($plan, $remedy->dials);
    }

    /** Dials as a person says them: "lock-on, stay 3"; none of them is told in units. */
    public static function words(Plan $plan, Dials $dials): string
    {
        $hold = $dials->on($plan->hold);
        $fields = array_intersect(
            ['area.pattern', 'tuning.stay', 'tuning.pace', 'shutter_s', 'f_number'],
            array_map(
                static fn (string $field): string => [
                    'area' => 'area.pattern',
                    'stay' => 'tuning.stay',
                    'pace' => 'tuning.pace',
                ][$field] ?? $field,
                array_keys($dials->toArray()),
            ),
        );

        return implode(
            ', ',
            array_map(static fn (string $field): string => HoldWords::word($field, $hold, Units::Metric), $fields),
        );
    }

    /** @return array{iso: int, dark_stops: float} the ISO these dials ask for, and the light that is missing */
    public static function light(Plan $plan, Dials $dials): array
    {
        $settings = AdoptedExposure::of($plan, $plan->hold, $dials);

        return ['iso' => $settings->iso, 'dark_stops' => $settings->shortfallStops];
    }
}
