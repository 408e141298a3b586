<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

use RushHold\Hold\Dials;
use RushHold\Planning\HoldWords;
use RushHold\Planning\Plan;
use RushHold\Planning\TakenDials;

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
            $losses[] = ['verdict' => $verdict, 'frames' => $frames, 'dies' => Loss::diesOf($cause), 'treated_by' => Loss::treatedBy($cause, $byHand)];
        }

        return [
            'passes' => $tally->passes(), 'frames' => $tally->framesAPass(), 'sharp' => $tally->sharpAPass(), 'sharp_least' => $least, 'sharp_most' => $most,
            'keeper' => $tally->keeperRate()->toArray(), 'at_least_one' => $tally->atLeastOne()->toArray(), 'losses' => $losses,
        ];
    }

    /**
     * For each loss worth a word the dial that treats it best, and the single dials that help most.
     *
     * @return array{losses: list<array<string, mixed>>, best: list<array<string, mixed>>}
     */
    public static function helps(Plan $plan, Helps $helps): array
    {
        $losses = [];
        foreach ($helps->now->losses() as $verdict => $frames) {
            $help = $frames < 0.05 * $helps->now->framesAPass() ? null : $helps->against(Verdict::from($verdict));
            if ($help !== null) {
                $losses[] = ['verdict' => $verdict, 'saves' => $frames - ($help->tally->losses()[$verdict] ?? 0.0)] + self::help($plan, $help);
            }
        }

        return ['losses' => $losses, 'best' => array_map(static fn (Help $help): array => self::help($plan, $help), array_slice($helps->found, 0, 5))];
    }

    /** @return array<string, mixed> */
    private static function help(Plan $plan, Help $help): array
    {
        return ['dials' => (object) $help->dials->toArray(), 'words' => self::words($plan, $help->dials), 'gain' => $help->margin->toArray(), 'sharp' => $help->tally->sharpAPass()] + self::light($plan, $help->dials);
    }

    /** Dials as a person says them: "lock-on, hold 3". */
    public static function words(Plan $plan, Dials $dials): string
    {
        $hold = $dials->on($plan->hold);
        $fields = array_intersect(
            ['area.pattern', 'tuning.hold', 'tuning.pace', 'shutter_s', 'f_number'],
            array_map(static fn (string $field): string => ['area' => 'area.pattern', 'hold' => 'tuning.hold', 'pace' => 'tuning.pace'][$field] ?? $field, array_keys($dials->toArray())),
        );

        return implode(', ', array_map(static fn (string $field): string => HoldWords::word($field, $hold, $plan->situation->units), $fields));
    }

    /** @return array{iso: int, dark_stops: float} the ISO these dials ask for, and the light that is missing */
    public static function light(Plan $plan, Dials $dials): array
    {
        $settings = TakenDials::exposureOf($plan, $plan->hold, $dials);

        return ['iso' => $settings->iso, 'dark_stops' => $settings->shortfallStops];
    }
}
