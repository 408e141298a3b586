<?php

declare(strict_types=1);

namespace RushHold\Outing;

/**
 * What to do from moment to moment of a day so that as many sharp frames as possible come home, each counted as much as it matters: work a
 * rush, wait, or walk to another place. By dynamic programming over moment, place and the rush one is at, and so exact on its steps. Nobody
 * stands, walks or waits where the graph of the day does not let them, and a day may end only where one may stand, or has just stood.
 */
final class OrderSearch
{
    /**
     * Of days that bring as much the one is taken in which one waits on dry ground rather than before the water, and walks no more than
     * needed: each step costs so much less than a frame.
     */
    private const WET_WAIT = 1e-6;

    private const STEP_ON_FOOT = 1e-7;

    private const EQUAL = 1e-10;

    /** @var array<int, array<int, float>> by moment and place: the most from there on with no rush in hand; −INF where one may not be */
    private array $free = [];

    /** @var array<int, array<int, float>> by moment and rush: the most from there on, having just worked it */
    private array $inHand = [];

    /** @var array<int, array<int, ?Deed>> the first deed of each of those; null where the day ends */
    private array $freeDeeds = [];

    /** @var array<int, array<int, ?Deed>> */
    private array $inHandDeeds = [];

    /** @var array<int, list<int>> by place: the rushes that are worked there */
    private array $rushesAt;

    public function __construct(private readonly DayGraph $graph)
    {
        $this->rushesAt = array_fill(0, count($graph->dry), []);
        foreach ($graph->placeOf as $rush => $place) {
            $this->rushesAt[$place][] = $rush;
        }
    }

    /**
     * The best day there is.
     *
     * @param  list<int>  $without  rushes that are not worked
     */
    public function best(array $without = []): OrderOfDay
    {
        $this->reckon(array_fill_keys($without, true), true);
        [$at, $most] = [null, self::EQUAL];
        foreach (array_keys($this->graph->dry) as $place) {
            for ($moment = 0; $moment <= $this->graph->steps; $moment++) {
                if ($this->graph->mayBe[$place][$moment] && $this->free[$moment][$place] > $most + self::EQUAL) {
                    [$at, $most] = [[$moment, $place], $this->free[$moment][$place]];
                }
            }
        }

        return $at === null ? new OrderOfDay([]) : new OrderOfDay($this->deeds($at[0], $at[1]));
    }

    /**
     * What every deed of a day buys: of work what turning to it brings over staying with the rush before until the end, or as long as one
     * may stand there; of a wait what it brings over going on, or home, without ever waiting.
     *
     * @return list<?float> one a deed; null of the first work, and of walks
     */
    public function gains(OrderOfDay $day): array
    {
        $gains = [];
        $rest = $day->worth;
        $before = null;
        $this->reckon([], false);
        foreach ($day->deeds as $deed) {
            $gains[] = match (true) {
                $before === null, $deed->to !== null => null,
                $deed->isWait() => $rest - $this->inHand[$before->until][(int) $before->rush],
                default => $rest - $this->staying($before),
            };
            if ($deed->rush !== null) {
                [$rest, $before] = [$rest - $deed->worth, $deed];
            }
        }

        return $gains;
    }

    /** The best day without the rush that brings most of the best one: what to do should that not come. Null where there is none. */
    public function secondBest(OrderOfDay $best): ?OrderOfDay
    {
        $most = $best->bringsMost();
        if ($most === null) {
            return null;
        }
        $other = $this->best([$most]);

        return $other->deeds === [] ? null : $other;
    }

    /** What staying with a rush brings from the end of a deed on. */
    private function staying(Deed $with): float
    {
        $brings = 0.0;
        for ($at = $with->until; $at < $this->graph->steps && $this->graph->stands[$with->place][$at]; $at++) {
            $brings += $this->graph->worth[(int) $with->rush][$at];
        }

        return $brings;
    }

    /** @param  array<int, true>  $without  rushes that are not worked */
    private function reckon(array $without, bool $mayWait): void
    {
        $graph = $this->graph;
        $this->free = $this->inHand = $this->freeDeeds = $this->inHandDeeds = [];
        for ($at = $graph->steps; $at >= 0; $at--) {
            $this->free[$at] = $this->freeDeeds[$at] = $this->inHand[$at] = $this->inHandDeeds[$at] = [];
            foreach ($graph->dry as $place => $isDry) {
                $this->reckonAt($at, $place, $isDry, $without, $mayWait);
            }
        }
    }

    /** @param  array<int, true>  $without */
    private function reckonAt(int $at, int $place, bool $isDry, array $without, bool $mayWait): void
    {
        $graph = $this->graph;
        // the day may end here: whoever may stand at a place has time left for the way off
        $isThere = $graph->mayBe[$place][$at];
        [$most, $first] = [$isThere ? 0.0 : -INF, null];
        $stands = $at < $graph->steps && $graph->stands[$place][$at];
        if ($stands && $mayWait) {
            $found = $this->free[$at + 1][$place] - $graph->waitCosts - ($isDry ? 0.0 : self::WET_WAIT);
            if ($found > $most + self::EQUAL) {
                [$most, $first] = [$found, Deed::wait($at, $at + 1, $place)];
            }
        }
        foreach ($isThere ? $graph->arrives[$place] ?? [] : [] as $other => $arrivals) {
            $arrives = $arrivals[$at];
            if ($arrives !== null) {
                $found = $this->free[$arrives][$other] - self::STEP_ON_FOOT * ($arrives - $at);
                if ($found > $most + self::EQUAL) {
                    [$most, $first] = [$found, Deed::walk($at, $arrives, $place, $other)];
                }
            }
        }
        // of rushes the one that brings most, taken up anew and with another in hand
        $takenUp = $turnedTo = [$most, $first];
        $goneOn = [];
        foreach ($this->rushesAt[$place] as $rush) {
            if (! $stands || isset($without[$rush]) || $graph->worth[$rush][$at] <= 0) {
                continue;
            }
            $worth = $graph->worth[$rush][$at];
            $rest = $this->inHand[$at + 1][$rush];
            $left = $worth * (1 - $graph->turnCosts);
            $goneOn[$rush] = [$worth + $rest, Deed::work($at, $at + 1, $place, $rush, $worth)];
            if ($worth + $rest > $takenUp[0] + self::EQUAL) {
                $takenUp = $goneOn[$rush];
            }
            if ($left + $rest > $turnedTo[0] + self::EQUAL) {
                $turnedTo = [$left + $rest, Deed::work($at, $at + 1, $place, $rush, $left)];
            }
        }
        [$this->free[$at][$place], $this->freeDeeds[$at][$place]] = $takenUp;
        foreach ($this->rushesAt[$place] as $rush) {
            // of equals one stays
            [$this->inHand[$at][$rush], $this->inHandDeeds[$at][$rush]] =
                isset($goneOn[$rush]) && $goneOn[$rush][0] >= $turnedTo[0] - self::EQUAL ? $goneOn[$rush] : $turnedTo;
        }
    }

    /** @return list<Deed> from a place and a moment on, each as long as it lasts; without the waits at both ends, which are one's own */
    private function deeds(int $at, int $place): array
    {
        $deeds = [];
        $rush = null;
        while (true) {
            $deed = $rush === null ? $this->freeDeeds[$at][$place] : $this->inHandDeeds[$at][$rush];
            if ($deed === null) {
                break;
            }
            [$at, $place, $rush] = [$deed->until, $deed->to ?? $deed->place, $deed->rush];
            $last = count($deeds) - 1;
            $joined = $last >= 0 ? $deeds[$last]->with($deed) : null;
            if ($joined !== null) {
                $deeds[$last] = $joined;
            } else {
                $deeds[] = $deed;
            }
        }
        while ($deeds !== [] && $deeds[count($deeds) - 1]->rush === null) {
            array_pop($deeds);
        }
        while ($deeds !== [] && $deeds[0]->isWait()) {
            array_shift($deeds);
        }

        return $deeds;
    }
}
