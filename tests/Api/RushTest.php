<?php

declare(strict_types=1);

use App\Documents\SchemaChecker;
use App\Models\RushRecord;
use App\Undo\Version;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Tests\Support\Documents;
use Tests\Support\People;

beforeEach(function () {
    $this->user = People::someone();
    $this->actingAs($this->user);
    $this->rush = People::rushOf($this->user);
    $this->path = "/api/rushes/{$this->rush->id}";
});

it('writes a rush and answers with a plan that keeps the published schema', function () {
    $answer = $this->postJson('/api/rushes', [
        'kit_id' => People::kitOf($this->user)->id,
        'focal_mm' => null,
        'rush' => Documents::rush(['name' => 'Hares']),
    ])->assertCreated();

    (new SchemaChecker(base_path('schemas')))->read(
        (string) json_encode(json_decode((string) $answer->getContent())->plan),
        'plan',
    );
    expect($answer->json('rush.name'))
        ->toBe('Hares')
        ->and($answer->json('plan.hold.focus_mode'))
        ->toBe('continuous')
        ->and($answer->json('fault'))
        ->toBeNull();
    $this->getJson('/api/rushes')
        ->assertJsonCount(2, 'rushes')
        ->assertJsonPath('rushes.0.name', 'Hares')
        ->assertJsonPath('rushes.0.settings.iso', $answer->json('plan.hold.iso'));
});

it('keeps the document as it was sent, empty objects too', function () {
    $this->putJson(
        $this->path,
        People::edit($this->rush, ['name' => 'Ünïcode “terns” 🐦', 'motion' => ['speed_mps' => 8.25]]),
    )->assertOk();

    $raw = (string) $this->getJson($this->path)->getContent();
    expect($raw)
        ->toContain('"schools":{}')
        ->toContain('"speed_mps":8.25')
        ->and(RushRecord::query()->sole()->name)
        ->toBe('Ünïcode “terns” 🐦');
});

it('refuses bad input with pointer, value and range, and keeps what there was', function (
    array $own,
    string $pointer,
    string $range,
) {
    $this->putJson($this->path, People::edit($this->rush, $own))
        ->assertStatus(422)
        ->assertHeader('Content-Type', 'application/problem+json')
        ->assertJsonPath('faults.0.pointer', $pointer)
        ->assertJsonPath('faults.0.range', $range);
    expect($this->rush->refresh()->revision)
        ->toBe(1)
        ->and($this->rush->document->motion->speed_mps)
        ->toBe(9);
})->with([
    [['motion' => ['speed_mps' => -1]], '/rush/motion/speed_mps', '0 to 400'],
    [['light' => ['ev100' => 40]], '/rush/light/ev100', '-6 to 20'],
    [
        ['subject' => ['kind' => 'dragon']],
        '/rush/subject/kind',
        'small-bird, seabird, raptor, swift, wader, tall-wader, waterfowl, owl, small-mammal, running-mammal, large-mammal, dog, insect, flower, horse-rider, field-player, court-player, racket-player, swing-player, runner, swimmer, diver, gymnast, skier, paddler, cyclist, motorbike, car, aircraft, boat, person',
    ],
    [['distance' => ['work_m' => 100]], '/distance/work_m', '14 to 40 m'],
    [['name' => ''], '/rush/name', '1 to 120 characters'],
]);

it('refuses what is no document at all', function (string $body, string $type) {
    $this->call(
        'PUT',
        $this->path,
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        $body,
    )
        ->assertStatus(422)
        ->assertJsonPath('type', $type);
})->with([
    ['{', 'bad-input'],
    ['[]', 'bad-input'],
    ['"x"', 'bad-input'],
    ['', 'bad-input'],
    ['{"revision": "one"}', 'bad-input'],
    [str_repeat('[', 100).str_repeat(']', 100), 'bad-input'],
]);

it('keeps a rush whose subject is too close, and says why there is no plan', function () {
    $answer = $this->putJson(
        $this->path,
        People::edit($this->rush, ['distance' => ['near_m' => 1, 'work_m' => 2]]),
    )->assertOk();

    expect($answer->json('plan'))
        ->toBeNull()
        ->and($answer->json('fault.faults.0.message'))
        ->toContain('no closer than 3.5 m')
        ->and($answer->json('rush.distance.work_m'))
        ->toBe(2);
    $this->getJson("{$this->path}/plan")
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/distance/work_m');
    $this->putJson($this->path, People::edit($this->rush, []))
        ->assertOk()
        ->assertJsonPath('fault', null)
        ->assertJsonPath('plan.format', 'plan/1');
});

it('undoes and redoes by gesture, and forgets what was undone when something new is written', function () {
    foreach ([[10, 'drag'], [11, 'drag'], [12, 'drag'], [20, 'type']] as [$speed, $gesture]) {
        $this->putJson(
            $this->path,
            People::edit($this->rush, ['motion' => ['speed_mps' => $speed]], $gesture),
        )->assertOk();
    }
    $speed = fn (string $way) => $this->postJson("{$this->path}/{$way}", [
        'revision' => $this->rush->refresh()->revision,
    ])
        ->assertOk()
        ->json('rush.motion.speed_mps');

    expect($speed('undo'))
        ->toBe(12)
        ->and($speed('undo'))
        ->toBe(9)
        ->and($speed('undo'))
        ->toBe(9)
        ->and($speed('redo'))
        ->toBe(12)
        ->and($speed('redo'))
        ->toBe(20)
        ->and($speed('redo'))
        ->toBe(20)
        ->and($speed('undo'))
        ->toBe(12);
    $this->putJson($this->path, People::edit($this->rush, ['motion' => ['speed_mps' => 30]], 'again'))
        ->assertOk()
        ->assertJsonPath('can_redo', false)
        ->assertJsonPath('can_undo', true);
    expect($speed('undo'))->toBe(12);
    expect(Version::query()->where('record_id', $this->rush->id)->max('seq'))->toBe(3);
});

it('refuses to write over what the writer has not seen', function () {
    $this->putJson($this->path, People::edit($this->rush, ['motion' => ['speed_mps' => 10]], revision: 1))
        ->assertOk()
        ->assertJsonPath('revision', 2);
    $this->putJson($this->path, People::edit($this->rush, ['motion' => ['speed_mps' => 11]], revision: 1))
        ->assertStatus(409)
        ->assertJsonPath('type', 'changed-elsewhere')
        ->assertJsonPath('revision', 2);
    $this->postJson("{$this->path}/undo", ['revision' => 1])->assertStatus(409);
    expect($this->rush->refresh()->document->motion->speed_mps)->toBe(10);
});

it('copies, deletes and brings back', function () {
    $copy = $this->postJson("{$this->path}/duplicate")
        ->assertCreated()
        ->assertJsonPath('rush.name', 'Copy of Terns over the bar')
        ->json('id');
    $this->deleteJson($this->path)->assertNoContent();
    $this->getJson($this->path)->assertNotFound();
    $this->getJson('/api/rushes')->assertJsonCount(1, 'rushes')->assertJsonPath('rushes.0.id', $copy);
    $this->postJson("{$this->path}/restore")
        ->assertOk()
        ->assertJsonPath('rush.name', 'Terns over the bar');
    $this->getJson('/api/rushes')->assertJsonCount(2, 'rushes');
});

it('reckons a plan anew only when something it rests on has changed', function () {
    $fingerprint = fn (): string => (string) $this->rush->refresh()->plan()->first()?->fingerprint;
    $this->getJson("{$this->path}/plan")->assertOk();
    $first = $fingerprint();
    $this->getJson("{$this->path}/plan")->assertOk();
    expect($fingerprint())->toBe($first);

    $this->putJson('/api/settings', ['settings' => ['units' => 'imperial']]);
    expect($this->getJson("{$this->path}/plan")->json('reasons.0.why'))
        ->toContain(' in')
        ->not->toContain(' cm');
    $this->putJson('/api/settings', ['settings' => ['units' => 'metric']]);
    expect($this->getJson("{$this->path}/plan")->json('reasons.0.why'))
        ->toContain(' cm')
        // in other words it is the same plan, and what was rehearsed of it still stands
        ->and($fingerprint())
        ->toBe($first);

    $lens = $this->user->gear()->where('type', 'lens')->sole();
    $before = $this->getJson("{$this->path}/plan")->json('hold.f_number');
    $this->putJson("/api/gear/{$lens->id}", [
        'revision' => 1,
        'name' => 'A brighter one',
        'document' => [...(array) $lens->document, 'widest_f' => 2.8],
    ])->assertOk();
    expect($this->getJson("{$this->path}/plan")->json('hold.f_number'))->toBeLessThan($before);
});

it('plans documents that are sent along, and keeps nothing', function () {
    $this->postJson('/api/plans', ['rush' => Documents::rush(), 'kit' => Documents::kit()])
        ->assertOk()
        ->assertJsonPath('hold.iso', 1600);
    $this->postJson('/api/plans', ['rush' => Documents::rush(), 'kit' => Documents::kit(['converter' => 9])])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/kit/converter');
    $this->postJson('/api/plans', [
        'rush' => Documents::rush(['distance' => ['near_m' => 1, 'work_m' => 1]]),
        'kit' => Documents::kit(),
    ])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/distance/work_m');
    expect(RushRecord::query()->count())->toBe(1);
});

it('sets a zoom where the rush says, inside what the lens reaches', function () {
    $zoom = $this->postJson('/api/gear', [
        'type' => 'lens',
        'name' => 'Zoom',
        'document' => Documents::kit([
            'lens' => [
                'focal_mm' => 200,
                'focal_min_mm' => 70,
                'focal_max_mm' => 200,
                'widest_f' => 2.8,
                'closest_m' => 1.2,
                'zoom' => true,
            ],
        ])['lens'],
    ])
        ->assertCreated()
        ->json('id');
    $body = $this->user->gear()->where('type', 'body')->sole()->id;
    $kit = $this->postJson('/api/kits', ['body_id' => $body, 'lens_id' => $zoom])
        ->assertCreated()
        ->json('id');
    expect(
        $this->postJson('/api/kits', ['body_id' => $body, 'lens_id' => $zoom])
            ->assertOk()
            ->json('id'),
    )->toBe($kit);
    $focal = fn (?float $mm) => $this->putJson($this->path, [
        ...People::edit($this->rush),
        'kit_id' => $kit,
        'focal_mm' => $mm,
    ])
        ->assertOk()
        ->json('plan.hold.focal_mm');

    expect($focal(null))->toBe(200)->and($focal(100))->toBe(100)->and($focal(20))->toBe(70);
    $this->putJson($this->path, [...People::edit($this->rush), 'kit_id' => $kit, 'focal_mm' => 1])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/focal_mm');
});

it('is as if it were not there in the moment in which its account and with it its kit are gone', function () {
    $rush = RushRecord::query()->sole();
    $rush->setRelation('kit', null);

    expect(fn () => $rush->kit)->toThrow(ModelNotFoundException::class);
});
