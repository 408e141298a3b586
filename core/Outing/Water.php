<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Document\Reader;
use RushHold\Faults\Fault;
use RushHold\Faults\TurnsOutOfOrder;
use RushHold\Faults\WaterMissing;
use RushHold\Guard;

/**
 * Water that comes in, from the high and low waters somebody has typed from an official table. Between two of them it goes by a rule;
 * before the first and after the last nothing is known of it, unless one asks to go on as tides usually do.
 */
final readonly class Water
{
    /** Two waters that are further apart have one between them that nobody has typed, in hours; a tide of one high water a day takes some 12.4. */
    public const APART_MOST_H = 16.0;

    /** After so long water of the same kind comes again: half a lunar day, in seconds. */
    private const AGAIN_S = 44_714.0;

    /** A typed series that ends so shortly before the hours somebody is out, or begins so shortly after, is of their date, in seconds. */
    private const TURN_S = 23_400.0;

    /**
     * @param  list<WaterTurn>  $turns  in order; high after low and low after high
     * @param  bool  $goesOn  whether it is to go on as tides usually do beyond what is typed
     */
    private function __construct(public array $turns, public TideRule $rule, public bool $goesOn) {}

    public static function none(): self
    {
        return new self([], TideRule::Cosine, false);
    }

    /**
     * @param  list<WaterTurn>  $turns
     */
    public static function through(array $turns, TideRule $rule = TideRule::Cosine, bool $goesOn = false): self
    {
        usort($turns, static fn (WaterTurn $a, WaterTurn $b): int => $a->atS <=> $b->atS);

        return new self($turns, $rule, $goesOn);
    }

    /**
     * Waters as they are typed, one after the other: each is the next time the clocks show its time after the one before it. The first is
     * of the date of the outing, or of the day before or after where the series touches the hours one is out only then; any of them may
     * say its day itself.
     *
     * @param  list<Reader>  $entries
     *
     * @throws Fault naming the first that does not follow the one before it
     */
    public static function read(array $entries, Window $window, TideRule $rule, bool $goesOn = false): self
    {
        $best = $fault = null;
        foreach ([0, -1, 1] as $days) {
            try {
                $turns = self::series($entries, $window->day, $days);
            } catch (Fault $amiss) {
                $fault ??= $amiss;

                continue;
            }
            if ($turns === []) {
                return new self([], $rule, $goesOn);
            }
            $apart = (new Stretch($turns[0]->atS, $turns[count($turns) - 1]->atS))->apartS($window->stretch());
            if ($days === 0 && $apart < self::TURN_S) {
                return new self($turns, $rule, $goesOn);
            }
            if ($best === null || $apart < $best[0]) {
                $best = [$apart, $turns];
            }
        }

        return $best === null ? throw $fault ?? TurnsOutOfOrder::at('waters', '') : new self($best[1], $rule, $goesOn);
    }

    /** The same with a water whose time comes twice in that night at the second of them; null where none does. */
    public function second(): ?self
    {
        foreach ($this->turns as $turn) {
            if ($turn->againS !== null) {
                return new self(
                    array_map(static fn (WaterTurn $one): WaterTurn => $one->later(), $this->turns),
                    $this->rule,
                    $this->goesOn,
                );
            }
        }

        return null;
    }

    /** Its height at a moment in metres; null where nothing is known. */
    public function heightM(float $unixS): ?float
    {
        $pair = $this->around($unixS);
        if ($pair === null) {
            return null;
        }
        [$from, $to] = $pair;

        return $from->heightM +
            ($to->heightM - $from->heightM) * $this->rule->share(($unixS - $from->atS) / ($to->atS - $from->atS));
    }

    /** Whether what is known of a moment rests on a water that nobody has typed. */
    public function isReckonedAt(float $unixS): bool
    {
        $pair = $this->around($unixS);

        return $pair !== null && ($pair[0]->isReckoned || $pair[1]->isReckoned);
    }

    /** From the first water that is known to the last; null where fewer than two are. */
    public function known(): ?Stretch
    {
        return count($this->turns) < 2
            ? null
            : new Stretch($this->turns[0]->atS, $this->turns[count($this->turns) - 1]->atS);
    }

    /**
     * The same with the waters before the first and after the last as tides usually go on, where that was asked for and two are typed: of
     * each kind the one that comes half a lunar day (or, where they are further apart than ten hours, a whole one) before or after the
     * nearest that is typed, as high as that, and higher by a share of what the water moves.
     *
     * @param  float  $lift  share of the range that each stands higher, to be on the safe side
     */
    public function goneOn(float $lift): self
    {
        $typed = $this->turns;
        $last = count($typed) - 1;
        if (! $this->goesOn || $last < 1) {
            return $this;
        }
        $heights = array_map(static fn (WaterTurn $one): float => $one->heightM, $typed);
        $higher = $lift * (max(...$heights) - min(...$heights));
        $next = static fn (WaterTurn $of, float $laterS): WaterTurn => new WaterTurn(
            $of->atS + $laterS,
            $of->kind,
            $of->heightM + $higher,
            true,
        );
        $before = self::againS($typed[0], $typed[1]);
        $after = self::againS($typed[$last - 1], $typed[$last]);

        return new self(
            [
                $next($typed[0], -$before),
                $next($typed[1], -$before),
                ...$typed,
                $next($typed[$last - 1], $after),
                $next($typed[$last], $after),
            ],
            $this->rule,
            true,
        );
    }

    /**
     * When it stands as high as this, or higher, and when nobody knows: every stretch of time from −INF to INF, one after the other.
     *
     * @return non-empty-list<WaterStretch>
     */
    public function stretches(float $heightM): array
    {
        $known = $this->known();
        if ($known === null) {
            return [new WaterStretch(SpotState::Unknown, new Stretch(-INF, INF))];
        }
        $shut = $this->over($heightM);
        $found = [
            new WaterStretch(
                SpotState::Unknown,
                new Stretch(-INF, $known->fromS),
                untilReckoned: $this->isReckonedAt($known->fromS),
            ),
        ];
        $since = $known->fromS;
        $add = function (SpotState $state, float $fromS, float $untilS) use (&$found): void {
            if ($untilS > $fromS || $state === SpotState::Shut) {
                $found[] = new WaterStretch(
                    $state,
                    new Stretch($fromS, $untilS),
                    $this->isReckonedAt($fromS),
                    $this->isReckonedAt($untilS),
                );
            }
        };
        foreach ($shut as $one) {
            $add(SpotState::Open, $since, $one->fromS);
            $add(SpotState::Shut, $one->fromS, $one->untilS);
            $since = $one->untilS;
        }
        $add(SpotState::Open, $since, $known->untilS);
        $found[] = new WaterStretch(
            SpotState::Unknown,
            new Stretch($known->untilS, INF),
            $this->isReckonedAt($known->untilS),
        );

        return $found;
    }

    /**
     * When it is known to stand as high as this, or higher.
     *
     * @return list<Stretch> in order; one that has no length where it just comes up to it
     */
    private function over(float $heightM): array
    {
        $found = [];
        for ($at = 1; $at < count($this->turns); $at++) {
            [$from, $to] = [$this->turns[$at - 1], $this->turns[$at]];
            [$wasOver, $isOver] = [$from->heightM >= $heightM, $to->heightM >= $heightM];
            if (! $wasOver && ! $isOver) {
                continue;
            }
            $crosses = $wasOver && $isOver ? 0.0 : $this->crossing($from, $to, $heightM);
            $one = new Stretch($wasOver ? $from->atS : $crosses, $isOver ? $to->atS : $crosses);
            $before = $found === [] ? null : $found[count($found) - 1];
            if ($before !== null && $before->untilS >= $one->fromS) {
                array_pop($found);
                $one = new Stretch($before->fromS, $one->untilS);
            }
            $found[] = $one;
        }

        return $found;
    }

    /** When it passes a height between two turns, by halves; it only rises or only falls there. */
    private function crossing(WaterTurn $from, WaterTurn $to, float $heightM): float
    {
        [$low, $high] = [0.0, 1.0];
        $rises = $to->heightM > $from->heightM;
        for ($round = 0; $round < 40; $round++) {
            $half = ($low + $high) / 2;
            $height = $from->heightM + ($to->heightM - $from->heightM) * $this->rule->share($half);
            if ($height >= $heightM === $rises) {
                $high = $half;
            } else {
                $low = $half;
            }
        }

        // of the two sides the one that keeps one out longer
        return $from->atS + ($rises ? $low : $high) * ($to->atS - $from->atS);
    }

    /** @return ?array{WaterTurn, WaterTurn} the waters before and after a moment */
    private function around(float $unixS): ?array
    {
        for ($to = 1; $to < count($this->turns); $to++) {
            if ($unixS >= $this->turns[$to - 1]->atS && $unixS <= $this->turns[$to]->atS) {
                return [$this->turns[$to - 1], $this->turns[$to]];
            }
        }

        return null;
    }

    /** After how long water of one kind comes again, in seconds: twice as long where only one of each kind comes a day. */
    private static function againS(WaterTurn $one, WaterTurn $other): float
    {
        return ($other->atS - $one->atS > 36_000.0 ? 2 : 1) * self::AGAIN_S;
    }

    /**
     * @param  list<Reader>  $entries
     * @param  int  $days  after the date the first of them is, where it does not say so itself
     * @return list<WaterTurn>
     */
    private static function series(array $entries, LocalDay $date, int $days): array
    {
        $turns = [];
        $day = $date->plus($days);
        foreach ($entries as $entry) {
            [$time, $field] = [$entry->text('at'), $entry->path('at')];
            $kind = $entry->choice('kind', TurnKind::class);
            $height = Guard::between($entry->path('height_m'), $entry->number('height_m'), -20.0, 20.0, 'm');
            $said = $entry->has('day')
                ? (int) Guard::between($entry->path('day'), (float) $entry->whole('day'), -2.0, 3.0, 'days')
                : null;
            $before = $turns === [] ? null : $turns[count($turns) - 1];
            if ($said !== null) {
                $day = $date->plus($said);
            } elseif ($before !== null && $day->at($time, $field) <= $before->atS) {
                $day = $day->next();
            }
            $at = $day->at($time, $field);
            $isHigh = $kind === TurnKind::High;
            if (
                $before !== null &&
                ($at <= $before->atS || $kind === $before->kind || $height > $before->heightM !== $isHigh)
            ) {
                throw TurnsOutOfOrder::at($field, $time);
            }
            $apartH = $before === null ? 0.0 : ($at - $before->atS) / 3600;
            if ($apartH > self::APART_MOST_H) {
                throw WaterMissing::before($field, $time, $apartH, self::APART_MOST_H);
            }
            $turns[] = new WaterTurn($at, $kind, $height, againS: $day->again($time, $field));
        }

        return $turns;
    }
}
