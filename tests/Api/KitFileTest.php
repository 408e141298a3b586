<?php

declare(strict_types=1);

use Tests\Support\Documents;
use Tests\Support\People;

beforeEach(function () {
    $this->user = People::someone();
    $this->actingAs($this->user);
    $this->state = fn (): string => $this->user->gear()->orderBy('id')->get()->toJson();
    $this->before = ($this->state)();
});

it('takes a body sheet in, gives it out again, and both are the same', function () {
    $text = (string) file_get_contents(database_path('demo/skerry_one.json'));
    $this->postJson('/api/kit-file/preview', ['file' => $text])
        ->assertOk()
        ->assertJsonPath('pieces.0.name', 'Skerry One')
        ->assertJsonPath('pieces.0.state', 'new');
    expect(($this->state)())->toBe($this->before);

    $id = $this->postJson('/api/kit-file', ['file' => $text, 'choices' => ['new']])
        ->assertOk()
        ->json('gear.0.id');
    $out = $this->get("/api/gear/{$id}/file")
        ->assertOk()
        ->assertHeader('Content-Disposition', 'attachment; filename="skerry-one.kit.json"')
        ->getContent();
    expect(json_decode($out, true))->toEqual(json_decode($text, true));
    $this->postJson('/api/kit-file/preview', ['file' => $out])
        ->assertOk()
        ->assertJsonPath('pieces.0.state', 'same')
        ->assertJsonPath('pieces.0.gear_id', $id);
});

it('shows every value that would change, and changes it only when told to', function () {
    $body = $this->user->gear()->where('type', 'body')->firstOrFail();
    $sheet = json_encode([
        'format' => 'kit/1',
        'body' => ['name' => $body->name, 'fps' => 30] + Documents::kit()['body'],
    ]);
    $piece = $this->postJson('/api/kit-file/preview', ['file' => $sheet])
        ->assertOk()
        ->assertJsonPath('pieces.0.state', 'changed')
        ->json('pieces.0');
    $changes = array_column($piece['changes'], null, 'field');
    expect($changes['fps'])
        ->toBe(['field' => 'fps', 'from' => 12, 'to' => 30])
        ->and($changes)
        ->not->toHaveKey('sensor_width_mm');

    $this->postJson('/api/kit-file', ['file' => $sheet, 'choices' => ['skip']])
        ->assertOk()
        ->assertJsonCount(0, 'gear');
    expect(($this->state)())->toBe($this->before);
    $this->postJson('/api/kit-file', ['file' => $sheet, 'choices' => ['over']])->assertOk();
    expect($body->refresh()->document->fps)->toBe(30);
    // and it can be undone
    $this->postJson("/api/gear/{$body->id}/undo", ['revision' => $body->revision])
        ->assertOk()
        ->assertJsonPath('document.fps', 12);
    // beside one's own it gets a name of its own
    $this->postJson('/api/kit-file', ['file' => $sheet, 'choices' => ['new']])
        ->assertOk()
        ->assertJsonPath('gear.0.name', $body->name.' (imported)');
});

it('gives out everything and takes it in elsewhere', function () {
    foreach (
        [
            'converter' => ['factor' => 1.4],
            'adapter' => ['af' => 'none', 'slows' => 1, 'stabiliser' => false],
            'support' => ['kind' => 'gimbal'],
        ] as $type => $document
    ) {
        $this->postJson('/api/gear', [
            'type' => $type,
            'name' => 'My '.$type,
            'document' => $document,
        ])->assertCreated();
    }
    $all = $this->get('/api/kit-file')->assertOk()->getContent();
    $this->actingAs(People::someone('Bea'));
    $pieces = $this->postJson('/api/kit-file/preview', ['file' => $all])
        ->assertOk()
        ->json('pieces');
    expect(array_column($pieces, 'type'))->toBe(['body', 'lens', 'converter', 'adapter', 'support']);
    $this->postJson('/api/kit-file', ['file' => $all, 'choices' => array_fill(0, 5, 'new')])
        ->assertOk()
        ->assertJsonCount(5, 'gear');
    // the converter of a kit as it is planned with comes in too
    $this->postJson('/api/kit-file/preview', [
        'file' => json_encode(Documents::kit(['converter' => 1.4])),
    ])
        ->assertOk()
        ->assertJsonPath('pieces.2.name', '×1.4');
});

it('says clearly what is wrong with a sheet, and changes nothing', function (string $sheet, string $says) {
    foreach (['kit-file/preview', 'kit-file'] as $path) {
        $answer = $this->postJson('/api/'.$path, [
            'file' => $sheet,
            'choices' => ['new'],
        ])->assertStatus(422);
        expect(implode(' ', array_column($answer->json('faults'), 'message')))->toContain($says);
    }
    expect(($this->state)())->toBe($this->before);
})->with([
    'broken JSON' => ['{"format": "kit/1", "body": {', 'cut off before its end'],
    'no JSON at all' => ['a picture of a camera', 'This is no kit file'],
    'nothing' => [' ', 'This is no kit file: it is empty'],
    'a list' => ['[1, 2]', 'an object'],
    'another format' => ['{"format": "rush/1"}', 'format is "rush/1"; it must be one of kit/1'],
    'an unknown key' => ['{"format": "kit/1", "bodice": {}}', 'bodice is not a known field'],
    'a number out of range' => [
        json_encode(['format' => 'kit/1', 'lens' => ['widest_f' => 0] + Documents::kit()['lens']]),
        'In the lens: Widest aperture is 0',
    ],
    'text that turns what follows' => [
        json_encode([
            'format' => 'kit/1',
            'body' => ['name' => "Sker\u{202E}ry"] + Documents::kit()['body'],
        ]),
        'without control characters',
    ],
    'a name without end' => [
        json_encode([
            'format' => 'kit/1',
            'body' => ['name' => str_repeat('x', 121)] + Documents::kit()['body'],
        ]),
        'Name is',
    ],
    'more than a file may hold' => [str_repeat(' ', 1_300_000).'{}', '1.3 MB long'],
    'deep without end' => [str_repeat('[', 200).str_repeat(']', 200), 'cannot be read'],
]);

it('does not read what is longer than a kit file can be', function () {
    $this->postJson('/api/kit-file/preview', ['file' => str_repeat(' ', 5_000_000).'{}'])
        ->assertStatus(413)
        ->assertJsonPath('detail', 'The request is 4 883 KB long; it must be at most 2 048 KB. Nothing was saved.');
});

it('keeps markup as the text it is', function () {
    $name = '<img src=x onerror=alert(1)>';
    $sheet = json_encode([
        'format' => 'kit/1',
        'body' => ['name' => $name] + Documents::kit()['body'],
    ]);
    $this->postJson('/api/kit-file', ['file' => $sheet, 'choices' => ['new']])
        ->assertOk()
        ->assertJsonPath('gear.0.name', $name);
    $this->get('/kit')->assertOk()->assertDontSee($name, false);
});

it('asks for a known choice for each piece', function () {
    $this->postJson('/api/kit-file', ['file' => '{"format":"kit/1"}', 'choices' => ['eat']])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/choices/0');
});

it('undoes and redoes what was typed about a piece', function () {
    $body = $this->user->gear()->where('type', 'body')->firstOrFail();
    $send = fn (int $revision, string $name, string $gesture) => $this->putJson("/api/gear/{$body->id}", [
        'revision' => $revision,
        'gesture' => $gesture,
        'write_id' => 'w'.$revision,
        'name' => $name,
        'document' => Documents::kit()['body'],
    ])->assertOk();
    $send(1, 'First', 'a');
    $send(2, 'Firstly', 'a')->assertJsonPath('write_id', 'w2');
    $send(3, 'Second', 'b');
    $this->postJson("/api/gear/{$body->id}/undo", ['revision' => 4])->assertJsonPath('name', 'Firstly');
    $this->postJson("/api/gear/{$body->id}/undo", ['revision' => 5])
        ->assertJsonPath('name', 'My body')
        ->assertJsonPath('can_undo', false);
    $this->postJson("/api/gear/{$body->id}/redo", ['revision' => 6])
        ->assertJsonPath('name', 'Firstly')
        ->assertJsonPath('can_redo', true);
    $this->postJson("/api/gear/{$body->id}/redo", ['revision' => 6])->assertStatus(409);
});

it('tells what parts do together, and reads a hold on another body', function () {
    $kit = People::kitOf($this->user);
    $adapter = $this->postJson('/api/gear', [
        'type' => 'adapter',
        'name' => 'Bridge',
        'document' => ['af' => 'none', 'slows' => 1, 'stabiliser' => false],
    ])->json('id');
    $this->getJson("/api/kits/reach?body_id={$kit->body_id}&lens_id={$kit->lens_id}")
        ->assertOk()
        ->assertJsonPath('lines.1.value', 'f/5.6')
        ->assertJsonPath('lines.3.value', 'all');
    $this->getJson("/api/kits/reach?body_id={$kit->body_id}")
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/lens_id');

    $with = $this->postJson('/api/kits', [
        'body_id' => $kit->body_id,
        'lens_id' => $kit->lens_id,
        'adapter_id' => $adapter,
    ])->assertCreated();
    $with->assertJsonPath('kit.body.modes', ['manual'])->assertJsonPath('kit.lens.stabiliser_stops', 0);

    $sheet = (string) file_get_contents(database_path('demo/brackwater_d.json'));
    $mirror = $this->postJson('/api/kit-file', ['file' => $sheet, 'choices' => ['new']])->json('gear.0.id');
    $rush = People::rushOf($this->user);
    $says = $this->getJson("/api/gear/{$mirror}/translation/{$rush->id}")
        ->assertOk()
        ->json('translation');
    expect(array_column($says, 'word', 'field'))->toMatchArray(['focus_mode' => 'Pursue']);
    $this->getJson("/api/gear/{$kit->lens_id}/translation/{$rush->id}")->assertStatus(422);
});

it('still reads a file from before the dial was called stay, and says so', function () {
    $body = Documents::kit()['body'];
    $body['hold_levels_s'] = $body['stay_levels_s'];
    unset($body['stay_levels_s']);
    $body['dialect'] = [
        'tuning' => [
            'kind' => 'presets',
            'presets' => [['word' => 'Calm', 'hold' => 3, 'pace' => 0, 'pick' => 'auto']],
        ],
    ];
    $file = json_encode(['format' => 'kit/1', 'bodies' => [['name' => 'An old one'] + $body]]);
    $piece = $this->postJson('/api/kit-file/preview', ['file' => $file])
        ->assertOk()
        ->json('pieces.0');
    expect($piece['notes'])
        ->toBe(['hold_levels_s is read as stay_levels_s', 'the tuning dial hold is read as stay'])
        ->and($piece['document']['stay_levels_s'])
        ->toBe($body['hold_levels_s'])
        ->and($piece['document']['dialect']['tuning']['presets'][0]['stay'])
        ->toBe(3)
        ->and($piece['document'])
        ->not->toHaveKey('hold_levels_s');
    $this->postJson('/api/kit-file', ['file' => $file, 'choices' => ['new']])->assertOk();
    // what names both at once is for its writer to mend
    $this->postJson('/api/kit-file/preview', [
        'file' => json_encode([
            'format' => 'kit/1',
            'body' => ['hold_levels_s' => []] + Documents::kit()['body'],
        ]),
    ])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', '/body/hold_levels_s');
});

it('tells from the beginning of a photograph which body and lens took it, and how each figure is known', function () {
    $user = People::someone();
    $start = fn (array $own = []): string => base64_encode(substr(Tests\Support\Frames::jpeg(1, 0, $own), 0, 40_000));
    $told = $this->actingAs($user)
        ->postJson('/api/kit-file/photograph', ['start' => $start(['focalIn35Mm' => 750.0, 'lensRange' => ['least_mm' => 150.0, 'most_mm' => 600.0, 'widest_f' => 5.0, 'widest_long_f' => 6.3]])])
        ->assertOk()
        ->json();
    expect($told['body']['name'])
        ->toBe(['value' => 'Skerry One', 'by' => 'read'])
        ->and($told['body']['pixels_wide'])
        ->toBe(['value' => 960, 'by' => 'read'])
        ->and($told['body']['sensor_width_mm'])
        ->toBe(['value' => 23.5, 'by' => 'reckoned'])
        ->and($told['lens']['focal_min_mm'])
        ->toBe(['value' => 150, 'by' => 'read'])
        ->and($told['lens']['widest_f_short'])
        ->toBe(['value' => 5, 'by' => 'read'])
        ->and($told['lens']['widest_f'])
        ->toBe(['value' => 6.3, 'by' => 'read']);
    // one whose file says little has to be asked
    $little = $this->postJson('/api/kit-file/photograph', ['start' => $start(['body' => null, 'lens' => null])])->assertOk()->json();
    expect($little['body']['name'])->toBe(['value' => null, 'by' => 'asked'])->and($little['lens']['widest_f'])->toBe(['value' => null, 'by' => 'asked']);
    foreach (['', 'no base64 at all!', base64_encode('GIF89a and more'), base64_encode("\xFF\xD8\xFF")] as $wrong) {
        $this->postJson('/api/kit-file/photograph', ['start' => $wrong])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.pointer', '/start');
    }
    expect($user->files()->count())->toBe(0);
});
