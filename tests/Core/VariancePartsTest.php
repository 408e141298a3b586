<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use RushHold\Statistics\Matrix;
use RushHold\Statistics\NormalCurve;
use RushHold\Statistics\Sighted;
use RushHold\Statistics\VarianceParts;

/**
 * Bursts of deviations made of two parts that hang together within a burst; the second stands in them more or less.
 *
 * @return list<Sighted>
 */
function deviations(Randomizer $dice, int $bursts, float $one, float $other, float $below = 0.0): array
{
    $all = [];
    for ($burst = 0; $burst < $bursts; $burst++) {
        [$a, $b] = [bell($dice), bell($dice)];
        $share = [0.0, 0.3, 2.0, 6.0][$dice->getInt(0, 3)];
        for ($frame = $dice->getInt(4, 14); $frame > 0; $frame--) {
            [$a, $b] = [0.8 * $a + 0.6 * bell($dice), 0.8 * $b + 0.6 * bell($dice)];
            $off = $one * $a + $other * sqrt($share) * $b + 0.1 * bell($dice);
            $isSmall = abs($off) < $below;
            $all[] = new Sighted("b{$burst}", "b{$burst}f{$frame}", $isSmall ? null : $off, $isSmall ? $below : 0.0, 0.01, [1.0, $share]);
        }
    }

    return $all;
}

it('turns a matrix round', function () {
    $back = Matrix::inverse([[0.0, 2.0, 1.0], [1.0, 1.0, 0.0], [3.0, 0.0, 1.0]]);
    expect($back[0][0])
        ->toEqualWithDelta(-0.2, 1e-9)
        ->and($back[2][1])
        ->toEqualWithDelta(-1.2, 1e-9)
        ->and($back[1][2])
        ->toEqualWithDelta(-0.2, 1e-9);
});

it('knows what is left of a scatter that is only known to be small', function () {
    expect(NormalCurve::squareWithin(20.0))
        ->toEqualWithDelta(1, 1e-6)
        ->and(NormalCurve::squareWithin(1.0))
        ->toEqualWithDelta(0.2911, 5e-4)
        ->and(NormalCurve::squareWithin(0.001))
        ->toBeLessThan(1e-6);
});

it('tells parts apart that stand together, and covers what is true in nineteen of twenty', function (float $one, float $other, float $below) {
    $dice = new Randomizer(new Mt19937(31));
    $covered = [0, 0];
    for ($turn = 0; $turn < 60; $turn++) {
        $parts = VarianceParts::of(deviations($dice, 40, $one, $other, $below), [1.0, 1.0], 40)->parts;
        foreach ([$one, $other] as $part => $true) {
            $covered[$part] += $parts[$part]->least <= $true ** 2 && $true ** 2 <= $parts[$part]->most ? 1 : 0;
        }
    }
    expect(min($covered))->toBeGreaterThanOrEqual(51);
})->with([
    'as assumed' => [1.0, 1.0, 0.0],
    'steadier and later' => [0.4, 1.6, 0.0],
    'steady and quick' => [0.5, 0.5, 0.0],
    'neither' => [2.0, 2.0, 0.0],
    'a third too small to measure' => [1.0, 1.0, 0.6],
]);

it('holds on to what was assumed as long as hardly anything speaks against it, and keeps out what is something else', function () {
    $dice = new Randomizer(new Mt19937(5));
    $few = VarianceParts::of(deviations($dice, 1, 2.0, 1.0), [1.0, 1.0], 40)->parts[0];
    expect($few->square)
        ->toBeBetween(0.7, 2.2)
        ->and($few->worth)
        ->toBeGreaterThan(20);
    $none = VarianceParts::of([], [0.5, 2.0], 40);
    expect($none->parts[0]->square)
        ->toEqualWithDelta(0.5, 1e-9)
        ->and($none->parts[1]->frames)
        ->toBe(0)
        ->and($none->parts[0]->least)
        ->toBeLessThan(0.4);
    $many = deviations($dice, 60, 0.5, 0.5);
    $wild = new Sighted('b7', 'wild', 30.0, 0.0, 0.01, [1.0, 1.0]);
    $told = VarianceParts::of([...$many, $wild], [1.0, 1.0], 40);
    expect($told->keptOut)
        ->toContain('wild')
        ->and($told->parts[0]->square)
        ->toBeBetween(0.18, 0.36);
});
