<?php

declare(strict_types=1);

namespace RushHold\Counts;

/**
 * How far promised shares of sharp frames can be believed: by tenths what was promised beside what was found, and the mean square of their
 * difference over all frames (Brier 1950) with its parts (Murphy 1973). Source: docs/model.md, What the counts say.
 */
final readonly class Calibration
{
    /** Promises are told apart by tenths. */
    private const TENTHS = 10;

    /**
     * @param  Rate  $found  of all frames anything was promised for
     * @param  float  $promised  share promised for an average one
     * @param  float  $score  0 where every promise came true, 0.25 for a coin
     * @param  float  $off  of the score: how far the found shares of the tenths are from those promised
     * @param  float  $apart  how far they are from the share of all: promises that tell good from bad chances have much of it
     * @param  float  $luck  what is left to chance however good a promise is
     * @param  list<Tenth>  $tenths  those of which there is anything
     */
    private function __construct(
        public Rate $found,
        public float $promised,
        public float $score,
        public float $off,
        public float $apart,
        public float $luck,
        public array $tenths,
    ) {}

    /** @param  array<int, Cell>  $cells  by the promised share in whole percent */
    public static function of(array $cells): ?self
    {
        $cells = array_filter($cells, static fn (Cell $cell): bool => $cell->frames > 0);
        if ($cells === []) {
            return null;
        }
        $all = new Cell();
        $groups = [];
        $promised = $squares = $kept = 0.0;
        foreach ($cells as $percent => $cell) {
            $all = $all->plus($cell);
            $groups[min(self::TENTHS - 1, intdiv($percent, self::TENTHS))][$percent] = $cell;
            $share = $percent / 100;
            $promised += $share * $cell->frames;
            $squares += $share ** 2 * $cell->frames;
            $kept += $share * $cell->keepers;
        }
        ksort($groups);
        $found = Rate::of($all);
        $tenths = array_map(
            static fn (int $tenth, array $group): Tenth => Tenth::of($tenth / self::TENTHS, $group, $all),
            array_keys($groups),
            $groups,
        );
        $off = $apart = 0.0;
        foreach ($tenths as $tenth) {
            $share = $tenth->found->cell->share();
            $off += $tenth->found->cell->frames * ($tenth->promised - $share) ** 2;
            $apart += $tenth->found->cell->frames * ($share - $all->share()) ** 2;
        }

        return new self(
            $found,
            $promised / $all->frames,
            ($squares - 2 * $kept + $all->keepers) / $all->frames,
            $off / $all->frames,
            $apart / $all->frames,
            $all->share() * (1 - $all->share()),
            $tenths,
        );
    }

    /** Whether what was promised lies outside of what was found. */
    public function isOff(): bool
    {
        return $this->promised < $this->found->interval->least || $this->promised > $this->found->interval->most;
    }
}
