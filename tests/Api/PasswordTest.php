<?php

declare(strict_types=1);

use App\Accounts\Passwords;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Tests\Support\People;

beforeEach(function () {
    $this->ada = People::someone();
    $this->signIn = fn (string $email, string $password) => $this->postJson('/api/sign-in', [
        'email' => $email,
        'password' => $password,
    ]);
});

it('compares addresses by what they are, and passwords to their last character', function () {
    $this->ada->update(['email' => 'ada@turf.example']);
    ($this->signIn)(' ADA@turf.example ', 'sandpiper-dawn')->assertOk();
    foreach (["\u{e1}da@turf.example", "\u{ff41}da@turf.example", 'ada@turf.example x'] as $other) {
        ($this->signIn)($other, 'sandpiper-dawn')->assertStatus(422);
    }
    ($this->signIn)("ada\u{200B}@turf.example", 'sandpiper-dawn')
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/email');
    ($this->signIn)('ada@turf.example', 'sandpiper-dawn ')->assertStatus(422);
    $long = ['name' => 'B', 'email' => 'b@turf.example', 'password' => str_repeat('p', 73)];
    $this->postJson('/api/register', $long)->assertStatus(422)->assertJsonPath('faults.0.range', '10 to 72 characters');
    $this->postJson('/api/register', ['password' => str_repeat('p', 72)] + $long)->assertCreated();
    $this->postJson('/api/register', [
        'name' => 'C',
        'email' => 'c@turf.example',
        'password' => "ten letters\0and more",
    ])->assertStatus(422);
});

it('counts guesses of one address however it is written', function () {
    foreach (
        ['ada@turf.example', 'ADA@turf.example', ' ada@turf.example', 'ada@turf.example  ', 'Ada@Turf.Example'] as $spelling
    ) {
        ($this->signIn)($spelling, 'a guess or so')->assertStatus(422);
    }
    ($this->signIn)('aDA@turf.example', 'a guess or so')->assertStatus(429);
});

it('takes as long for an address that nobody has', function () {
    config(['hashing.bcrypt.rounds' => 9]);
    $user = (new User())->setRawAttributes([
        'id' => 1,
        'is_demo' => 0,
        'demo_until' => null,
        'password' => password_hash('sandpiper-dawn', PASSWORD_BCRYPT, ['cost' => 9]),
    ]);
    $work = static function (?User $who): float {
        $from = getrusage();
        foreach (range(1, 8) as $ignored) {
            Passwords::isRight($who, 'not the password');
        }
        $to = getrusage();

        return $to['ru_utime.tv_sec'] -
            $from['ru_utime.tv_sec'] +
            ($to['ru_utime.tv_usec'] - $from['ru_utime.tv_usec']) / 1e6;
    };
    $work(null);
    expect($work(null) / $work($user))->toBeBetween(0.4, 2.5);
});

it('ends every other session and kept device at a change, keeps its own, and wants another password', function () {
    $this->actingAs($this->ada);
    $this->putJson('/api/password', ['current' => 'sandpiper-dawn', 'password' => 'sandpiper-dawn'])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/password');
    $this->putJson('/api/password', ['current' => ['x'], 'password' => 'turnstone-dusk'])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/current');
    DB::table('sessions')->insert([
        'id' => 'elsewhere',
        'user_id' => $this->ada->id,
        'payload' => '',
        'last_activity' => time(),
    ]);
    $session = session()->getId();
    $remembered = $this->ada->refresh()->getRememberToken();
    $this->putJson('/api/password', ['current' => 'sandpiper-dawn', 'password' => 'turnstone-dusk'])->assertNoContent();
    expect(DB::table('sessions')->where('id', 'elsewhere')->exists())
        ->toBeFalse()
        ->and(session()->getId())
        ->not->toBe($session)
        ->and($this->ada->refresh()->getRememberToken())
        ->not->toBe($remembered);
    $this->getJson('/api/gear')->assertOk();
});

it('sets a forgotten password by a link of the operator, once and within the hour', function () {
    config(['app.url' => 'https://rush.example']);
    expect(Artisan::call('account:reset', ['email' => 'nobody@turf.example']))
        ->toBe(2)
        ->and(Artisan::output())
        ->toContain('No account has the address “nobody@turf.example”.');
    Artisan::call('account:reset', ['email' => strtoupper($this->ada->email)]);
    preg_match('#/reset/([0-9a-f]{64})\?email=#', Artisan::output(), $found);
    $this->get("/reset/{$found[1]}?email=x")->assertOk();
    $with = fn (array $own) => $this->postJson(
        '/api/password/reset',
        $own + ['email' => $this->ada->email, 'token' => $found[1], 'password' => 'turnstone-dusk'],
    );
    $with(['token' => str_repeat('0', 64)])->assertStatus(422);
    $with(['password' => 'short'])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/password');
    DB::table('sessions')->insert([
        'id' => 'elsewhere',
        'user_id' => $this->ada->id,
        'payload' => '',
        'last_activity' => time(),
    ]);
    $with([])->assertOk();
    expect(DB::table('sessions')->where('id', 'elsewhere')->exists())->toBeFalse();
    $with([])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.message', 'This link has ended or was used already. Ask for another.');
    ($this->signIn)($this->ada->email, 'turnstone-dusk')->assertOk();
    Artisan::call('account:reset', ['email' => $this->ada->email]);
    preg_match('#/reset/([0-9a-f]{64})#', Artisan::output(), $late);
    Carbon::setTestNow(now()->addMinutes(61));
    $with(['token' => $late[1]])->assertStatus(422);
});

it('mails a link where mail is set up, and says the same whoever asks', function () {
    $this->postJson('/api/password/forgotten', ['email' => $this->ada->email])
        ->assertStatus(409)
        ->assertJsonPath('type', 'no-mail');
    config(['mail.default' => 'array']);
    $says = array_map(
        fn (string $email): string => $this->postJson('/api/password/forgotten', ['email' => $email])
            ->assertOk()
            ->json('message'),
        [$this->ada->email, 'nobody@turf.example'],
    );
    $mails = Mail::mailer('array')->getSymfonyTransport()->messages();
    // the worker sends it, and the link stands in the store for nobody to read
    expect($mails)
        ->toHaveCount(0)
        ->and(DB::table('jobs')->value('payload'))
        ->not->toContain('/reset/');
    Artisan::call('queue:work', ['--once' => true]);
    expect($says[0])
        ->toBe($says[1])
        ->and($mails)
        ->toHaveCount(1)
        ->and($mails[0]->getOriginalMessage()->getTextBody())
        ->toMatch('#/reset/[0-9a-f]{64}\?email=#')
        ->and(DB::table('jobs')->count())
        ->toBe(0);
});

it('is signed in on thirty devices at the most, and forgets the one not used for longest', function () {
    DB::table('sessions')->insert(
        array_map(
            fn (int $at): array => [
                'id' => "device {$at}",
                'user_id' => $this->ada->id,
                'payload' => '',
                'last_activity' => time() - 1000 + $at,
            ],
            range(1, 40),
        ),
    );
    ($this->signIn)($this->ada->email, 'sandpiper-dawn')->assertOk();
    $left = DB::table('sessions')->where('user_id', $this->ada->id)->pluck('id');
    expect($left)->toContain('device 40')->not->toContain('device 10')->and(count($left))->toBeLessThanOrEqual(30);
});
