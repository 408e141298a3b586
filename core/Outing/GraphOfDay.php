<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Assumptions\Assumptions;

/** Writes an outing as a graph of places and moments: where the water lets one stand, when one is where, what each step brings. */
final readonly class GraphOfDay
{
    /** From one moment to the next. */
    private int $steps;

    private function __construct(private Outing $outing, private DayPlaces $places)
    {
        $lasts = $outing->window->untilS - $outing->window->fromS;
        $this->steps = (int) ceil($lasts / HoldsOfDay::STEP_S - 1e-9);
    }

    /** @param  list<array<int, HoldStep>>  $steps  by expected rush, and by their number since the outing began */
    public static function of(Outing $outing, DayPlaces $places, array $steps, Assumptions $assumptions): DayGraph
    {
        $writes = new self($outing, $places);
        $numbers = array_keys($places->spots);

        return new DayGraph(
            $writes->steps,
            array_map($places->isDry(...), $numbers),
            array_map($writes->stands(...), $numbers),
            array_map($writes->mayBe(...), $numbers),
            array_map($writes->ways(...), $numbers),
            array_map(static fn (Expected $one): int => $places->number($one->spot), $outing->expected),
            array_map($writes->worth(...), $steps),
            min(1.0, (60 * $assumptions->value('outing.turn')) / HoldsOfDay::STEP_S),
            ($assumptions->value('outing.waits') * HoldsOfDay::STEP_S) / 3600,
        );
    }

    /** @return list<bool> by step */
    private function stands(int $place): array
    {
        $stands = [];
        for ($step = 0; $step < $this->steps; $step++) {
            $stands[] = $this->places->mayStand($place, $this->at($step), $this->at($step + 1));
        }

        return $stands;
    }

    /** @return list<bool> by moment */
    private function mayBe(int $place): array
    {
        return array_map(
            fn (int $moment): bool => $this->places->mayStand($place, $this->at($moment), $this->at($moment)),
            range(0, $this->steps),
        );
    }

    /** @return array<int, list<?int>> by where a way leads: by the moment it is begun the one at which one is there */
    private function ways(int $place): array
    {
        $ways = [];
        foreach (array_keys($this->places->spots) as $other) {
            $minutes = $other === $place ? null : $this->places->minutes($place, $other);
            if ($minutes !== null) {
                $ways[$other] = array_map(
                    fn (int $moment): ?int => $this->arrives($place, $other, $moment, 60 * $minutes),
                    range(0, $this->steps),
                );
            }
        }

        return $ways;
    }

    /**
     * @param  array<int, HoldStep>  $steps  of one rush
     * @return list<float> by step: what all of it brings
     */
    private function worth(array $steps): array
    {
        $worth = [];
        for ($step = 0; $step < $this->steps; $step++) {
            $worth[] = isset($steps[$step]) ? $steps[$step]->brings() : 0.0;
        }

        return $worth;
    }

    /**
     * The moment one is at another place, having left at one: the next one after the walk, and the next at all where there is none to speak
     * of; null where the water does not let one go, or stand there till then.
     */
    private function arrives(int $from, int $to, int $moment, float $walkS): ?int
    {
        $leaves = $this->at($moment);
        $arrives = $moment + max(1, (int) ceil($walkS / HoldsOfDay::STEP_S - 1e-9));

        return $arrives <= $this->steps &&
            $this->places->mayStand($from, $leaves, $leaves) &&
            $this->places->isFree($from, $to, $leaves, $leaves + $walkS) &&
            $this->places->mayStand($to, min($leaves + $walkS, $this->at($arrives)), $this->at($arrives))
            ? $arrives
            : null;
    }

    private function at(int $moment): float
    {
        return min($this->outing->window->untilS, $this->outing->window->fromS + $moment * HoldsOfDay::STEP_S);
    }
}
