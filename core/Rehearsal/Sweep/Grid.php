<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Sweep;

use RushHold\Faults\UnknownChoice;
use RushHold\Hold\Dials;
use RushHold\Hold\Hold;
use RushHold\Kit\AfArea;
use RushHold\Kit\Body;
use RushHold\Planning\Plan;
use RushHold\Rehearsal\Estimate\RemedySearch;
use RushHold\Rush\Style;
use RushHold\Wording\Units;

/** The holds a sweep tries, laid out as rows and columns; where a place holds several, the best of them stands for it. */
final readonly class Grid
{
    /**
     * @param  list<array{words: string, dials: Dials}>  $rows
     * @param  list<array{words: string, dials: Dials}>  $columns
     * @param  list<array{words: string, dials: Dials}>  $layers
     */
    private function __construct(
        public string $kind,
        public string $rowsAre,
        public string $columnsAre,
        public array $rows,
        public array $columns,
        public array $layers,
    ) {}

    /**
     * @param  string  $kind  "tracking": area × hold, the best pace of each; "exposure": shutter × aperture
     *
     * @throws UnknownChoice for another kind, and for tracking where the focus does not follow
     */
    public static function of(string $kind, Plan $plan, Hold $hold): self
    {
        $follows = $hold->focusMode->follows();

        return match (true) {
            $kind === 'exposure' => self::exposure($plan, $hold),
            $kind === 'tracking' && $follows => self::tracking($plan, $hold),
            default => throw UnknownChoice::of('kind', $kind, $follows ? ['tracking', 'exposure'] : ['exposure']),
        };
    }

    private static function tracking(Plan $plan, Hold $hold): self
    {
        $body = $plan->situation->kit->body;
        $levels = array_map(
            static fn (int $level): array => ['words' => (string) $level, 'dials' => new Dials(stay: $level)],
            array_keys($body->stayLevelsS),
        );
        $paces = $body->hasPace
            ? array_map(
                static fn (int $pace): array => ['words' => 'pace '.$pace, 'dials' => new Dials(pace: $pace)],
                Body::PACES,
            )
            : [];
        $nothing = ['words' => '', 'dials' => Dials::none()];

        return new self(
            'tracking',
            'area',
            'stay',
            self::areaRows($plan, $hold),
            $levels === [] ? [$nothing] : $levels,
            $paces === [] ? [$nothing] : $paces,
        );
    }

    /** @return list<array{words: string, dials: Dials}> */
    private static function areaRows(Plan $plan, Hold $hold): array
    {
        $areas = $plan->situation->kit->body->areas;
        usort($areas, static fn (AfArea $a, AfArea $b): int => $a->reach() <=> $b->reach());

        return array_map(
            static fn (AfArea $area): array => ['words' => $area->words(), 'dials' => new Dials(area: $area)],
            $areas === [] ? [$hold->area] : $areas,
        );
    }

    private static function exposure(Plan $plan, Hold $hold): self
    {
        $shutters = $plan->situation->shutters();
        $fNumbers = $plan->situation->fNumbers();
        $rows = $columns = [];
        // where the background is to streak, a faster shutter would take away what is wanted
        foreach (range($plan->situation->rush->intent->style === Style::PanBlur ? 0 : -4, 3) as $thirds) {
            $shutter = RemedySearch::beside($shutters, $hold->shutterS, $thirds);
            if ($shutter !== null) {
                $rows[] = ['words' => Units::shutter($shutter), 'dials' => new Dials(shutterS: $shutter)];
            }
        }
        foreach (range(-2, 2) as $thirds) {
            $fNumber = RemedySearch::beside($fNumbers, $hold->fNumber, $thirds);
            if ($fNumber !== null) {
                $columns[] = ['words' => 'f/'.Units::figures($fNumber, 2), 'dials' => new Dials(fNumber: $fNumber)];
            }
        }

        return new self('exposure', 'shutter', 'aperture', $rows, $columns, [
            ['words' => '', 'dials' => Dials::none()],
        ]);
    }

    /** @return list<Dials> every hold of the grid, row by row, column by column, layer by layer */
    public function cells(): array
    {
        $cells = [];
        foreach ($this->rows as $row) {
            foreach ($this->columns as $column) {
                foreach ($this->layers as $layer) {
                    $cells[] = $layer['dials']->over($column['dials'])->over($row['dials']);
                }
            }
        }

        return $cells;
    }
}
