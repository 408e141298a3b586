<?php

declare(strict_types=1);

use App\Models\User;
use Tests\Support\Documents;
use Tests\Support\People;

$wombat = [
    'kind' => 'small-mammal',
    'length_m' => 1.1,
    'speed_mps' => 2.5,
    'burst_mps' => 11,
    'limb_speed_mps' => 3,
    'detection' => 'animal',
];

beforeEach(function () {
    $this->actingAs($this->user = People::someone());
});

it('keeps a subject of one\'s own by its name, changes it and lets it go', function () use ($wombat) {
    $this->putJson('/api/subjects', ['subjects' => ['wombat' => $wombat]])
        ->assertOk()
        ->assertJsonPath('user.subjects.wombat', $wombat);
    $this->putJson('/api/subjects', ['subjects' => ['Ährengeist' => ['kind' => 'owl'] + $wombat]])->assertOk();
    $this->putJson('/api/subjects', ['subjects' => ['wombat' => ['speed_mps' => 3] + $wombat]])
        ->assertOk()
        ->assertJsonPath('user.subjects.wombat.speed_mps', 3)
        ->assertJsonPath('user.subjects.Ährengeist.kind', 'owl');
    $this->putJson('/api/subjects', ['subjects' => ['wombat' => null]])->assertOk();
    expect(array_keys(User::query()->findOrFail($this->user->id)->subjects))->toBe(['Ährengeist']);
});

it('names the field, the value and the range of what cannot be kept', function (array $given, string $says) {
    $answer = $this->putJson('/api/subjects', ['subjects' => $given === [] ? ['wombat' => 3] : $given])->assertStatus(422);
    expect($answer->json('detail'))->toContain($says);
    expect(User::query()->findOrFail($this->user->id)->subjects ?? [])->toBe([]);
})->with([
    'too long a thing' => [['whale' => ['length_m' => 300] + $wombat], '0.001 to 100'],
    'no such kind' => [['ghost' => ['kind' => 'ghost'] + $wombat], 'small-bird'],
    'a name that is too long' => [[str_repeat('w', 41) => $wombat], '1 to 40 characters'],
    'no object' => [[], 'an object'],
    'one field too few' => [['wombat' => ['kind' => 'owl']], 'length_m'],
]);

it('keeps so many and no more', function () use ($wombat) {
    $many = [];
    for ($at = 0; $at < 200; $at++) {
        $many["name {$at}"] = $wombat;
    }
    $this->putJson('/api/subjects', ['subjects' => $many])->assertOk();
    $this->putJson('/api/subjects', ['subjects' => ['one more' => $wombat]])->assertStatus(422);
});

it('plans a rush by the kind, whatever it is called', function () {
    $kit = People::kitOf($this->user);
    $rush = Documents::rush(['subject' => ['kind' => 'tall-wader', 'called' => 'heron']]);
    $made = $this->postJson('/api/rushes', ['kit_id' => $kit->id, 'focal_mm' => null, 'rush' => $rush])->assertCreated();
    expect($made->json('rush.subject.called'))->toBe('heron');
    $unnamed = $rush;
    unset($unnamed['subject']['called']);
    $plain = $this->postJson('/api/rushes', ['kit_id' => $kit->id, 'focal_mm' => null, 'rush' => $unnamed]);
    expect($made->json('plan.hold'))->toBe($plain->json('plan.hold'));
    $this->postJson('/api/rushes', [
        'kit_id' => $kit->id,
        'focal_mm' => null,
        'rush' => Documents::rush(['subject' => ['called' => "a\u{202e}b"]]),
    ])->assertStatus(422);
});
