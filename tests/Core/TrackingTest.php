<?php

declare(strict_types=1);

use RushHold\Hold\Aim;
use RushHold\Hold\Burst;
use RushHold\Hold\Pick;
use RushHold\Planning\Reason;
use Tests\Support\Documents;

/** The numbers a chooser gave with its reason. */
function told(array $rush, string $field, array $kit = []): array
{
    $reasons = array_filter(
        Documents::plan($rush, $kit)->draft->reasons,
        fn (Reason $reason): bool => $reason->field === $field,
    );

    return array_values($reasons)[0]->numbers;
}

function held(array $rush, array $kit = []): RushHold\Hold\Hold
{
    return Documents::plan($rush, $kit)->hold;
}

it('reckons how long a post hides the patch: (w/d + z/s)/Ω with the margin', function () {
    $rush = [
        'motion' => ['speed_mps' => 9, 'bearing_deg' => 90],
        'distance' => ['work_m' => 20],
        'clutter' => ['foreground' => 'sparse', 'obstacle_width_m' => 0.12, 'obstacle_distance_m' => 8],
    ];
    $patch = 0.36 * 0.25;

    expect(told($rush, 'tuning.stay')['hidden_s'])->toBeTo(((0.12 / 8 + $patch / 20) / (9 / 20)) * 1.2);
});

it('takes the lowest level that waits longer than that', function (float $width, int $level) {
    expect(
        held(
            [
                'motion' => ['speed_mps' => 9, 'bearing_deg' => 90],
                'distance' => ['work_m' => 20],
                'photographer' => ['support' => 'locked', 'skill' => 'expert'],
                'clutter' => ['foreground' => 'sparse', 'obstacle_width_m' => $width, 'obstacle_distance_m' => 10],
            ],
            ['body' => ['areas' => ['whole-frame']]],
        )->stay,
    )->toBe($level);
})->with([[0.1, 1], [0.8, 2], [2.0, 3], [4.0, 4], [50.0, 4]]);

it('says when even the highest level is too short', function () {
    $plan = Documents::plan(['clutter' => ['foreground' => 'sparse', 'obstacle_width_m' => 60]]);
    $why = array_column(Documents::written($plan)['reasons'], 'why', 'field')['tuning.stay'];

    expect($why)->toContain('even the highest level waits only 1.2 s');
});

it('waits no longer than whoever wants the next one can wait, and says the conflict', function () {
    $hidden = ['clutter' => ['crossers' => 'frequent', 'obstacle_width_m' => 2]];
    $enters = Documents::plan($hidden + ['intent' => ['follow' => 'whoever-enters']]);

    expect($enters->hold->stay)
        ->toBe(1)
        ->and(array_column(Documents::written($enters)['reasons'], 'why', 'field')['tuning.stay'])
        ->toContain('expect to lose it behind things')
        ->and(held($hidden + ['intent' => ['follow' => 'nearest']])->stay)
        ->toBe(2)
        ->and(held($hidden)->stay)
        ->toBeGreaterThan(2)
        ->and(held($hidden + ['motion' => ['pattern' => 'sudden']])->stay)
        ->toBe(1);
});

it('sets pace by the drift over the look ahead against the half depth, where it is nearest', function () {
    $numbers = told(
        ['motion' => ['speed_mps' => 9, 'bearing_deg' => 90], 'distance' => ['near_m' => 12, 'work_m' => 18]],
        'tuning.pace',
    );

    expect($numbers['change_mps2'])
        ->toBeTo(81 / 12)
        ->and($numbers['drift_m'])
        ->toBeTo(0.5 * (81 / 12) * 0.25 ** 2);
});

it('counts braking and going again as twice the change', function () {
    $change = fn (string $pattern): float => told(
        ['motion' => ['pattern' => $pattern, 'bearing_deg' => 0, 'acceleration_mps2' => 9]],
        'tuning.pace',
    )['change_mps2'];

    expect($change('accelerating'))->toBeTo(9.0)->and($change('stop-start'))->toBeTo(18.0);
});

it('picks by intent', function (array $rush, Pick $pick) {
    expect(held($rush, ['body' => ['areas' => ['zone-large']]])->pick)->toBe($pick);
})->with([
    'one' => [[], Pick::Auto],
    'the leader' => [['intent' => ['follow' => 'nearest']], Pick::Nearest],
    'whoever comes' => [['intent' => ['follow' => 'whoever-enters']], Pick::Nearest],
    'one of many' => [['subject' => ['count' => 5]], Pick::Centre],
    'left general by school' => [
        ['intent' => ['follow' => 'nearest'], 'photographer' => ['schools' => ['tuning' => 'general']]],
        Pick::Auto,
    ],
]);

it('aims at what shows', function (array $rush, Aim $aim) {
    expect(held($rush)->aim)->toBe($aim);
})->with([
    'an eye' => [[], Aim::Eye],
    'a back' => [['motion' => ['bearing_deg' => 170]], Aim::Body],
    'a head too far for its eye' => [['distance' => ['work_m' => 150, 'far_m' => 200]], Aim::Head],
    'a speck' => [['distance' => ['work_m' => 900, 'far_m' => 900]], Aim::Body],
    'an edge' => [['subject' => ['detail' => 'low']], Aim::Edge],
]);

it('bursts as the moment asks', function (array $rush, Burst $burst) {
    expect(held($rush)->burst)->toBe($burst);
})->with([
    'a pass' => [[], Burst::Short],
    'without warning' => [['motion' => ['pattern' => 'sudden']], Burst::Long],
    'a fidget' => [['motion' => ['pattern' => 'still', 'speed_mps' => 0.1]], Burst::Short],
    'alive, at rest' => [['motion' => ['pattern' => 'still', 'speed_mps' => 0]], Burst::Short],
    'a machine at rest' => [
        ['subject' => ['kind' => 'car'], 'motion' => ['pattern' => 'still', 'speed_mps' => 0]],
        Burst::Single,
    ],
]);

it('takes the narrowest limiter range that leaves nothing out', function (array $ranges, ?array $chosen) {
    expect(
        held(['distance' => ['near_m' => 10, 'work_m' => 18, 'far_m' => 40]], ['lens' => ['limiter_m' => $ranges]])
            ->limiterM,
    )->toBe($chosen);
})->with([
    'full or far' => [[[3.6, null], [8, null]], [8.0, null]],
    'a middle range too' => [[[3.6, null], [8, null], [9, 60]], [9.0, 60.0]],
    'too near an end' => [[[3.6, null], [3.6, 15]], [3.6, null]],
    'none takes in all, so it is left at full' => [[[12, 30], [14, 25]], null],
    'none at all' => [[[100, null]], null],
    'no limiter' => [[], null],
]);
