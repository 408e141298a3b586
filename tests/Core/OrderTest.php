<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use RushHold\Outing\DayGraph;
use RushHold\Outing\Deed;
use RushHold\Outing\OrderOfDay;
use RushHold\Outing\OrderSearch;

/** A small day drawn by chance: places of which some flood, some ways that are shut at times, rushes at them. */
function drawnDay(int $seed): DayGraph
{
    $dice = new Randomizer(new Mt19937($seed));
    $chance = static fn (int $ofTen): bool => $dice->getInt(1, 10) <= $ofTen;
    [$places, $rushes] = [$dice->getInt(1, 3), $dice->getInt(1, 2)];
    $steps = $dice->getInt(1, $places === 3 ? 5 : 6);
    $dry = $stands = $mayBe = $arrives = $placeOf = $worth = [];
    for ($place = 0; $place < $places; $place++) {
        $dry[] = $chance(4);
        $shut = $dice->getInt(0, $steps);
        $stands[] = array_map(fn (int $at): bool => $dry[$place] || ($at !== $shut && $at !== $shut + 1), range(0, $steps - 1));
        $mayBe[] = array_map(
            fn (int $at): bool => $dry[$place] || ($stands[$place][$at] ?? false) || ($stands[$place][$at - 1] ?? false),
            range(0, $steps),
        );
    }
    for ($from = 0; $from < $places; $from++) {
        for ($to = 0; $to < $places; $to++) {
            $walk = $chance(7) ? 1 : 2;
            if ($from !== $to) {
                $arrives[$from][$to] = array_map(
                    fn (int $at): ?int => $at + $walk <= $steps && $chance(8) && $mayBe[$to][$at + $walk] ? $at + $walk : null,
                    range(0, $steps),
                );
            }
        }
    }
    for ($rush = 0; $rush < $rushes; $rush++) {
        $placeOf[] = $chance(3) ? $dice->getInt(0, $places - 1) : $rush % $places;
        $worth[] = array_map(static fn (): float => $chance(5) ? 0.0 : $dice->getInt(1, 50) / 10, range(0, $steps - 1));
    }

    return new DayGraph($steps, $dry, $stands, $mayBe, $arrives, $placeOf, $worth, $dice->getInt(0, 2) / 5, $dice->getInt(0, 2) / 4);
}

/**
 * The most a day can bring, by writing down every day there is, step by step, and looking whether it can be lived: each step is work at a
 * rush, a wait at a place, or neither (not begun, on foot, at home).
 */
function mostByEveryDay(DayGraph $day): float
{
    $places = array_keys($day->dry);
    $letters = [null];
    foreach ($day->placeOf as $rush => $place) {
        $letters[] = ['place' => $place, 'rush' => $rush];
    }
    foreach ($places as $place) {
        $letters[] = ['place' => $place, 'rush' => null];
    }
    $most = 0.0;
    $count = count($letters);
    for ($number = 0; $number < $count ** $day->steps; $number++) {
        $written = [];
        for ($step = 0, $rest = $number; $step < $day->steps; $step++, $rest = intdiv($rest, $count)) {
            $written[$step] = $letters[$rest % $count];
        }
        $most = max($most, lived($day, $written));
    }

    return $most;
}

/** Whether one comes from a place at a moment to another at a moment by ways alone, without a step at any place between. */
function goes(DayGraph $day, int $from, int $leaves, int $to, int $arrives): bool
{
    if ($leaves === $arrives) {
        return $from === $to;
    }
    foreach ($day->mayBe[$from][$leaves] ? $day->arrives[$from] ?? [] : [] as $over => $moments) {
        if ($moments[$leaves] !== null && $moments[$leaves] <= $arrives && goes($day, $over, $moments[$leaves], $to, $arrives)) {
            return true;
        }
    }

    return false;
}

/** @param  list<?array{place: int, rush: ?int}>  $written */
function lived(DayGraph $day, array $written): float
{
    $worth = 0.0;
    $before = null; // the last step at a place, and what it was
    foreach ($written as $step => $now) {
        if ($now === null) {
            continue;
        }
        // a step that brings nothing is a wait, and is written so
        if (! $day->stands[$now['place']][$step] || ($now['rush'] !== null && $day->worth[$now['rush']][$step] <= 0)) {
            return -INF;
        }
        if ($before === null) {
            if (! $day->mayBe[$now['place']][$step]) {
                return -INF;
            }
        } elseif (! goes($day, $before['place'], $before['step'] + 1, $now['place'], $step)) {
            return -INF;
        }
        if ($now['rush'] !== null) {
            $turns = $before !== null && $before['step'] === $step - 1 && $before['place'] === $now['place'] && $before['rush'] !== null && $before['rush'] !== $now['rush'];
            $worth += $day->worth[$now['rush']][$step] * ($turns ? 1 - $day->turnCosts : 1);
        } else {
            $worth -= $day->waitCosts;
        }
        $before = ['step' => $step] + $now;
    }

    return $before === null || $day->mayBe[$before['place']][$before['step'] + 1] ? $worth : -INF;
}

it('finds the day that writing down every day finds, waits among them, on 300 small days', function () {
    $waits = $walks = 0;
    for ($seed = 1; $seed <= 300; $seed++) {
        $graph = drawnDay($seed);
        $search = new OrderSearch($graph);
        $best = $search->best();
        $price = static fn (?OrderOfDay $day): float => array_sum(array_map(static fn (Deed $deed): float => $deed->isWait() ? $graph->waitCosts * ($deed->until - $deed->from) : 0.0, $day->deeds ?? []));
        expect($best->worth - $price($best))->toEqualWithDelta(mostByEveryDay($graph), 1e-4, "seed {$seed}");

        // the day it tells of can be lived, and brings what it says
        $written = array_fill(0, $graph->steps, null);
        $walked = [];
        foreach ($best->deeds as $deed) {
            if ($deed->to !== null) {
                $walked[] = [$deed->place, $deed->to, $deed->from, $deed->until];
                $walks++;

                continue;
            }
            $waits += $deed->isWait() ? 1 : 0;
            for ($at = $deed->from; $at < $deed->until; $at++) {
                $written[$at] = ['place' => $deed->place, 'rush' => $deed->rush];
            }
        }
        foreach ($walked as [$from, $to, $leaves, $arrives]) {
            expect($graph->arrives[$from][$to][$leaves])->toBe($arrives, "seed {$seed}");
        }
        expect(lived($graph, $written))->toEqualWithDelta($best->worth - $price($best), 1e-9, "seed {$seed}");
        foreach ($search->gains($best) as $gain) {
            // but for what waiting in between was to bring
            expect($gain ?? 0.0)->toBeGreaterThan(-1e-4 - $graph->waitCosts * $graph->steps, "seed {$seed}");
        }

        // the second best does without what brings most, and no other day that does brings more
        $most = $best->bringsMost();
        if ($most !== null) {
            $worth = $graph->worth;
            $worth[$most] = array_fill(0, $graph->steps, 0.0);
            $without = new DayGraph($graph->steps, $graph->dry, $graph->stands, $graph->mayBe, $graph->arrives, $graph->placeOf, $worth, $graph->turnCosts, $graph->waitCosts);
            $second = (new OrderSearch($graph))->secondBest($best);
            expect(($second->worth ?? 0.0) - $price($second))->toEqualWithDelta(mostByEveryDay($without), 1e-4, "seed {$seed}");
        }
    }
    expect([$waits, $walks])->each->toBeGreaterThan(20, "$waits waits, $walks walks");
});

/** @return list<array{?int, ?int, int, int}> rush, where a walk leads, from, until */
function deeds(OrderOfDay $day): array
{
    return array_map(static fn (Deed $deed): array => [$deed->rush, $deed->to, $deed->from, $deed->until], $day->deeds);
}

it('waits out the water on dry ground, and says what that buys', function () {
    // one spot that is shut in the middle of the day, and dry ground a step off it
    $stands = [[true, true, false, false, false, true, true, true], array_fill(0, 8, true)];
    $mayBe = [[true, true, true, false, false, true, true, true, true], array_fill(0, 9, true)];
    $free = static fn (array $moments): array => array_map(static fn (int $at): ?int => in_array($at, $moments, true) ? $at + 1 : null, range(0, 8));
    $graph = new DayGraph(8, [false, true], $stands, $mayBe, [0 => [1 => $free([0, 1, 2])], 1 => [0 => $free([4, 5, 6])]], [0], [array_fill(0, 8, 3.0)], 0.2, 0.0);
    $search = new OrderSearch($graph);
    $best = $search->best();
    expect($best->worth)
        ->toEqualWithDelta(15.0, 1e-9)
        ->and(deeds($best))
        ->toBe([[0, null, 0, 2], [null, 1, 2, 3], [null, null, 3, 4], [null, 0, 4, 5], [0, null, 5, 8]])
        ->and($search->gains($best)[2])
        ->toEqualWithDelta(9.0, 1e-6);
    // without dry ground to wait on it is one of the two
    $stuck = new OrderSearch(new DayGraph(8, [false], [$stands[0]], [$mayBe[0]], [], [0], [array_fill(0, 8, 3.0)], 0.2, 0.0));
    expect($stuck->best()->worth)->toEqualWithDelta(9.0, 1e-9);
});

it('turns to another rush only where that brings more than turning costs, and begins and ends with what counts', function () {
    $open = static fn (array $worth, float $costs = 0.5, float $waits = 0.0): OrderOfDay => (new OrderSearch(
        new DayGraph(count($worth[0]), [true], [array_fill(0, count($worth[0]), true)], [array_fill(0, count($worth[0]) + 1, true)], [], array_fill(0, count($worth), 0), $worth, $costs, $waits),
    ))->best();
    expect(deeds($open([[0.0, 0.0, 4.0, 4.0, 0.0, 0.0], [0.0, 4.0, 0.0, 4.0, 0.0, 0.0]])))
        ->toBe([[1, null, 1, 2], [0, null, 2, 4]])
        // a little more for one step is not worth the turn there and back
        ->and(deeds($open([[4.0, 4.0, 4.0], [0.0, 4.5, 0.0]])))
        ->toBe([[0, null, 0, 3]])
        ->and(deeds($open([[4.0, 4.0, 4.0], [0.0, 4.5, 0.0]], 0.0)))
        ->toBe([[0, null, 0, 1], [1, null, 1, 2], [0, null, 2, 3]])
        // a step that brings nothing is waited through
        ->and(deeds($open([[4.0, 0.0, 4.0]])))
        ->toBe([[0, null, 0, 1], [null, null, 1, 2], [0, null, 2, 3]])
        // unless what follows is not worth the wait
        ->and(deeds($open([[4.0, 0.0, 0.0, 0.5]], 0.0, 0.3)))
        ->toBe([[0, null, 0, 1]])
        ->and(deeds($open([[4.0, 0.0, 0.0, 0.5]], 0.0, 0.2)))
        ->toHaveCount(3)
        ->and($open([[0.0]])->deeds)
        ->toBe([])
        ->and($open([[0.0]])->bringsMost())
        ->toBeNull();
});
