<?php

declare(strict_types=1);

use App\Models\CameraStateRecord;
use App\Models\CardRecord;
use Illuminate\Support\Carbon;
use Tests\Support\Documents;
use Tests\Support\People;

beforeEach(function () {
    $this->user = People::someone();
    $this->actingAs($this->user);
    $this->rush = People::rushOf($this->user);
    $made = $this->postJson('/api/cards', [
        'name' => 'Colony',
        'rushes' => [$this->rush->id],
    ])->assertCreated();
    $this->card = '/api/cards/'.$made->json('id');
    $this->body = People::kitOf($this->user)->body_id;
});

/** @return array<string, string|null> what there is to set, by field, with what it was */
function changesOf(array $card): array
{
    return array_column($card['pages'][0]['changes'], 'from', 'field');
}

it('writes out a card in the body\'s words', function () {
    $sheet = $this->getJson($this->card)->assertOk()->assertJsonPath('card.name', 'Colony')->json('pages.0');
    expect($sheet['name'])
        ->toBe($this->rush->name)
        ->and(array_column($sheet['settings'], 'name'))
        ->toBe(['shutter', 'aperture', 'ISO', 'focus mode'])
        ->and($sheet['button']['how'])
        ->toBe('not laid on a control yet')
        ->and($sheet['cautions'])
        ->not->toBe([])
        ->and($sheet['tips'])
        ->not->toBe([]);
    // what is searched once is kept, and searched again when the rush is another
    $kept = CardRecord::query()->firstOrFail()->tips[$this->rush->id];
    expect($kept['tips'])->toEqual($sheet['tips']);
    $this->putJson(
        '/api/rushes/'.$this->rush->id,
        People::edit($this->rush, ['motion' => ['speed_mps' => 2]]),
    )->assertOk();
    expect($this->getJson($this->card)->json('pages.0.tips'))
        ->not->toEqual($sheet['tips'])
        ->and(CardRecord::query()->firstOrFail()->tips[$this->rush->id]['fingerprint'])
        ->not->toBe($kept['fingerprint']);
});

it('starts from how the camera was left, the dangerous first', function () {
    // nobody has said: everything is to be set
    $card = $this->getJson($this->card)->json();
    expect(array_unique(array_values(changesOf($card))))->toBe([null]);

    $left = [
        ...$card['pages'][0]['state_once_set'],
        'detection' => 'vehicle',
        'focus_mode' => 'single',
        'compensation_ev' => 1.3,
        'iso' => 100,
    ];
    $this->putJson("/api/gear/{$this->body}/camera-state", [
        'state' => $left,
        'by' => 'typed',
        'at' => now()->getTimestampMs(),
    ])->assertOk();
    $changes = $this->getJson($this->card)->json('pages.0.changes');
    expect(array_column($changes, 'field'))
        ->toEqualCanonicalizing(['focus_mode', 'detection', 'compensation', 'iso'])
        ->and($changes[3]['field'])
        ->toBe('iso')
        ->and($changes[3]['danger'])
        ->toBeNull();
    $danger = array_column($changes, 'danger', 'field');
    expect($danger['focus_mode'])
        ->toBe('It locks once and stays: the first frame sharp, the rest soft.')
        ->and($danger['compensation'])
        ->toBe('Every frame comes out 1.3 stops too bright.')
        ->and($danger['detection'])
        ->toContain('vehicles');

    // set as the card says, nothing is left to do
    $this->putJson("/api/gear/{$this->body}/camera-state", [
        'state' => $card['pages'][0]['state_once_set'],
        'by' => 'Colony',
        'at' => now()->getTimestampMs(),
    ])->assertOk();
    $this->getJson($this->card)
        ->assertJsonCount(0, 'pages.0.changes')
        ->assertJsonPath('pages.0.camera_state.by', 'Colony');
});

it('keeps the later of two tellings, whenever they arrive', function () {
    $path = "/api/gear/{$this->body}/camera-state";
    $now = now()->getTimestampMs();
    $this->putJson($path, [
        'state' => ['format' => 'camera-state/1', 'iso' => 200],
        'by' => 'typed',
        'at' => $now,
    ])->assertOk();
    $this->putJson($path, [
        'state' => ['format' => 'camera-state/1', 'iso' => 100],
        'by' => 'late',
        'at' => $now - 60_000,
    ])
        ->assertOk()
        ->assertJsonPath('camera_state.by', 'typed');
    expect(CameraStateRecord::query()->firstOrFail()->document->iso)->toBe(200);
    $this->putJson($path, [
        'state' => ['format' => 'camera-state/1', 'iso' => 1],
        'by' => 'typed',
        'at' => $now,
    ])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/state/iso');
    $this->getJson($path)->assertOk()->assertJsonPath('camera_state.state.iso', 200);
    $lens = People::kitOf($this->user)->lens_id;
    $this->putJson("/api/gear/{$lens}/camera-state", [
        'state' => ['format' => 'camera-state/1'],
        'by' => 'typed',
        'at' => $now,
    ])->assertStatus(422);
});

it('merges ticks by when they were made', function () {
    $send = fn (array $ticks) => $this->putJson($this->card.'/ticks', [
        'ticks' => (object) $ticks,
    ])->assertOk();
    $send(['a' => ['on' => true, 'at' => 1000], 'b' => ['on' => true, 'at' => 1000]]);
    $send(['a' => ['on' => false, 'at' => 2000], 'b' => ['on' => false, 'at' => 500]]);
    $ticks = $this->getJson($this->card)->json('ticks');
    expect($ticks['a'])
        ->toBe(['on' => false, 'at' => 2000])
        ->and($ticks['b'])
        ->toBe(['on' => true, 'at' => 1000]);
    // a clock that runs far ahead does not win for ever
    $send(['a' => ['on' => true, 'at' => 99_999_999_999_999]]);
    expect($this->getJson($this->card)->json('ticks.a.at'))->toBeLessThan(now()->addMinutes(2)->getTimestampMs());
    $this->putJson($this->card.'/ticks', ['ticks' => (object) ['a' => 1]])->assertStatus(422);
    $this->putJson($this->card.'/ticks', [
        'ticks' => array_fill_keys(array_map(fn ($i) => "t{$i}", range(1, 401)), [
            'on' => true,
            'at' => 1,
        ]),
    ])->assertStatus(422);
});

it('shares a card by a link that shows nothing else, and ends it', function () {
    $this->putJson($this->card.'/ticks', [
        'ticks' => (object) ['a' => ['on' => true, 'at' => 1]],
    ]);
    $link = $this->postJson($this->card.'/share', ['days' => 2])
        ->assertOk()
        ->json('share.link');
    $token = basename($link);
    expect(strlen($token))
        ->toBe(43)
        ->and(CardRecord::query()->firstOrFail()->getRawOriginal('share_token'))
        ->not->toContain($token);
    auth()->logout();
    $shared = $this->getJson('/api/shared/'.$token)
        ->assertOk()
        ->assertJsonPath('name', 'Colony');
    expect($shared->getContent())
        ->not->toContain($this->user->email)
        ->not->toContain('state_once_set')
        ->not->toContain('pre_flight')
        ->not->toContain('"ticks"')
        ->not->toContain($this->body);
    expect(array_keys($shared->json()))
        ->toBe(['name', 'until', 'units', 'pages'])
        ->and(array_keys($shared->json('pages.0')))
        ->toEqualCanonicalizing([
            'name',
            'settings',
            'lines',
            'button',
            'about',
            'aim',
            'figure',
            'technique',
            'trap_m',
            'distance',
            'focal',
            'zooms',
            'budget',
            'tips',
            'frame',
            'fast',
            'routine',
            'gave_way',
            'cautions',
            'hours',
            'water',
            'kit',
            'camera',
        ])
        // no id of anything
        ->and((string) $shared->getContent())
        ->not->toMatch('/\b[0-9a-hjkmnp-tv-z]{26}\b/');
    $this->get('/shared/'.$token)->assertOk();
    // it ends by itself
    Carbon::setTestNow(now()->addDays(3));
    $this->getJson('/api/shared/'.$token)->assertStatus(404);
    Carbon::setTestNow();
    $this->getJson('/api/shared/'.$token)->assertOk();
    // or at once
    $this->actingAs($this->user)
        ->deleteJson($this->card.'/share')
        ->assertOk()
        ->assertJsonPath('share', null);
    $this->getJson('/api/shared/'.$token)->assertStatus(404);
    $this->getJson('/api/shared/'.str_repeat('x', 43))->assertStatus(404);
    $this->postJson($this->card.'/share', ['days' => 400])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/days');
});

it('prints on every paper, one page a hold, in the body\'s own words', function (string $paper, float $width) {
    $sheet = (string) file_get_contents(database_path('demo/skerry_one.json'));
    $body = $this->postJson('/api/kit-file', ['file' => $sheet, 'choices' => ['new']])->json('gear.0.id');
    $kit = $this->postJson('/api/kits', [
        'body_id' => $body,
        'lens_id' => People::kitOf($this->user)->lens_id,
    ])->json('id');
    $other = $this->postJson('/api/rushes', [
        'kit_id' => $kit,
        'focal_mm' => null,
        'rush' => Documents::rush(['name' => 'Terns ñ ∞']),
    ])->json('id');
    $this->putJson($this->card, [
        'revision' => 1,
        'gesture' => 'g',
        'name' => 'Two',
        'rushes' => [$other, $this->rush->id],
    ])->assertOk();
    $pdf = $this->get($this->card.'/pdf?paper='.$paper)
        ->assertOk()
        ->assertHeader('Content-Type', 'application/pdf')
        ->getContent();
    expect(substr_count($pdf, '/Type /Page'."\n"))
        ->toBe(2)
        ->and($pdf)
        ->toMatch('/MediaBox \[0\.000 0\.000 '.sprintf('%.0f', floor($width)).'/');
    $file = tempnam(sys_get_temp_dir(), 'card');
    file_put_contents($file, $pdf);
    $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
    unlink($file);
    expect($text)
        ->toContain('Terns ñ ∞')
        ->toContain('Patience')
        ->toContain('Running')
        ->toContain('Focus › Following › Patience');
})->with([['a6', 297.6], ['a5', 419.5], ['a4', 595.3], ['letter', 612]]);

it('refuses paper, holds and names that cannot be', function () {
    $this->getJson($this->card.'/pdf?paper=bark')
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/paper');
    $stranger = People::rushOf(People::someone('Bea'));
    $this->putJson($this->card, [
        'revision' => 1,
        'gesture' => 'g',
        'name' => 'x',
        'rushes' => [$stranger->id],
    ])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/rushes/0');
    $this->putJson($this->card, [
        'revision' => 1,
        'gesture' => 'g',
        'name' => "x\u{0007}",
        'rushes' => [],
    ])->assertStatus(422);
    $this->putJson($this->card, [
        'revision' => 1,
        'gesture' => 'g',
        'name' => 'x',
        'rushes' => array_fill(0, 13, $this->rush->id),
    ])->assertStatus(422);
    $this->getJson($this->card)->assertJsonPath('card.name', 'Colony');
});

it('undoes a change of its holds, and comes back after deletion', function () {
    $this->putJson($this->card, [
        'revision' => 1,
        'gesture' => 'g',
        'name' => 'Empty',
        'rushes' => [],
    ])
        ->assertOk()
        ->assertJsonCount(0, 'pages');
    $this->postJson($this->card.'/undo', ['revision' => 2])
        ->assertOk()
        ->assertJsonPath('card.name', 'Colony')
        ->assertJsonCount(1, 'pages');
    $this->deleteJson($this->card)->assertNoContent();
    $this->getJson($this->card)->assertStatus(404);
    $this->postJson($this->card.'/restore')
        ->assertOk()
        ->assertJsonPath('card.name', 'Colony');
    $this->getJson('/api/cards')->assertJsonCount(1, 'cards');
});

it('says which hold has no plan instead of failing', function () {
    $this->putJson(
        '/api/rushes/'.$this->rush->id,
        People::edit($this->rush, ['distance' => ['near_m' => 1, 'work_m' => 1.2, 'far_m' => 2]]),
    )->assertOk();
    expect($this->getJson($this->card)->assertOk()->json('pages.0.fault'))->toContain('focuses no closer than');
    $this->get($this->card.'/pdf')->assertOk();
    $this->deleteJson('/api/rushes/'.$this->rush->id);
    $this->getJson($this->card)->assertOk()->assertJsonCount(0, 'pages');
});

it('leaves to the key what the key brings', function () {
    $fields = static fn (array $page): array => array_column($page['changes'], 'field');
    $other = People::rushOf($this->user);
    $body = $this->getJson('/api/gear/'.$this->body)->json();
    $this->putJson('/api/gear/'.$this->body, [
        'revision' => $body['revision'],
        'name' => $body['name'],
        'document' => [
            'controls' => [
                [
                    'id' => 'front-1',
                    'name' => 'upper front key',
                    'face' => 'front',
                    'x' => 0.2,
                    'y' => 0.4,
                    'finger' => 'middle',
                    'with_shutter' => true,
                    'gloves' => true,
                    'may' => ['recall'],
                    'carries' => ['focus-mode', 'area', 'detection', 'tuning'],
                ],
            ],
        ] + $body['document'],
    ])->assertOk();
    $laid = $this->getJson('/api/layouts/'.$this->body)->assertOk()->json();
    $this->putJson('/api/layouts/'.$this->body, [
        'revision' => $laid['revision'],
        'layout' => [
            'holds' => [$this->rush->id, $other->id],
            'base' => $this->rush->id,
            'uses' => [
                ['control' => 'front-1', 'does' => 'recall', 'hold' => $other->id, 'carries' => ['area', 'tuning']],
            ],
        ] + $laid['layout'],
    ])->assertOk();
    $card = $this->getJson($this->card)->json();
    $made = $this->putJson($this->card, [
        'revision' => $card['revision'],
        'name' => 'Two',
        'rushes' => [$this->rush->id, $other->id],
    ])->assertOk();
    [$base, $recalled] = $made->json('pages');
    expect($recalled['button']['how'])
        ->toBe('hold upper front key')
        ->and(array_column($recalled['button']['brings'], 'name'))
        ->toContain('AF area')
        ->and($fields($base))
        ->toContain('area')
        ->and($fields($recalled))
        ->not->toContain('area')
        ->not->toContain('stay')
        ->toContain('shutter')
        // once set, the camera still stands as it did in what the key brings
        ->and($recalled['state_once_set'])
        ->not->toHaveKey('area')
        ->and($base['button']['brings'])
        ->toBe([]);
});
