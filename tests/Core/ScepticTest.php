<?php

declare(strict_types=1);

use RushHold\Kit\Kit;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush;
use RushHold\Wording\Plan\PlanDocument;
use RushHold\Wording\Units;
use Tests\Support\Drawn;
use Tests\Support\Situations;

$is = fn (mixed ...$values): array => ['one_of' => $values];
$not = fn (mixed ...$values): array => ['none_of' => $values];
$by = fn (array $schools): array => ['photographer' => ['schools' => $schools]];
$rests = ['motion' => ['speed_mps' => 0, 'pattern' => 'still', 'bearing_deg' => 90]];
$leaps = ['motion' => ['speed_mps' => 0.3, 'pattern' => 'sudden', 'bearing_deg' => 60]];
$at = fn (float $workM): array => [
    'distance' => ['near_m' => 0.8 * $workM, 'work_m' => $workM, 'far_m' => 1.5 * $workM],
];
$steps = fn (string ...$steps): array => ['concession_steps' => ['contains' => $steps]];

it('answers what a sceptic would try', function (string $kit, string $kind, array $rush, array $expect) {
    $document = Situations::document(Situations::rush($kind, $rush), Situations::kit($kit));
    $steps = array_column($document['concessions'], 'step');
    foreach ($expect['concession_steps']['contains'] ?? [] as $step) {
        expect($steps)->toContain($step);
    }
    unset($expect['concession_steps']);

    expect(Situations::objections($document, $expect))->toBe([]);
})->with([
    // ready for the leap, not for the rest
    'duck about to leap' => [
        'long',
        'waterfowl',
        $leaps + $at(20),
        ['shutter_s' => ['max' => 1 / 2000], 'tuning.pace' => ['min' => 1], 'drive.burst' => $is('long')],
    ],
    'duck about to leap, far off' => ['long', 'waterfowl', $leaps + $at(60), ['pane.subject.y' => ['min' => 0.6]]],
    'duck that will only swim off' => [
        'long',
        'waterfowl',
        ['motion' => ['speed_mps' => 0.3, 'pattern' => 'sudden', 'burst_mps' => 1.2, 'bearing_deg' => 60]] + $at(20),
        ['shutter_s' => ['min' => 1 / 2000]],
    ],
    'hare in its form' => [
        'long',
        'running-mammal',
        ['motion' => ['speed_mps' => 0, 'pattern' => 'sudden', 'bearing_deg' => 90]] + $at(30),
        ['shutter_s' => ['max' => 1 / 1250], 'focus_mode' => $is('continuous')],
    ],
    'owl that will drop from its post' => [
        'long',
        'owl',
        $leaps + $at(25) + ['light' => ['ev100' => 9]],
        ['shutter_s' => ['max' => 1 / 1000], 'stabiliser' => $is('panning')],
    ],
    'sprinter in the blocks' => [
        'zoom',
        'runner',
        ['motion' => ['speed_mps' => 0, 'pattern' => 'sudden', 'bearing_deg' => 20]] + $at(15),
        ['shutter_s' => ['max' => 1 / 500], 'tuning.stay' => ['max' => 1]],
    ],
    'heron, rising, before reeds' => [
        'long',
        'tall-wader',
        [
            'motion' => ['speed_mps' => 0.2, 'pattern' => 'sudden', 'bearing_deg' => 80],
            'intent' => ['entry' => 'below'],
            'clutter' => ['background' => 'moderate', 'background_gap_m' => 15],
        ] + $at(50),
        ['area.place.y' => ['min' => 0.55]],
    ],
    // sits low, waits on its side
    'grouse from the left' => [
        'long',
        'waterfowl',
        ['motion' => ['speed_mps' => 14], 'intent' => ['follow' => 'whoever-enters', 'entry' => 'left']] + $at(70),
        ['area.pattern' => $not('spot', 'single-point'), 'frame' => $is('landscape')],
    ],
    'seal bobbing up' => [
        'long',
        'large-mammal',
        ['motion' => ['speed_mps' => 0.5, 'pattern' => 'sudden'], 'intent' => ['entry' => 'below']] + $at(60),
        ['area.place.y' => ['min' => 0.5]],
    ],
    // what lives and stands still
    'a person standing, in sun' => [
        'zoom',
        'field-player',
        $rests + $at(10),
        ['shutter_s' => ['max' => 1 / 250], 'drive.burst' => $is('short'), 'frame' => $is('portrait')],
    ],
    'a person standing, in a dim hall' => [
        'zoom',
        'field-player',
        $rests + $at(10) + ['light' => ['ev100' => 5]],
        ['shutter_s' => ['max' => 1 / 60]],
    ],
    'a horse grazing' => ['long', 'large-mammal', $rests + $at(40), ['shutter_s' => ['max' => 1 / 250]]],
    'an owl asleep' => [
        'long',
        'owl',
        $rests + $at(15),
        ['shutter_s' => ['max' => 1 / 320], 'focus_mode' => $not('manual')],
    ],
    'a parked car on a tripod, at dusk' => [
        'zoom',
        'car',
        $rests + $at(20) + ['light' => ['ev100' => 5], 'photographer' => ['support' => 'locked']],
        ['shutter_s' => ['min' => 1 / 15], 'iso' => ['max' => 400], 'drive.burst' => $is('single')],
    ],
    // which way it looks
    'a still person, school of the face' => [
        'zoom',
        'field-player',
        $rests + $at(8) + $by(['people' => 'face']),
        ['aim' => $is('face')],
    ],
    'a still person who looks away' => [
        'zoom',
        'field-player',
        ['motion' => ['speed_mps' => 0, 'pattern' => 'still', 'facing' => 'away']] + $at(8) + $by(['people' => 'face']),
        ['aim' => $is('back-number')],
    ],
    'a still person from the side' => [
        'zoom',
        'field-player',
        ['motion' => ['speed_mps' => 0, 'pattern' => 'still', 'facing' => 'across']] +
        $at(8) +
        $by(['people' => 'face']),
        ['aim' => $is('chest')],
    ],
    'a bird that sits with its back to me' => [
        'long',
        'small-bird',
        ['motion' => ['speed_mps' => 0.1, 'pattern' => 'still', 'facing' => 'away']] + $at(7),
        ['aim' => $is('body'), 'detection.eye' => $is(false)],
    ],
    'a golfer at the tee, facing aside' => [
        'zoom',
        'swing-player',
        ['motion' => ['speed_mps' => 0.2, 'pattern' => 'steady', 'bearing_deg' => 170, 'facing' => 'across']] + $at(12),
        ['aim' => $is('face')],
    ],
    // schools that reach
    'responsive, a beginner by hand on a swift' => [
        'long',
        'swift',
        [
            'motion' => ['pattern' => 'erratic'],
            'photographer' => ['skill' => 'new', 'schools' => ['tuning' => 'responsive']],
        ],
        ['tuning.stay' => $is(2)],
    ],
    'responsive, an expert on a gimbal' => [
        'long',
        'tall-wader',
        ['motion' => ['speed_mps' => 1, 'pattern' => 'steady']] +
            $at(30) + [
                'photographer' => ['skill' => 'expert', 'support' => 'gimbal', 'schools' => ['tuning' => 'responsive']],
            ],
        ['tuning.stay' => $is(0)],
    ],
    'lock-on, a calm duck before reeds' => [
        'long',
        'waterfowl',
        ['motion' => ['speed_mps' => 0.5]] +
        $at(25) + ['clutter' => ['background' => 'moderate', 'background_gap_m' => 10]] +
        $by(['clutter' => 'lock-on']),
        ['area.pattern' => $is('lock-on')],
    ],
    'lock-on, nothing there yet to start on' => [
        'long',
        'seabird',
        ['intent' => ['follow' => 'whoever-enters']] + $by(['clutter' => 'lock-on']),
        ['area.pattern' => $not('lock-on')],
    ],
    'one centre point, a running dog' => [
        'long',
        'dog',
        ['motion' => ['bearing_deg' => 10]] + $at(25) + $by(['sport' => 'single-centre']),
        ['area.pattern' => $is('single-point')],
    ],
    'one centre point, a hare' => [
        'long',
        'running-mammal',
        $at(40) + $by(['sport' => 'single-centre']),
        ['area.pattern' => $is('single-point')],
    ],
    'one centre point, a gull has nothing of sport' => [
        'long',
        'seabird',
        $by(['sport' => 'single-centre']),
        ['area.pattern' => $not('single-point')],
    ],
    'always by hand, flying on clean sky' => [
        'long',
        'seabird',
        $by(['hand' => 'always']),
        ['focus_mode' => $is('manual'), 'manual_technique' => $is('pull', 'follow', 'trap')],
    ],
    'always by hand, a flower' => [
        'macro',
        'flower',
        $rests + $at(0.6) + $by(['hand' => 'always']),
        ['focus_mode' => $is('manual'), 'manual_technique' => $is(null)],
    ],
    'by hand in clutter, and here is none' => [
        'long',
        'seabird',
        $by(['hand' => 'in-clutter']),
        ['focus_mode' => $is('continuous')],
    ],
    'by hand in clutter, and here it is' => [
        'long',
        'small-bird',
        ['motion' => ['speed_mps' => 0.2, 'pattern' => 'still']] +
        $at(8) + ['clutter' => ['foreground' => 'dense', 'background' => 'busy']] +
        $by(['hand' => 'in-clutter']),
        ['focus_mode' => $is('manual')],
    ],
    'never by hand, however able' => [
        'long',
        'small-bird',
        ['motion' => ['speed_mps' => 6, 'pattern' => 'steady', 'route' => 'known']] +
            $at(8) + [
                'clutter' => ['foreground' => 'dense', 'background' => 'busy'],
                'photographer' => ['manual_skill' => 1, 'schools' => ['hand' => 'never', 'clutter' => 'manual']],
            ],
        ['focus_mode' => $is('continuous')],
    ],
    // a stop for the lens's sake, from spare light only
    'a dim hall' => [
        'zoom',
        'court-player',
        ['motion' => ['pattern' => 'stop-start', 'bearing_deg' => 60]] + $at(14) + ['light' => ['ev100' => 7]],
        ['f_number' => ['max' => 2.9]],
    ],
    'the same hall, by the habit of stopping down' => [
        'zoom',
        'court-player',
        ['motion' => ['pattern' => 'stop-start', 'bearing_deg' => 60]] +
        $at(14) + ['light' => ['ev100' => 8]] +
        $by(['aperture' => 'one-stop-down']),
        ['f_number' => ['min' => 3.9]],
    ],
    'a bright pitch' => [
        'zoom',
        'field-player',
        ['motion' => ['bearing_deg' => 60]] + $at(20) + ['light' => ['ev100' => 14]],
        ['f_number' => ['min' => 3.9]],
    ],
    // larger than the frame, and smaller than a point
    'a swan over and beyond the frame' => [
        'long',
        'waterfowl',
        ['subject' => ['length_m' => 1.5], 'motion' => ['speed_mps' => 0.5, 'bearing_deg' => 90]] + $at(9),
        ['area.place.x' => ['min' => 0.15, 'max' => 0.85]] + $steps('frame'),
    ],
    'an aircraft that fills three frames' => [
        'long',
        'aircraft',
        ['subject' => ['length_m' => 30], 'motion' => ['speed_mps' => 70]] + $at(150),
        ['area.place.x' => ['min' => 0.1, 'max' => 0.9]] + $steps('frame'),
    ],
    'a face, closer than a frame is tall' => [
        'long',
        'field-player',
        $rests + $at(5),
        ['area.place.y' => ['min' => 0.05, 'max' => 0.5]] + $steps('frame'),
    ],
    'a raptor 800 m off' => [
        'long',
        'raptor',
        ['motion' => ['pattern' => 'steady']] + $at(800),
        ['frame' => $is('landscape'), 'detection.eye' => $is(false), 'aim' => $is('body', 'head', 'edge')],
    ],
    // the camera turned
    'heron standing' => [
        'long',
        'tall-wader',
        ['motion' => ['speed_mps' => 0.3, 'pattern' => 'steady']] + $at(20),
        ['frame' => $is('portrait')],
    ],
    'heron flying past' => [
        'long',
        'tall-wader',
        ['motion' => ['speed_mps' => 9]] + $at(40),
        ['frame' => $is('landscape')],
    ],
    'runner head-on' => ['zoom', 'runner', ['motion' => ['bearing_deg' => 5]] + $at(20), ['frame' => $is('portrait')]],
    'runner crossing' => [
        'zoom',
        'runner',
        ['motion' => ['bearing_deg' => 90]] + $at(20),
        ['frame' => $is('landscape')],
    ],
    'gymnast on the beam' => [
        'zoom',
        'gymnast',
        ['motion' => ['speed_mps' => 2, 'pattern' => 'accelerating', 'bearing_deg' => 20]] + $at(12),
        ['frame' => $is('portrait')],
    ],
    'the same, fixed level' => [
        'zoom',
        'gymnast',
        [
            'motion' => ['speed_mps' => 2, 'pattern' => 'accelerating', 'bearing_deg' => 20],
            'intent' => ['frame' => 'landscape'],
        ] + $at(12),
        ['frame' => $is('landscape')],
    ],
    'a seabird fixed upright' => [
        'long',
        'seabird',
        ['intent' => ['frame' => 'portrait']],
        ['frame' => $is('portrait')],
    ],
    // streaks, dark, fast
    'a car, a hint' => [
        'long',
        'car',
        ['motion' => ['speed_mps' => 40], 'intent' => ['style' => 'pan-blur', 'streak' => 'hint']] + $at(60),
        ['shutter_s' => ['min' => 1 / 500, 'max' => 1 / 200]],
    ],
    'a car, long lines' => [
        'long',
        'car',
        ['motion' => ['speed_mps' => 40], 'intent' => ['style' => 'pan-blur', 'streak' => 'long']] + $at(60),
        ['shutter_s' => ['min' => 1 / 125]],
    ],
    'a car, streaking in the dark' => [
        'long',
        'car',
        [
            'motion' => ['speed_mps' => 40],
            'light' => ['ev100' => -2],
            'iso_ceiling' => 400,
            'intent' => ['style' => 'pan-blur'],
        ] + $at(60),
        $steps('light'),
    ],
    '40 m/s at 8 m' => [
        'zoom',
        'motorbike',
        ['motion' => ['speed_mps' => 40, 'bearing_deg' => 90]] + $at(8),
        ['shutter_s' => ['max' => 1 / 2000], 'tuning.pace' => ['min' => 2]],
    ],
    'midday on snow, EV 17' => ['long', 'skier', $at(40) + ['light' => ['ev100' => 17]], ['iso' => ['max' => 800]]],
    // as sure as one wants to be
    'nearly all, in good light' => [
        'long',
        'seabird',
        ['sure' => 'nearly-all', 'light' => ['ev100' => 14]],
        ['shutter_s' => ['max' => 1 / 5000], 'odds.still' => ['min' => 0.93]],
    ],
    'half, in good light' => [
        'long',
        'seabird',
        ['sure' => 'half', 'light' => ['ev100' => 14]],
        ['shutter_s' => ['min' => 1 / 4000]],
    ],
    // every kind of body
    'three frames a second, 1/4000 at the most' => [
        'slow',
        'swift',
        ['motion' => ['pattern' => 'erratic']] + $at(15),
        ['shutter_s' => ['min' => 1 / 4000], 'drive.fps' => $is(3)],
    ],
    'a converter that doubles' => ['doubled', 'seabird', $at(60), ['f_number' => ['min' => 11]]],
    'a lens that begins at 6 m' => ['far', 'small-bird', $rests + $at(8), ['limiter_m.0' => $is(6)]],
    'one point and the whole frame, no dials' => [
        'plain',
        'seabird',
        [],
        ['area.pattern' => $is('whole-frame', 'single-point'), 'tuning.stay' => $is(null)],
    ],
    'a reflex on a wall-climber' => [
        'reflex',
        'gymnast',
        [
            'subject' => ['detail' => 'low'],
            'motion' => ['speed_mps' => 0.3, 'pattern' => 'steady', 'bearing_deg' => 90],
        ] + $at(25),
        ['area.place.y' => ['min' => 0.2, 'max' => 0.8]],
    ],
]);

it('tells the price of every school that steers', function (
    string $kind,
    array $rush,
    string $field,
    array $schools,
    string $price,
) {
    $document = Situations::document(
        Situations::rush($kind, $rush + ['photographer' => ['schools' => $schools]]),
        Situations::kit('long'),
    );
    $reason = array_column($document['reasons'], null, 'field')[$field];

    expect($reason['school'])->not->toBeNull()->and($reason['why'])->toMatch($price);
})->with([
    'smallest area' => [
        'seabird',
        ['clutter' => ['background' => 'busy']],
        'area.pattern',
        ['clutter' => 'smallest-area'],
        '/keeps the right thing .* %.*would keep it/',
    ],
    'lock-on' => [
        'waterfowl',
        ['motion' => ['speed_mps' => 0.5], 'clutter' => ['background' => 'moderate']],
        'area.pattern',
        ['clutter' => 'lock-on'],
        '/keeps the right thing .* %/',
    ],
    'one point in flight' => ['seabird', [], 'area.pattern', ['flight' => 'single-point'], '/would keep it/'],
    'one centre point' => ['dog', [], 'area.pattern', ['sport' => 'single-centre'], '/keeps the right thing/'],
    'by hand, always' => ['seabird', [], 'focus_mode', ['hand' => 'always'], '/Autofocus would keep it .* your hand/'],
    'responsive' => ['seabird', [], 'tuning.stay', ['tuning' => 'responsive'], '/level \d/'],
    'general' => ['seabird', ['motion' => ['pattern' => 'erratic']], 'tuning.pace', ['tuning' => 'general'], '/./'],
    'stabiliser off' => ['seabird', [], 'stabiliser', ['stabiliser' => 'off'], '/shake .* times as much/'],
    'one stop down' => ['seabird', [], 'f_number', ['aperture' => 'one-stop-down'], '/pays a stop of light/'],
]);

it('puts the area where its words say, whatever the rush', function () {
    $dice = Drawn::dice(31);
    $told = [];
    for ($turn = 0; $turn < 1500; $turn++) {
        $rush = Drawn::rush($dice);
        $rush['photographer']['schools'] = (array) $rush['photographer']['schools'];
        try {
            $plan = Planner::standard()->plan(Rush::fromArray($rush), Kit::fromArray(Drawn::kit($dice)));
        } catch (RushHold\Faults\Fault) {
            continue;
        }
        foreach ($plan->draft->reasons as $reason) {
            if ($reason->field !== 'area.place') {
                continue;
            }
            $told[$reason->code] = ($told[$reason->code] ?? 0) + 1;
            $pane = PlanDocument::pane($plan);
            [$x, $y, $w, $h] = array_values($pane['subject']);
            $left = $rush['intent']['entry'] === 'left';
            $way = match (true) {
                in_array($reason->code, ['rises', 'rises-short'], true) => [$y - $h / 2, 1 - $y - $h / 2],
                in_array($reason->code, ['comes-in', 'comes-in-short'], true) => $left
                    ? [1 - $x - $w / 2, $x - $w / 2]
                    : [$x - $w / 2, 1 - $x - $w / 2],
                default => null,
            };
            if ($way !== null) {
                expect($way[0])->toBeGreaterThan($way[1], json_encode([$reason, $rush]));
            }
            if (in_array($reason->code, ['rises', 'comes-in'], true)) {
                expect($reason->number('room_s'))->toBeGreaterThanOrEqual(0.998 * $reason->number('need_s'));
            }
            if ($reason->code === 'rises' && $reason->number('everywhere') === 0.0) {
                expect($plan->hold->place->y)->toBeGreaterThan(0.5);
            }
            // whatever does not fit still has its aim well inside
            if ($reason->code === 'larger') {
                expect(
                    min($pane['aim']['x'], $pane['aim']['y'], 1 - $pane['aim']['x'], 1 - $pane['aim']['y']),
                )->toBeGreaterThan(0.05, json_encode([$reason, $rush, $pane['aim']]));
            }
        }
    }
    expect(array_keys($told))->toContain('rises', 'rises-short', 'rises-full', 'comes-in', 'comes-in-short', 'larger');
});

it('never plans a slower burst for a faster one', function () {
    $last = INF;
    foreach ([0, 1, 2.9, 3.1, 6, 8, 12, 20] as $speed) {
        $document = Situations::document(
            Situations::rush('waterfowl', [
                'motion' => ['speed_mps' => $speed, 'pattern' => 'sudden'],
                'sure' => 'half',
            ]),
            Situations::kit('long'),
        );
        expect($document['hold']['shutter_s'])->toBeLessThanOrEqual($last);
        $last = $document['hold']['shutter_s'];
    }
});

it('shows as much as it can of what is hardly wider than the frame, with room before its front edge', function () {
    $plan = Situations::document(
        Situations::rush('car', [
            'motion' => ['speed_mps' => 40, 'bearing_deg' => 90],
            'distance' => ['near_m' => 8, 'work_m' => 8, 'far_m' => 40],
        ]),
        Situations::kit('zoom'),
    );
    $frame = array_column($plan['concessions'], null, 'step')['frame'];
    preg_match('/^(\d+) %/', $frame['what'], $share);

    expect((int) $share[1])
        ->toBeGreaterThan(70)
        ->and(abs($plan['pane']['aim']['x'] - 0.5))
        ->toBeGreaterThan(0.2)
        ->toBeLessThan(0.35);
});

it('turns the camera for what fits only upright, though it walks across', function () {
    $heron = ['light' => ['ev100' => 13], 'motion' => ['speed_mps' => 0.5, 'bearing_deg' => 70]];
    $near = Situations::document(Situations::rush('tall-wader', $heron), Situations::kit('long'));
    $far = Situations::document(
        Situations::rush('tall-wader', $heron + ['distance' => ['near_m' => 30, 'work_m' => 40, 'far_m' => 50]]),
        Situations::kit('long'),
    );

    expect($near['hold']['frame'])
        ->toBe('portrait')
        ->and(array_column($near['concessions'], 'step'))
        ->not->toContain('frame')
        ->and($far['hold']['frame'])
        ->toBe('landscape');
});

it('says first that frames will be too dark to use, whatever the focus does', function (float $ev100, bool $poor) {
    $odds = Situations::document(Situations::rush('owl', ['light' => ['ev100' => $ev100]]), Situations::kit('long'))[
        'odds'
    ];

    expect($odds['poor'])->toBe($poor)->and(str_starts_with($odds['words'], 'Every frame will be'))->toBe($poor);
})->with([[-6, true], [-2, true], [3, true], [6, false], [13, false]]);

it('takes a flower for what it is: it sways in its place, however its way is told', function (string $pattern) {
    $plan = Situations::document(
        Situations::rush('flower', [
            'motion' => ['pattern' => $pattern],
            'distance' => ['near_m' => 0.5, 'work_m' => 0.6, 'far_m' => 0.8],
        ]),
        Situations::kit('macro'),
    );

    expect($plan['hold']['stabiliser'])
        ->toBe('on')
        ->and($plan['hold']['drive']['burst'])
        ->toBe('short')
        ->and(implode(' ', array_column($plan['reasons'], 'why')))
        ->not->toContain('Your pan')
        ->not->toContain('the turn')
        ->and(implode(' ', array_merge(...array_values($plan['routine']))))
        ->not->toContain('Pick it up');
})->with(['steady', 'still', 'erratic', 'sudden']);

it('closes no lens for its own sake past the f-number where diffraction takes more than that gains', function () {
    $distance = ['distance' => ['near_m' => 80, 'work_m' => 100, 'far_m' => 150]];
    $doubled = Situations::document(Situations::rush('raptor', $distance), Situations::kit('doubled'));
    $zoom = Situations::document(Situations::rush('field-player', []), Situations::kit('zoom'));
    $why = array_column($doubled['reasons'], 'why', 'field')['f_number'];

    expect($doubled['hold']['f_number'])
        ->toEqualWithDelta(11.2, 0.3)
        ->and($why)
        ->toContain('diffraction')
        ->and($zoom['hold']['f_number'])
        ->toEqualWithDelta(4, 0.1);
});

it('counts one stop as one stop', function () {
    expect(Units::stops(1))
        ->toBe('1 stop')
        ->and(Units::stops(0.998))
        ->toBe('1 stop')
        ->and(Units::stops(1.42))
        ->toBe('1.4 stops')
        ->and(Units::stops(0.5))
        ->toBe('0.5 stops');
});
