<?php

declare(strict_types=1);

namespace RushHold\Outing;

/**
 * A day as places and moments, five minutes apart: where one may stand from each moment to the next, by when one is at another place, and
 * what each rush is worth. Moments are numbered from 0, the begin, to the number of steps, the end.
 */
final readonly class DayGraph
{
    /**
     * @param  int  $steps  from one moment to the next
     * @param  list<bool>  $dry  by place: whether no water ever reaches it
     * @param  list<list<bool>>  $stands  by place and step: whether one may stand there all through it
     * @param  list<list<bool>>  $mayBe  by place and moment: whether one may be there at it, come from dry ground or on the way to it
     * @param  array<int, array<int, list<?int>>>  $arrives  by place, other place and moment: the moment one is there, having left at it;
     *                                                       null where the way is not free, or ends after the day
     * @param  list<int>  $placeOf  by rush: its place
     * @param  list<list<float>>  $worth  by rush and step: what all of it brings
     * @param  float  $waitCosts  what a step of waiting must bring, and so is taken off a day that has it; not off what it is worth
     * @param  float  $turnCosts  share of a step that is lost where one turns to another rush of the same place
     */
    public function __construct(
        public int $steps,
        public array $dry,
        public array $stands,
        public array $mayBe,
        public array $arrives,
        public array $placeOf,
        public array $worth,
        public float $turnCosts,
        public float $waitCosts,
    ) {}
}
