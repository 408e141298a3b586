<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Assumptions\Assumptions;
use RushHold\Kit\Kit;
use RushHold\Light\SkyDay;
use RushHold\Optics\SharpnessStandard;
use RushHold\Planning\Planner;

/** Everything that is reckoned of an outing. {@see \RushHold\Wording\Outing\DayDocument} writes it. */
final readonly class Day
{
    /**
     * @param  list<Moment>  $moments  of the open sky, one every five minutes
     * @param  list<array<int, HoldStep>>  $steps  by expected rush, and by their number since the outing began
     * @param  list<list<HoldBand>>  $bands  by expected rush
     * @param  DayPlaces  $places  where one may be
     * @param  list<?float>  $gains  what each deed of the order buys
     * @param  array<string, SpotWater>  $waters  by spot: when one may stand there
     * @param  Water  $water  with what it goes on by, where that was asked for
     * @param  array<string, list<array{float, float}>>  $blinding  by spot: from and until the sun stands where the lens points
     * @param  ?Kit  $longest  the kit that reaches farthest
     */
    private function __construct(
        public Outing $outing,
        public Assumptions $assumptions,
        public SkyDay $sky,
        public array $moments,
        public array $steps,
        public array $bands,
        public DayPlaces $places,
        public OrderOfDay $order,
        public array $gains,
        public ?OrderOfDay $second,
        public array $waters,
        public Water $water,
        public Ways $ways,
        public array $blinding,
        public ?Kit $longest,
    ) {}

    public static function of(Outing $outing, Planner $planner, Assumptions $assumptions): self
    {
        $assumptions = $assumptions->unread();
        $conditions = $outing->conditions($assumptions);
        $holds = new HoldsOfDay($outing, $conditions, $planner, $assumptions);
        $steps = array_map($holds->of(...), $outing->expected);
        $water = $outing->water->goneOn($assumptions->value('outing.water_lift'));
        $ways = $outing->ways($assumptions);
        $moments = $blinding = $waters = [];
        $spots = $outing->place->spots;
        $first = reset($spots);
        foreach (self::times($outing) as $at) {
            $moments[] = $conditions->at($at, $first);
        }
        foreach ($spots as $id => $spot) {
            $blinding[$id] = self::runs(
                $outing,
                static fn (float $at): bool => $conditions->at($at, $spot)->side->isDangerous,
            );
            $waters[$id] = SpotWater::of($spot, $water, $ways->off($spot), $assumptions);
        }
        $places = DayPlaces::of($outing, $waters, $ways);
        $order = new OrderSearch(GraphOfDay::of($outing, $places, $steps, $assumptions));
        $best = $order->best();

        return new self(
            $outing,
            $assumptions,
            SkyDay::around(
                $outing->place->position,
                $outing->place->horizon,
                $outing->window->fromS,
                $outing->window->untilS,
            ),
            $moments,
            $steps,
            array_map(HoldBand::through(...), $steps),
            $places,
            $best,
            $order->gains($best),
            $order->secondBest($best),
            $waters,
            $water,
            $ways,
            $blinding,
            self::longest($outing),
        );
    }

    /** A moment of the order, in Unix seconds. */
    public function momentS(int $moment): float
    {
        return min($this->outing->window->untilS, $this->outing->window->fromS + $moment * HoldsOfDay::STEP_S);
    }

    /**
     * From and until when a rush is worked in a deed: not beyond its own hours, which may begin and end between two moments.
     */
    public function worked(Deed $deed): Stretch
    {
        $steps = array_filter(
            $this->steps[(int) $deed->rush],
            static fn (int $number): bool => $number >= $deed->from && $number < $deed->until,
            ARRAY_FILTER_USE_KEY,
        );

        return new Stretch(
            min([INF, ...array_map(static fn (HoldStep $step): float => $step->fromS, $steps)]),
            max([-INF, ...array_map(static fn (HoldStep $step): float => $step->untilS, $steps)]),
        );
    }

    /**
     * Every way of the order: between its places, and over ground that the water takes also on to its first and off its last, which may lie
     * before and after the day.
     *
     * @return list<Walk> in order of time
     */
    public function walks(OrderOfDay $order): array
    {
        $walks = [];
        $deeds = $order->deeds;
        foreach ($deeds as $number => $deed) {
            if ($number === 0 && ! $this->places->isDry($deed->place)) {
                $walks[] = $this->onTo($deed->place, $this->momentS($deed->from));
            }
            if ($deed->to !== null) {
                $minutes = (float) $this->places->minutes($deed->place, $deed->to);
                $leaves = $this->momentS($deed->from);
                $walks[] = new Walk(
                    $this->places->spot($deed->place),
                    $this->places->spot($deed->to),
                    $leaves,
                    $leaves + 60 * $minutes,
                );
            }
        }
        $last = $deeds === [] ? null : $deeds[count($deeds) - 1];
        if ($last !== null && ! $this->places->isDry($last->place)) {
            $walks[] = $this->offFrom($last->place, $this->worked($last)->untilS);
        }

        return $walks;
    }

    private function onTo(int $place, float $arrivesS): Walk
    {
        $spot = $this->places->spots[$place];
        $off = $this->waters[$spot->id]->wayOff;

        return new Walk($this->ground($off), $spot, $arrivesS - 60 * $off->minutes, $arrivesS);
    }

    private function offFrom(int $place, float $leavesS): Walk
    {
        $spot = $this->places->spots[$place];
        $off = $this->waters[$spot->id]->wayOff;

        return new Walk($spot, $this->ground($off), $leavesS, $leavesS + 60 * $off->minutes);
    }

    private function ground(WayOff $off): ?Spot
    {
        return $off->spot === null ? null : $this->outing->place->spots[$off->spot];
    }

    /** How far the longest lens may shoot in a moment until shimmer alone is all that fine detail allows, in metres; null without a kit. */
    public function reachM(Moment $moment): ?float
    {
        return $this->longest === null
            ? null
            : $moment->turbulence->reachM(
                $this->longest->focalMm(),
                SharpnessStandard::Detail->limitMm($this->longest->body->sensor),
            );
    }

    /**
     * The longest stretch of hours in which a rush's hold keeps its promise: it brings so much of its best, and one may stand at its spot.
     *
     * @return ?array{from: float, best: float, until: float, share: float, isOpen: bool} moments, the share at its best, and whether it
     * lasts as long as the rush may happen; null of a rush that never comes out where one may stand
     */
    public function promise(int $rush): ?array
    {
        $steps = $this->steps[$rush];
        $shares = array_map(fn (HoldStep $step): float => $this->mayStand($rush, $step) ? $step->share : 0.0, $steps);
        $most = max([0.0, ...$shares]);
        if ($most <= 0) {
            return null;
        }
        $least = $this->assumptions->value('outing.keeps') * $most;
        [$run, $longest, $last] = [[], [], null];
        foreach ($shares as $number => $share) {
            $run = $share >= $least ? [...($last === $number - 1 ? $run : []), $number] : [];
            $longest = count($run) > count($longest) ? $run : $longest;
            $last = $number;
        }
        $within = array_intersect_key($shares, array_flip($longest));
        $best = (int) array_search(max([0.0, ...$within]), $within, true);
        $end = $longest[count($longest) - 1];

        return [
            'from' => $steps[$longest[0]]->fromS,
            'best' => $steps[$best]->fromS,
            'until' => $steps[$end]->untilS,
            'share' => $shares[$best],
            'isOpen' => $end === array_key_last($steps),
        ];
    }

    /** Whether one may stand at the spot of a rush through a step of its hours. */
    public function mayStand(int $rush, HoldStep $step): bool
    {
        return $this->waters[$this->outing->expected[$rush]->spot->id]->standsFrom($step->fromS, $step->untilS);
    }

    /** What the wait of an order is for: of the rush that follows it, what stood against beginning it before. */
    public function waitsFor(OrderOfDay $order, int $deed): WaitsFor
    {
        $wait = $order->deeds[$deed];
        $rush = null;
        for ($at = $deed; $rush === null && isset($order->deeds[$at]); $at++) {
            $rush = $order->deeds[$at]->rush;
        }
        $steps = array_filter(
            $rush === null ? [] : $this->steps[$rush],
            static fn (HoldStep $step, int $number): bool => $number >= $wait->from &&
                $number < $wait->until &&
                $step->worth > 0,
            ARRAY_FILTER_USE_BOTH,
        );
        foreach ($steps as $step) {
            if (! $this->mayStand((int) $rush, $step)) {
                return WaitsFor::Water;
            }
        }

        return $steps === [] && ! isset($this->steps[(int) $rush][$wait->until - 1])
            ? WaitsFor::Hours
            : WaitsFor::Light;
    }

    /** @return list<Deed> the turns the order gives a rush */
    public function turns(int $rush): array
    {
        return array_values(array_filter($this->order->stays(), static fn (Deed $stay): bool => $stay->rush === $rush));
    }

    /**
     * The hold somebody sets for a rush before they go to it: the one that brings most of its turns of the order, or, where it has none, of
     * the hours in which it keeps its promise.
     *
     * @return ?array{at: float, from: float, until: float, has_turn: bool} a moment in which that hold is right, and the hours it is for;
     * null where nothing can be set
     */
    public function setFor(int $rush): ?array
    {
        $hours = array_map($this->worked(...), $this->turns($rush));
        $promise = $this->promise($rush);
        $hasTurn = $hours !== [];
        if (! $hasTurn && $promise !== null) {
            $hours[] = new Stretch($promise['from'], $promise['until']);
        }
        [$at, $most] = [null, 0.0];
        foreach ($this->bands[$rush] as $band) {
            $within = array_values(
                array_filter(
                    $band->steps,
                    fn (HoldStep $step): bool => $step->planned !== null &&
                        $this->mayStand($rush, $step) &&
                        array_filter(
                            $hours,
                            static fn (Stretch $one): bool => $one->sharedS($step->fromS, $step->untilS) > 0,
                        ) !== [],
                ),
            );
            $brings = array_sum(array_map(static fn (HoldStep $step): float => $step->brings(), $within));
            if ($brings > $most || ($at === null && $within !== [])) {
                [$at, $most] = [$within[intdiv(count($within), 2)]->moment->unixS, $brings];
            }
        }

        return $at === null || $hours === []
            ? null
            : ['at' => $at, 'from' => $hours[0]->fromS, 'until' => $hours[count($hours) - 1]->untilS, 'has_turn' => $hasTurn];
    }

    /** @return list<float> */
    private static function times(Outing $outing): array
    {
        $times = [];
        for ($at = $outing->window->fromS; $at <= $outing->window->untilS; $at += HoldsOfDay::STEP_S) {
            $times[] = $at;
        }

        return $times;
    }

    /**
     * From and until something is so.
     *
     * @param  \Closure(float): bool  $is
     * @return list<array{float, float}>
     */
    private static function runs(Outing $outing, \Closure $is): array
    {
        $runs = [];
        $since = null;
        foreach ([...self::times($outing), INF] as $at) {
            $now = is_finite($at) && $is($at);
            if ($now && $since === null) {
                $since = $at;
            } elseif (! $now && $since !== null) {
                $runs[] = [$since, min($at, $outing->window->untilS)];
                $since = null;
            }
        }

        return $runs;
    }

    private static function longest(Outing $outing): ?Kit
    {
        $longest = null;
        foreach ($outing->expected as $expected) {
            if ($longest === null || $expected->kit->focalMm() > $longest->focalMm()) {
                $longest = $expected->kit;
            }
        }

        return $longest;
    }
}
