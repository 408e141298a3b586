<?php

declare(strict_types=1);

use App\Models\CardRecord;
use App\Models\LayoutRecord;
use App\Models\RushRecord;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

beforeEach(fn () => $this->seed());

/** The demo itself, as it was made. */
function demo(): User
{
    return User::query()->where('is_demo', true)->firstOrFail();
}

it('gives each visitor a copy of their own, whole and with its plans', function () {
    $this->postJson('/api/demo')->assertOk()->assertJsonPath('user.name', 'Demo');
    $mine = $this->getJson('/api/rushes')->json('rushes');
    expect($mine)
        ->toHaveCount(demo()->rushes()->count())
        ->and(array_column($mine, 'settings'))
        ->not->toContain(null);
    $cards = $this->getJson('/api/cards')->assertOk()->json('cards');
    expect(array_column(array_column($cards, 'card'), 'name'))
        ->toBe(['Colony morning', 'Slalom Saturday'])
        ->and(array_column($cards[0]['pages'], 'name'))
        ->toBe([
            'Terns over the bar',
            'Tern diving, close',
            'Warbler in the sea buckthorn',
            'Three waders asleep on the bar',
        ]);
    // the day's layout names the copies, not what they were copied from
    $copy = User::query()->whereNotNull('demo_until')->firstOrFail();
    $document = LayoutRecord::query()->where('user_id', $copy->id)->firstOrFail()->document;
    expect($document->holds)
        ->toBe(CardRecord::query()->where('user_id', $copy->id)->where('name', 'Colony morning')->firstOrFail()->rushes)
        ->and(RushRecord::query()->where('user_id', $copy->id)->whereKey($document->holds)->count())
        ->toBe(4);
    // nothing had to be reckoned for it
    expect(
        DB::table('plans')
            ->whereIn('rush_id', array_column($mine, 'id'))
            ->where('updated_at', '>', demo()->created_at->copy()->addMinute())
            ->count(),
    )->toBe(0);
    // the button pressed again goes on with the same copy
    $this->postJson('/api/demo')->assertOk();
    expect(User::query()->whereNotNull('demo_until')->count())->toBe(1);
});

it('cannot be taken, broken or defaced', function () {
    $before = demo()->rushes()->pluck('name')->all();
    $this->postJson('/api/demo')->assertOk();
    $this->putJson('/api/password', ['current' => 'tide-and-turf', 'password' => 'owned by visitor'])
        ->assertForbidden()
        ->assertJsonPath('type', 'demo');
    $this->deleteJson('/api/account', ['password' => 'tide-and-turf'])->assertForbidden();
    foreach ($this->getJson('/api/rushes')->json('rushes') as $row) {
        $this->deleteJson('/api/rushes/'.$row['id'])->assertNoContent();
    }
    $this->putJson('/api/settings', ['settings' => ['theme' => 'ember']])->assertOk();
    auth()->forgetGuards();
    $this->flushSession();
    $this->postJson('/api/demo')->assertOk()->assertJsonPath('user.settings.theme', 'paper');
    expect(demo()->rushes()->pluck('name')->all())
        ->toBe($before)
        ->and(array_column($this->getJson('/api/rushes')->json('rushes'), 'name'))
        ->toEqualCanonicalizing($before);
});

it('lets nobody in by its address, nor by that of a copy, nor sends a link for it', function () {
    $this->postJson('/api/demo')->assertOk();
    $copy = User::query()->whereNotNull('demo_until')->firstOrFail();
    auth()->forgetGuards();
    $this->flushSession();
    config(['mail.default' => 'array']);
    foreach ([demo()->email, $copy->email] as $email) {
        $this->postJson('/api/sign-in', ['email' => $email, 'password' => 'tide-and-turf'])->assertStatus(422);
        $this->postJson('/api/password/forgotten', ['email' => $email])->assertOk();
        $this->artisan('account:reset', ['email' => $email])->assertExitCode(2);
    }
    expect(DB::table('password_reset_tokens')->count())->toBe(0);
});

it('keeps only so many copies, and throws each away after a day', function () {
    config(['rushhold.demo_copies' => 2]);
    $visit = function (): int {
        auth()->forgetGuards();
        $this->flushSession();

        return $this->postJson('/api/demo')->getStatusCode();
    };
    expect([$visit(), $visit()])->toBe([200, 200]);
    $this->flushSession();
    auth()->forgetGuards();
    $this->postJson('/api/demo')
        ->assertStatus(503)
        ->assertJsonPath(
            'detail',
            'All 2 copies of it are in use. Try again in an hour, or make an account of your own.',
        );
    // an hour later the one nobody uses makes room
    Carbon::setTestNow(now()->addMinutes(70));
    expect($visit())
        ->toBe(200)
        ->and(User::query()->whereNotNull('demo_until')->count())
        ->toBe(2);
    Carbon::setTestNow(now()->addHours(25));
    Artisan::call('tidy');
    expect(User::query()->whereNotNull('demo_until')->count())
        ->toBe(0)
        ->and(demo()->rushes()->count())
        ->toBeGreaterThan(8)
        ->and(DB::table('versions')->where('user_id', '!=', demo()->id)->count())
        ->toBe(0);
});

it('makes the demo anew where an older one was everybody\'s', function () {
    demo()
        ->forceFill(['is_demo' => false, 'name' => 'Defaced'])
        ->save();
    $this->seed();
    expect(demo()->name)
        ->toBe('Demo')
        ->and(User::query()->count())
        ->toBe(1);
});

it('lets so many newcomers in from one network in an hour, and others all the same', function () {
    config(['rushhold.newcomers' => 2]);
    $from = function (string $address): TestResponse {
        auth()->forgetGuards();
        $this->flushSession();

        return $this->withServerVariables(['REMOTE_ADDR' => $address])->postJson('/api/demo');
    };
    $from('2001:db8:1:2::5')->assertOk();
    $from('2001:db8:1:2:ffff::6')->assertOk();
    $from('2001:db8:1:2:abcd::7')
        ->assertStatus(429)
        ->assertJsonPath('type', 'too-often')
        ->assertJsonPath('detail', 'Try again in 60 minutes.');
    $from('2001:db8:1:3::5')->assertOk();
    $from('203.0.113.9')->assertOk();
    $this->postJson('/api/register', [
        'name' => 'B',
        'email' => 'b@turf.example',
        'password' => 'sandpiper-dawn',
    ])->assertCreated();
});
