<?php

declare(strict_types=1);

use RushHold\Statistics\OddsFactor;
use RushHold\Statistics\OddsSighted;
use RushHold\Statistics\Student;

/** @return list<OddsSighted> each by itself: so many that happened, and so many that did not */
function happened(int $did, int $didNot, float $known = 0.0, float $share = 1.0): array
{
    $all = [];
    for ($one = 0; $one < $did + $didNot; $one++) {
        $all[] = new OddsSighted("{$one}", $one < $did, $known, $share);
    }

    return $all;
}

/** From 0 to 1. */
function chanceOf(Random\Randomizer $dice): float
{
    return $dice->getInt(0, 1_000_000) / 1_000_000;
}

it('is the odds themselves where nothing else makes them and nothing was assumed', function () {
    $factor = OddsFactor::of(happened(30, 70), 1.0, 0.0);
    // of single things the error of their logarithm is that of a binomial, a hundredth wider for being estimated
    $half = Student::of(99) * sqrt((100 / 99) * (1 / 30 + 1 / 70));
    expect($factor->factor)
        ->toEqualWithDelta(30 / 70, 1e-5)
        ->and(log($factor->most / $factor->factor))
        ->toEqualWithDelta($half, 1e-4)
        ->and(log($factor->factor / $factor->least))
        ->toEqualWithDelta($half, 1e-4)
        ->and([$factor->count, count($factor->groups), $factor->worth])
        ->toBe([100, 100, 0.0]);
    // odds that come of something else are taken off
    expect(OddsFactor::of(happened(30, 70, 0.2, 0.5), 1.0, 0.0)->factor)->toEqualWithDelta((30 / 70 - 0.2) / 0.5, 1e-5);
});

it('holds what was assumed until enough contradicts it, and forgets it then', function () {
    $few = OddsFactor::of(happened(3, 7), 1.0, 40.0);
    $many = OddsFactor::of(happened(300, 700), 1.0, 40.0);
    expect($few->factor)
        ->toBeBetween(30 / 70, 1.0)
        ->and($few->worth)
        ->toBeGreaterThan(10.0)
        ->and($many->factor)
        ->toEqualWithDelta(30 / 70, 0.01)
        ->and($many->worth)
        ->toBeLessThan(1.0)
        ->and($many->most)
        ->toBeLessThan(1.0);
});

it('tells nothing of what makes up none of the odds, and stays finite where nothing or all of it happened', function () {
    expect(OddsFactor::of(happened(5, 5, 1.0, 0.01), 1.0, 40.0))
        ->toBeNull()
        ->and(OddsFactor::of([], 1.0, 40.0))
        ->toBeNull();
    foreach ([happened(0, 50), happened(50, 0)] as $all) {
        $factor = OddsFactor::of($all, 1.0, 40.0);
        expect(is_finite($factor->factor) && is_finite($factor->most) && $factor->least > 0)->toBeTrue();
    }
    expect(OddsFactor::of(happened(0, 50), 1.0, 40.0)->factor)->toBeLessThan(0.5);
});

it('covers what is true in 93 to 97 of 100 where things happen together', function () {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(77));
    $covered = 0;
    for ($trial = 0; $trial < 600; $trial++) {
        $all = [];
        for ($group = 0; $group < 60; $group++) {
            $odds = 0.1 + 0.3 * 1.6;
            $likely = $odds / (1 + $odds);
            // half of them share the fate of the first
            $first = chanceOf($dice) < $likely;
            for ($one = 0; $one < 8; $one++) {
                $all[] = new OddsSighted("{$group}", chanceOf($dice) < 0.5 ? $first : chanceOf($dice) < $likely, 0.1, 0.3);
            }
        }
        $factor = OddsFactor::of($all, 1.0, 0.0);
        $covered += $factor->least <= 1.6 && $factor->most >= 1.6 ? 1 : 0;
    }
    expect($covered / 600)->toBeBetween(0.93, 0.97);
});
