<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Outlook;

use RushHold\Planning\Plan;
use RushHold\Wording\Units;

/** Writes what a plan may look forward to: sharp frames against ISO, what must not be touched, what would help. */
final readonly class OutlookDocument
{
    /** Fields marked as those that matter most. */
    public const MARKED = 3;

    /** Helps told at the most. */
    private const HELPS = 6;

    private OutlookWords $words;

    public function __construct(private Units $units)
    {
        $this->words = new OutlookWords($units);
    }

    /**
     * @param  int  $passes  played for frontier and touches
     * @param  list<FrontierPoint>  $frontier
     * @param  list<Touch>  $touches
     * @param  list<Help>  $helps
     * @return array<string, mixed>
     */
    public function of(Plan $plan, int $passes, array $frontier, array $touches, array $helps): array
    {
        return [
            'passes' => $passes,
            'poor' => $plan->odds()->isPoor,
            'frontier' => array_map(self::point(...), $frontier),
            'touches' => $this->touches($touches),
            'helps' => array_map(
                fn (Help $help): array => $this->help($plan, $help),
                array_slice($helps, 0, self::HELPS),
            ),
        ];
    }

    /**
     * @param  list<Touch>  $touches
     * @return list<array{field: string, name: string, words: string, lost: float, matters: bool}>
     */
    public function touches(array $touches): array
    {
        return array_map(
            fn (int $at, Touch $touch): array => [
                'field' => $touch->field,
                'name' => OutlookWords::name($touch),
                'words' => $this->words->touch($touch),
                'lost' => max(0.0, min(1.0, $touch->lost)),
                'matters' => $at < self::MARKED && $touch->off !== null,
            ],
            array_keys($touches),
            $touches,
        );
    }

    /** @return array<string, mixed> */
    private static function point(FrontierPoint $point): array
    {
        $frames = $point->tally->framesAPass();
        $keeper = $point->tally->keeperRate();

        return [
            'iso' => $point->settings->iso,
            'shutter_s' => $point->settings->shutterS,
            'f_number' => $point->settings->fNumber,
            'dark_stops' => $point->settings->shortfallStops,
            'still' => $point->stillShare,
            'frames' => $frames,
            'sharp' => $point->tally->sharpAPass(),
            'sharp_least' => $keeper->least * $frames,
            'sharp_most' => $keeper->most * $frames,
            'gain' => $point->margin->toArray(),
            'here' => $point->isHere,
        ];
    }

    /** @return array<string, mixed> */
    private function help(Plan $plan, Help $help): array
    {
        return [
            'what' => $help->what,
            'words' => $this->words->help($help),
            'cost' => $this->words->cost($plan, $help).
                ($help->plan->hold->iso > $plan->hold->iso ? '; ISO '.$help->plan->hold->iso : ''),
            'change' => (object) $help->change,
            'gain' => $help->margin->toArray(),
            'sharp' => $help->tally->sharpAPass(),
            'iso' => $help->plan->hold->iso,
        ];
    }
}
