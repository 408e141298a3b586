<?php

declare(strict_types=1);

use RushHold\Controls\Layout;
use Tests\Support\People;

beforeEach(function () {
    $this->user = People::someone();
    $this->actingAs($this->user);
    $sheet = (string) file_get_contents(database_path('demo/skerry_one.json'));
    $this->body = $this->postJson('/api/kit-file', ['file' => $sheet, 'choices' => ['new']])->json('gear.0.id');
    $this->path = '/api/layouts/'.$this->body;
    $this->rushes = [People::rushOf($this->user), People::rushOf($this->user)];
    $this->putJson(
        '/api/rushes/'.$this->rushes[1]->id,
        People::edit($this->rushes[1], [
            'clutter' => [
                'foreground' => 'dense',
                'background' => 'busy',
                'background_gap_m' => 2,
                'obstacle_width_m' => 0.01,
            ],
            'motion' => ['speed_mps' => 0.2, 'pattern' => 'still'],
        ]),
    )->assertOk();
    $this->layout = [...Layout::fresh()->toArray(), 'holds' => array_column($this->rushes, 'id')];
    $this->send = fn (array $own, int $revision = 1) => $this->putJson($this->path, [
        'revision' => $revision,
        'gesture' => 'g'.$revision,
        'layout' => [...$this->layout, ...$own],
    ]);
});

it('begins as a camera comes out of its box, and writes nothing by looking', function () {
    $this->getJson($this->path)
        ->assertOk()
        ->assertJsonPath('revision', 1)
        ->assertJsonPath('layout.scheme', 'shutter')
        ->assertJsonPath('can_undo', false);
    expect($this->user->layouts()->count())->toBe(0);
});

it('keeps, checks and undoes a layout', function () {
    $answer = ($this->send)(['scheme' => 'thumb'])
        ->assertOk()
        ->assertJsonPath('revision', 2);
    expect(array_column($answer->json('report.findings'), 'code'))->toContain(
        'focus-on-shutter',
        'point-lost',
        'no-control',
    );
    $cured = array_column($answer->json('report.findings'), 'cured', 'code')['focus-on-shutter'];
    $this->putJson($this->path, ['revision' => 2, 'gesture' => 'cure', 'layout' => $cured])
        ->assertOk()
        ->assertJsonPath('layout.shutter_focuses', false);
    $this->postJson($this->path.'/undo', ['revision' => 3])
        ->assertOk()
        ->assertJsonPath('layout.shutter_focuses', true)
        ->assertJsonPath('can_redo', true);
    $this->postJson($this->path.'/redo', ['revision' => 4])
        ->assertOk()
        ->assertJsonPath('layout.shutter_focuses', false);
    ($this->send)([], 1)->assertStatus(409);
});

it('tells in the body\'s words how to give a key its set', function () {
    $answer = ($this->send)([
        'uses' => [
            [
                'control' => 'thumb',
                'does' => 'recall',
                'hold' => $this->rushes[1]->id,
                'carries' => ['start', 'area', 'focus-mode', 'detection', 'tuning'],
            ],
        ],
    ])->assertOk();
    expect($answer->json('report.set.0.how'))
        ->toStartWith('menu: Keys › What they do › the thumb key: Recall a set, with Focus gait')
        ->toContain('and let the press focus')
        ->toContain('leave drive, shutter, aperture, ISO, exposure compensation, metering out');
});

it('lays schemes and finds the quickest layout without keeping either', function () {
    ($this->send)([])->assertOk();
    $this->getJson($this->path.'/scheme/three-buttons')
        ->assertOk()
        ->assertJsonPath('layout.scheme', 'three-buttons');
    $this->getJson($this->path.'/scheme/juggling')
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/scheme');
    $best = $this->getJson($this->path.'/best')
        ->assertOk()
        ->json();
    expect($best['saved_s'])
        ->toBeGreaterThan(1)
        ->and($best['exact'])
        ->toBeTrue()
        ->and($best['layout']['uses'])
        ->not->toBe([]);
    $this->getJson($this->path)->assertJsonPath('layout.uses', [])->assertJsonPath('revision', 2);
});

it('puts the button of each hold on the card', function () {
    ($this->send)([
        'base' => $this->rushes[0]->id,
        'uses' => [
            [
                'control' => 'thumb',
                'does' => 'recall',
                'hold' => $this->rushes[1]->id,
                'carries' => ['start', 'area', 'focus-mode', 'detection', 'tuning'],
            ],
        ],
    ])->assertOk();
    $kit = $this->postJson('/api/kits', [
        'body_id' => $this->body,
        'lens_id' => People::kitOf($this->user)->lens_id,
    ])->json('id');
    foreach ($this->rushes as $rush) {
        $rush->refresh()->update(['kit_id' => $kit]);
    }
    $pages = $this->postJson('/api/cards', [
        'name' => 'c',
        'rushes' => array_column($this->rushes, 'id'),
    ])
        ->assertCreated()
        ->json('pages');
    expect(array_column(array_column($pages, 'button'), 'how'))->toBe([
        'on the shutter: what the camera is set to',
        'hold the thumb key',
    ]);
});

it('refuses what is not of this account or not in the format', function (array $own, string $pointer) {
    ($this->send)($own)->assertStatus(422)->assertJsonPath('faults.0.pointer', $pointer);
    expect($this->user->layouts()->count())->toBe(0);
})->with([
    [['holds' => ['01ARZ3NDEKTSV4RRFFQ69G5FAV']], '/layout/holds/0'],
    [['scheme' => 'toes'], '/layout/scheme'],
    [['uses' => [['control' => 'thumb', 'does' => 'sing', 'hold' => null, 'carries' => []]]], '/layout/uses/0/does'],
    [['wings' => 2], '/layout/wings'],
]);

it('lays only bodies', function () {
    $this->getJson('/api/layouts/'.People::kitOf($this->user)->lens_id)->assertStatus(422);
});
