<?php

declare(strict_types=1);

use Tests\Support\Documents;
use Tests\Support\People;

beforeEach(function () {
    $this->user = People::someone();
    $this->actingAs($this->user);
});

it('keeps bodies, lenses and converters', function () {
    $made = $this->postJson('/api/gear', [
        'type' => 'body',
        'name' => 'Skerry',
        'document' => Documents::kit()['body'],
    ])->assertCreated();
    $path = '/api/gear/'.$made->json('id');
    $this->putJson($path, [
        'revision' => 1,
        'name' => 'Skerry Two',
        'document' => [...Documents::kit()['body'], 'fps' => 30],
    ])
        ->assertOk()
        ->assertJsonPath('revision', 2)
        ->assertJsonPath('document.fps', 30);
    $this->putJson($path, [
        'revision' => 1,
        'name' => 'Late',
        'document' => Documents::kit()['body'],
    ])->assertStatus(409);
    $this->deleteJson($path)->assertNoContent();
    $this->getJson('/api/gear')->assertJsonCount(2, 'gear');
    $this->postJson($path.'/restore')
        ->assertOk()
        ->assertJsonPath('name', 'Skerry Two');
    $this->postJson('/api/gear', [
        'type' => 'converter',
        'name' => '×1.4',
        'document' => ['factor' => 1.4],
    ])->assertCreated();
    $this->getJson('/api/gear')->assertJsonCount(4, 'gear');
});

it('refuses gear that cannot be', function (array $sent, string $pointer) {
    $this->postJson('/api/gear', $sent)->assertStatus(422)->assertJsonPath('faults.0.pointer', $pointer);
    $this->getJson('/api/gear')->assertJsonCount(2, 'gear');
})->with([
    [['type' => 'boat', 'name' => 'x', 'document' => []], '/type'],
    [['type' => 'converter', 'name' => '×9', 'document' => ['factor' => 9]], '/document/factor'],
    [
        ['type' => 'lens', 'name' => 'x', 'document' => ['widest_f' => 0] + Documents::kit()['lens']],
        '/document/widest_f',
    ],
    [['type' => 'lens', 'name' => 'x', 'document' => ['focal_mm' => 800] + Documents::kit()['lens']], '/lens/focal_mm'],
    [['type' => 'body', 'name' => '', 'document' => Documents::kit()['body']], '/name'],
    [
        [
            'type' => 'body',
            'name' => 'x',
            'document' => ['modes' => ['auto-switch']] + Documents::kit()['body'],
        ],
        '/body/modes',
    ],
    [['type' => 'body', 'name' => 'x', 'document' => ['wings' => 2] + Documents::kit()['body']], '/document/wings'],
]);

it('puts kits together only from one\'s own gear', function () {
    $other = People::kitOf(People::someone('Bea'));
    $own = People::kitOf($this->user);
    $this->postJson('/api/kits', ['body_id' => $own->body_id, 'lens_id' => $other->lens_id])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/lens_id');
    $this->postJson('/api/kits', ['body_id' => $own->lens_id, 'lens_id' => $own->lens_id])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/body_id');
    $this->postJson('/api/rushes', ['kit_id' => $other->id, 'rush' => Documents::rush()])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/kit_id');
    $this->getJson("/api/kits/{$own->id}")
        ->assertOk()
        ->assertJsonPath('kit.format', 'kit/1');
});

it('lets a rush keep a lens that was deleted', function () {
    $rush = People::rushOf($this->user);
    $this->deleteJson('/api/gear/'.People::kitOf($this->user)->lens_id)->assertNoContent();
    $this->getJson("/api/rushes/{$rush->id}")
        ->assertOk()
        ->assertJsonPath('plan.format', 'plan/1');
});
