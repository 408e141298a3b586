<?php

declare(strict_types=1);

use RushHold\Kit\Kit;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush;
use RushHold\Wording\RoutineWords;
use RushHold\Wording\Units;
use Tests\Support\Drawn;
use Tests\Support\Situations;

const AIDS = ['peaking', 'magnified', 'depth-preview'];

/** The plan of a rush with a long lens whose body has these aids; null where nobody has said. */
function aided(array $rush, ?array $aids = AIDS): Plan
{
    $kit = Situations::kit('long');
    if ($aids !== null) {
        $kit['body']['aids'] = $aids;
    }
    $rush['photographer']['schools'] = (array) $rush['photographer']['schools'];

    return Planner::standard()->plan(Rush::fromArray($rush), Kit::fromArray($kit));
}

/** All that is to be done, as one text. */
function doing(Plan $plan, array $aids = []): string
{
    $parts = (new RoutineWords(Units::Metric, $aids))->document($plan);

    return implode("\n", array_merge(...array_values($parts)));
}

/** A martin through reeds on its known way, by hand. */
function martin(array $own = []): array
{
    return Situations::rush(
        'swift',
        array_replace_recursive(
            [
                'motion' => ['speed_mps' => 8, 'bearing_deg' => 40, 'route' => 'known'],
                'distance' => ['near_m' => 7, 'work_m' => 11, 'far_m' => 18],
                'clutter' => ['foreground' => 'dense', 'obstacle_width_m' => 0.03],
                'photographer' => ['schools' => ['hand' => 'always']],
            ],
            $own,
        ),
    );
}

it('puts the plane of a trap under the magnified view, as finely as it is sharp there', function () {
    $plan = aided(martin());
    $trapM = $plan->draft->hand->trap->distanceM;
    $sideM = $plan->situation->halfDepthM($plan->hold->fNumber, $trapM);

    expect($plan->hold->manualTechnique->value)
        ->toBe('trap')
        ->and(doing($plan))
        ->toContain(
            sprintf(
                'with the magnified view on what lies at %s: it may stand %s off',
                Units::Metric->length($trapM, 2),
                Units::Metric->length($sideM, 2),
            ),
        )
        ->and($sideM)
        ->toBeLessThan(0.5)
        ->and(doing(aided(martin(), ['peaking', 'depth-preview'])))
        ->not->toContain('magnified')
        ->and(doing(aided(martin(), null)))
        ->not->toContain('magnified');
});

it('turns the ring by the peaking where the hand follows or pulls, and only there', function () {
    $follows = aided(martin(['motion' => ['route' => 'unknown']]));

    expect($follows->hold->manualTechnique->value)
        ->toBeIn(['follow', 'pull'])
        ->and(doing($follows))
        ->toContain('Turn by the peaking')
        ->and(doing(aided(martin(['motion' => ['route' => 'unknown']]), ['magnified'])))
        ->not->toContain('peaking')
        ->and(doing(aided(martin())))
        ->not->toContain('peaking');
});

it('looks through the depth preview at a group that stands in depth, with the lens closed', function () {
    $waders = Situations::rush('wader', [
        'subject' => ['count' => 3, 'depth_spread_m' => 0.9],
        'motion' => ['speed_mps' => 0, 'pattern' => 'still'],
    ]);
    $one = Situations::rush('wader', ['motion' => ['speed_mps' => 0, 'pattern' => 'still']]);

    expect(doing(aided($waders)))
        ->toContain('Look through the depth preview at f/')
        ->toContain('whether all 90 cm of them are sharp')
        ->not->toContain('line up')
        ->and(doing(aided($one)))
        ->not->toContain('depth preview')
        ->and(doing(aided($waders, ['magnified'])))
        ->not->toContain('depth preview');
});

it('waits for a group to line up only where it is deeper than what is sharp', function () {
    $deep = Situations::rush('wader', [
        'subject' => ['count' => 3, 'depth_spread_m' => 6],
        'motion' => ['speed_mps' => 0, 'pattern' => 'still'],
    ]);

    $plan = aided($deep);
    expect($plan->depth->depthM())
        ->toBeLessThan(6.0)
        ->and(doing($plan))
        ->toContain('Wait until they line up: they are 6 m deep');
});

it('calls the aids what the body calls them', function () {
    expect(doing(aided(martin()), ['magnified' => 'loupe']))->toContain('with the loupe on what lies at');
});

it('never says a thing twice, nor one that this rush does not ask for', function () {
    $dice = Drawn::dice(77);
    $planned = 0;
    for ($turn = 0; $turn < 600; $turn++) {
        $rush = Drawn::rush($dice);
        $rush['photographer']['schools'] = (array) $rush['photographer']['schools'];
        $kit = Drawn::kit($dice);
        $kit['body']['aids'] = AIDS;
        try {
            $plan = Planner::standard()->plan(Rush::fromArray($rush), Kit::fromArray($kit));
        } catch (RushHold\Faults\Fault) {
            continue;
        }
        $planned++;
        $lines = array_merge(...array_values((new RoutineWords(Units::Metric))->document($plan)));
        $text = implode("\n", $lines);
        $about = json_encode([$rush, $lines]);
        expect($lines)
            ->toBe(array_unique($lines))
            ->and(count($lines))
            ->toBeLessThanOrEqual(15, $about)
            ->and($text)
            ->not->toMatch('/NAN|INF|\b0 m (off|a second)/', $about);
        if ($plan->situation->rush->subject->count === 1) {
            expect($text)->not->toContain('line up', $about)->not->toContain('each of the', $about);
        }
        if (! $plan->situation->rush->moves()) {
            expect($text)->not->toContain('Pick it up', $about)->not->toContain('Pre-focus', $about);
        }
        if ($plan->hold->focusMode->follows()) {
            expect($text)->not->toContain('the ring with', $about)->not->toContain('peaking', $about);
        }
    }
    expect($planned)->toBeGreaterThan(200);
});

it('picks it up a few seconds of its way before the frame, never minutes', function (float $speed, float $farM) {
    $plan = aided(
        Situations::rush('seabird', [
            'motion' => ['speed_mps' => $speed, 'bearing_deg' => 20],
            'distance' => ['near_m' => 14, 'work_m' => 18, 'far_m' => $farM],
        ]),
    );

    expect(doing($plan))->toMatch('/Pick it up at [\d.]+ m .* about ([012]\.\d|3) s later/');
})->with([[0.5, 40], [2, 400], [9, 40], [20, 1000]]);

it('says nothing of faults that this rush is not likely to have', function () {
    $slow = aided(Situations::rush('waterfowl', ['motion' => ['speed_mps' => 0.4]]));
    $fast = aided(Situations::rush('swift', ['motion' => ['speed_mps' => 15, 'bearing_deg' => 90]]));

    expect(doing($slow))
        ->not->toContain('last one soft')
        ->not->toContain('Soft along its way')
        ->and(doing($fast))
        ->toContain('last one soft');
});

it('tells of the air over warm ground, far off and in the sun', function (float $workM, float $ev100, bool $told) {
    $plan = aided(
        Situations::rush('raptor', [
            'distance' => ['near_m' => $workM / 2, 'work_m' => $workM, 'far_m' => $workM * 2],
            'light' => ['ev100' => $ev100],
        ]),
    );

    expect(str_contains(doing($plan), 'warm ground'))->toBe($told);
})->with([[800, 14, true], [800, 9, false], [40, 15, false], [150, 12, true]]);

it('focuses beforehand on what there is at that distance', function (string $kind, array $own, string $on) {
    expect(doing(aided(Situations::rush($kind, $own))))->toContain($on);
})->with([
    'an aircraft' => [
        'aircraft',
        ['distance' => ['near_m' => 600, 'work_m' => 800, 'far_m' => 2000]],
        'anything at that',
    ],
    'a runner' => ['runner', [], 'the ground where it will pass'],
    'a paddler' => ['paddler', [], 'the water where it will pass'],
    'a duck about to go' => [
        'waterfowl',
        ['motion' => ['speed_mps' => 0, 'pattern' => 'sudden', 'burst_mps' => 6]],
        'the spot where it sits',
    ],
    'a bird that flies' => ['seabird', [], 'anything at that'],
]);
