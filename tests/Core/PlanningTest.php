<?php

declare(strict_types=1);

use App\Documents\SchemaChecker;
use RushHold\Assumptions\Assumptions;
use RushHold\Faults\SubjectInsideClosestFocus;
use RushHold\Hold\HoldFields;
use RushHold\Hold\ManualTechnique;
use RushHold\Hold\StabiliserUse;
use RushHold\Kit\AfArea;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Kit;
use RushHold\Optics\Exposure;
use RushHold\Optics\SharpnessStandard;
use RushHold\Planning\AreaScorer;
use RushHold\Planning\Between;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rush\Catalogue;
use RushHold\Rush\KindId;
use RushHold\Wording\Units;
use Tests\Support\Documents;

function plan(array $rush = [], array $kit = []): Plan
{
    return Documents::plan($rush, $kit);
}

/** @return list<string> */
function steps(Plan $plan): array
{
    return array_map(fn ($concession) => $concession->step, $plan->draft->concessions);
}

it('plans the terns as an arithmetic a photographer can check', function () {
    // in the usual frame: spare light would buy more
    $plan = plan(['sure' => 'half']);
    $blur = $plan->blur;
    $m = 500 / 17500;
    $residual = hypot(9 * sin(deg2rad(70)) * 0.15, 0.08 * 9);

    expect($plan->settings->shutterS)
        ->toBe(1 / 3200)
        ->and($plan->settings->fNumber)
        ->toBe(5.6)
        ->and($plan->settings->iso)
        ->toBe(1250)
        ->and($plan->draft->focusMode)
        ->toBe(FocusMode::Continuous)
        ->and($blur->motionMm)
        ->toBeTo(($m * $residual * 1000) / 3200)
        ->and($blur->shakeMm)
        ->toBeTo((500 * 0.03) / 16 / 3200)
        ->and($blur->totalMm())
        ->toBeLessThan($blur->limitMm)
        ->and($plan->settings->exactIso)
        ->toBeTo(Exposure::iso(13, 5.6, 1 / 3200))
        ->and($plan->subjectFraction())
        ->toBeTo((0.36 * 1000 * $m) / 36)
        ->and(steps($plan))
        ->toBe([]);
});

it('stays within the limit exactly as far as the shutter it calls required', function () {
    $plan = plan();
    $at = fn (float $t): float => $plan->frameBlur
        ->budget($plan->settings->fNumber, $t, SharpnessStandard::Detail)
        ->used();

    expect($at($plan->settings->requiredShutterS))
        ->toBeTo(1.0)
        ->and($at($plan->settings->requiredShutterS * 1.01))
        ->toBeGreaterThan(1.0);
});

it('never allows a longer shutter at twice the speed', function (string $kind, float $bearing, string $pattern) {
    $last = INF;
    foreach ([0, 0.5, 1, 2, 4, 8, 16, 32] as $speed) {
        $shutter = plan([
            'subject' => ['kind' => $kind],
            'motion' => ['speed_mps' => $speed, 'bearing_deg' => $bearing, 'pattern' => $pattern],
            'light' => ['ev100' => 4],
            'iso_ceiling' => 3276800,
        ])->settings->shutterS;
        expect($shutter)->toBeLessThanOrEqual($last);
        $last = $shutter;
    }
})->with([
    ['seabird', 70, 'steady'],
    ['running-mammal', 5, 'accelerating'],
    ['car', 90, 'stop-start'],
    ['paddler', 120, 'erratic'],
]);

it('never asks for a faster shutter from a steadier support, nor for more ISO in more light', function () {
    $slow = fn (string $support): float => plan(
        [
            'motion' => ['speed_mps' => 0, 'pattern' => 'still'],
            'photographer' => ['support' => $support],
            'light' => ['ev100' => 2],
            'iso_ceiling' => 3276800,
        ],
        ['lens' => ['stabiliser_stops' => 0]],
    )->settings->shutterS;
    expect([$slow('handheld'), $slow('braced'), $slow('monopod'), $slow('gimbal'), $slow('locked')])->toBe(
        (function (array $all) {
            sort($all);

            return $all;
        })([$slow('handheld'), $slow('braced'), $slow('monopod'), $slow('gimbal'), $slow('locked')]),
    );

    $last = INF;
    foreach (range(-6, 20) as $ev) {
        $iso = plan(['light' => ['ev100' => $ev]])->settings->iso;
        expect($iso)->toBeLessThanOrEqual($last);
        $last = $iso;
    }
});

it('gives way in the stated order when light runs short', function () {
    $zoom = [
        'lens' => [
            'focal_mm' => 400,
            'focal_min_mm' => 150,
            'focal_max_mm' => 400,
            'widest_f' => 4,
            'zoom' => true,
        ],
    ];
    $at = fn (float $ev): Plan => plan(
        [
            'light' => ['ev100' => $ev],
            'standard' => 'pixel',
            'motion' => ['speed_mps' => 12, 'bearing_deg' => 80],
            'photographer' => ['panning' => false],
        ],
        $zoom,
    );

    expect(steps($at(17)))->not->toContain('light');
    $dark = $at(7);
    expect(steps($dark))
        ->toBe(['aperture', 'standard', 'standard', 'shutter', 'light'])
        ->and($dark->settings->fNumber)
        ->toBe(4.0)
        ->and($dark->settings->standard)
        ->toBe(SharpnessStandard::Share)
        ->and($dark->settings->shutterS)
        ->toBe(1 / 4000)
        ->and($dark->settings->iso)
        ->toBe(6400)
        ->and($dark->settings->shortfallStops)
        ->toBeTo(log($dark->settings->exactIso / 6400, 2));
    // and gives away no more than the light asks for
    foreach ([14, 13, 12, 11, 10] as $ev) {
        $plan = $at($ev);
        if ($plan->settings->shortfallStops === 0.0 && steps($plan) !== [] && ! in_array('limit', steps($plan), true)) {
            expect($plan->settings->exactIso)->toBeGreaterThan(6400 / 1.6);
        }
    }
});

it('says when nothing the camera has is enough', function () {
    $shutter = plan([
        'motion' => ['speed_mps' => 25, 'pattern' => 'erratic'],
        'distance' => ['near_m' => 5, 'work_m' => 8, 'far_m' => 20],
        'photographer' => ['panning' => false],
        'iso_ceiling' => 25600,
        'light' => ['ev100' => 15],
    ]);
    expect($shutter->settings->shutterS)->toBe(0.000125)->and($shutter->blur->used())->toBeGreaterThan(1.0);

    $bright = plan(
        ['light' => ['ev100' => 20], 'motion' => ['speed_mps' => 0, 'pattern' => 'still']],
        ['body' => ['shortest_shutter_s' => 0.001]],
    );
    expect($bright->settings->fNumber)->toBeGreaterThan(5.6)->and($bright->settings->iso)->toBe(100);

    $blinding = plan(
        ['light' => ['ev100' => 20], 'motion' => ['speed_mps' => 0, 'pattern' => 'still']],
        ['body' => ['shortest_shutter_s' => 0.004]],
    );
    expect(steps($blinding))->toContain('overexposure');
});

it('tells what light is missing for a streaking background as for a frozen one', function () {
    $dark = ['light' => ['ev100' => -2], 'iso_ceiling' => 400];
    foreach (['pan-blur', 'freeze'] as $style) {
        $plan = plan($dark + ['intent' => ['style' => $style]]);
        $light = array_values(array_filter($plan->draft->concessions, fn ($one): bool => $one->step === 'light'));
        expect($light)
            ->toHaveCount(1, $style)
            ->and($light[0]->costStops)
            ->toBe($plan->settings->shortfallStops)
            ->toBeGreaterThan(2.0);
    }
    $bright = plan(
        ['light' => ['ev100' => 20], 'intent' => ['style' => 'pan-blur']],
        ['body' => ['shortest_shutter_s' => 0.004]],
    );
    expect(steps($bright))->toContain('overexposure');
});

it('stops down for a deep group, and tells what it cannot hold', function () {
    $group = [
        'subject' => ['kind' => 'wader', 'length_m' => 0.25, 'count' => 3, 'depth_spread_m' => 0.9],
        'motion' => ['speed_mps' => 0.1, 'bearing_deg' => 90, 'pattern' => 'still'],
        'distance' => ['near_m' => 17, 'work_m' => 18, 'far_m' => 19],
        'light' => ['ev100' => 14],
    ];
    $plan = plan($group);

    expect($plan->settings->fNumber)
        ->toBeGreaterThanOrEqual(11.0)
        ->and(steps($plan))
        ->toContain('standard')
        ->and($plan->frameBlur->groupFocusM())
        ->toBeTo((2 * 17.55 * 18.45) / 36);
    expect(steps(plan(array_replace_recursive($group, ['subject' => ['depth_spread_m' => 8]]))))
        ->toContain('depth')
        ->and(plan(array_replace_recursive($group, ['subject' => ['depth_spread_m' => 0]]))->settings->fNumber)
        ->toBe(5.6);
});

it('counts the limbs only when they are to be frozen', function () {
    expect(plan(['intent' => ['limbs' => 'freeze']])->situation->residual->totalMps())->toBeTo(
        hypot(plan()->situation->residual->totalMps(), 6.0),
    );
});

it('slows the shutter for a streaking background, and never where nothing can streak', function () {
    $streak = plan(['intent' => ['style' => 'pan-blur'], 'light' => ['ev100' => 12]]);
    $rate = (500 * 9 * sin(deg2rad(70))) / 18;

    expect($streak->settings->shutterS * $rate)
        ->toBeGreaterThan(0.06 * 36 * 0.75)
        ->toBeLessThanOrEqual(0.06 * 36 * 1.001)
        ->and(plan(['intent' => ['style' => 'pan-blur'], 'motion' => ['bearing_deg' => 0]])->settings->shutterS)
        ->toBeLessThan(1 / 500)
        ->and(plan(['intent' => ['style' => 'pan-blur'], 'photographer' => ['panning' => false]])->settings->shutterS)
        ->toBeLessThan(1 / 500);
});

it('carries a converter through focal length and aperture', function () {
    $plan = plan([], ['converter' => 1.4]);

    expect($plan->situation->kit->focalMm())
        ->toBeTo(700.0)
        ->and($plan->settings->fNumber)
        ->toBeGreaterThanOrEqual(8.0)
        ->and($plan->situation->magnification)
        ->toBeTo(700 / 17300);
});

it('opens wide or one stop down by school', function () {
    $with = fn (array $schools, array $kit = []): float => plan(['photographer' => ['schools' => $schools]], $kit)
        ->settings->fNumber;

    expect($with(['aperture' => 'wide-open']))
        ->toBe(5.6)
        ->and($with(['aperture' => 'one-stop-down']))
        ->toBe(8.0)
        ->and($with(['aperture' => 'wide-open'], ['converter' => 2.0]))
        ->toBe(11.0);
});

it('chooses how to focus', function (array $rush, array $kit, FocusMode $mode, ?ManualTechnique $technique) {
    $plan = plan($rush, $kit);

    expect($plan->draft->focusMode)->toBe($mode)->and($plan->draft->technique)->toBe($technique);
})->with([
    'a mover' => [[], [], FocusMode::Continuous, null],
    'a far glide too' => [
        [
            'motion' => ['speed_mps' => 8, 'bearing_deg' => 90],
            'distance' => ['work_m' => 300, 'far_m' => 400],
        ],
        [],
        FocusMode::Continuous,
        null,
    ],
    'what sits' => [['motion' => ['speed_mps' => 0, 'pattern' => 'still']], [], FocusMode::Single, null],
    'what sits behind stems' => [
        ['motion' => ['speed_mps' => 0, 'pattern' => 'still'], 'clutter' => ['foreground' => 'dense']],
        [],
        FocusMode::SingleWithOverride,
        null,
    ],
    'what fidgets out of the depth' => [
        [
            'motion' => ['speed_mps' => 0.4, 'pattern' => 'still'],
            'distance' => ['near_m' => 5, 'work_m' => 6, 'far_m' => 9],
        ],
        [],
        FocusMode::Continuous,
        null,
    ],
    'a body without continuous' => [
        [],
        ['body' => ['modes' => ['single', 'manual']]],
        FocusMode::Manual,
        ManualTechnique::Follow,
    ],
    'by hand, a known way' => [
        [
            'motion' => ['route' => 'known'],
            'clutter' => ['foreground' => 'dense'],
            'photographer' => ['schools' => ['clutter' => 'manual']],
        ],
        [],
        FocusMode::Manual,
        ManualTechnique::Trap,
    ],
    'by hand, without warning' => [
        [
            'motion' => ['pattern' => 'sudden'],
            'clutter' => ['foreground' => 'dense'],
            'photographer' => ['schools' => ['clutter' => 'manual']],
        ],
        [],
        FocusMode::Manual,
        ManualTechnique::Pull,
    ],
    'by hand, slow' => [
        [
            'motion' => ['speed_mps' => 0.5],
            'clutter' => ['foreground' => 'dense'],
            'photographer' => ['schools' => ['clutter' => 'manual']],
        ],
        [],
        FocusMode::Manual,
        ManualTechnique::Follow,
    ],
    'the hand only where there is clutter' => [
        ['photographer' => ['schools' => ['clutter' => 'manual']]],
        [],
        FocusMode::Continuous,
        null,
    ],
]);

it('sets the stabiliser', function (array $rush, array $kit, StabiliserUse $use) {
    expect(plan($rush, $kit)->draft->stabiliser)->toBe($use);
})->with([
    [[], [], StabiliserUse::Panning],
    [['photographer' => ['panning' => false]], [], StabiliserUse::On],
    [['motion' => ['pattern' => 'still']], [], StabiliserUse::On],
    [['photographer' => ['schools' => ['stabiliser' => 'off']]], [], StabiliserUse::Off],
    [[], ['lens' => ['stabiliser_stops' => 0]], StabiliserUse::Off],
]);

it('refuses a subject nearer than the lens can focus', function () {
    expect(fn () => plan(['distance' => ['near_m' => 1, 'work_m' => 1.1]]))->toThrow(
        SubjectInsideClosestFocus::class,
        'no closer than 3.6 m',
    );
});

it('plans every kind, sensor, focal length and light without a gap, and writes valid documents', function () {
    $checker = new SchemaChecker(__DIR__.'/../../schemas');
    $sensors = [[13.2, 8.8, 5472], [23.5, 15.6, 6192], [36, 24, 8256], [53.4, 40, 11648]];
    foreach (KindId::cases() as $at => $id) {
        $kind = Catalogue::kind($id);
        foreach ([10, 85, 400, 1200] as $by => $focal) {
            [$width, $height, $pixels] = $sensors[($at + $by) % 4];
            $ev = [-6, 5, 13, 20][($at + $by * 3) % 4];
            $speed = [0, $kind->speedMps->typical, $kind->speedMps->most][($at + $by) % 3];
            $plan = plan(
                [
                    'subject' => ['kind' => $id->value, 'length_m' => $kind->lengthM->typical],
                    'motion' => ['speed_mps' => $speed, 'bearing_deg' => [0, 45, 90, 180][$by]],
                    'light' => ['ev100' => $ev],
                    'distance' => ['near_m' => 5, 'work_m' => 9, 'far_m' => 20000],
                    'standard' => ['share', 'detail', 'pixel'][$at % 3],
                ],
                [
                    'body' => [
                        'sensor_width_mm' => $width,
                        'sensor_height_mm' => $height,
                        'pixels_wide' => $pixels,
                    ],
                    'lens' => [
                        'focal_mm' => $focal,
                        'focal_min_mm' => $focal,
                        'focal_max_mm' => $focal,
                        'closest_m' => 3.6,
                    ],
                ],
            );
            $document = Documents::written($plan);
            $checker->read((string) json_encode($document), 'plan');
            expect(array_diff(array_keys(HoldFields::FIELDS), array_column($document['reasons'], 'field')))->toBe([]);
            $endless = 0;
            array_walk_recursive($document, function ($value) use (&$endless) {
                $endless += is_float($value) && ! is_finite($value) ? 1 : 0;
            });
            expect($endless)->toBe(0);
        }
    }
});

it('gives the same plan for the same input, and reads its own numbers in either unit', function () {
    $rush = Documents::rushOf();
    $kit = Kit::fromArray(kit());
    $metric = Documents::written(Planner::standard()->plan($rush, $kit));
    $imperial = Documents::written(Planner::standard()->plan($rush, $kit), Units::Imperial);

    expect(Documents::written(Planner::standard()->plan($rush, $kit)))
        ->toEqual($metric)
        ->and($imperial['hold'])
        ->toBe($metric['hold'])
        ->and(json_encode($imperial['reasons']))
        ->toContain('mph')
        ->not->toContain(' m\/s');
});

it('lets a person replace an assumed figure, and says so', function () {
    $steadier = Planner::standard()->plan(
        Documents::rushOf(),
        Kit::fromArray(kit()),
        Assumptions::with(['panning.settled' => 0.95]),
    );
    $listed = array_column(Documents::written($steadier)['assumptions'], null, 'name');

    expect($steadier->settings->shutterS)
        ->toBeGreaterThan(plan()->settings->shutterS)
        ->and($listed['panning.settled']['value'])
        ->toBe(0.95)
        ->and($listed['panning.settled']['default'])
        ->toBe(0.85);
});

it('explains every figure of a plan with numbers that give its result', function () {
    $workings = array_column(Documents::written(plan())['workings'], null, 'figure');
    $value = fn (string $figure, int $at) => $workings[$figure]['inputs'][$at]['value'];

    expect($workings['blur_mm.motion']['result'])
        ->toBeTo($value('blur_mm.motion', 0) * $value('blur_mm.motion', 1) * 1000 * $value('blur_mm.motion', 2))
        ->and($workings['iso']['result'])
        ->toBeTo((100 * $value('iso', 0) ** 2) / ($value('iso', 1) * 2 ** $value('iso', 2)))
        ->and($workings['depth']['result'])
        ->toBeTo(plan()->depth->depthM());
    foreach ($workings as $working) {
        expect($working['formula'])
            ->not->toBe('')
            ->and($working['source'])
            ->not->toBe('')
            ->and($working['inputs'])
            ->not->toBe([]);
    }
});

it('carries the cautions a rush calls for', function () {
    $cautions = fn (array $rush): string => implode(' ', Documents::written(plan($rush))['cautions']);

    expect($cautions([]))
        ->toContain('too close')
        ->and($cautions(['subject' => ['kind' => 'motorbike']]))
        ->toContain('barriers')
        ->and($cautions(['subject' => ['kind' => 'dog']]))
        ->toContain('handler')
        ->and($cautions(['subject' => ['kind' => 'paddler']]))
        ->toContain('Wet rock')
        ->and($cautions(['light' => ['direction' => 'back']]))
        ->toContain('sun');
});

it('lets what stands in front keep the focus until a gap is as long as the wait', function () {
    // 12 cm reeds at 15 m, one to a frame; 4 cm of a bird that crosses at 20 m
    $between = static function (float $speedMps, float $waitS): Between {
        $plan = plan([
            'motion' => ['speed_mps' => $speedMps, 'bearing_deg' => 90],
            'distance' => ['near_m' => 18, 'work_m' => 20, 'far_m' => 24],
            'clutter' => ['foreground' => 'sparse', 'obstacle_width_m' => 0.12, 'obstacle_distance_m' => 15],
        ]);

        $point = (new AreaScorer($plan->situation))->of(AfArea::SinglePoint);

        return Between::of($plan->situation, $point, $waitS, 3.0);
    };
    $slow = $between(0.4, 1.2);
    $quick = $between(12.0, 0.1);

    // 36 mm before 500 mm see 1.404 m at 20 m
    expect($slow->everyS)
        ->toBeTo(1.404 / 0.4, 4)
        ->and($slow->hiddenShare)
        ->toBeGreaterThan(0.11)
        ->and($between(0.4, 0.0)->sticksS)
        ->toBeLessThan(0.02)
        ->and($slow->sticksS)
        ->toBeGreaterThan(1.2)
        ->and($between(0.4, 9.0)->sticksS)
        ->toBe(3.0) // for as long as the pass lasts
        ->and($quick->sticksS)
        ->toBeGreaterThan(0.1)
        ->toBeLessThan($quick->everyS + 0.1)
        ->and($between(0.0, 1.2)->underShare)
        ->toBe(0.0) // whoever photographs what sits has found a gap
        ->and($between(0.0, 1.2)->getsIn(0.5))
        ->toBe(0.0)
        ->and($slow->getsIn(0.2))
        ->toBeGreaterThan($slow->hiddenShare)
        ->toBeLessThan(1.0);
});
