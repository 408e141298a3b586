<?php

declare(strict_types=1);

use RushHold\Rush\Schools;
use Tests\Support\Documents;
use Tests\Support\People;

beforeEach(function () {
    $this->user = People::someone();
    $this->actingAs($this->user);
    $this->rush = People::rushOf($this->user);
    $this->path = "/api/rushes/{$this->rush->id}";
});

it('maps the answer over distance and speed', function () {
    $map = $this->getJson("{$this->path}/map")
        ->assertOk()
        ->json();

    expect($map['cells'])
        ->toHaveCount(count($map['speeds_mps']))
        ->and($map['cells'][0])
        ->toHaveCount(count($map['distances_m']))
        ->and(array_keys(array_values(array_filter($map['cells'][0]))[0]))
        ->toContain('area', 'shutter_s', 'score');
});

it('compares every school on the rush', function () {
    $questions = $this->getJson("{$this->path}/schools")
        ->assertOk()
        ->json('questions');

    expect(array_column($questions, 'question'))
        ->toBe(array_keys(Schools::answers()))
        ->and(array_column($questions[0]['answers'], 'answer'))
        ->toBe([null, ...Schools::answers()['hand']]);
});

it('says what is wrong where there is no plan to vary', function (string $what) {
    $this->putJson($this->path, People::edit($this->rush, ['distance' => ['near_m' => 1, 'work_m' => 2]]))->assertOk();

    $this->getJson("{$this->path}/{$what}")
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', '/distance/work_m');
})->with(['plan', 'schools']);

it('tells apart from the plan what would flip the answer', function () {
    $tips = $this->getJson("{$this->path}/tips")
        ->assertOk()
        ->json();
    $plan = $this->getJson("{$this->path}/plan")
        ->assertOk()
        ->json();

    expect($tips['flips']['shutter_s'])
        ->toMatch('/ than .*: 1\//')
        ->and($tips['tipping'])
        ->not->toBe([])
        ->and(array_diff(array_keys($tips['flips']), array_column($plan['reasons'], 'field')))
        ->toBe([])
        ->and($plan['tipping'])
        ->toBe([])
        ->and($plan['hold']['area']['pattern'])
        ->toBe($plan['areas'][0]['pattern']);
});

it('takes an obstacle with a place, and refuses one without an end', function () {
    $near = ['clutter' => ['foreground' => 'sparse', 'obstacle_width_m' => 0.2, 'obstacle_distance_m' => 6]];
    $this->putJson($this->path, People::edit($this->rush, $near))
        ->assertOk()
        ->assertJsonPath('rush.clutter.obstacle_distance_m', 6)
        ->assertJsonPath('plan.pane.obstacle_m', 6);
    $this->putJson($this->path, People::edit($this->rush, ['clutter' => ['obstacle_distance_m' => -1]]))
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', '/rush/clutter/obstacle_distance_m');
});

it('keeps the zoom where the person has set it, and sets it by itself otherwise', function () {
    $zoom = ['lens' => ['focal_mm' => 400, 'focal_min_mm' => 100, 'focal_max_mm' => 400, 'zoom' => true]];
    $asked = fn (array $lens) => $this->postJson('/api/plans', [
        'rush' => Documents::rush(['distance' => ['near_m' => 5, 'work_m' => 6]]),
        'kit' => Documents::kit($lens),
    ])
        ->assertOk()
        ->json('hold.focal_mm');

    expect($asked($zoom))
        ->toBeLessThan(400)
        ->and($asked(['lens' => ['focal_min_mm' => 400, 'focal_max_mm' => 400] + $zoom['lens']]))
        ->toEqual(400);
});
