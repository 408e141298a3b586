<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Sweep;

use RushHold\Rehearsal\Estimate\EstimateDocument;
use RushHold\Rehearsal\Estimate\VerdictWords;
use RushHold\Rehearsal\Verdict;

/** Writes a sweep as a grid with intervals: the best of each place, what was given up, and what the best is worth. */
final class SweepDocument
{
    /** @return array<string, mixed> */
    public static function of(Sweep $sweep): array
    {
        $grid = $sweep->grid;
        $present = $sweep->present();
        $best = $sweep->best();
        $rows = [];
        foreach ($grid->rows as $row => $ofRow) {
            $cells = [];
            foreach ($grid->columns as $column => $ofColumn) {
                $cells[] = self::cell($sweep, $sweep->standsFor($row, $column), $present, $best);
            }
            $rows[] = ['words' => $ofRow['words'], 'cells' => $cells];
        }
        $runnerUp = $sweep->runnerUp();

        return [
            'kind' => $grid->kind,
            'rows_are' => $grid->rowsAre,
            'columns_are' => $grid->columnsAre,
            'columns' => array_column($grid->columns, 'words'),
            'rows' => $rows,
            'passes' => $sweep->passes,
            'done' => $sweep->done(),
            'present_iso' => $sweep->rehearsal->plan->hold->iso,
            'best' => $sweep->done() === 0
                    ? null
                    : self::named($sweep, $best) + [
                        'over_present' => $present === null ? null : $sweep->margin($best, $present)->toArray(),
                        'is_present' => $best === $present,
                        'because' => $present === null ? null : self::because($sweep, $best, $present),
                        'runner_up' => $runnerUp === null
                                ? null
                                : self::named($sweep, $runnerUp) + [
                                    'margin' => $sweep->margin($best, $runnerUp)->toArray(),
                                ],
                    ],
        ];
    }

    /** @return array<string, mixed> */
    private static function named(Sweep $sweep, int $cell): array
    {
        return [
            'words' => EstimateDocument::words($sweep->rehearsal->plan, $sweep->dials($cell)),
            'dials' => (object) $sweep->dials($cell)->toArray(),
            'sharp' => $sweep->tally($cell)->sharpAPass(),
            'iso' => $sweep->settings($cell)->iso,
        ];
    }

    /** @return array<string, mixed> */
    private static function cell(Sweep $sweep, int $cell, ?int $present, int $best): array
    {
        $tally = $sweep->tally($cell);

        return self::named($sweep, $cell) + [
            'keeper' => $tally->keeperRate()->toArray(),
            'frames' => $tally->framesAPass(),
            'passes' => $tally->passes(),
            'given_up' => $sweep->isGivenUp($cell),
            'dark_stops' => $sweep->isDark($cell) ? $sweep->settings($cell)->shortfallStops : 0.0,
            'present' => $cell === $present,
            'best' => $cell === $best && $tally->passes() > 0,
        ];
    }

    /** @return ?array{dies: string, saved: float} of which loss the best has fewest more, against the hold as it is */
    private static function because(Sweep $sweep, int $best, int $present): ?array
    {
        $there = $sweep->tally($best)->losses();
        $saved = [];
        foreach ($sweep->tally($present)->losses() as $verdict => $frames) {
            $saved[$verdict] = $frames - ($there[$verdict] ?? 0.0);
        }
        arsort($saved);
        $most = array_key_first($saved);

        return $most === null || $saved[$most] < 0.05
            ? null
            : ['dies' => VerdictWords::diesOf(Verdict::from($most)), 'saved' => $saved[$most]];
    }
}
