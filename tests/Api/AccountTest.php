<?php

declare(strict_types=1);

use App\Models\RushRecord;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Tests\Support\Frames;
use Tests\Support\People;

const NEWCOMER = ['name' => 'Ada', 'email' => 'ada@turf.example', 'password' => 'sandpiper-dawn'];

it('registers, signs out and in, with a kit to begin with', function () {
    $this->postJson('/api/register', NEWCOMER)
        ->assertCreated()
        ->assertJsonPath('user.settings.theme', 'paper');
    $user = User::query()->where('email', 'ada@turf.example')->sole();
    expect(Hash::check('sandpiper-dawn', $user->password))
        ->toBeTrue()
        ->and($user->password)
        ->not->toContain('sandpiper');
    $this->assertAuthenticatedAs($user);
    $this->getJson('/api/kits')->assertOk()->assertJsonCount(1, 'kits');

    $this->postJson('/api/sign-out')->assertNoContent();
    $this->assertGuest();
    $this->postJson('/api/sign-in', ['email' => 'ada@turf.example', 'password' => 'wrong'])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/email');
    $this->postJson('/api/sign-in', [
        'email' => 'ada@turf.example',
        'password' => 'sandpiper-dawn',
    ])->assertOk();
    $this->assertAuthenticatedAs($user);
});

it('refuses a registration with field, value and range', function (array $change, string $pointer, string $words) {
    User::query()->create(NEWCOMER + ['settings' => [], 'assumptions' => []]);
    $this->postJson('/api/register', [...NEWCOMER, 'email' => 'other@turf.example', ...$change])
        ->assertStatus(422)
        ->assertHeader('Content-Type', 'application/problem+json')
        ->assertJsonPath('faults.0.pointer', $pointer)
        ->assertJsonPath('type', 'bad-input');
    expect(
        $this->postJson('/api/register', [...NEWCOMER, 'email' => 'other@turf.example', ...$change])->json(
            'faults.0.message',
        ),
    )->toContain($words);
})->with([
    [['password' => 'short'], '/password', '10 to 72 characters'],
    [['email' => 'nobody'], '/email', '“nobody”'],
    [['email' => 'ada@turf.example'], '/email', 'has an account already'],
    [['name' => ''], '/name', '1 to 120'],
]);

it('slows down guessing of passwords', function () {
    foreach (range(1, 5) as $try) {
        $this->postJson('/api/sign-in', [
            'email' => 'ada@turf.example',
            'password' => "guess {$try}",
        ])->assertStatus(422);
    }
    $this->postJson('/api/sign-in', ['email' => 'ada@turf.example', 'password' => 'guess 6'])
        ->assertStatus(429)
        ->assertJsonPath('type', 'too-often')
        ->assertHeader('Retry-After');
});

it('opens the demo only in demo mode', function () {
    $this->seed();
    $this->seed(); // seeding again changes nothing
    expect(User::query()->count())
        ->toBe(1)
        ->and(RushRecord::query()->count())
        ->toBeGreaterThanOrEqual(8);
    $this->postJson('/api/demo')->assertOk()->assertJsonPath('user.name', 'Demo');
    foreach ($this->getJson('/api/rushes')->json('rushes') as $row) {
        expect($row['settings'])->not->toBeNull($row['name']);
    }
    auth()->logout();
    config(['rushhold.demo' => false]);
    $this->postJson('/api/demo')->assertNotFound();
});

it('keeps settings, and refuses unknown ones', function () {
    $this->actingAs(People::someone());
    $this->putJson('/api/settings', ['settings' => ['theme' => 'ember']])
        ->assertOk()
        ->assertJsonPath('user.settings', ['theme' => 'ember', 'units' => 'metric', 'letters' => 'on']);
    $this->putJson('/api/settings', ['settings' => ['theme' => 'neon']])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.range', 'paper, dusk, ember');
    $this->putJson('/api/settings', ['settings' => ['shape' => 'round']])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/settings/shape');
    $this->getJson('/api/session')->assertJsonPath('user.settings.theme', 'ember');
});

it('keeps assumed figures of one\'s own, and plans with them', function () {
    $this->actingAs($user = People::someone());
    $rush = People::rushOf($user);
    $before = $this->getJson("/api/rushes/{$rush->id}/plan")->json('hold.shutter_s');
    $this->putJson('/api/assumptions', ['assumptions' => ['panning.settled' => 0.95]])
        ->assertOk()
        ->assertJsonPath('user.assumptions', ['panning.settled' => 0.95]);
    expect($this->getJson("/api/rushes/{$rush->id}/plan")->json('hold.shutter_s'))->toBeGreaterThan($before);
    $this->putJson('/api/assumptions', ['assumptions' => ['panning.settled' => 7]])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.range', '0 to 0.99');
    $this->putJson('/api/assumptions', ['assumptions' => ['panning.settled' => null]])->assertOk();
    expect($this->getJson("/api/rushes/{$rush->id}/plan")->json('hold.shutter_s'))->toBe($before);
});

it('changes the password and signs other devices out', function () {
    $this->actingAs($user = People::someone());
    DB::table('sessions')->insert([
        'id' => 'elsewhere',
        'user_id' => $user->id,
        'payload' => '',
        'last_activity' => time(),
    ]);
    $this->putJson('/api/password', ['current' => 'wrong', 'password' => 'turnstone-dusk'])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/current');
    $this->putJson('/api/password', [
        'current' => 'sandpiper-dawn',
        'password' => 'turnstone-dusk',
    ])->assertNoContent();
    expect(Hash::check('turnstone-dusk', $user->refresh()->password))
        ->toBeTrue()
        ->and(DB::table('sessions')->where('id', 'elsewhere')->exists())
        ->toBeFalse();
});

it('deletes an account with everything in it, and nothing else', function () {
    $other = People::someone('Bea');
    People::rushOf($other);
    $this->actingAs($user = People::someone());
    People::rushOf($user);
    People::rushOf($user)->delete();
    $this->deleteJson('/api/account', ['password' => 'wrong'])->assertStatus(422);
    $this->deleteJson('/api/account', ['password' => 'sandpiper-dawn'])->assertNoContent();

    $left = fn (string $table): array => DB::table($table)->pluck('user_id')->unique()->values()->all();
    expect(User::query()->pluck('id')->all())->toBe([$other->id]);
    foreach (['gear', 'kits', 'rushes'] as $table) {
        expect($left($table))->toBe([$other->id]);
    }
    expect(DB::table('versions')->count())->toBe(1);
});

it('leaves no row of an account behind, table by table', function () {
    $user = People::someone();
    $rush = People::rushOf($user);
    $promise = app(App\Log\Counts\Promises::class)->of($rush, $user);
    app(App\Shoot\PlayedLog::class)->pass($user, $rush, $promise, [], 3, Illuminate\Support\Carbon::parse('2026-05-23 05:00:00'));
    People::outingOf($user, $rush);
    People::cardOf($user, $rush);
    People::fileOf($user);
    People::sweepOf($user, $rush);
    $this->actingAs($user);
    $this->getJson('/api/log/learnt')->assertOk();
    Frames::worked('learn');
    $burst = $user->bursts()->firstOrFail();
    $this->postJson("/api/bursts/{$burst->id}/agree")->assertOk();
    $this->putJson("/api/gear/{$rush->kit->body_id}/camera-state", ['state' => ['format' => 'camera-state/1'], 'by' => 'typed', 'at' => time() * 1000])->assertOk();
    $owned = DB::table('information_schema.columns')
        ->where('table_schema', DB::getDatabaseName())
        ->where('column_name', 'user_id')
        ->pluck('table_name')
        ->all();
    $rows = static fn (): array => array_filter(array_combine($owned, array_map(static fn (string $table): int => DB::table($table)->where('user_id', $user->id)->count(), $owned)));
    expect(array_keys($rows()))->toContain('gear', 'kits', 'rushes', 'cards', 'places', 'outings', 'files', 'runs', 'versions', 'camera_states', 'promises', 'bursts', 'frames', 'counted', 'tallies', 'learnt', 'log_acts');
    $this->deleteJson('/api/account', ['password' => 'sandpiper-dawn'])->assertNoContent();
    expect($rows())->toBe([]);
    // and nothing that was found by its rush, its outing or its burst
    foreach (['plans' => 'rush_id', 'rehearsals' => 'rush_id', 'days' => 'outing_id', 'kits' => 'body_id'] as $table => $column) {
        expect(DB::table($table)->whereNotNull($column)->whereNotIn($column, DB::table(['plans' => 'rushes', 'rehearsals' => 'rushes', 'days' => 'outings', 'kits' => 'gear'][$table])->select('id'))->count())->toBe(0);
    }
});

it('sends its security headers with every answer', function (string $path) {
    $response = $this->get($path);
    $policy = (string) $response->headers->get('Content-Security-Policy');
    preg_match('/script-src ([^;]*)/', $policy, $script);

    expect($script[1])
        ->toBe("'self'")
        ->and($policy)
        ->toContain("default-src 'none'")
        ->toContain("frame-ancestors 'none'")
        ->not->toContain('unsafe')
        ->not->toContain('http')
        ->and($response->headers->get('X-Content-Type-Options'))
        ->toBe('nosniff')
        ->and($response->headers->get('Cache-Control'))
        ->toContain('no-store');
})->with(['/', '/api/session', '/api/nothing', '/nowhere']);

it('sets a session cookie no script can read, and only over HTTPS where there is HTTPS', function () {
    $cookie = fn (string $address) => collect($this->get($address)->headers->getCookies())->first(
        fn ($cookie) => str_ends_with($cookie->getName(), 'session'),
    );

    expect($cookie('http://localhost/')->isHttpOnly())
        ->toBeTrue()
        ->and($cookie('http://localhost/')->getSameSite())
        ->toBe('lax')
        ->and($cookie('http://localhost/')->isSecure())
        ->toBeFalse()
        ->and($cookie('https://localhost/')->isSecure())
        ->toBeTrue();
});

it('puts the page\'s data where no text of a person can break out of it', function () {
    $user = People::someone();
    $user->update(['name' => '</script><script>alert(1)</script>']);
    $page = (string) $this->actingAs($user)->get('/')->getContent();

    expect($page)
        ->not->toContain('<script>alert')
        ->and(substr_count($page, '</script>'))
        ->toBe(substr_count($page, '<script'));
});
