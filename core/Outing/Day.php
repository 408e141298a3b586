<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Assumptions\Assumptions;
use RushHold\Kit\Kit;
use RushHold\Light\SunDay;
use RushHold\Optics\SharpnessStandard;
use RushHold\Planning\Planner;

/** Everything that is reckoned of an outing. {@see \RushHold\Wording\Outing\DayDocument} writes it. */
final readonly class Day
{
    /**
     * @param  list<Moment>  $moments  of the open sky, one every five minutes
     * @param  list<list<HoldStep>>  $steps  by expected rush
     * @param  list<list<HoldBand>>  $bands  by expected rush
     * @param  list<float>  $gains  of each turn of the order
     * @param  array<string, list<array{float, float}>>  $cutOff  by spot: from and until the water cuts it off
     * @param  array<string, list<array{float, float}>>  $blinding  by spot: from and until the sun stands where the lens points
     * @param  ?Kit  $longest  the kit that reaches farthest
     */
    private function __construct(
        public Outing $outing,
        public Assumptions $assumptions,
        public SunDay $sun,
        public array $moments,
        public array $steps,
        public array $bands,
        public OrderOfDay $order,
        public array $gains,
        public ?OrderOfDay $second,
        public array $cutOff,
        public array $blinding,
        public ?Kit $longest,
    ) {}

    public static function of(Outing $outing, Planner $planner, Assumptions $assumptions): self
    {
        $assumptions = $assumptions->unread();
        $conditions = $outing->conditions($assumptions);
        $holds = new HoldsOfDay($outing, $conditions, $planner, $assumptions);
        $steps = array_map($holds->of(...), $outing->expected);
        $spots = $outing->place->spots;
        $moments = $blinding = $cutOff = [];
        $first = reset($spots);
        foreach (self::times($outing) as $at) {
            $moments[] = $conditions->at($at, $first);
        }
        foreach ($spots as $id => $spot) {
            $blinding[$id] = self::runs(
                $outing,
                static fn (float $at): bool => $conditions->at($at, $spot)->side->isDangerous,
            );
            $cutOff[$id] = $spot->cutOffM === null
                ? []
                : $outing->water->over($spot->cutOffM, $outing->fromS, $outing->untilS);
        }
        $order = self::order($outing, $steps, $cutOff, $assumptions);
        $best = $order->best();

        return new self(
            $outing,
            $assumptions,
            SunDay::between($outing->place->position, $outing->day->begins(), $outing->day->next()->begins()),
            $moments,
            $steps,
            array_map(HoldBand::through(...), $steps),
            $best,
            $order->gains($best),
            $order->secondBest($best),
            $cutOff,
            $blinding,
            self::longest($outing),
        );
    }

    /** The moment a quarter of the order begins, in Unix seconds. */
    public function quarterS(int $quarter): float
    {
        return min($this->outing->untilS, $this->outing->fromS + $quarter * DayOrder::QUARTER_S);
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
     * The longest stretch of hours in which a rush's hold keeps its promise: it brings so much of its best.
     *
     * @return ?array{from: float, best: float, until: ?float} moments; until: null where it lasts as long as the rush; null of a rush that
     * never comes out
     */
    public function promise(int $rush): ?array
    {
        $steps = $this->steps[$rush];
        $shares = array_map(static fn (HoldStep $step): float => $step->share, $steps);
        $most = max([0.0, ...$shares]);
        if ($most <= 0) {
            return null;
        }
        $least = $this->assumptions->value('outing.keeps') * $most;
        [$from, $length, $run] = [0, 0, 0];
        foreach ($shares as $at => $share) {
            $run = $share >= $least ? $run + 1 : 0;
            if ($run > $length) {
                [$from, $length] = [$at - $run + 1, $run];
            }
        }
        $within = array_slice($shares, $from, $length);
        $best = $from + (int) array_search(max([0.0, ...$within]), $within, true);

        return [
            'from' => $steps[$from]->moment->unixS,
            'best' => $steps[$best]->moment->unixS,
            'until' => isset($steps[$from + $length]) ? $steps[$from + $length]->moment->unixS : null,
        ];
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
        $hours = [];
        foreach ($this->order->stays as $stay) {
            if ($stay->rush === $rush) {
                $hours[] = [$this->quarterS($stay->from), $this->quarterS($stay->until)];
            }
        }
        $promise = $this->promise($rush);
        $hasTurn = $hours !== [];
        if (! $hasTurn && $promise !== null) {
            $hours[] = [$promise['from'], $promise['until'] ?? $this->outing->untilS];
        }
        [$at, $most] = [null, 0.0];
        foreach ($this->bands[$rush] as $band) {
            $within = array_values(
                array_filter(
                    $band->steps,
                    static fn (HoldStep $step): bool => $step->planned !== null &&
                        array_filter(
                            $hours,
                            static fn (array $one): bool => $step->moment->unixS >= $one[0] &&
                                $step->moment->unixS < $one[1],
                        ) !== [],
                ),
            );
            $brings = array_sum(array_map(static fn (HoldStep $step): float => $step->worth, $within));
            if ($brings > $most) {
                [$at, $most] = [$within[intdiv(count($within), 2)]->moment->unixS, $brings];
            }
        }

        return $at === null || $hours === []
            ? null
            : ['at' => $at, 'from' => $hours[0][0], 'until' => $hours[count($hours) - 1][1], 'has_turn' => $hasTurn];
    }

    /** @return list<float> */
    private static function times(Outing $outing): array
    {
        $times = [];
        for ($at = $outing->fromS; $at <= $outing->untilS; $at += HoldsOfDay::STEP_S) {
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
                $runs[] = [$since, min($at, $outing->untilS)];
                $since = null;
            }
        }

        return $runs;
    }

    /**
     * @param  list<list<HoldStep>>  $steps
     * @param  array<string, list<array{float, float}>>  $cutOff
     */
    private static function order(Outing $outing, array $steps, array $cutOff, Assumptions $assumptions): DayOrder
    {
        $quarters = (int) ceil(($outing->untilS - $outing->fromS) / DayOrder::QUARTER_S);
        $early = $assumptions->value('outing.water') * 60;
        $worth = $open = $walks = [];
        foreach ($outing->expected as $rush => $expected) {
            $itsWorth = $itsOpen = $itsWalks = [];
            for ($quarter = 0; $quarter < $quarters; $quarter++) {
                $from = $outing->fromS + $quarter * DayOrder::QUARTER_S;
                $until = $from + DayOrder::QUARTER_S + $early;
                $itsWorth[] = self::worth($steps[$rush], $from);
                $itsOpen[] =
                    array_filter(
                        $cutOff[$expected->spot->id],
                        static fn (array $one): bool => $one[0] < $until && $one[1] > $from,
                    ) === [];
            }
            foreach ($outing->expected as $other) {
                $walkS = 60 * $outing->walkMinutes($expected->spot, $other->spot, $assumptions);
                $itsWalks[] = (int) ceil($walkS / DayOrder::QUARTER_S - 1e-9);
            }
            [$worth[], $open[], $walks[]] = [$itsWorth, $itsOpen, $itsWalks];
        }

        return new DayOrder($worth, $open, $walks, $quarters);
    }

    /**
     * What a quarter of an hour is worth to a rush.
     *
     * @param  list<HoldStep>  $steps
     */
    private static function worth(array $steps, float $fromS): float
    {
        $worth = 0.0;
        foreach ($steps as $step) {
            if ($step->moment->unixS >= $fromS && $step->moment->unixS < $fromS + DayOrder::QUARTER_S) {
                $worth += ($step->worth * HoldsOfDay::STEP_S) / 3600;
            }
        }

        return $worth;
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
