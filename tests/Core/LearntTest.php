<?php

declare(strict_types=1);

use RushHold\Assumptions\Assumptions;
use RushHold\Document\Reader;
use RushHold\Habits\AreaLearner;
use RushHold\Habits\Grabs;
use RushHold\Habits\Habits;
use RushHold\Habits\HandLearner;
use RushHold\Habits\LearntFigure;
use RushHold\Habits\LightReading;
use RushHold\Habits\PanLearner;
use RushHold\Habits\PlaceLight;
use RushHold\Habits\ShotUnder;
use RushHold\Habits\Sight;
use RushHold\Kit\FocusMode;
use RushHold\Log\FrameFacts;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Estimate\Margin;
use Tests\Support\Documents;
use Tests\Support\HabitsPlayed;
use Tests\Support\Long;

/** @return list<array<string, mixed>> terns that pass fast, ones that pass slower, and what hardly moves */
function learntFrom(): array
{
    return [
        Documents::rush(),
        Documents::rush(['motion' => ['speed_mps' => 9, 'bearing_deg' => 90, 'pattern' => 'steady']]),
        Documents::rush(['motion' => ['speed_mps' => 0.5, 'bearing_deg' => 90, 'pattern' => 'steady']]),
    ];
}

/** Habits of one of twenty people: every second pans poorly and aims well, the others the opposite. */
function habitsOf(int $person): array
{
    $more = 0.01 * ($person % 5);

    return $person % 2 === 1
        ? ['panning.settled' => 0.6 + $more, 'aim.handheld' => 0.0012, 'aim.late.settled' => 0.015 + $more / 10, 'aim.recover.settled' => 0.12]
        : ['panning.settled' => 0.95 - $more, 'aim.handheld' => 0.005, 'aim.late.settled' => 0.05 - $more / 5, 'aim.recover.settled' => 0.35];
}

/** @return array<string, LearntFigure> by name */
function named(array $figures): array
{
    return array_combine(array_map(static fn (LearntFigure $one): string => $one->name, $figures), $figures);
}

it('recognises the habits of twenty people, and plans that know them bring more', function () {
    $covered = array_fill_keys(array_keys(habitsOf(0)), 0);
    $assumed = $learnt = [];
    $passes = Long::of(30, 12);
    for ($person = 0; $person < 20; $person++) {
        $habits = habitsOf($person);
        $played = new HabitsPlayed($habits, $person + 1);
        $figures = named(Habits::of($played->sights(learntFrom(), 30)));
        foreach ($habits as $name => $true) {
            $covered[$name] += $figures[$name]->least <= $true && $true <= $figures[$name]->most ? 1 : 0;
            // on the right side of what was assumed, and nearer to what is true
            expect(abs($figures[$name]->value - $true))->toBeLessThan(abs($figures[$name]->assumed - $true), "{$name} of {$person}");
        }
        $own = array_map(static fn (LearntFigure $one): float => $one->value, $figures);
        foreach (learntFrom() as $rush) {
            $assumed[$person] = ($assumed[$person] ?? 0) + array_sum($played->brings($rush, [], $passes));
            $learnt[$person] = ($learnt[$person] ?? 0) + array_sum($played->brings($rush, $own, $passes));
        }
    }
    expect(min($covered))->toBeGreaterThanOrEqual(18, (string) json_encode($covered));
    $margin = Margin::between($learnt, $assumed);
    expect($margin->mean - $margin->half)->toBeGreaterThan(0);
});

it('recognises how readily the focus strays from an area in twenty people, and plans that know it bring more', function () {
    $busy = ['clutter' => ['background' => 'busy', 'background_gap_m' => 5]];
    $rushes = [
        Documents::rush($busy),
        Documents::rush(['subject' => ['count' => 6]]),
        Documents::rush(['motion' => ['speed_mps' => 9, 'bearing_deg' => 90, 'pattern' => 'steady']] + $busy),
    ];
    $covered = 0;
    $assumed = $learnt = [];
    for ($person = 0; $person < 20; $person++) {
        $true = $person % 2 === 1 ? 2.5 + 0.2 * ($person % 5) : 0.3 + 0.03 * ($person % 5);
        $played = new HabitsPlayed(['area.strays.lock-on' => $true], $person + 1);
        $told = named((new AreaLearner())->figures($played->sights($rushes, 30), Assumptions::defaults()))['area.strays.lock-on'];
        $covered += $told->least <= $true && $true <= $told->most ? 1 : 0;
        expect(abs(log($told->value / $true)))->toBeLessThan(abs(log($true)), "person {$person}");
        foreach ($rushes as $rush) {
            $assumed[$person] = ($assumed[$person] ?? 0) + array_sum($played->brings($rush, [], 10));
            $learnt[$person] = ($learnt[$person] ?? 0) + array_sum($played->brings($rush, [$told->name => $told->value], 10));
        }
    }
    expect($covered)->toBeGreaterThanOrEqual(18);
    $margin = Margin::between($learnt, $assumed);
    expect($margin->mean - $margin->half)->toBeGreaterThan(0);
});

it('tells nothing of an area from what a hand focuses, or where nothing could take the focus', function () {
    $plan = Documents::plan(['motion' => ['speed_mps' => 0], 'photographer' => ['schools' => ['clutter' => 'manual']], 'clutter' => ['foreground' => 'dense']]);
    expect($plan->hold->focusMode)
        ->toBe(FocusMode::Manual)
        ->and(Grabs::of(Planner::standard(), $plan, 20))
        ->toBeNull();
    // over an empty sky its own wing is all that could
    $clear = (new HabitsPlayed([], 5))->sights([Documents::rush()], 6);
    expect((new AreaLearner())->figures($clear, Assumptions::defaults()))->toBe([]);
    $grabs = $clear[0]->shot->grabs;
    expect(ShotUnder::kept(Reader::of($clear[0]->shot->toArray()))->grabs)->toEqual($grabs);
});

it('knows for which light a frame was exposed', function () {
    $facts = static fn (mixed ...$own): ?float => (new FrameFacts(...$own + ['shutterS' => 1 / 1000, 'fNumber' => 8.0, 'iso' => 100]))->exposedFor();
    // 64 · 1000 is two to the power of 15.97
    expect($facts())
        ->toEqualWithDelta(15.966, 0.001)
        // four times as sensitive, and the same picture, it was a quarter as bright
        ->and($facts(iso: 400))
        ->toEqualWithDelta(13.966, 0.001)
        // one stop brighter than the meter meant: the scene was brighter than these settings say
        ->and($facts(compensation: 1.0))
        ->toEqualWithDelta(16.966, 0.001)
        ->and($facts(iso: null))
        ->toBeNull();
});

it('tells how bright a place is from what its bursts were exposed for, and keeps out what was another light', function () {
    $covered = 0;
    for ($place = 0; $place < 200; $place++) {
        $dice = new Random\Randomizer(new Random\Engine\Mt19937(500 + $place));
        $true = 0.9 * bell($dice);
        $readings = [];
        for ($burst = 0; $burst < 8; $burst++) {
            $readings[] = new LightReading("{$burst}", 10, $true + 0.6 * bell($dice));
        }
        $figure = PlaceLight::figure('light.x', $readings, 0.0);
        $covered += $figure->least <= $true && $true <= $figure->most ? 1 : 0;
    }
    expect($covered / 200)->toBeBetween(0.93, 0.99);
    $steady = array_map(static fn (int $burst): LightReading => new LightReading("{$burst}", 10, 1.0 + 0.1 * ($burst % 3)), range(0, 8));
    $told = PlaceLight::figure('light.x', [...$steady, new LightReading('hall', 10, -6.0)], 0.0);
    expect($told->keptOut)
        ->toBe(['hall'])
        ->and($told->value)
        ->toEqualWithDelta(1.1, 0.1)
        ->and($told->frames)
        ->toBe(90)
        ->and(PlaceLight::figure('light.x', [], 0.0))
        ->toBeNull();
    // one burst says little beside what was typed
    $one = PlaceLight::figure('light.x', [new LightReading('1', 5, 0.4)], 0.0);
    expect($one->value)->toBeBetween(0.0, 0.2)->and($one->most - $one->least)->toBeGreaterThan(1.5);
});

it('keeps to what was assumed where frames tell nothing else, and says how many tell', function () {
    expect(Habits::of([]))->toBe([]);
    $one = (new HabitsPlayed(['panning.settled' => 0.4], 3))->sights([learntFrom()[1]], 1);
    $pan = named((new PanLearner())->figures($one, Assumptions::defaults()))['panning.settled'];
    expect($pan->value)
        ->toBeBetween(0.4, 0.85)
        ->and($pan->bursts)
        ->toHaveCount(1)
        ->and($pan->most - $pan->least)
        ->toBeGreaterThan(0.1);
    // who has chosen a figure is held against that one
    $chosen = named(Habits::of($one, ['panning.settled' => 0.5]))['panning.settled'];
    expect($chosen->assumed)->toBe(0.5);
});

it('knows how late a hand follows the focus, from the width of its discs', function () {
    $shot = ShotUnder::kept(Reader::of(['followed' => 0.35, 'closing' => 0] + ShotUnder::of(Documents::plan(['motion' => ['bearing_deg' => 0.0]]))->toArray()));
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(4));
    $sights = [];
    $lagS = 0.3;
    for ($frame = 0; $frame < 240; $frame++) {
        $burst = intdiv($frame, 6);
        $focalM = $shot->focalMm / 1000;
        $off = abs(bell($dice)) * $shot->closingAtMps($shot->workM) * $lagS * (1 - 0.35);
        $disc = (1000 * $focalM ** 2 * $off) / (5.6 * $shot->workM * ($shot->workM - $focalM));
        $sights[] = new Sight("{$frame}", "{$burst}", 'a', $shot, 0.1 * $frame, $shot->workM, 1 / 1000, 5.6, null, 0.0, $disc, null, null);
    }
    $figure = (new HandLearner())->figures($sights, Assumptions::defaults())[0];
    expect($figure->name)
        ->toBe('hand.lag')
        ->and($figure->value)
        ->toEqualWithDelta($lagS, 0.045)
        ->and($figure->least <= $lagS && $lagS <= $figure->most)
        ->toBeTrue();
    // what does not come nearer tells nothing of it
    $still = ShotUnder::of(Documents::plan(['motion' => ['bearing_deg' => 90.0]]));
    expect((new HandLearner())->figures([new Sight('1', '1', 'a', $still, 0.0, $still->workM, 1 / 1000, 5.6, null, 0.0, 1.0, null, null)], Assumptions::defaults()))->toBe([]);
    expect(ShotUnder::kept(Reader::of($still->toArray())))->toEqual($still);
});

it('knows how fast it crosses wherever on its way it is taken', function () {
    $shot = ShotUnder::of(Documents::plan(['motion' => ['speed_mps' => 10, 'bearing_deg' => 90], 'distance' => ['near_m' => 10, 'work_m' => 20, 'far_m' => 60]]));
    expect($shot->crossingAtMps(20.0))
        ->toEqualWithDelta(10, 1e-9)
        ->and($shot->closingAtMps(20.0))
        ->toEqualWithDelta(0, 1e-6)
        // twice as far off on a straight way it crosses half as fast, and all else of its speed brings it nearer
        ->and($shot->crossingAtMps(40.0))
        ->toEqualWithDelta(5, 1e-9)
        ->and($shot->closingAtMps(40.0))
        ->toEqualWithDelta(sqrt(75), 1e-6)
        // never faster than it goes
        ->and($shot->crossingAtMps(4.0))
        ->toEqualWithDelta(10, 1e-9);
    $still = ShotUnder::of(Documents::plan(['motion' => ['speed_mps' => 0]]));
    expect($still->crossingAtMps(5.0))
        ->toBe(0.0)
        ->and($still->closingAtMps(5.0))
        ->toBe(0.0);
});

it('keeps frames out that tell of something else, and names them', function () {
    $sights = (new HabitsPlayed([], 8))->sights([learntFrom()[1]], 12);
    $usual = named((new PanLearner())->figures($sights, Assumptions::defaults()))['panning.settled'];
    // one frame in which the camera was swung to another bird
    $swung = $sights[5];
    $sights[] = new Sight('swung', $swung->burst, $swung->under, $swung->shot, $swung->atS + 9, $swung->distanceM, $swung->shutterS, $swung->fNumber, 40 * $swung->measuredMm, $swung->measuredMm, null, null, null);
    $told = named((new PanLearner())->figures($sights, Assumptions::defaults()))['panning.settled'];
    expect($told->keptOut)
        ->toContain('swung')
        ->and($told->value)
        ->toEqualWithDelta($usual->value, 0.02);
});

it('tells nothing of an aim that was never composed alike, nor of a camera that waits', function () {
    $few = (new HabitsPlayed([], 2))->sights([learntFrom()[0]], 2);
    expect(array_filter(array_keys(named(Habits::of($few))), static fn (string $name): bool => str_starts_with($name, 'aim.handheld')))->toBe([]);
    // what stands still tells nothing of a pan
    $still = (new HabitsPlayed([], 2))->sights([Documents::rush(['motion' => ['speed_mps' => 0]])], 4);
    expect(named(Habits::of($still)))->not->toHaveKey('panning.settled');
});
