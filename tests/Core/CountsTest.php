<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use RushHold\Counts\Cell;
use RushHold\Counts\Difference;
use RushHold\Counts\PairedDifference;
use RushHold\Counts\Rate;
use RushHold\Statistics\Student;
use RushHold\Statistics\WilsonInterval;

/**
 * Bursts whose frames are alike, drawn by chance: the share of each burst scatters round the whole as a beta distribution does.
 *
 * @param  float  $alike  0 to 1
 */
function drawnBursts(Randomizer $dice, int $bursts, float $share, float $alike): Cell
{
    $unit = static fn (): float => ($dice->getInt(0, 999_999_998) + 0.5) / 1e9;
    $bell = static fn (): float => sqrt(-2 * log($unit())) * cos(2 * M_PI * $unit());
    $gamma = static function (float $shape) use ($unit, $bell): float {
        $less = $shape < 1 ? $unit() ** (1 / $shape) : 1.0;
        $d = ($shape < 1 ? $shape + 1 : $shape) - 1 / 3;
        do {
            $x = $bell();
            $cube = (1 + $x / sqrt(9 * $d)) ** 3;
        } while ($cube <= 0 || log($unit()) >= 0.5 * $x * $x + $d - $d * $cube + $d * log($cube));

        return $less * $d * $cube;
    };
    $cell = new Cell();
    for ($burst = 0; $burst < $bursts; $burst++) {
        [$yes, $no] = [$gamma($share * (1 / $alike - 1)), $gamma((1 - $share) * (1 / $alike - 1))];
        $frames = $dice->getInt(2, 18);
        $sharp = 0;
        for ($frame = 0; $frame < $frames; $frame++) {
            $sharp += $unit() < $yes / max(1e-12, $yes + $no) ? 1 : 0;
        }
        $cell = $cell->plus(Cell::ofBurst($frames, $sharp));
    }

    return $cell;
}

it('adds bursts up and takes them away again, whatever the order', function () {
    $bursts = [[10, 7], [3, 0], [18, 18], [1, 1], [7, 3], [0, 0]];
    $cell = cell($bursts);
    expect($cell->toArray())->toBe(['bursts' => 5, 'frames' => 39, 'keepers' => 29, 'squares' => 483, 'parts' => 4_900_000 + 18_000_000 + 1_000_000 + 1_285_714]);
    expect(cell(array_reverse($bursts)))->toEqual($cell);
    expect($cell->minus(Cell::ofBurst(18, 18))->plus(Cell::ofBurst(18, 9)))->toEqual(cell([[10, 7], [3, 0], [18, 9], [1, 1], [7, 3]]));
    expect($cell->minus($cell))->toEqual(new Cell());
});

it('knows how alike the frames of a burst are', function () {
    // all or nothing; no more alike than any two; by hand: between 0.7667, inside 0.1583, five frames a burst
    expect(cell([[6, 6], [6, 0], [6, 6], [6, 0]])->alike())
        ->toBeTo(1.0)
        ->and(cell([[4, 2], [4, 2], [4, 2]])->alike())
        ->toBe(0.0)
        ->and(cell([[5, 4], [5, 1], [5, 5], [5, 2]])->alike())
        ->toEqualWithDelta((0.6667 - 0.175) / (0.6667 + 4 * 0.175), 1e-3);
    // where nothing scatters, or nothing could be alike, nobody knows
    expect(cell([[6, 6], [6, 6]])->alike())
        ->toBeNull()
        ->and(alone(9, 4)->alike())
        ->toBeNull()
        ->and(cell([[6, 3]])->alike())
        ->toBeNull()
        ->and((new Cell())->alike())
        ->toBeNull();
});

it('tells shares as published where each frame tells by itself', function () {
    // Newcombe 1998: 81 of 263
    $interval = WilsonInterval::of(81, 263);
    expect($interval->least)->toEqualWithDelta(0.2553, 1e-4)->and($interval->most)->toEqualWithDelta(0.3662, 1e-4);
    $rate = Rate::of(alone(263, 81));
    expect($rate->effect)->toBeTo(1.0)->and($rate->interval->least)->toEqualWithDelta(0.2553, 2e-3);
    expect(array_map(static fn (int $degrees): float => round(Student::of($degrees), 2), [1, 2, 3, 4, 10, 30, 1000]))->toBe([12.71, 4.3, 3.18, 2.78, 2.23, 2.04, 1.96]);
    $none = Rate::of(new Cell());
    expect([$none->interval->least, $none->interval->most, $none->worth])->toBe([0.0, 1.0, 0.0]);
});

it('counts frames that live and die together as fewer', function () {
    $together = Rate::of(cell([...array_fill(0, 20, [10, 10]), ...array_fill(0, 20, [10, 0])]));
    $apart = Rate::of(cell(array_fill(0, 40, [10, 5])));
    $width = static fn (Rate $rate): float => $rate->interval->most - $rate->interval->least;
    expect($width($together))
        ->toBeGreaterThan(2 * $width($apart))
        ->and($together->worth)
        ->toBeBetween(35, 50)
        ->and($apart->worth)
        ->toBeGreaterThan(200);
    // few bursts borrow from all
    $few = cell([[10, 10], [10, 9]]);
    expect(Rate::of($few, $together->cell)->effect)->toBeGreaterThan(Rate::of($few, $apart->cell)->effect);
});

it('holds its word: the interval covers what is true in 93 to 97 of 100, on bursts whose frames are alike', function (int $bursts, float $alike) {
    $dice = new Randomizer(new Mt19937(100 * $bursts + (int) (10 * $alike)));
    $covered = $tries = 0;
    foreach ([0.25, 0.5, 0.8] as $share) {
        for ($try = 0; $try < 500; $try++, $tries++) {
            $interval = Rate::of(drawnBursts($dice, $bursts, $share, $alike))->interval;
            $covered += $interval->least <= $share && $interval->most >= $share ? 1 : 0;
        }
    }
    expect($covered / $tries)->toBeBetween(0.93, 0.97);
})->with(['few' => [12, 0.3], 'some' => [30, 0.3], 'many' => [80, 0.3], 'hardly alike' => [60, 0.12], 'much alike' => [60, 0.5]]);

it('tells two set-ups apart as published, and says when it cannot', function () {
    // Newcombe 1998: 56 of 70 and 48 of 80, 0.0524 to 0.3339
    $told = Difference::between(Rate::of(alone(70, 56)), Rate::of(alone(80, 48)));
    expect($told->more)
        ->toBeTo(0.2)
        ->and($told->least)
        ->toEqualWithDelta(0.0524, 5e-3)
        ->and($told->most)
        ->toEqualWithDelta(0.3339, 5e-3)
        ->and($told->isTold())
        ->toBeTrue();
    $untold = Difference::between(Rate::of(cell([[10, 8], [10, 4]])), Rate::of(cell([[10, 3], [10, 6]])));
    expect($untold->isTold())->toBeFalse()->and($untold->burstsToTell())->toBeGreaterThan(40);
    expect(Difference::between(Rate::of(alone(9, 9)), Rate::of(new Cell())))
        ->isTold()->toBeFalse()
        ->burstsToTell()->toBeNull();
});

it('knows how many frames tell ten points', function () {
    // 0.45 and 0.55, four of five: 392 each (Fleiss 1981, without continuity)
    expect(Difference::framesToTell(0.5))
        ->toEqualWithDelta(391.4, 1.0)
        ->and(Difference::framesToTell(0.9))
        ->toBeLessThan(Difference::framesToTell(0.5));
    $enough = Difference::between(Rate::of(alone(600, 300)), Rate::of(alone(600, 300)));
    expect($enough->burstsToTell())->toBe(0)->and($enough->isTold())->toBeFalse();
});

it('compares on the same rushes what was not tried on the same ones', function () {
    // the first is better on both rushes, and was tried on the hard one mostly
    $easy = [Rate::of(alone(20, 19)), Rate::of(alone(180, 144))];
    $hard = [Rate::of(alone(180, 72)), Rate::of(alone(20, 4))];
    $raw = Difference::between(Rate::of(alone(200, 91)), Rate::of(alone(200, 148)));
    $paired = PairedDifference::of([$easy, $hard]);
    expect($raw->more)
        ->toBeLessThan(-0.2)
        ->and($paired->more)
        ->toEqualWithDelta(0.175, 0.01)
        ->and($paired->isTold())
        ->toBeTrue();
    expect(PairedDifference::of([]))->isTold()->toBeFalse()->pairs->toBe(0);
    expect(PairedDifference::of([[Rate::of(alone(3, 3)), Rate::of(alone(3, 0))]])->half)->toBeGreaterThan(0.2);
});
