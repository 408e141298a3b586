<?php

declare(strict_types=1);

use RushHold\Assumptions\Assumptions;
use RushHold\Faults\UnknownChoice;
use RushHold\Hold\Dials;
use RushHold\Kit\AfArea;
use RushHold\Kit\Kit;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Estimate\Margin;
use RushHold\Rehearsal\Estimate\RemedySearch;
use RushHold\Rehearsal\Estimate\Tally;
use RushHold\Rehearsal\Estimate\VerdictWords;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Sweep\Grid;
use RushHold\Rehearsal\Sweep\Sweep;
use RushHold\Rehearsal\Verdict;
use RushHold\Statistics\WilsonInterval;
use Tests\Support\Documents;

function sweepOver(Plan $plan, string $kind, int $passes = 30): Sweep
{
    return Sweep::over(Rehearsal::of($plan), $plan->hold, Grid::of($kind, $plan, $plan->hold), $passes);
}

/** A plan with dials taken over. */
function planWith(Dials $dials, array $rush = []): Plan
{
    return Planner::standard()->plan(
        Documents::rushOf($rush),
        Kit::fromArray(Documents::kit()),
        Assumptions::defaults(),
        $dials,
    );
}

it('reads a share with Wilson\'s interval', function () {
    $interval = WilsonInterval::of(8, 10);
    // Wilson 1927: 8 of 10 is 0.490 to 0.943
    expect($interval->share)
        ->toBe(0.8)
        ->and($interval->least)
        ->toEqualWithDelta(0.4902, 1e-4)
        ->and($interval->most)
        ->toEqualWithDelta(0.9433, 1e-4)
        ->and(WilsonInterval::of(0, 5)->least)
        ->toBe(0.0)
        ->and(WilsonInterval::of(5, 5)->most)
        ->toBe(1.0)
        ->and(WilsonInterval::of(0, 0)->toArray())
        ->toBe(['share' => 0.0, 'least' => 0.0, 'most' => 1.0]);
});

it('counts frames that live and die together as fewer than they are', function () {
    $apart = new Tally();
    $together = new Tally();
    for ($pass = 0; $pass < 40; $pass++) {
        $apart->add(['sharp' => 5, 'motion' => 5]);
        $together->add($pass % 2 === 0 ? ['sharp' => 10] : ['motion' => 10]);
    }
    $width = fn (Tally $tally) => $tally->keeperRate()->most - $tally->keeperRate()->least;
    expect($apart->keeperRate()->share)
        ->toBe(0.5)
        ->and($together->keeperRate()->share)
        ->toBe(0.5)
        ->and($width($together))
        ->toBeGreaterThan(3 * $width($apart))
        ->and($together->usually())
        ->toBe([0, 10])
        ->and($apart->usually())
        ->toBe([5, 5])
        ->and($together->atLeastOne()->share)
        ->toBe(0.5)
        ->and($together->losses())
        ->toBe(['motion' => 5.0])
        ->and((new Tally())->keeperRate()->most)
        ->toBe(1.0)
        ->and((new Tally())->usually())
        ->toBe([0, 0]);
    expect(Tally::fromArray($together->toArray()))->toEqual($together);
});

it('calls a difference telling only when chance would hardly make it', function () {
    expect(Margin::between([5, 6, 5, 6], [3, 4, 3, 4])->isTelling())
        ->toBeTrue()
        ->and(Margin::between([5, 1, 5, 1], [1, 5, 1, 4])->isTelling())
        ->toBeFalse()
        ->and(Margin::between([3, 3, 3], [3, 3, 3])->isTelling())
        ->toBeFalse()
        ->and(Margin::between([3], [1])->toArray()['half'])
        ->toBeNull();
});

it('sweeps in portions as it does in one go, and goes on from what was kept', function () {
    $plan = Documents::plan(['clutter' => ['foreground' => 'sparse', 'background' => 'busy']]);
    $whole = sweepOver($plan, 'tracking', 34);
    $whole->go(34);
    $portions = sweepOver($plan, 'tracking', 34);
    while (! $portions->isFinished()) {
        $portions->go(7);
        $kept = json_decode((string) json_encode($portions->toArray()), true);
        $portions = sweepOver($plan, 'tracking', 34);
        $portions->resume($kept);
    }
    expect($portions->toArray())->toEqual($whole->toArray());
    // what was kept of another grid is left alone
    $other = sweepOver($plan, 'exposure', 34);
    $other->resume($whole->toArray());
    expect($other->done())->toBe(0);
});

it('gives up what chance will not bring back, never the hold itself', function () {
    $plan = Documents::plan();
    $sweep = sweepOver($plan, 'tracking', 60);
    $sweep->go(60);
    $given = array_filter(array_keys($sweep->grid->cells()), fn (int $cell) => $sweep->isGivenUp($cell));
    expect(count($given))
        ->toBeGreaterThan(10)
        ->and($sweep->present())
        ->not->toBeNull()
        ->and($sweep->isGivenUp($sweep->present()))
        ->toBeFalse();
    foreach ($given as $cell) {
        expect($sweep->tally($cell)->sharpAPass())
            ->toBeLessThan($sweep->tally($sweep->best())->sharpAPass())
            ->and($sweep->tally($cell)->passes())
            ->toBeLessThan(60);
    }
    // the best agrees with what the area scores say of clean ground, or is not told apart from it
    $best = $sweep->dials($sweep->best());
    expect(
        $best->area === $plan->hold->area || ! $sweep->margin($sweep->best(), $sweep->present())->isTelling(),
    )->toBeTrue();
    // where a place holds several, the best of those still tried stands for it
    $layers = count($sweep->grid->layers);
    foreach (array_keys($sweep->grid->rows) as $row) {
        $stands = $sweep->standsFor($row, 0);
        for ($layer = 0; $layer < $layers; $layer++) {
            $cell = $row * count($sweep->grid->columns) * $layers + $layer;
            if ($sweep->isGivenUp($cell) === $sweep->isGivenUp($stands)) {
                expect($sweep->tally($cell)->sharpAPass())->toBeLessThanOrEqual($sweep->tally($stands)->sharpAPass());
            }
        }
    }
});

it('measures what the best is worth on passes that did not choose it', function () {
    $plan = Documents::plan(['clutter' => ['background' => 'busy', 'background_gap_m' => 5]]);
    $sweep = sweepOver($plan, 'tracking', 25);
    $sweep->go(24);
    $chosen = $sweep->margin($sweep->best(), $sweep->runnerUp());
    $sweep->go(1);
    $kept = json_decode((string) json_encode($sweep->toArray()), true);
    expect($kept['fresh'])
        ->toHaveKey((string) $sweep->best())
        ->toHaveKey((string) $sweep->present())
        ->toHaveKey((string) $sweep->runnerUp());
    foreach ($kept['fresh'] as $tally) {
        expect($tally['frames'])->toHaveCount(25);
    }
    // the margins told are those of the fresh passes
    $fresh = $sweep->margin($sweep->best(), $sweep->runnerUp());
    expect($fresh->mean)
        ->toBe(
            Margin::between($kept['fresh'][$sweep->best()]['sharp'], $kept['fresh'][$sweep->runnerUp()]['sharp'])->mean,
        )
        ->and($fresh)
        ->not->toEqual($chosen);
});

it('leaves the shutter slow where the background is to streak', function () {
    $plan = Documents::plan(['intent' => ['style' => 'pan-blur']]);
    foreach (Grid::of('exposure', $plan, $plan->hold)->cells() as $dials) {
        expect($dials->shutterS)->toBeGreaterThanOrEqual($plan->hold->shutterS * 0.999);
    }
    foreach (RemedySearch::find(Rehearsal::of($plan), $plan->hold, 10)->tried as $help) {
        expect($help->dials->shutterS ?? INF)->toBeGreaterThanOrEqual($plan->hold->shutterS * 0.999);
    }
});

it('asks no light that is not there', function () {
    $plan = Documents::plan(['light' => ['ev100' => 7], 'iso_ceiling' => 3200]);
    $sweep = sweepOver($plan, 'exposure', 24);
    $sweep->go(24);
    $best = $sweep->settings($sweep->best());
    expect($best->exactIso)->toBeLessThanOrEqual(max(3200 * 1.13, $plan->settings->exactIso * 1.011));
    $dark = array_filter(array_keys($sweep->grid->cells()), fn (int $cell) => $sweep->isDark($cell));
    expect($dark)->not->toBe([])->not->toContain($sweep->best());
});

it('sweeps only what the hold has', function () {
    $hand = Documents::plan([
        'clutter' => ['foreground' => 'dense'],
        'photographer' => ['schools' => ['clutter' => 'manual']],
    ]);
    expect(fn () => Grid::of('tracking', $hand, $hand->hold))->toThrow(
        UnknownChoice::class,
        'kind is "tracking"; it must be one of exposure',
    );
    $bare = Documents::plan([], ['body' => ['stay_levels_s' => [], 'has_pace' => false]]);
    expect(Grid::of('tracking', $bare, $bare->hold)->cells())->toHaveCount(4);
    expect(fn () => Grid::of('colour', $bare, $bare->hold))->toThrow(UnknownChoice::class);
});

it('finds the dial that treats a loss, and does not praise one that changes nothing', function () {
    $find = fn (Dials $dials): RemedySearch => RemedySearch::find(
        Rehearsal::of($plan = planWith($dials)),
        $plan->hold,
        40,
    );
    $shutter = $find(new Dials(shutterS: 1 / 800))->against(Verdict::Motion);
    $helps = $find(new Dials(area: AfArea::Spot));
    $area = $helps->against(Verdict::OutOfArea) ?? $helps->against(Verdict::WrongThing);
    expect($shutter?->dials->shutterS)
        ->toBeLessThan(1 / 800)
        ->and($area?->dials->area)
        ->toBeIn([AfArea::WholeFrame, AfArea::LockOn])
        ->and($helps->against(Verdict::Shake))
        ->toBeNull();
    foreach ($helps->found as $help) {
        expect($help->margin->mean)->toBeGreaterThan(0.0);
    }
    foreach (Verdict::cases() as $verdict) {
        expect(VerdictWords::diesOf($verdict) === '')->toBe($verdict === Verdict::Sharp);
        expect(VerdictWords::treatedBy($verdict) === '')->toBe($verdict === Verdict::Sharp);
        expect(VerdictWords::treatedBy($verdict, true))->not->toContain('pace');
    }
});

it('plans with the dials a person has taken, and says what it would have set', function () {
    $dials = new Dials(AfArea::SinglePoint, 4, 0, 1 / 1000, 8.0);
    $plan = planWith($dials);
    $own = Documents::plan();
    expect($plan->hold->area)
        ->toBe(AfArea::SinglePoint)
        ->and($plan->hold->stay)
        ->toBe(4)
        ->and($plan->hold->pace)
        ->toBe(0)
        ->and($plan->hold->shutterS)
        ->toBe(1 / 1000)
        ->and($plan->hold->fNumber)
        ->toBe(8.0)
        // 100 · 64 / (1/1000 · 2^13) = 781
        ->and($plan->hold->iso)
        ->toBe(800)
        ->and($plan->blur->used())
        ->toBeGreaterThan($own->blur->used());
    $reasons = array_column(Documents::written($plan)['reasons'], 'why', 'field');
    expect($reasons['area.pattern'])
        ->toContain('You took the one point from a rehearsal')
        ->toContain('The plan would have it otherwise')
        ->and($reasons['tuning.stay'])
        ->toContain('You took level 4')
        ->and($reasons['shutter_s'])
        ->toContain('You took 1/1000');
    // what the kit does not have is left alone, and the planner asks itself again with the same dials
    expect(planWith(new Dials(AfArea::ZoneTall))->hold->area)
        ->toBe($own->hold->area)
        ->and(planWith(new Dials(stay: 9))->hold->stay)
        ->toBe(4)
        ->and(planWith(new Dials(shutterS: 1e-6, fNumber: 1.0))->hold->shutterS)
        ->toBe(0.000125)
        ->and(planWith(new Dials(fNumber: 1.0))->hold->fNumber)
        ->toBe(5.6)
        ->and(Planner::standard()->again($plan, Documents::rushOf())->hold)
        ->toEqual($plan->hold);
});

it('tells what gives way with the shutter and aperture taken, and not what had before', function (
    Dials $dials,
    array $rush,
    array $steps,
) {
    $plan = planWith($dials, $rush);
    expect(array_map(fn ($one) => $one->step, $plan->draft->concessions))->toBe($steps);
})->with([
    'slow enough to smear' => [new Dials(shutterS: 1 / 250), [], ['limit']],
    'darker than the ceiling' => [
        new Dials(shutterS: 1 / 8000, fNumber: 11),
        ['light' => ['ev100' => 10]],
        ['standard', 'light'], // judged by the standard the plan had softened to
    ],
    'brighter than the lowest ISO' => [
        new Dials(shutterS: 1 / 30),
        ['light' => ['ev100' => 16]],
        ['limit', 'overexposure'],
    ],
    'what the numbers say too' => [new Dials(fNumber: 5.6), [], []],
]);

it('reads and writes dials', function () {
    $dials = new Dials(AfArea::LockOn, 3, null, 0.001, null);
    expect(Dials::fromArray($dials->toArray()))
        ->toEqual($dials)
        ->and(Dials::none()->areNone())
        ->toBeTrue()
        ->and((new Dials(stay: 1))->over($dials)->toArray())
        ->toBe(['area' => 'lock-on', 'stay' => 1, 'shutter_s' => 0.001]);
    expect(fn () => Dials::fromArray(['area' => 'everywhere']))->toThrow(UnknownChoice::class, 'dials.area');
});
