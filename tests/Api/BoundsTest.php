<?php

declare(strict_types=1);

use App\Http\Middleware\BoundedBody;
use App\Models\User;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\People;
use Tests\Support\Requests;

/** Most an answer to a bad request may weigh, in bytes. */
const REFUSAL = 32_000;

/** Most memory one request may take, in bytes. */
const MEMORY = 64_000_000;

/** Most of the processor's time for one request, in seconds: three times what is promised, for machines that are slow today. */
const WORK_S = 1.5;

/** @return float seconds of the processor this process has used */
function worked(): float
{
    $used = getrusage();

    return $used['ru_utime.tv_sec'] +
        $used['ru_stime.tv_sec'] +
        ($used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec']) / 1e6;
}

it(
    'answers any body up to its limit within its time and memory, on every route there is, and never breaks',
    function () {
        $this->withoutMiddleware(ThrottleRequests::class);
        $user = People::someone();
        $bad = [];
        $sent = 0;
        $worst = 0.0;
        $names = array_keys(Requests::withBody($user));
        foreach ($names as $name) {
            // what an earlier route has changed or ended is there again for the next
            DB::beginTransaction();
            $this->actingAs($user->refresh());
            [$verb, $address, $route, $good] = Requests::withBody($user)[$name];
            $limitKb = BoundedBody::limitKb($route);
            foreach (Requests::hostile($good, $limitKb) as $what => $body) {
                if ($verb === 'DELETE' || str_ends_with($address, 'sign-out')) {
                    $this->actingAs($user);
                }
                // a body that is read as a stream is there as a copy only because this is a test
                $copy = isset($route->defaults[BoundedBody::STREAMED]) ? strlen($body) : 0;
                $work = $memory = INF;
                // a machine that was elsewhere for a moment is asked again, and so is memory that earlier requests have left uncollected
                for ($try = 0; $try < 3 && ($work > WORK_S || $memory > MEMORY); $try++) {
                    $try > 0 && gc_collect_cycles();
                    $before = memory_get_usage();
                    memory_reset_peak_usage();
                    $from = worked();
                    $answer = $this->call(
                        $verb,
                        $address,
                        server: [
                            'CONTENT_TYPE' => 'application/json',
                            'HTTP_ACCEPT' => 'application/json',
                            'CONTENT_LENGTH' => strlen($body),
                        ],
                        content: $body,
                    );
                    $work = min($work, worked() - $from);
                    $memory = min($memory, memory_get_peak_usage() - $before - $copy);
                }
                $worst = max($worst, $work);
                $status = $answer->getStatusCode();
                $length = strlen((string) $answer->getContent());
                $sent++;
                $wrong = match (true) {
                    $status >= 500 => "answered {$status}",
                    strlen($body) > $limitKb * 1024 && $status !== 413 => "took more than it may: {$status}",
                    $status >= 400 && $length > REFUSAL => "answered {$length} bytes",
                    $status >= 400 && count($answer->json('faults') ?? []) > 40 => 'told too many faults',
                    $memory > MEMORY => sprintf('took %.0f MB', $memory / 1e6),
                    $work > WORK_S => sprintf('worked %.1f s', $work),
                    default => null,
                };
                if ($wrong !== null) {
                    $bad[] = "{$name}, {$what}: {$wrong} ".Str::limit((string) $answer->getContent(), 160);
                }
            }
            DB::rollBack();
        }
        expect($bad)->toBe([])->and($sent)->toBeGreaterThan(2_000)->and(count($names))->toBeGreaterThan(40);
    },
);

it('says how long a request is and may be', function () {
    $this->actingAs(People::someone())
        ->postJson('/api/plans', ['rush' => str_repeat('x', 300_000)])
        ->assertStatus(413)
        ->assertJsonPath('type', 'too-large')
        ->assertJsonPath('detail', 'The request is 293 KB long; it must be at most 256 KB. Nothing was saved.');
});

it('takes a browser out of the way where another account has signed in meanwhile', function () {
    $ada = People::someone();
    $grace = People::someone('Grace');
    $this->actingAs($grace)
        ->withHeader('X-As', $ada->key())
        ->putJson('/api/settings', ['settings' => ['theme' => 'ember']])
        ->assertStatus(401)
        ->assertJsonPath('type', 'other-account');
    expect($grace->refresh()->settings)->toBe([]);
    $this->withHeader('X-As', $grace->key())
        ->getJson('/api/gear')
        ->assertOk()
        ->assertHeader('X-Account', $grace->key());
    expect(User::query()->count())->toBe(2);
});
