<?php

declare(strict_types=1);

namespace RushHold\Controls;

/**
 * Which hold on which control: numbers only, all times in seconds.
 *
 * One hold is what the camera itself is set to, the base; letting go of a button returns to it for nothing. Every other
 * hold is recalled by a place (a control), or set by hand. From hold i to hold j it takes
 *  - nothing when j is the base and i is on a place, else what setting it by hand takes;
 *  - recall[base][j][place] when j is on a place, and move[place of i][place] besides when i is on one;
 *  - hand[base][j] when j is set by hand and i is on a place, else hand[i][j].
 */
final readonly class SwitchingProblem
{
    /**
     * @param  int  $holds  how many holds
     * @param  int  $places  how many controls
     * @param  list<list<list<float>>>  $recall  recall[base][hold][place], INF where that control cannot recall it
     * @param  list<list<float>>  $move  move[place][place]
     * @param  list<list<float>>  $hand  hand[from][to]
     * @param  list<list<float>>  $times  how often each hold follows each
     */
    public function __construct(
        public int $holds,
        public int $places,
        public array $recall,
        public array $move,
        public array $hand,
        public array $times,
    ) {}

    /**
     * Seconds from hold i to hold j.
     *
     * @param  array<int, ?int>  $on  place of each hold, null for one set by hand; that of the base does not count
     */
    public function seconds(int $base, array $on, int $i, int $j): float
    {
        if ($i === $j) {
            return 0.0;
        }
        $from = $i === $base ? null : $on[$i];
        if ($j === $base) {
            return $from !== null ? 0.0 : $this->hand[$i][$j];
        }
        $to = $on[$j];
        if ($to === null) {
            return $this->hand[$from === null ? $i : $base][$j];
        }

        return $this->recall[$base][$j][$to] + ($from === null ? 0.0 : $this->move[$from][$to]);
    }

    /**
     * Seconds of all changes of the day.
     *
     * @param  array<int, ?int>  $on
     */
    public function total(int $base, array $on): float
    {
        $total = 0.0;
        for ($i = 0; $i < $this->holds; $i++) {
            for ($j = 0; $j < $this->holds; $j++) {
                if ($i !== $j && $this->times[$i][$j] > 0) {
                    $total += $this->times[$i][$j] * $this->seconds($base, $on, $i, $j);
                }
            }
        }

        return $total;
    }

    /** How often anything follows anything else. */
    public function changes(): float
    {
        $sum = 0.0;
        for ($i = 0; $i < $this->holds; $i++) {
            for ($j = 0; $j < $this->holds; $j++) {
                $sum += $i === $j ? 0.0 : $this->times[$i][$j];
            }
        }

        return $sum;
    }
}
