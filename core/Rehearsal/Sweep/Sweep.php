<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Sweep;

use RushHold\Hold\Dials;
use RushHold\Hold\Hold;
use RushHold\Planning\Adopted\AdoptedExposure;
use RushHold\Planning\Exposure\ExposureSettings;
use RushHold\Rehearsal\Camera;
use RushHold\Rehearsal\Estimate\Margin;
use RushHold\Rehearsal\Estimate\Tally;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;

/**
 * Tries every hold of a grid on the same passes, a few passes at a time, and stops trying those that chance will not bring back.
 * What has been counted so far can be read, kept and gone on from at any time.
 */
final class Sweep
{
    /** First seed of the passes on which the outcome is confirmed. */
    private const FRESH = 500_000;

    /** Passes before anything is given up. */
    private const FAIR = 20;

    /** How many halves of its interval a hold must lie behind the best to be given up: about one in two thousand by chance. */
    private const HOPELESS = 1.8;

    /** @var list<Dials> */
    private readonly array $cells;

    /** @var list<Tally> one for each cell */
    private array $tallies;

    /** @var ?list<Camera> one for each cell, once it is needed */
    private ?array $cameras = null;

    /** @var array<int, Tally> the best, the next best and the hold as it is once more, on passes that did not choose them */
    private array $fresh = [];

    /** @var array<int, true> cells that are not tried any more */
    private array $givenUp = [];

    private int $done = 0;

    private readonly ?int $present;

    /** @var list<ExposureSettings> exposure of each cell, with the ISO it asks for */
    private readonly array $settings;

    private function __construct(
        public readonly Rehearsal $rehearsal,
        public readonly Hold $hold,
        public readonly Grid $grid,
        public readonly int $passes,
    ) {
        $this->cells = $grid->cells();
        $this->tallies = array_map(static fn (): Tally => new Tally(), $this->cells);
        $this->settings = array_map(
            static fn (Dials $dials): ExposureSettings => AdoptedExposure::of($rehearsal->plan, $hold, $dials),
            $this->cells,
        );
        $as = $hold->toArray();
        $present = array_keys(
            array_filter($this->cells, static fn (Dials $dials): bool => $dials->on($hold)->toArray() === $as),
        );
        $this->present = $present[0] ?? null;
    }

    /** @param  int  $passes  on how many each hold is tried */
    public static function over(Rehearsal $rehearsal, Hold $hold, Grid $grid, int $passes): self
    {
        return new self($rehearsal, $hold, $grid, $passes);
    }

    /** Passes done so far. */
    public function done(): int
    {
        return $this->done;
    }

    public function isFinished(): bool
    {
        return $this->done >= $this->passes;
    }

    /** Goes on for so many passes, or to the end. */
    public function go(int $passes): void
    {
        $cameras = $this->cameras ??= array_map(
            fn (Dials $dials): Camera => $this->rehearsal->camera($dials->on($this->hold)),
            $this->cells,
        );
        for ($until = min($this->passes, $this->done + $passes); $this->done < $until; $this->done++) {
            $pass = $this->rehearsal->pass($this->done);
            $planes = [];
            foreach ($cameras as $at => $camera) {
                if (isset($this->givenUp[$at])) {
                    continue;
                }
                $hold = $camera->hold;
                $same = $hold->area->value.' '.$hold->stay.' '.$hold->pace;
                $take = isset($planes[$same])
                    ? $planes[$same]->exposedBy($camera)
                    : ($planes[$same] = Take::of($pass, $camera));
                $this->tallies[$at]->add($take->counts());
            }
            if ($this->done >= self::FAIR && $this->done % 10 === 0) {
                $this->giveUpHopeless();
            }
        }
        if ($this->isFinished() && $this->fresh === []) {
            $this->confirm($cameras);
        }
    }

    /**
     * The best of many is best partly by luck. What it is worth is measured on passes that had no part in choosing it.
     *
     * @param  list<Camera>  $cameras
     */
    private function confirm(array $cameras): void
    {
        $cells = array_unique(array_filter([$this->best(), $this->present, $this->runnerUp()], is_int(...)));
        $this->fresh = array_map(static fn (): Tally => new Tally(), array_flip($cells));
        for ($seed = self::FRESH; $seed < self::FRESH + $this->passes; $seed++) {
            $pass = $this->rehearsal->pass($seed);
            foreach ($cells as $cell) {
                $this->fresh[$cell]->add(Take::of($pass, $cameras[$cell])->counts());
            }
        }
    }

    private function giveUpHopeless(): void
    {
        $best = $this->tallies[$this->best()];
        foreach ($this->tallies as $at => $tally) {
            if (! isset($this->givenUp[$at]) && $at !== $this->present) {
                $behind = $best->moreThan($tally);
                if ($behind->mean > self::HOPELESS * $behind->half && $behind->mean > 0) {
                    $this->givenUp[$at] = true;
                }
            }
        }
    }

    /**
     * The cell with the most sharp frames a pass of those still tried that the light allows; of equals the one the hold is set
     * to, then the first.
     */
    public function best(): int
    {
        $best = $this->present ?? 0;
        foreach ($this->tallies as $at => $tally) {
            if (
                ! isset($this->givenUp[$at]) &&
                ! $this->isDark($at) &&
                $tally->sharpAPass() > $this->tallies[$best]->sharpAPass() + 1e-12
            ) {
                $best = $at;
            }
        }

        return $best;
    }

    /** The next best cell that reads otherwise on the grid: in another row or column. Null when there is none. */
    public function runnerUp(): ?int
    {
        $best = $this->best();
        $found = null;
        foreach ($this->tallies as $at => $tally) {
            if (
                ! isset($this->givenUp[$at]) &&
                ! $this->isDark($at) &&
                $this->place($at) !== $this->place($best) &&
                ($found === null || $tally->sharpAPass() > $this->tallies[$found]->sharpAPass())
            ) {
                $found = $at;
            }
        }

        return $found;
    }

    /** The cell the hold is set to now; null when the grid does not have it. */
    public function present(): ?int
    {
        return $this->present;
    }

    /** Where a cell stands on the grid: row times columns plus column. */
    private function place(int $cell): int
    {
        return intdiv($cell, count($this->grid->layers));
    }

    /** Exposure of a cell: shutter, aperture, and the ISO the light asks for. */
    public function settings(int $cell): ExposureSettings
    {
        return $this->settings[$cell];
    }

    /** Whether a cell asks for more light than there is, and for more than the hold as it is. */
    public function isDark(int $cell): bool
    {
        return $this->settings[$cell]->shortfallStops > 0 &&
            $this->settings[$cell]->exactIso > $this->rehearsal->plan->settings->exactIso * 1.01;
    }

    /** Margin of one cell over another; on fresh passes where both have been confirmed. */
    public function margin(int $cell, int $over): Margin
    {
        if (isset($this->fresh[$cell], $this->fresh[$over])) {
            return $this->fresh[$cell]->moreThan($this->fresh[$over]);
        }

        return $this->tallies[$cell]->moreThan($this->tallies[$over]);
    }

    public function dials(int $cell): Dials
    {
        return $this->cells[$cell];
    }

    public function tally(int $cell): Tally
    {
        return $this->tallies[$cell];
    }

    public function isGivenUp(int $cell): bool
    {
        return isset($this->givenUp[$cell]);
    }

    /** The best layer of a place of the grid, as a cell. */
    public function standsFor(int $row, int $column): int
    {
        $layers = count($this->grid->layers);
        $first = ($row * count($this->grid->columns) + $column) * $layers;
        $found = $first;
        for ($at = $first; $at < $first + $layers; $at++) {
            $better = $this->tallies[$at]->sharpAPass() > $this->tallies[$found]->sharpAPass() + 1e-12;
            if (
                isset($this->givenUp[$found]) === isset($this->givenUp[$at]) ? $better : isset($this->givenUp[$found])
            ) {
                $found = $at;
            }
        }

        return $found;
    }

    /** @return array<string, mixed> all that is needed to go on */
    public function toArray(): array
    {
        return [
            'done' => $this->done,
            'given_up' => array_keys($this->givenUp),
            'tallies' => array_map(static fn (Tally $tally): array => $tally->toArray(), $this->tallies),
            'fresh' => (object) array_map(static fn (Tally $tally): array => $tally->toArray(), $this->fresh),
        ];
    }

    /**
     * Takes up what was kept; what does not fit this grid is left, and the sweep begins anew.
     *
     * @param  array<string, mixed>  $kept
     */
    public function resume(array $kept): void
    {
        $tallies = $kept['tallies'] ?? null;
        if (! is_array($tallies) || count($tallies) !== count($this->cells) || ! is_int($kept['done'] ?? null)) {
            return;
        }
        /** @var list<array{frames: list<int>, sharp: list<int>, verdicts: array<string, int>|\stdClass}> $tallies */
        $this->tallies = array_map(Tally::fromArray(...), $tallies);
        $this->done = $kept['done'];
        /** @var array<int, array{frames: list<int>, sharp: list<int>, verdicts: array<string, int>|\stdClass}> $fresh */
        $fresh = (array) ($kept['fresh'] ?? []);
        $this->fresh = array_map(Tally::fromArray(...), $fresh);
        /** @var list<int> $givenUp */
        $givenUp = $kept['given_up'] ?? [];
        $this->givenUp = array_fill_keys($givenUp, true);
    }
}
