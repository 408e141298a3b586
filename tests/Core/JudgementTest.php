<?php

declare(strict_types=1);

use RushHold\Rush\KindId;
use Tests\Support\Situations;

it('answers every shared situation as good practitioners would', function (array $case) {
    expect(Situations::objections(Situations::document($case['rush'], $case['kit']), $case['expect']))->toBe([]);
})->with(
    fn () => array_map(
        fn (array $case): array => [$case],
        array_column(
            json_decode((string) file_get_contents(__DIR__.'/cases/judgement.json'), true)['cases'],
            null,
            'id',
        ),
    ),
);

$still = ['motion' => ['speed_mps' => 0.1, 'pattern' => 'still', 'bearing_deg' => 90]];
$rests = ['motion' => ['speed_mps' => 0, 'pattern' => 'still', 'bearing_deg' => 90]];
$twigs = [
    'clutter' => ['foreground' => 'dense', 'background' => 'busy', 'background_gap_m' => 3, 'obstacle_width_m' => 0.01],
];
$by = fn (array $schools): array => ['photographer' => ['schools' => $schools]];
$is = fn (mixed ...$values): array => ['one_of' => $values];
$not = fn (mixed ...$values): array => ['none_of' => $values];

it('answers situations of every kind', function (string $kit, string $kind, array $rush, array $expect) {
    expect(
        Situations::objections(Situations::document(Situations::rush($kind, $rush), Situations::kit($kit)), $expect),
    )->toBe([]);
})->with([
    'small bird at a pool, clean' => [
        'long',
        'small-bird',
        $still + ['distance' => ['near_m' => 5, 'work_m' => 8, 'far_m' => 10]],
        ['aim' => $is('eye'), 'detection.eye' => $is(true), 'stabiliser' => $is('on'), 'drive.burst' => $is('short')],
    ],
    'small bird in twigs, smallest area' => [
        'long',
        'small-bird',
        $still +
        $twigs + ['distance' => ['near_m' => 5, 'work_m' => 8, 'far_m' => 10]] +
        $by(['clutter' => 'smallest-area']),
        ['area.pattern' => $is('spot', 'single-point', 'point-plus')],
    ],
    'small bird in twigs, lock-on' => [
        'long',
        'small-bird',
        $still + $twigs + ['distance' => ['near_m' => 5, 'work_m' => 8, 'far_m' => 10]] + $by(['clutter' => 'lock-on']),
        ['area.pattern' => $is('lock-on')],
    ],
    'seabird far over clean sky, long box' => [
        'long',
        'seabird',
        ['distance' => ['work_m' => 60, 'far_m' => 90]] + $by(['flight' => 'long-box']),
        ['area.pattern' => $is('zone-wide'), 'detection.eye' => $is(false), 'limiter_m.0' => $is(8)],
    ],
    'seabird near, large zone' => [
        'long',
        'seabird',
        $by(['flight' => 'large-zone']),
        ['area.pattern' => $is('zone-large'), 'focus_mode' => $is('continuous')],
    ],
    'seabird, single point' => [
        'long',
        'seabird',
        $by(['flight' => 'single-point']),
        ['area.pattern' => $is('single-point')],
    ],
    'raptor on a far post' => [
        'long',
        'raptor',
        $still + ['distance' => ['near_m' => 250, 'work_m' => 300, 'far_m' => 320]],
        [
            'aim' => $is('body', 'head'),
            'detection.eye' => $is(false),
            'focus_mode' => $is('single', 'single-with-override'),
        ],
    ],
    'swifts close and wild' => [
        'long',
        'swift',
        [
            'motion' => ['pattern' => 'erratic', 'bearing_deg' => 60],
            'distance' => ['near_m' => 8, 'work_m' => 14, 'far_m' => 30],
        ],
        [
            'area.pattern' => $not('spot', 'single-point', 'point-plus'),
            'tuning.pace' => ['min' => 1],
            'shutter_s' => ['max' => 0.0005],
        ],
    ],
    'wader flock in flight' => [
        'long',
        'wader',
        [
            'subject' => ['count' => 40, 'depth_spread_m' => 6],
            'distance' => ['near_m' => 60, 'work_m' => 80, 'far_m' => 120],
        ],
        ['focus_mode' => $is('continuous'), 'limiter_m.0' => $is(8)],
    ],
    'tall wader takes off, rising' => [
        'long',
        'tall-wader',
        [
            'motion' => ['speed_mps' => 6, 'pattern' => 'sudden'],
            'intent' => ['entry' => 'below'],
            'distance' => ['work_m' => 35],
        ],
        ['area.place.y' => ['min' => 0.55], 'tuning.stay' => ['max' => 1]],
    ],
    'waterfowl will land from the right' => [
        'long',
        'waterfowl',
        [
            'motion' => ['speed_mps' => 12, 'route' => 'known'],
            'intent' => ['follow' => 'whoever-enters', 'entry' => 'right'],
            'distance' => ['work_m' => 40],
        ],
        [
            'area.place.x' => ['min' => 0.52],
            'area.pattern' => $not('lock-on', 'spot', 'single-point'),
            'tuning.pick' => $is('nearest'),
        ],
    ],
    'owl before moving grass of its tone' => [
        'long',
        'owl',
        [
            'clutter' => [
                'background' => 'busy',
                'background_gap_m' => 4,
                'foliage_moving' => true,
                'separation' => 'similar',
            ],
        ],
        ['area.pattern' => $not('lock-on', 'whole-frame')],
    ],
    'small mammal in tall grass' => [
        'long',
        'small-mammal',
        $still + $twigs + ['distance' => ['near_m' => 5, 'work_m' => 7, 'far_m' => 9]],
        ['area.pattern' => $is('spot', 'single-point', 'point-plus'), 'detection.subject' => $is('animal')],
    ],
    'small mammal that may run, with the net' => [
        'long',
        'small-mammal',
        $still + $by(['auto_switch' => 'net']),
        ['focus_mode' => $is('auto-switch')],
    ],
    'hare across, behind posts' => [
        'long',
        'running-mammal',
        [
            'motion' => ['bearing_deg' => 90],
            'clutter' => ['foreground' => 'sparse', 'obstacle_width_m' => 0.15],
            'distance' => ['work_m' => 40, 'far_m' => 60],
        ],
        ['tuning.stay' => ['min' => 1], 'area.pattern' => $not('spot', 'whole-frame')],
    ],
    'deer standing among trunks' => [
        'long',
        'large-mammal',
        $still + [
            'clutter' => ['foreground' => 'sparse', 'background' => 'busy', 'background_gap_m' => 5],
            'distance' => ['near_m' => 30, 'work_m' => 40, 'far_m' => 60],
        ],
        [
            'area.pattern' => $not('whole-frame', 'lock-on', 'zone-large'),
            'focus_mode' => $not('continuous'),
            'stabiliser' => $is('on'),
        ],
    ],
    'dog straight at you' => [
        'zoom',
        'dog',
        [
            'motion' => ['bearing_deg' => 5, 'pattern' => 'accelerating', 'acceleration_mps2' => 2],
            'distance' => ['near_m' => 5, 'work_m' => 10, 'far_m' => 30],
        ],
        [
            'focus_mode' => $is('continuous'),
            'tuning.pace' => ['min' => 1],
            'detection.subject' => $is('animal'),
            'aim' => $is('eye', 'head'),
            'shutter_s' => ['max' => 0.0008],
        ],
    ],
    'insect at rest, close' => [
        'macro',
        'insect',
        $rests + [
            'distance' => ['near_m' => 0.35, 'work_m' => 0.4, 'far_m' => 0.5],
            'clutter' => ['foreground' => 'sparse', 'background' => 'busy', 'background_gap_m' => 0.5],
        ],
        [
            'focus_mode' => $is('single', 'single-with-override', 'manual'),
            'area.pattern' => $is('spot', 'single-point'),
            'detection.subject' => $is('none'),
            'limiter_m' => $is(null),
        ],
    ],
    'flower, no wind' => [
        'macro',
        'flower',
        $rests + ['distance' => ['near_m' => 0.4, 'work_m' => 0.6, 'far_m' => 1]],
        [
            'detection.subject' => $is('none'),
            'detection.eye' => $is(false),
            'drive.burst' => $is('single'),
            'aim' => $not('eye'),
        ],
    ],
    'horse over a fence' => [
        'zoom',
        'horse-rider',
        [
            'motion' => ['bearing_deg' => 45],
            'distance' => ['near_m' => 10, 'work_m' => 20, 'far_m' => 40],
            'clutter' => ['foreground' => 'sparse', 'obstacle_width_m' => 0.1],
        ],
        ['aim' => $is('helmet'), 'focus_mode' => $is('continuous'), 'area.pattern' => $not('whole-frame', 'spot')],
    ],
    'field player from behind' => [
        'zoom',
        'field-player',
        ['motion' => ['bearing_deg' => 165]],
        ['aim' => $is('back-number'), 'detection.eye' => $is(false)],
    ],
    'field player, single centre point' => [
        'zoom',
        'field-player',
        ['motion' => ['bearing_deg' => 40]] + $by(['sport' => 'single-centre']),
        ['area.pattern' => $is('single-point'), 'aim' => $is('chest')],
    ],
    'court player, face' => [
        'zoom',
        'court-player',
        ['motion' => ['bearing_deg' => 20, 'pattern' => 'stop-start'], 'light' => ['ev100' => 8]] +
        $by(['people' => 'face', 'sport' => 'zone']),
        [
            'aim' => $is('face'),
            'area.pattern' => $is('zone-small', 'zone-wide', 'zone-tall', 'zone-large'),
            'tuning.pace' => ['min' => 1],
        ],
    ],
    'racket player from above' => [
        'zoom',
        'racket-player',
        ['motion' => ['bearing_deg' => 90, 'pattern' => 'stop-start']],
        ['aim' => $is('head'), 'focus_mode' => $is('continuous')],
    ],
    'swing player addresses the ball' => [
        'zoom',
        'swing-player',
        ['motion' => ['speed_mps' => 0, 'pattern' => 'still']],
        ['focus_mode' => $is('single', 'single-with-override'), 'aim' => $is('face')],
    ],
    'runner in a pack' => [
        'zoom',
        'runner',
        [
            'subject' => ['count' => 20],
            'motion' => ['bearing_deg' => 15],
            'clutter' => ['crossers' => 'occasional', 'obstacle_width_m' => 0.5],
            'distance' => ['near_m' => 10, 'work_m' => 20, 'far_m' => 40],
        ],
        ['area.pattern' => $not('whole-frame', 'zone-large'), 'aim' => $is('chest'), 'tuning.stay' => ['min' => 2]],
    ],
    'swimmer towards you in a dim hall' => [
        'zoom',
        'swimmer',
        [
            'subject' => ['detail' => 'high'],
            'motion' => ['bearing_deg' => 5, 'pattern' => 'stop-start'],
            'light' => ['ev100' => 7],
        ],
        ['aim' => $is('face'), 'focus_mode' => $is('continuous'), 'iso' => ['min' => 800]],
    ],
    'diver turning over' => [
        'zoom',
        'diver',
        ['motion' => ['pattern' => 'accelerating', 'acceleration_mps2' => 9.8, 'bearing_deg' => 90]],
        ['aim' => $is('body'), 'focus_mode' => $is('continuous'), 'area.pattern' => $not('spot')],
    ],
    'gymnast' => [
        'zoom',
        'gymnast',
        [
            'motion' => ['pattern' => 'stop-start'],
            'clutter' => ['background' => 'busy', 'background_gap_m' => 10],
            'light' => ['ev100' => 7],
        ],
        ['aim' => $is('body'), 'detection.subject' => $is('person')],
    ],
    'skier through gates' => [
        'long',
        'skier',
        [
            'motion' => ['bearing_deg' => 30],
            'clutter' => ['foreground' => 'sparse', 'obstacle_width_m' => 0.03],
            'distance' => ['near_m' => 20, 'work_m' => 40, 'far_m' => 80],
        ],
        ['aim' => $is('helmet'), 'tuning.stay' => ['min' => 1], 'shutter_s' => ['max' => 0.001]],
    ],
    'paddler, sticky school' => [
        'zoom',
        'paddler',
        $by(['tuning' => 'sticky']),
        ['tuning.stay' => ['min' => 3], 'aim' => $is('helmet')],
    ],
    'cyclist with the background streaking' => [
        'zoom',
        'cyclist',
        ['intent' => ['style' => 'pan-blur']],
        ['shutter_s' => ['min' => 0.004], 'stabiliser' => $is('panning')],
    ],
    'cyclist, stabiliser off' => ['zoom', 'cyclist', $by(['stabiliser' => 'off']), ['stabiliser' => $is('off')]],
    'motorbike past, not panned' => [
        'zoom',
        'motorbike',
        ['photographer' => ['panning' => false]],
        ['stabiliser' => $is('on'), 'aim' => $is('helmet')],
    ],
    'car coming on' => [
        'long',
        'car',
        ['motion' => ['bearing_deg' => 20], 'distance' => ['near_m' => 60, 'work_m' => 120, 'far_m' => 300]],
        ['aim' => $is('leading-edge'), 'detection.subject' => $is('vehicle'), 'detection.eye' => $is(false)],
    ],
    'aircraft far off' => [
        'long',
        'aircraft',
        ['distance' => ['near_m' => 300, 'work_m' => 600, 'far_m' => 2000]],
        ['aim' => $is('leading-edge'), 'area.pattern' => $not('spot'), 'limiter_m.0' => $is(8)],
    ],
    'sailing boat on a reach' => [
        'long',
        'boat',
        ['motion' => ['speed_mps' => 5], 'distance' => ['near_m' => 60, 'work_m' => 120, 'far_m' => 300]],
        ['aim' => $is('leading-edge'), 'detection.subject' => $is('vehicle'), 'detection.eye' => $is(false)],
    ],
    'child running up' => [
        'long',
        'person',
        [
            'subject' => ['length_m' => 1.1],
            'motion' => ['speed_mps' => 2.5, 'bearing_deg' => 10],
            'distance' => ['near_m' => 8, 'work_m' => 15, 'far_m' => 30],
        ],
        ['aim' => $is('face', 'eye'), 'detection.subject' => $is('person'), 'tuning.pace' => $not(2)],
    ],
    'first month, one button' => [
        'long',
        'seabird',
        ['photographer' => ['skill' => 'new'], 'distance' => ['work_m' => 30]],
        ['scheme' => $is('shutter'), 'area.pattern' => $is('whole-frame', 'zone-large')],
    ],
    'three buttons by school' => [
        'long',
        'seabird',
        $by(['button' => 'three-buttons']),
        ['scheme' => $is('three-buttons')],
    ],
    'general tuning by school' => [
        'long',
        'seabird',
        $by(['tuning' => 'general']),
        ['tuning.stay' => $is(2), 'tuning.pace' => $is(1), 'tuning.pick' => $is('auto')],
    ],
    'a body without dials or detection' => [
        'plain',
        'seabird',
        [],
        [
            'tuning.stay' => $is(null),
            'tuning.pace' => $is(null),
            'tuning.pick' => $is(null),
            'detection.subject' => $is('none'),
            'stabiliser' => $is('off'),
            'area.pattern' => $is('single-point', 'whole-frame'),
        ],
    ],
    'a line-sensor body, plain bird' => [
        'reflex',
        'waterfowl',
        ['subject' => ['detail' => 'low'], 'motion' => ['speed_mps' => 1]],
        ['aim' => $is('edge'), 'area.place.x' => ['min' => 0.3, 'max' => 0.7]],
    ],
    'a reflex body that lost its outer points' => [
        'reflex with converter',
        'seabird',
        ['intent' => ['entry' => 'left'], 'distance' => ['work_m' => 40]],
        ['area.place.x' => ['min' => 0.35, 'max' => 0.65], 'f_number' => ['min' => 11]],
    ],
    'nearer than the limiter' => [
        'long',
        'seabird',
        ['distance' => ['near_m' => 5, 'work_m' => 18, 'far_m' => 40]],
        ['limiter_m.0' => $is(3.6)],
    ],
]);

it('knows a situation of its own for every kind in the catalogue', function () {
    $text = (string) file_get_contents(__FILE__);
    foreach (KindId::cases() as $kind) {
        expect($text)->toContain("'{$kind->value}',");
    }
});
