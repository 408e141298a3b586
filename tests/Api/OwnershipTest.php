<?php

declare(strict_types=1);

use App\Owned\Owned;
use App\Owned\OwnedTable;
use RushHold\Controls\Layout;
use Tests\Support\Documents;
use Tests\Support\Frames;
use Tests\Support\Outings;
use Tests\Support\People;
use Tests\Support\Requests;

/** Addresses that anybody may ask for. Whatever is not named here is for who is signed in. */
const OPEN = [
    'api/session',
    'api/catalogue',
    'api/register',
    'api/sign-in',
    'api/demo',
    'api/password/forgotten',
    'api/password/reset',
    'api/shared/{token}',
    'api/{nothing}',
    '/',
    '{room?}',
    'api/openapi.json',
    'healthz',
    'healthz/full',
];

it('asks everybody to sign in, on every route there is', function () {
    $asked = 0;
    foreach (Requests::routes() as [$verb, $uri]) {
        if (! in_array($uri, OPEN, true)) {
            $this->json($verb, '/'.preg_replace('/\{\w+\}/', '01ARZ3NDEKTSV4RRFFQ69G5FAV', $uri))
                ->assertStatus(401)
                ->assertJsonPath('type', 'signed-out');
            $asked++;
        }
    }
    expect($asked)->toBeGreaterThan(20);
});

it('shows and gives nobody anything of another account, on every route and verb there is', function () {
    $owner = People::someone('Owner');
    $rush = People::rushOf($owner);
    $gone = People::rushOf($owner);
    $gone->delete();
    $things = [
        'rush' => [$rush->id, $gone->id],
        'kit' => [People::kitOf($owner)->id],
        'gear' => $owner->gear()->pluck('id')->all(),
        'card' => [People::cardOf($owner, $rush)->id],
        'sweep' => [People::sweepOf($owner, $rush)->id],
        'file' => [People::fileOf($owner)->id, People::tableFileOf($owner)->id],
        'table' => [People::tableOf($owner)->id],
        'place' => [People::placeOf($owner)->id],
        'outing' => [People::outingOf($owner, $rush)->id],
        'burst' => [Frames::frameOf($owner)->burst_id],
        'frame' => [Frames::frameOf($owner)->id],
        'figure' => [People::figureOf($owner)],
        'token' => [(string) $owner->createToken('a key', ['write'])->accessToken->getKey()],
    ];
    // every row of every table that belongs to the owner
    $state = static fn (): array => array_map(
        static fn (OwnedTable $table): string => $table->rowsOf($owner->id)->get()->toJson(),
        app(Owned::class)->all(),
    );
    $before = $state();
    $stranger = People::someone('Stranger');
    $this->actingAs($stranger);
    // where an address names two things, the other is the stranger's own
    $own = [
        'rush' => People::rushOf($stranger)->id,
        'gear' => $stranger->gear()->where('type', 'body')->firstOrFail()->id,
        'scheme' => 'thumb',
        'which' => 'whole',
    ];
    $tried = 0;
    foreach (Requests::routes() as [$verb, $uri, $route]) {
        foreach ($route->parameterNames() as $parameter) {
            if (in_array($uri, OPEN, true) || in_array($parameter, ['scheme', 'purpose', 'hash', 'which'], true)) {
                continue;
            }
            foreach (
                $things[$parameter] ??
                    throw new Exception("The test does not know {$parameter}: add one that belongs to somebody else.") as $id
            ) {
                $body = [
                    'revision' => 1,
                    'gesture' => 'g',
                    'kit_id' => $things['kit'][0],
                    'rush' => Documents::rush(),
                    'name' => 'mine now',
                    'document' => Documents::kit()['lens'],
                    'rushes' => [$rush->id],
                    'layout' => Layout::fresh()->toArray(),
                    'state' => ['format' => 'camera-state/1'],
                    'ticks' => new stdClass(),
                    'by' => 'typed',
                    'at' => 1,
                    'days' => 1,
                    'seed' => 1,
                    'kind' => 'exposure',
                    'dials' => new stdClass(),
                    'place' => Outings::document()['place'],
                    'place_id' => $things['place'][0],
                    'outing' => Outings::kept($rush->id),
                ];
                $address = str_replace('{'.$parameter.'}', $id, $uri);
                foreach (array_diff_key($own, [$parameter => 1]) as $other => $mine) {
                    $address = str_replace('{'.$other.'}', $mine, $address);
                }
                $this->json($verb, '/'.$address, $body)
                    ->assertStatus(404)
                    ->assertJsonPath('type', 'not-found');
                $tried++;
            }
        }
    }
    expect($tried)->toBeGreaterThan(20)->and($state())->toBe($before);
    foreach (['rushes', 'kits', 'gear', 'cards', 'kit-file', 'places', 'outings'] as $list) {
        expect($this->getJson('/api/'.$list)->getContent())
            ->not->toContain($rush->id)
            ->not->toContain($things['kit'][0]);
    }
});

it('answers what does not exist in one shape', function (string $verb, string $path, int $status, string $type) {
    $this->actingAs(People::someone())
        ->json($verb, $path)
        ->assertStatus($status)
        ->assertHeader('Content-Type', 'application/problem+json')
        ->assertJsonPath('type', $type)
        ->assertJsonStructure(['type', 'title', 'status', 'detail', 'faults']);
})->with([
    ['GET', '/api/dragons', 404, 'not-found'],
    ['GET', '/api/rushes/zzz', 404, 'not-found'],
    ['PATCH', '/api/rushes', 404, 'not-found'],
    ['GET', "/api/rushes/'; drop table rushes; --", 404, 'not-found'],
]);

it('shows a lost visitor a page in its own voice', function () {
    $this->get('/nowhere')->assertStatus(404)->assertSee('There is nothing here')->assertDontSee('Symfony');
});
