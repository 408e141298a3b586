<?php

declare(strict_types=1);

use App\Models\KeyRecord;
use App\Models\User;
use App\OpenApi\Operations;
use App\OpenApi\Scope;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Documents;
use Tests\Support\People;
use Tests\Support\Requests;

beforeEach(function () {
    $this->ada = People::someone();
    $this->rush = People::rushOf($this->ada);
});

/** Asks as a program does: no session, a key. */
function byKey(string $text, string $verb, string $address, ?array $body = null): TestResponse
{
    app('auth')->forgetGuards();

    return test()->json($verb, '/api/'.$address, $body ?? [], ['Authorization' => 'Bearer '.$text]);
}

it('tells every route, and no other', function () {
    $routes = array_map(
        static fn (array $one): string => $one[0].' '.substr($one[1], 4),
        array_filter(
            Requests::routes(),
            static fn (array $one): bool => str_starts_with($one[1], 'api/') && ! str_contains($one[1], '{nothing}'),
        ),
    );
    expect(array_keys(Operations::all()))->toEqualCanonicalizing(array_values($routes));
    // and of each what it reads
    foreach (Requests::withBody($this->ada) as $name => [$verb, $address, $route, $good]) {
        $known = array_map(
            static fn (string $field): string => rtrim($field, '?'),
            array_keys(Operations::find($verb, $route->uri())->body),
        );
        expect(array_diff(array_keys($good), $known))->toBe([], $name);
    }
});

it('is a document in which every reference leads somewhere', function () {
    $text = (string) $this->getJson('/api/openapi.json')->assertOk()->getContent();
    $document = json_decode($text, true);
    preg_match_all('~"\$ref":"([^"]+)"~', str_replace('\/', '/', $text), $found);
    foreach (array_unique($found[1]) as $reference) {
        expect($reference)
            ->toStartWith('#/components/schemas/')
            ->and($document['components']['schemas'])
            ->toHaveKey(substr($reference, strlen('#/components/schemas/')));
    }
    expect($document['openapi'])
        ->toBe('3.1.0')
        ->and(
            $document['paths']['/rushes/{rush}']['put']['requestBody']['content']['application/json']['schema'][
                'required'
            ],
        )
        ->toBe(['revision', 'kit_id', 'rush'])
        ->and($document['paths']['/account']['delete']['security'])
        ->toBe([['session' => []]])
        ->and(
            array_unique(
                array_column(
                    array_merge(...array_map(array_values(...), array_values($document['paths']))),
                    'operationId',
                ),
            ),
        )
        ->toHaveCount(count(Operations::all()));
});

it('lets a program in by a key, as far as the key allows', function () {
    $made = $this->actingAs($this->ada)
        ->postJson('/api/tokens', ['name' => 'A script', 'scopes' => ['read']])
        ->assertCreated();
    $read = $made->json('text');
    $write = $this->postJson('/api/tokens', ['name' => 'Another', 'scopes' => ['write'], 'days' => 3])->json('text');
    expect(KeyRecord::query()->pluck('token')->all())
        ->not->toContain(explode('|', $read)[1])
        ->and($this->getJson('/api/tokens')->json('tokens.*.name'))
        ->toBe(['Another', 'A script'])
        ->and($made->json('token.scopes'))
        ->toBe(['read']);

    $sessions = DB::table('sessions')->count();
    byKey($read, 'GET', 'rushes')
        ->assertOk()
        ->assertJsonCount(1, 'rushes')
        ->assertHeader('X-Account', $this->ada->key());
    byKey($read, 'POST', 'plans', ['rush' => Documents::rush(), 'kit' => Documents::kit()])->assertOk();
    byKey($read, 'POST', "rushes/{$this->rush->id}/duplicate")
        ->assertForbidden()
        ->assertJsonPath('type', 'not-allowed');
    byKey($write, 'POST', "rushes/{$this->rush->id}/duplicate")->assertCreated();
    byKey($write, 'GET', 'rushes')->assertJsonCount(2, 'rushes');
    // neither opens what only somebody at a page may do, nor what is another’s
    foreach (
        [
            ['GET', 'tokens'],
            ['POST', 'tokens'],
            ['PUT', 'password'],
            ['DELETE', 'account'],
            ['POST', 'sign-out'],
            ['POST', 'register'],
        ] as [$verb, $address]
    ) {
        byKey($write, $verb, $address)->assertForbidden();
    }
    byKey($write, 'GET', 'rushes/'.People::rushOf(People::someone('Grace'))->id)->assertNotFound();
    expect(DB::table('sessions')->count())
        ->toBe($sessions)
        ->and($this->actingAs($this->ada)->getJson('/api/tokens')->json('tokens.0.used_at'))
        ->not->toBeNull();

    $this->travel(4)->days();
    byKey($write, 'GET', 'rushes')->assertUnauthorized()->assertJsonPath('type', 'bad-key');
    byKey($read, 'GET', 'rushes')->assertOk();
    $this->actingAs($this->ada)
        ->deleteJson('/api/tokens/'.$made->json('token.id'))
        ->assertNoContent();
    byKey($read, 'GET', 'rushes')->assertUnauthorized();
    byKey('1|nonsense', 'GET', 'rushes')->assertUnauthorized();
});

it('never lets the cookies of a browser stand in for a key, and ends every key with its account', function () {
    $grace = People::someone('Grace');
    $text = $grace->createToken('mine', [Scope::Read->value])->plainTextToken;
    // Ada is signed in here; the key says Grace
    $this->actingAs($this->ada, 'web');
    $this->json('GET', '/api/session', [], ['Authorization' => 'Bearer '.$text])->assertJsonPath(
        'user.name',
        'Grace',
    );
    app('auth')->forgetGuards();
    $this->actingAs($grace, 'web')
        ->deleteJson('/api/account', ['password' => 'sandpiper-dawn'])
        ->assertNoContent();
    expect(KeyRecord::query()->count())
        ->toBe(0)
        ->and(User::query()->count())
        ->toBe(1);
});

it('says what is amiss with a key that is asked for', function (array $body, string $pointer) {
    $this->actingAs($this->ada)
        ->postJson('/api/tokens', $body + ['name' => 'x', 'scopes' => ['read']])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', $pointer);
})->with([
    [['scopes' => []], '/scopes/0'],
    [['scopes' => ['all']], '/scopes/0'],
    [['days' => 0], '/days'],
    [['days' => 9000], '/days'],
    [['name' => ' '], '/name'],
]);

it('keeps no more keys than twenty', function () {
    $this->actingAs($this->ada);
    foreach (range(1, 20) as $at) {
        $this->ada->createToken("key {$at}", ['read']);
    }
    $this->postJson('/api/tokens', ['name' => 'one more', 'scopes' => ['read']])
        ->assertStatus(409)
        ->assertJsonPath('type', 'full');
});
