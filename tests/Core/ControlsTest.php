<?php

declare(strict_types=1);

use App\Documents\SchemaChecker;
use RushHold\Controls\Assignment;
use RushHold\Controls\Finding;
use RushHold\Controls\HandTimes;
use RushHold\Controls\Layout;
use RushHold\Controls\LayoutCheck;
use RushHold\Controls\LayoutOnBody;
use RushHold\Controls\SchemeLayer;
use RushHold\Controls\Switching;
use RushHold\Controls\SwitchingOptimiser;
use RushHold\Controls\SwitchingProblem;
use RushHold\Hold\Scheme;
use RushHold\Kit\BundlePart;
use RushHold\Kit\ControlUse;
use Tests\Support\Days;

const BUNDLE = [BundlePart::Start, BundlePart::FocusMode, BundlePart::Area, BundlePart::Detection, BundlePart::Tuning];

function recall(string $control, string $hold, array $carries = BUNDLE): Assignment
{
    return new Assignment($control, ControlUse::Recall, $hold, $carries);
}

/** @return list<Assignment> three buttons laid as they should be */
function threeButtons(): array
{
    return [recall('thumb', 'reeds'), recall('thumb-outer', 'asleep'), new Assignment('stick', ControlUse::Point)];
}

/** @return list<string> */
function codes(LayoutOnBody $onBody): array
{
    return array_map(fn (Finding $finding) => $finding->code, LayoutCheck::of($onBody));
}

it('finds nothing wrong with three buttons laid as they should be', function () {
    expect(codes(Days::laid(threeButtons())))->toBe([]);
});

it('names each conflict, and its own cure takes it away', function (
    string $code,
    array $uses,
    array $own,
    string $says,
) {
    $onBody = Days::laid($uses, $own);
    $found = array_values(array_filter(LayoutCheck::of($onBody), fn (Finding $finding) => $finding->code === $code));
    expect($found)
        ->not->toBe([])
        ->and($found[0]->message)
        ->toContain($says)
        ->and($found[0]->cured)
        ->not->toBeNull()
        ->and($found[0]->cure)
        ->not->toBeNull();
    $left = array_filter(
        LayoutCheck::of($onBody->with($found[0]->cured)),
        fn (Finding $finding) => $finding->code === $code && $finding->control === $found[0]->control,
    );
    expect($left)->toBe([]);
})->with([
    'focus left on the shutter' => [
        'focus-on-shutter',
        threeButtons(),
        ['scheme' => Scheme::Thumb],
        'Half a press of the shutter still focuses',
    ],
    'nothing focuses' => ['nothing-focuses', [], ['shutterFocuses' => false], 'Nothing focuses'],
    'exposure in the bundle' => [
        'bundle-too-much',
        [
            recall('thumb', 'reeds', [...BUNDLE, BundlePart::Shutter, BundlePart::Metering]),
            ...array_slice(threeButtons(), 1),
        ],
        [],
        'also recalls shutter and metering',
    ],
    'tuning left out' => [
        'bundle-misses',
        [recall('thumb', 'reeds', array_slice(BUNDLE, 0, 4)), ...array_slice(threeButtons(), 1)],
        [],
        'leaves out tuning',
    ],
    'more than the control can' => ['bundle-cannot', [recall('lens', 'reeds')], [], 'cannot recall tuning'],
    'under the finger of the shutter' => ['same-finger', [recall('top', 'reeds')], [], 'needs the first finger'],
    'not to be held while firing' => [
        'same-finger',
        [recall('wheel-key', 'reeds', [BundlePart::FocusMode, BundlePart::Area])],
        [],
        'cannot be held while you fire',
    ],
    'two buttons under one thumb' => [
        'same-finger',
        [new Assignment('thumb', ControlUse::Focus), recall('thumb-outer', 'reeds', array_slice(BUNDLE, 1))],
        ['shutterFocuses' => false, 'scheme' => null],
        'at the same moment',
    ],
    'two things on one control' => [
        'two-on-one',
        [recall('thumb', 'reeds'), recall('thumb', 'asleep')],
        [],
        'is given 2 things',
    ],
    'nothing stops focus' => ['nothing-stops', [recall('thumb', 'reeds')], [], 'cannot lock and recompose'],
    'the point cannot be moved' => [
        'point-lost',
        array_slice(threeButtons(), 0, 2),
        [],
        'Nothing moves the focus point',
    ],
    'focus unasked' => ['pre-focus', threeButtons(), ['prefocus' => true], 'Focus unasked is on'],
    'in gloves' => ['gloves', [recall('front-low', 'reeds')], ['gloves' => true], 'cannot be worked in gloves'],
    'a hold without a control' => ['no-control', array_slice(threeButtons(), 1), [], 'No control recalls “Reeds”'],
    'what the control may not do' => [
        'not-allowed',
        [new Assignment('lens', ControlUse::Focus)],
        [],
        'cannot be made to do this',
    ],
    'a key that sets something else' => [
        'needed-elsewhere',
        [new Assignment('top', ControlUse::Stop)],
        [],
        'is what you hold to set ISO',
    ],
    'a control that is gone' => [
        'no-such-control',
        [new Assignment('elsewhere', ControlUse::Stop)],
        [],
        'no such control',
    ],
]);

it('says how to set a hold by hand when no control can recall it', function () {
    $onBody = Days::laid(
        [],
        ['holds' => ['flight', 'reeds'], 'base' => 'flight', 'scheme' => Scheme::Shutter],
        'pebble_3',
    );
    $found = array_values(
        array_filter(LayoutCheck::of($onBody), fn (Finding $finding) => $finding->code === 'no-control'),
    );
    expect($found)
        ->toHaveCount(1)
        ->and($found[0]->cured)
        ->toBeNull()
        ->and($found[0]->steps)
        ->toBe(['Focus spot (menu: Camera › Focus spot): Centre']);
});

it('lays each scheme without a conflict but for holds that find no control', function (Scheme $scheme) {
    $onBody = Days::laid();
    $left = array_diff(codes($onBody->with(SchemeLayer::lay($onBody, $scheme))), ['no-control']);
    expect($left)->toBe([]);
})->with(Scheme::cases());

it('lays three buttons as practised: the fast default on the shutter, choosing one, setting the plane', function () {
    $onBody = Days::laid([], ['base' => null]);
    $layout = SchemeLayer::lay($onBody, Scheme::ThreeButtons);
    expect($layout->base)
        ->toBe('flight')
        ->and($layout->recall('reeds')?->control)
        ->toBe('thumb')
        ->and($layout->recall('asleep')?->control)
        ->toBe('thumb-outer')
        ->and($layout->shutterFocuses)
        ->toBeTrue();
});

it('takes focus off the shutter where the thumb focuses', function () {
    $layout = SchemeLayer::lay(Days::laid(), Scheme::Thumb);
    expect($layout->shutterFocuses)
        ->toBeFalse()
        ->and($layout->of('thumb')[0]->does)
        ->toBe(ControlUse::Focus);
});

it('counts keystrokes: buttons, clicks, menu steps, and finding the way once a trip', function () {
    $onBody = Days::laid(threeButtons());
    $times = new HandTimes($onBody, $onBody->assumptions);
    // from flight to reeds: area by button and dial, broad net to peg, five clicks; in the menu Focus, Following, then
    // Patience, Change of pace and Takes with a value each: 2 + 3 + 3 steps
    expect($times->byHand('flight', 'reeds'))
        ->toEqualWithDelta(0.2 + 5 * 0.15 + 1.35 + 8 * 0.45, 1e-9)
        ->and($times->byButton('flight', 'reeds', BUNDLE))
        ->toEqualWithDelta(0.2, 1e-9)
        // a bundle without tuning leaves the menu to be walked
        ->and($times->byButton('flight', 'reeds', array_slice(BUNDLE, 0, 4)))
        ->toEqualWithDelta(0.2 + 1.35 + 8 * 0.45, 1e-9)
        ->and($times->moving('thumb', 'thumb-outer'))
        ->toBe(0.1)
        ->and($times->moving('thumb', 'front-high'))
        ->toBe(0.0)
        ->and($times->byHand('reeds', 'reeds'))
        ->toBe(0.0);
});

it('reads the small matrix of a day', function () {
    $rows = (new Switching(Days::laid(threeButtons())))->matrix();
    expect($rows['reeds']['flight'])
        ->toBe(0.0)
        ->and($rows['flight']['asleep'])
        ->toEqualWithDelta(0.2, 1e-9)
        ->and($rows['reeds']['asleep'])
        ->toEqualWithDelta(0.3, 1e-9)
        ->and($rows['flight']['flight'])
        ->toBe(0.0);
});

it('tells what a better layout buys, and gives it', function () {
    $onBody = Days::laid([new Assignment('stick', ControlUse::Point)]);
    $best = (new Switching($onBody))->best();
    expect($best['saved_s'])
        ->toBeGreaterThan(2)
        ->and($best['exact'])
        ->toBeTrue()
        ->and($best['now_s'] - $best['best_s'])
        ->toEqualWithDelta($best['saved_s'], 1e-9)
        ->and(codes($onBody->with($best['layout'])))
        ->not->toContain('no-control');
    // laid that way it costs what was promised, and nothing more can be gained
    $again = (new Switching($onBody->with($best['layout'])))->best();
    expect($again['now_s'])->toEqualWithDelta($best['best_s'], 1e-9)->and($again['saved_s'])->toBe(0.0);
});

it('weighs by how often each follows each', function () {
    $often = [
        'flight' => ['reeds' => 50.0],
        'reeds' => ['flight' => 0.0],
        'asleep' => ['flight' => 0.0],
    ];
    $onBody = Days::laid([], ['follows' => $often, 'base' => 'flight']);
    $even = (new Switching(Days::laid([], ['base' => 'flight'])))->best();
    expect((new Switching($onBody))->best()['now_s'])->not->toEqualWithDelta($even['now_s'], 0.1);
});

/** Every base and every placing, one after the other. */
function bruteForce(SwitchingProblem $problem): float
{
    $best = INF;
    $place = function (int $base, int $hold, array $on) use (&$place, &$best, $problem): void {
        if ($hold === $problem->holds) {
            $best = min($best, $problem->total($base, $on));

            return;
        }
        $place($base, $hold + 1, [...$on, null]);
        for ($at = 0; $hold !== $base && $at < $problem->places; $at++) {
            if (! in_array($at, $on, true) && is_finite($problem->recall[$base][$hold][$at])) {
                $place($base, $hold + 1, [...$on, $at]);
            }
        }
    };
    for ($base = 0; $base < $problem->holds; $base++) {
        $place($base, 0, []);
    }

    return $best;
}

it('finds what brute force finds, on 240 random days', function () {
    for ($seed = 1; $seed <= 240; $seed++) {
        $problem = Days::random($seed, 2 + ($seed % 3), 1 + ($seed % 4));
        $found = SwitchingOptimiser::solve($problem);
        expect($found['total'])
            ->toEqualWithDelta(bruteForce($problem), 1e-9, 'seed '.$seed)
            ->and($problem->total($found['base'], $found['on']))
            ->toEqualWithDelta($found['total'], 1e-9)
            ->and($found['exact'])
            ->toBeTrue();
    }
});

it('finds what brute force finds where controls are all alike', function () {
    $alike = fn (int $rows, int $columns, float $value): array => array_fill(0, $rows, array_fill(0, $columns, $value));
    $problem = new SwitchingProblem(
        4,
        4,
        array_fill(0, 4, $alike(4, 4, 0.2)),
        $alike(4, 4, 0.1),
        $alike(4, 4, 3),
        Days::random(7, 4, 4)->times,
    );
    expect(SwitchingOptimiser::solve($problem)['total'])->toEqualWithDelta(bruteForce($problem), 1e-9);
});

it('comes close beyond six holds, and says that it is not exact', function () {
    for ($seed = 1; $seed <= 5; $seed++) {
        $problem = Days::random(900 + $seed, 7, 3);
        $found = SwitchingOptimiser::solve($problem);
        $best = bruteForce($problem);
        expect($found['exact'])
            ->toBeFalse()
            ->and($found['total'])
            ->toBeGreaterThan($best - 1e-9)
            ->and($found['total'])
            ->toBeLessThan($best * 1.1);
    }
});

it('reads back the layout it writes', function () {
    $layout = Days::laid(threeButtons(), [
        'follows' => ['flight' => ['reeds' => 4.0]],
        'gloves' => true,
    ])->layout;
    $document = json_decode((string) json_encode($layout->toArray()));
    $read = (new SchemaChecker(__DIR__.'/../../schemas'))->check($document, 'layout');
    expect(Layout::fromArray($read)->toArray())
        ->toEqual($layout->toArray())
        ->and(Layout::fromArray($read)->times('flight', 'reeds'))
        ->toBe(4.0)
        ->and(Layout::fromArray($read)->times('reeds', 'flight'))
        ->toBe(1.0);
});
