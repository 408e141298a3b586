<?php

declare(strict_types=1);

use App\Http\Middleware\Heavy;
use App\Logging\BoundedLog;
use App\Models\CardRecord;
use App\Models\RushRecord;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Tests\Support\People;
use Tests\Support\Requests;

/** A shared card of somebody who is signed in, and its link. */
function sharing(object $test): array
{
    $test->ada = People::someone();
    $test->actingAs($test->ada);
    $card = People::cardOf($test->ada, People::rushOf($test->ada));
    $link = $test
        ->postJson("/api/cards/{$card->id}/share", ['days' => 7])
        ->assertOk()
        ->json('share.link');

    return [$card, parse_url($link, PHP_URL_PATH)];
}

it('leaves shared links dead and all else alive under another key', function () {
    [$card, $path] = sharing($this);
    $this->getJson('/api'.$path)->assertOk();
    $key = 'base64:'.base64_encode(random_bytes(32));
    config(['app.key' => $key]);
    Crypt::swap(new Encrypter(base64_decode(substr($key, 7)), 'AES-256-CBC'));
    $this->getJson('/api'.$path)->assertNotFound();
    $this->getJson('/api/cards')->assertOk()->assertJsonPath('cards.0.share', null);
    $this->getJson("/api/cards/{$card->id}")->assertOk();
    $this->putJson("/api/cards/{$card->id}", [
        'revision' => 1,
        'gesture' => 'g',
        'name' => 'Renamed',
        'rushes' => [],
    ])->assertOk();
    $this->get("/api/cards/{$card->id}/pdf")->assertOk();
    $this->postJson("/api/cards/{$card->id}/share", ['days' => 1])->assertOk();
});

it('ends the link of a deleted card for good', function () {
    [$card, $path] = sharing($this);
    $this->deleteJson("/api/cards/{$card->id}")->assertNoContent();
    $this->getJson('/api'.$path)->assertNotFound();
    $this->postJson("/api/cards/{$card->id}/restore")
        ->assertOk()
        ->assertJsonPath('share', null);
    $this->getJson('/api'.$path)->assertNotFound();
});

it('names the address of the operator in its links, whatever the request calls this machine', function () {
    $this->ada = People::someone();
    $card = People::cardOf($this->ada, People::rushOf($this->ada));
    $this->app->make('url')->useOrigin('https://rush.example');
    $this->app->make('url')->forceScheme('https');
    $this->actingAs($this->ada)
        ->postJson("http://evil.example/api/cards/{$card->id}/share", ['days' => 1])
        ->assertJsonPath(
            'share.link',
            fn (string $link): bool => str_starts_with($link, 'https://rush.example/shared/'),
        );
    expect((string) $this->get('http://evil.example/')->getContent())
        ->not->toContain('evil.example')
        ->toContain('"/build/assets/');
});

it('keeps no session of whoever is not signed in, and lets their forms in all the same', function () {
    foreach (range(1, 5) as $visit) {
        $this->get('/')->assertOk();
    }
    expect(DB::table('sessions')->count())->toBe(0);
});

it('takes a form of nobody only with the sealed token of its own page', function () {
    $match = function (array $cookies, array $headers): bool {
        $request = Illuminate\Http\Request::create('http://localhost/api/sign-in', 'POST', [], $cookies, [], $headers);
        $request->setLaravelSession($this->app['session.store']);
        $forms = new class($this->app, $this->app['encrypter']) extends App\Http\Middleware\OwnForms
        {
            public function match(Illuminate\Http\Request $request): bool
            {
                return $this->tokensMatch($request);
            }
        };

        return $forms->match($request);
    };
    $this->app['session.store']->start();
    $sealed = fn (string $token): string => $this->app['encrypter']->encrypt(
        Illuminate\Cookie\CookieValuePrefix::create('XSRF-TOKEN', $this->app['encrypter']->getKey()).$token,
        false,
    );
    $good = ['HTTP_X_XSRF_TOKEN' => $sealed('abc'), 'HTTP_ORIGIN' => 'http://localhost'];
    expect($match(['XSRF-TOKEN' => 'abc'], $good))
        ->toBeTrue()
        ->and($match(['XSRF-TOKEN' => 'other'], $good))
        ->toBeFalse()
        ->and($match([], $good))
        ->toBeFalse()
        ->and($match(['XSRF-TOKEN' => 'abc'], ['HTTP_X_XSRF_TOKEN' => 'abc'] + $good))
        ->toBeFalse()
        ->and($match(['XSRF-TOKEN' => 'abc'], ['HTTP_ORIGIN' => 'http://evil.example'] + $good))
        ->toBeFalse()
        ->and($match(['XSRF-TOKEN' => 'abc'], ['HTTP_SEC_FETCH_SITE' => 'cross-site'] + $good))
        ->toBeFalse();
});

it('takes away what has had its time and nothing else', function () {
    $ada = People::someone();
    $rush = People::rushOf($ada);
    [$gone, $named] = [People::rushOf($ada), People::rushOf($ada)];
    $card = People::cardOf($ada, $named);
    foreach ([$gone, $named] as $one) {
        $one->delete();
    }
    // an outing, and with it its place; another that a burst was taken on
    [$outing, $worked] = [People::outingOf($ada, $rush), People::outingOf($ada, $rush)];
    DB::table('bursts')->insert(['id' => str_repeat('b', 26), 'user_id' => $ada->id, 'began_at' => now(), 'ended_at' => now()]);
    DB::table('counted')->insert(['burst_id' => str_repeat('b', 26), 'user_id' => $ada->id, 'began_at' => now(), 'outing' => $worked->id, 'frames' => 0, 'keepers' => 0, 'verdicts' => '{}']);
    foreach ([$outing, $worked] as $one) {
        $one->delete();
        $one->place()->first()->delete();
    }
    DB::table('sessions')->insert([
        ['id' => 'old', 'payload' => '', 'last_activity' => 1, 'user_id' => null],
        ['id' => 'new', 'payload' => '', 'last_activity' => time(), 'user_id' => $ada->id],
    ]);
    DB::table('cache')->insert(['key' => 'old', 'value' => '1', 'expiration' => 1]);
    CardRecord::query()
        ->whereKey($card->id)
        ->update(['share_token' => 'x', 'share_hash' => str_repeat('h', 64), 'share_until' => now()->addDay()]);
    Artisan::call('tidy');
    expect(DB::table('sessions')->pluck('id')->all())
        ->toBe(['new'])
        ->and(DB::table('cache')->count())
        ->toBe(0)
        ->and(RushRecord::withTrashed()->count())
        ->toBe(3);
    Carbon::setTestNow(now()->addDays(31));
    DB::table('sessions')->update(['last_activity' => now()->getTimestamp()]);
    Artisan::call('tidy');
    expect(RushRecord::withTrashed()->pluck('id')->all())
        ->toEqualCanonicalizing([$rush->id, $named->id])
        ->and(DB::table('versions')->where('record_id', $gone->id)->count())
        ->toBe(0)
        ->and($card->refresh()->share_hash)
        ->toBeNull()
        ->and(DB::table('outings')->pluck('id')->all())
        ->toBe([$worked->id])
        ->and(DB::table('places')->pluck('id')->all())
        ->toBe([$worked->place_id])
        ->and(DB::table('versions')->whereIn('record_id', [$outing->id, $outing->place_id])->count())
        ->toBe(0);
    Artisan::call('sessions:end');
    expect(DB::table('sessions')->count())->toBe(0);
});

it('says what is well in one word to anybody, part by part to the operator alone', function () {
    $this->get('/healthz')->assertOk()->assertSee('ok');
    $beat = (string) tempnam(sys_get_temp_dir(), 'beat');
    config(['rushhold.beat' => $beat]);
    $this->getJson('/healthz/full')
        ->assertOk()
        ->assertJsonPath('well', true)
        ->assertJsonPath('store.well', true)
        ->assertJsonPath('worker.well', true);
    touch($beat, time() - 100);
    clearstatcache();
    $this->getJson('/healthz/full')
        ->assertStatus(503)
        ->assertJsonPath('worker.well', false)
        ->assertJsonPath('store.well', true);
    unlink($beat);
    $this->getJson('/healthz/full')
        ->assertStatus(503)
        ->assertJsonPath('worker.message', 'none has been here; sweeps wait');
    $from = ['REMOTE_ADDR' => '203.0.113.9'];
    $this->withServerVariables($from)->getJson('/healthz/full')->assertNotFound();
    config(['rushhold.health_token' => 'of-the-operator']);
    $this->withServerVariables($from)
        ->getJson('/healthz/full', ['Authorization' => 'Bearer of-the-operator'])
        ->assertStatus(503);
    $this->withServerVariables($from)
        ->getJson('/healthz/full', ['Authorization' => 'Bearer of-a-stranger'])
        ->assertNotFound();
});

it('writes down so much a day and no more', function () {
    $folder = sys_get_temp_dir().'/log-'.bin2hex(random_bytes(4));
    mkdir($folder);
    $log = new BoundedLog($folder.'/test.log');
    $log->setFormatter(new Monolog\Formatter\LineFormatter());
    foreach (range(1, 1600) as $turn) {
        $log->handle(
            new Monolog\LogRecord(new DateTimeImmutable(), 'test', Monolog\Level::Error, str_repeat('x', 20_000)),
        );
    }
    $log->close();
    $size = array_sum(array_map(filesize(...), glob($folder.'/*') ?: []));
    exec('rm -rf '.escapeshellarg($folder));
    expect($size)->toBeLessThan(8_100_000)->toBeGreaterThan(7_000_000);
});

it('sends what reckons for long to a line of its own, every route of it', function () {
    $conf = (string) file_get_contents(base_path('bin/serve/nginx.conf'));
    preg_match('#location ~ (\^/api/\(\?:rushes/\S+) \{[^}]*?heavy\.sock#s', $conf, $found);
    $marked = [];
    foreach (Requests::routes() as [$verb, $uri, $route]) {
        $address = '/'.preg_replace('/\{\w+\}/', '01arz3ndektsv4rrffq69g5fav', $uri);
        $isMarked =
            in_array('heavy', $route->gatherMiddleware(), true) ||
            in_array(Heavy::class, $route->gatherMiddleware(), true);
        // GET of sweeps shares its address with their beginning
        if ($isMarked) {
            $marked[] = preg_replace('/\{\w+\}/', '*', substr($uri, strlen('api/')));
            expect(preg_match('#'.$found[1].'#', $address))->toBe(
                1,
                "{$verb} {$address} waits among what is quick",
            );
        } elseif (! str_ends_with($address, '/sweeps')) {
            expect(preg_match('#'.$found[1].'#', $address))->toBe(
                0,
                "{$verb} {$address} waits behind what is slow",
            );
        }
    }
    // the page knows the same ones (generated/vocabulary.ts), and asks for two of them at once
    expect(array_unique($marked))
        ->toEqualCanonicalizing(Heavy::PATHS)
        ->and(Route::getRoutes()->count())
        ->toBeGreaterThan(60);
});

it('answers an address that cannot be read in its own voice, as what was asked for', function () {
    $this->get('/%ff')->assertStatus(400)->assertSee('That was not understood')->assertDontSee('broke on our side');
    $this->call('GET', '/api/cards/%ff', server: ['REQUEST_URI' => '/api/cards/%ff'])
        ->assertStatus(400)
        ->assertHeader('Content-Type', 'application/problem+json');
});

it('refuses rushes of others wherever a layout names one', function (Closure $with) {
    $ada = People::someone();
    $body = $ada->gear()->where('type', 'body')->firstOrFail();
    $theirs = People::rushOf(People::someone('Grace'))->id;
    $layout = $with(RushHold\Controls\Layout::fresh()->toArray(), $theirs);
    $this->actingAs($ada)
        ->putJson("/api/layouts/{$body->id}", ['revision' => 1, 'gesture' => 'g', 'layout' => $layout])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.value', $theirs);
})->with([
    'base' => [fn (array $layout, string $id): array => ['base' => $id] + $layout],
    'a use' => [
        fn (array $layout, string $id): array => [
            'uses' => [['control' => 'thumb', 'does' => 'recall', 'hold' => $id, 'carries' => []]],
        ] + $layout,
    ],
    'what follows' => [
        fn (array $layout, string $id): array => ['follows' => [['from' => $id, 'to' => $id, 'times' => 1]]] + $layout,
    ],
    'the day' => [fn (array $layout, string $id): array => ['holds' => [$id]] + $layout],
]);

it('prints what people are called in the typefaces of the product', function () {
    $ada = People::someone();
    $rush = People::rushOf($ada);
    $card = People::cardOf($ada, $rush);
    $card->update(['name' => '朝の海 🐦 Łódź '.str_repeat('W', 90)]);
    $file = tempnam(sys_get_temp_dir(), 'card');
    file_put_contents(
        $file,
        $this->actingAs($ada)
            ->get("/api/cards/{$card->id}/pdf?paper=a6")
            ->assertOk()
            ->getContent(),
    );
    $fonts = (string) shell_exec('pdffonts '.escapeshellarg($file));
    $text = (string) shell_exec('pdftotext '.escapeshellarg($file).' -');
    unlink($file);
    expect($fonts)
        ->toContain('AtkinsonHyperlegibleNext')
        ->toContain('SairaSemiCondensed')
        ->toContain('Literata')
        ->toContain('DroidSansFallback')
        ->and($text)
        ->toContain('朝の海')
        ->toContain('(bird)')
        ->toContain('Łódź');
});

/** What a script says that has everything of bin/lib.sh, and how it ends. */
function shell(string $script, string $command = 'bin/start'): array
{
    exec(
        'cd '.
            escapeshellarg(base_path()).
            ' && bash -c '.
            escapeshellarg('. bin/lib.sh; '.$script).
            ' '.
            $command.
            ' 2>&1',
        $said,
        $exit,
    );

    return [implode("\n", $said), $exit];
}

it('leaves in the settings what the operator has added or changed', function () {
    $file = (string) tempnam(sys_get_temp_dir(), 'env');
    $own =
        "APP_KEY=base64:kept\nTRUSTED_PROXIES=10.0.0.1\n# a note\nSESSION_LIFETIME=60\nAPP_DEBUG=true\nRUSH_HOLD_DEMO=false\nDB_PORT=1\nAPP_NAME=\"Our own\"\n";
    file_put_contents($file, $own);
    [$said, $exit] = shell(
        "INSTANCE=live ENV_FILE={$file}; unset DEMO; write_env 33771 secret; write_env 33772 secret; set_env APP_URL http://127.0.0.1:8571",
    );
    expect($exit)->toBe(0, $said);
    $now = (string) file_get_contents($file);
    unlink($file);
    expect($now)
        ->toStartWith(str_replace('DB_PORT=1', 'DB_PORT=33772', $own))
        ->toContain('DB_PASSWORD=secret')
        ->toContain('APP_URL=http://127.0.0.1:8571')
        ->and(substr_count($now, 'DB_PORT='))
        ->toBe(1)
        ->and(substr_count($now, 'RUSH_HOLD_DEMO='))
        ->toBe(1);
});

it('takes the options of its commands in either way, and shows the usage for any other', function (
    string $given,
    string $says,
    int $ends,
) {
    [$said, $exit] = shell(
        "options 'port to' 'fresh no-demo' {$given}; echo \"\$OPTION_PORT|\${OPTION_NO_DEMO:-}|\${OPTION_TO:-}\"",
        base_path('bin/start'),
    );
    expect($said)->toContain($says)->and($exit)->toBe($ends);
})->with([
    ['--port 8700', '8700||', 0],
    ['--port=8700 --no-demo', '8700|1|', 0],
    ['--no-demo --to "a b" --port 9', '9|1|a b', 0],
    ['--prot 8700', '“--prot” is not an option here', 2],
    ['--port', '“--port” needs a value after it', 2],
    ['--fresh=yes', '“--fresh=yes” is not an option here', 2],
    ['8700', '“8700” is not an option here', 2],
]);

it('shows the usage of every command for an option it does not have', function () {
    foreach (glob(base_path('bin/*')) ?: [] as $command) {
        if (is_dir($command) || ! is_executable($command)) {
            continue;
        }
        exec(escapeshellarg($command).' --no-such-option 2>&1', $said, $exit);
        expect([basename($command), $exit])
            ->toBe([basename($command), 2])
            ->and(implode("\n", $said))
            ->toContain('--no-such-option')
            ->toContain('is not an option here');
        $said = [];
    }
});
