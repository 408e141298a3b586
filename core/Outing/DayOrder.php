<?php

declare(strict_types=1);

namespace RushHold\Outing;

/**
 * Which rush to work in each quarter of an hour so that as many sharp frames as possible come home, each counted as much as it matters;
 * by dynamic programming over quarter and rush, and so exact. Between two spots one walks for whole quarters, in which nothing is taken;
 * nobody stands at a spot that the water cuts off, and nobody sets out over water.
 */
final class DayOrder
{
    /** In seconds. */
    public const QUARTER_S = 900.0;

    /** @var array<int, array<int, array{float, ?int, int}>> by quarter and rush: worth from there to the end, next rush, quarter it begins */
    private array $best = [];

    /**
     * @param  list<list<float>>  $worth  by rush and quarter: what this quarter is worth there; null-free, 0 where it cannot happen
     * @param  list<list<bool>>  $open  by rush and quarter: whether its spot can be stood at
     * @param  list<list<int>>  $walks  by rush and rush: whole quarters of walking between their spots
     */
    public function __construct(
        private readonly array $worth,
        private readonly array $open,
        private readonly array $walks,
        private readonly int $quarters,
    ) {}

    /**
     * The best day there is.
     *
     * @param  list<int>  $without  rushes that are not worked
     */
    public function best(array $without = []): OrderOfDay
    {
        $rushes = array_values(array_diff(array_keys($this->worth), $without));
        $this->reckon($rushes);
        [$first, $begins, $most] = [null, 0, 0.0];
        for ($at = 0; $at < $this->quarters; $at++) {
            // one is there when it begins, or comes later from somewhere that does not count
            foreach ($rushes as $rush) {
                $found = $this->best[$at][$rush][0] ?? -INF;
                // of days that bring as much the one that begins later
                if ($found > 0 && $found > $most - 1e-9) {
                    [$first, $begins, $most] = [$rush, $at, $found];
                }
            }
        }

        return $this->walk($first, $begins, $most);
    }

    /**
     * What every turn of a day gains over staying with what one works until the end, or until the water comes.
     *
     * @return list<float> one for every stay but the first
     */
    public function gains(OrderOfDay $day): array
    {
        $gains = [];
        foreach ($day->stays as $number => $stay) {
            if ($number > 0) {
                $before = $day->stays[$number - 1];
                $stays = 0.0;
                for ($at = $before->until; $at < $this->quarters && $this->open[$before->rush][$at]; $at++) {
                    $stays += $this->worth[$before->rush][$at];
                }
                $rest = 0.0;
                foreach (array_slice($day->stays, $number) as $later) {
                    $rest += $later->worth;
                }
                $gains[] = $rest - $stays;
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

        return $other->stays === [] ? null : $other;
    }

    /** @param  list<int>  $rushes */
    private function reckon(array $rushes): void
    {
        $this->best = [];
        for ($at = $this->quarters - 1; $at >= 0; $at--) {
            foreach ($rushes as $rush) {
                if (! $this->open[$rush][$at]) {
                    continue;
                }
                [$rest, $next, $begins] = [0.0, null, $this->quarters];
                foreach ($rushes as $other) {
                    $arrives = $at + 1 + $this->walks[$rush][$other];
                    $found = $this->best[$arrives][$other][0] ?? -INF;
                    // of equals one stays, or goes where it is nearer
                    if ($found > $rest + 1e-9 || ($found > $rest - 1e-9 && $found > 0 && $other === $rush)) {
                        [$rest, $next, $begins] = [$found, $other, $arrives];
                    }
                }
                $this->best[$at][$rush] = [$this->worth[$rush][$at] + $rest, $next, $begins];
            }
        }
    }

    private function walk(?int $rush, int $at, float $worth): OrderOfDay
    {
        $stays = [];
        $began = $at;
        $sum = 0.0;
        while ($rush !== null) {
            $sum += $this->worth[$rush][$at];
            [, $next, $begins] = $this->best[$at][$rush];
            if ($next !== $rush) {
                $stays[] = $this->stay($rush, $began, $at + 1, $sum);
                [$began, $sum] = [$begins, 0.0];
            }
            [$rush, $at] = [$next, $begins];
        }

        return new OrderOfDay(
            array_values(array_filter($stays, static fn (Stay $stay): bool => $stay->worth > 0)),
            $worth,
        );
    }

    /** A stay without the quarters at its ends that bring nothing: they are one's own. */
    private function stay(int $rush, int $from, int $until, float $worth): Stay
    {
        while ($until - 1 > $from && $this->worth[$rush][$until - 1] <= 0) {
            $until--;
        }
        while ($from < $until - 1 && $this->worth[$rush][$from] <= 0) {
            $from++;
        }

        return new Stay($rush, $from, $until, $worth);
    }
}
