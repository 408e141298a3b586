<?php

declare(strict_types=1);

// What the craft reckons by itself: plans, days, keys, rehearsals.

use RushHold\Assumptions\Assumptions;
use RushHold\Controls\SwitchingOptimiser;
use RushHold\Controls\SwitchingProblem;
use RushHold\Document\Reader;
use RushHold\Hold\Burst;
use RushHold\Kit\Kit;
use RushHold\Outing\Day;
use RushHold\Outing\DayGraph;
use RushHold\Outing\OrderSearch;
use RushHold\Outing\Outing;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;
use RushHold\Rush\Rush;
use RushHold\Wording\Plan\PlanDocument;
use Tests\Support\Bench;
use Tests\Support\Documents;
use Tests\Support\Outings;

return static function (Bench $bench): array {
    $planner = Planner::standard();
    $rushes = array_map(static fn (int $at): Rush => Documents::rushOf(['motion' => ['speed_mps' => 2 + $at / 5], 'light' => ['ev100' => 4 + $at % 10]]), range(0, 99));
    $kit = Kit::fromArray(Documents::kit());
    $timed = static function (callable $once, int $rounds = 20) use ($rushes): float {
        $from = hrtime(true);
        for ($round = 0; $round < $rounds; $round++) {
            foreach ($rushes as $rush) {
                $once($rush);
            }
        }

        return $rounds * count($rushes) / ((hrtime(true) - $from) / 1e9);
    };
    $perSecond = $timed(static fn (Rush $rush) => $planner->plan($rush, $kit));
    $documentsPerSecond = $timed(static fn (Rush $rush) => PlanDocument::of($planner->plan($rush, $kit), []), 4);
    $tips = [];
    foreach (array_slice($rushes, 0, 40) as $rush) {
        $from = hrtime(true);
        $planner->tips($planner->plan($rush, $kit));
        $tips[] = (hrtime(true) - $from) / 1e6;
    }

    // six rushes at five spots through fourteen hours: the whole day, and the order of it alone
    $expected = [];
    foreach (['bar', 'turf', 'dyke', 'hide', 'shore', 'bar'] as $at => $spot) {
        $expected[] = Outings::expected("r{$at}", Documents::rush(['name' => "Rush {$at}", 'motion' => ['speed_mps' => 4 + 2 * $at], 'distance' => ['near_m' => 10, 'work_m' => 20 + 8 * $at, 'far_m' => 90]]), $spot, '05:00', '19:00', 4 + $at);
    }
    $spots = array_map(static fn (string $id, int $at): array => Outings::spot($id, 53.3 + 0.004 * $at, -6.1, 60 * $at), ['bar', 'turf', 'dyke', 'hide', 'shore'], range(0, 4));
    $outing = Outing::fromArray(Reader::plain(Outings::document(['from' => '05:00', 'until' => '19:00', 'rushes' => $expected], ['spots' => $spots])));
    $outingDays = $orders = [];
    for ($turn = 0; $turn < 9; $turn++) {
        $from = hrtime(true);
        Day::of($outing, $planner, Assumptions::defaults());
        $outingDays[] = (hrtime(true) - $from) / 1e6;
        $random = new Random\Randomizer(new Random\Engine\Mt19937($turn));
        // the same size as a graph: six rushes at five spots, 168 steps of five minutes, a walk between any two
        $steps = 168;
        $worth = array_map(static fn (): array => array_map(static fn (): float => $random->getInt(0, 9) / 9, range(1, $steps)), range(1, 6));
        $arrives = array_map(
            static fn (int $a): array => array_map(
                static fn (int $walk): array => array_map(static fn (int $at): ?int => $at + $walk <= $steps ? $at + $walk : null, range(0, $steps)),
                array_filter(array_map(static fn (int $b): int => 3 * abs($a - $b), range(0, 4))),
            ),
            range(0, 4),
        );
        $order = new OrderSearch(new DayGraph($steps, array_fill(0, 5, true), array_fill(0, 5, array_fill(0, $steps, true)), array_fill(0, 5, array_fill(0, $steps + 1, true)), $arrives, [0, 1, 2, 3, 4, 0], $worth, 0.2, 0.04));
        $from = hrtime(true);
        $best = $order->best();
        $order->gains($best);
        $order->secondBest($best);
        $orders[] = (hrtime(true) - $from) / 1e6;
    }

    // the holds of a day on the keys of a body: the most the exact search takes on, 6 holds on 8 controls
    $days = array_map(static function (int $seed): SwitchingProblem {
        $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
        $table = static fn (int $rows, int $columns, float $most): array => array_map(static fn (): array => array_map(static fn (): float => 0.2 + $random->getInt(0, 1000) / 1000 * $most, range(1, $columns)), range(1, $rows));

        return new SwitchingProblem(6, 8, array_map(static fn (): array => $table(6, 8, 3), range(1, 6)), $table(8, 8, 0.5), $table(6, 6, 6), $table(6, 6, 20));
    }, range(1, 15));
    $optimised = array_map(static function (SwitchingProblem $day): float {
        $from = hrtime(true);
        SwitchingOptimiser::solve($day);

        return (hrtime(true) - $from) / 1e6;
    }, $days);

    // a rehearsal, held down all through
    $darting = $planner->plan(Documents::rushOf(Documents::DARTING), $kit);
    $rehearsal = Rehearsal::of($darting);
    $camera = $rehearsal->camera($darting->hold->with(burst: Burst::Long));
    $passes = $hundreds = [];
    for ($seed = 0; $seed < 1000; $seed++) {
        $from = hrtime(true);
        Take::of($rehearsal->pass($seed), $camera)->counts();
        $passes[] = (hrtime(true) - $from) / 1e6;
    }
    foreach (array_chunk($passes, 200) as $hundred) {
        $hundreds[] = array_sum($hundred);
    }
    // against the same loop in plain C, as the worker runs it
    $ratio = (float) $bench->compiled('bin/yardstick/ratio.php', sys_get_temp_dir());
    if ($ratio <= 0) {
        throw new RuntimeException('The yardstick could not be measured; what it said is above.');
    }

    return [
        'plans_per_second' => $perSecond,
        'plan_documents_per_second' => $documentsPerSecond,
        'tipping_ms' => $bench->median($tips),
        'outing_ms' => $bench->median($outingDays),
        'outing_order_ms' => $bench->median($orders),
        'optimiser_ms' => $bench->median($optimised),
        'optimiser_worst_ms' => max($optimised),
        'pass_ms' => $bench->median($passes),
        'hold200_ms' => $bench->median($hundreds),
        'rehearsal_c_ratio' => $ratio,
    ];
};
