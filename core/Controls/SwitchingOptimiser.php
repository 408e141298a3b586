<?php

declare(strict_types=1);

namespace RushHold\Controls;

/**
 * Finds the layout that takes the least time over a day.
 *
 * Up to {@see EXACT} holds every layout is looked at, but for those that a lower bound shows to be no better (branch and
 * bound, so the answer is the best there is). Beyond that it begins with the most frequent on the quickest and exchanges
 * until no single move or exchange of two helps, from every possible base: a good answer, not proven the best.
 */
final class SwitchingOptimiser
{
    /** Holds up to which the search is exact. */
    public const EXACT = 6;

    private float $best = INF;

    private int $bestBase = 0;

    /** @var array<int, ?int> */
    private array $bestOn = [];

    /** @var list<int> holds in the order they are decided */
    private array $order = [];

    /** @var array<int, ?int> */
    private array $on = [];

    /** @var array<int, bool> */
    private array $taken = [];

    /** @var list<list<float>> least seconds from hold i to hold j with this base, whatever is decided */
    private array $least = [];

    /** @var list<int> the first place that is in no way different from this one */
    private array $twin = [];

    private function __construct(private readonly SwitchingProblem $problem) {}

    /** @return array{base: int, on: array<int, ?int>, total: float, exact: bool} place of each hold, null for set by hand or the base */
    public static function solve(SwitchingProblem $problem): array
    {
        $search = new self($problem);
        $exact = $problem->holds <= self::EXACT;
        for ($base = 0; $base < $problem->holds; $base++) {
            $exact ? $search->exactly($base) : $search->byExchange($base);
        }

        return [
            'base' => $search->bestBase,
            'on' => $search->bestOn,
            'total' => $problem->holds === 0 ? 0.0 : $search->best,
            'exact' => $exact,
        ];
    }

    private function exactly(int $base): void
    {
        $problem = $this->problem;
        $this->prepare($base);
        $weight = [];
        foreach (array_diff(range(0, $problem->holds - 1), [$base]) as $hold) {
            $weight[$hold] = array_sum($problem->times[$hold]) + array_sum(array_column($problem->times, $hold));
        }
        arsort($weight);
        $this->order = array_keys($weight);
        $floor = 0.0;
        for ($i = 0; $i < $problem->holds; $i++) {
            for ($j = 0; $j < $problem->holds; $j++) {
                $floor += $i === $j ? 0.0 : $problem->times[$i][$j] * $this->least[$i][$j];
            }
        }
        $this->decide($base, 0, $floor);
    }

    /** @param  float  $floor  no layout below this node can take less */
    private function decide(int $base, int $depth, float $floor): void
    {
        if ($floor >= $this->best - 1e-12) {
            return;
        }
        if ($depth === count($this->order)) {
            [$this->best, $this->bestBase, $this->bestOn] = [$floor, $base, $this->on];

            return;
        }
        $hold = $this->order[$depth];
        foreach ($this->choices($base, $hold) as $place) {
            $this->on[$hold] = $place;
            if ($place !== null) {
                $this->taken[$place] = true;
            }
            $this->decide($base, $depth + 1, $floor + $this->added($base, $depth, $hold));
            if ($place !== null) {
                $this->taken[$place] = false;
            }
            $this->on[$hold] = null;
        }
    }

    /** @return list<?int> places still open to a hold, one of each kind, and setting it by hand */
    private function choices(int $base, int $hold): array
    {
        $choices = [];
        $seen = [];
        for ($place = 0; $place < $this->problem->places; $place++) {
            if (
                ! $this->taken[$place] &&
                ! isset($seen[$this->twin[$place]]) &&
                is_finite($this->problem->recall[$base][$hold][$place])
            ) {
                $seen[$this->twin[$place]] = true;
                $choices[] = $place;
            }
        }
        usort(
            $choices,
            fn (int $a, int $b): int => $this->problem->recall[$base][$hold][$a] <=>
                $this->problem->recall[$base][$hold][$b],
        );

        return [...$choices, null];
    }

    /** What deciding this hold adds to the floor: every pair that is now certain takes its true time. */
    private function added(int $base, int $depth, int $hold): float
    {
        $problem = $this->problem;
        $added = 0.0;
        foreach ([$base, ...array_slice($this->order, 0, $depth)] as $other) {
            foreach ([[$hold, $other], [$other, $hold]] as [$i, $j]) {
                $times = $problem->times[$i][$j];
                if ($times > 0) {
                    $added += $times * ($problem->seconds($base, $this->on, $i, $j) - $this->least[$i][$j]);
                }
            }
        }

        return $added;
    }

    private function prepare(int $base): void
    {
        $problem = $this->problem;
        $this->on = array_fill(0, max(1, $problem->holds), null);
        $this->taken = array_fill(0, max(1, $problem->places), false);
        $this->least = [];
        for ($i = 0; $i < $problem->holds; $i++) {
            $row = [];
            for ($j = 0; $j < $problem->holds; $j++) {
                $row[] =
                    $j === $base
                        ? 0.0
                        : min([$problem->hand[$i][$j], $problem->hand[$base][$j], ...$problem->recall[$base][$j]]);
            }
            $this->least[] = $row;
        }
        $this->twin = [];
        for ($place = 0; $place < $problem->places; $place++) {
            $this->twin[] = $this->firstAlike($base, $place);
        }
    }

    private function firstAlike(int $base, int $place): int
    {
        $problem = $this->problem;
        for ($other = 0; $other < $place; $other++) {
            $alike = array_column($problem->recall[$base], $other) === array_column($problem->recall[$base], $place);
            for ($third = 0; $alike && $third < $problem->places; $third++) {
                $alike =
                    $third === $other ||
                    $third === $place ||
                    ($problem->move[$other][$third] === $problem->move[$place][$third] &&
                        $problem->move[$third][$other] === $problem->move[$third][$place]);
            }
            if ($alike && $problem->move[$other][$place] === $problem->move[$place][$other]) {
                return $this->twin[$other];
            }
        }

        return $place;
    }

    private function byExchange(int $base): void
    {
        $this->prepare($base);
        $on = $this->greedy($base);
        $total = $this->problem->total($base, $on);
        do {
            $before = $total;
            foreach ($this->neighbours($base, $on) as $next) {
                $then = $this->problem->total($base, $next);
                if ($then < $total - 1e-12) {
                    [$on, $total] = [$next, $then];
                }
            }
        } while ($total < $before - 1e-12);
        if ($total < $this->best) {
            [$this->best, $this->bestBase, $this->bestOn] = [$total, $base, $on];
        }
    }

    /** @return array<int, ?int> */
    private function greedy(int $base): array
    {
        $weight = array_map(
            static fn (array $column): float => array_sum($column),
            array_map(
                fn (int $hold): array => array_column($this->problem->times, $hold),
                range(0, $this->problem->holds - 1),
            ),
        );
        arsort($weight);
        $on = array_fill(0, $this->problem->holds, null);
        foreach (array_keys($weight) as $hold) {
            $place = $hold === $base ? null : $this->choices($base, $hold)[0] ?? null;
            $on[$hold] = $place;
            if ($place !== null) {
                $this->taken[$place] = true;
            }
        }

        return $on;
    }

    /**
     * @param  array<int, ?int>  $on
     * @return iterable<array<int, ?int>> every layout one move or one exchange away
     */
    private function neighbours(int $base, array $on): iterable
    {
        foreach ($on as $hold => $place) {
            if ($hold === $base) {
                continue;
            }
            for ($other = -1; $other < $this->problem->places; $other++) {
                if ($other >= 0 && ! is_finite($this->problem->recall[$base][$hold][$other])) {
                    continue;
                }
                $next = $on;
                $next[$hold] = $other < 0 ? null : $other;
                $was = $other < 0 ? false : array_search($other, $on, true);
                if ($was !== false && $was !== $hold) {
                    $next[$was] =
                        $place !== null && is_finite($this->problem->recall[$base][$was][$place]) ? $place : null;
                }
                yield $next;
            }
        }
    }
}
