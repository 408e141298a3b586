<?php

declare(strict_types=1);

use App\Limits\Turns;
use App\Models\CardRecord;
use App\Models\GearRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\Reckoning;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\CannotBeReckoned;
use Tests\Support\Documents;
use Tests\Support\People;

/** The document of a large body, objects as objects. */
function skerry(): stdClass
{
    $body = json_decode((string) file_get_contents(database_path('demo/skerry_one.json')))->body;
    unset($body->name);

    return $body;
}

beforeEach(function () {
    $this->ada = People::someone();
    $this->actingAs($this->ada);
    $this->rush = People::rushOf($this->ada);
    $this->kit = People::kitOf($this->ada);
});

it('says how much room there is, and refuses with numbers what is more', function (
    string $kind,
    string $path,
    Closure $body,
    int $have,
) {
    config(["rushhold.quota.{$kind}" => $have + 1]);
    $this->postJson($path, $body->call($this))->assertSuccessful();
    $answer = $this->postJson($path, $body->call($this))->assertStatus(409)->assertJsonPath('type', 'full');
    expect($answer->json('detail'))
        ->toStartWith('You have '.($have + 1).' ')
        ->toContain('keeps '.($have + 1));
    $name = str_replace('gear.', '', $kind);
    // the list says it too
    $list = $this->getJson('/api/'.explode('.', $kind)[0])->json('quota');
    expect($list[$name] ?? $list)->toMatchArray(['used' => $have + 1, 'most' => $have + 1]);
    expect($this->getJson('/api/quota')->json("quota.{$name}"))->toMatchArray(['used' => $have + 1, 'most' => $have + 1]);
})->with([
    'rushes' => [
        'rushes',
        '/api/rushes',
        fn (): array => ['kit_id' => $this->kit->id, 'focal_mm' => null, 'rush' => Documents::rush()],
        1,
    ],
    'cards' => ['cards', '/api/cards', fn (): array => ['name' => 'A day', 'rushes' => []], 0],
    'lenses' => [
        'gear.lens',
        '/api/gear',
        fn (): array => ['type' => 'lens', 'name' => 'L', 'document' => Documents::kit()['lens']],
        1,
    ],
]);

it('bounds what is written about kit, and what it has saved can always be taken in again', function () {
    $lens = $this->ada->gear()->where('type', 'lens')->firstOrFail();
    config(['rushhold.quota.gear_bytes' => 1200]);
    $this->postJson('/api/gear', ['type' => 'body', 'name' => 'Large', 'document' => skerry()])
        ->assertStatus(409)
        ->assertJsonPath('type', 'full');
    // what is there can still be changed, as long as it does not grow
    $this->putJson("/api/gear/{$lens->id}", [
        'revision' => 1,
        'gesture' => 'g',
        'name' => 'L',
        'document' => $lens->document,
    ])->assertOk();
    config(['rushhold.quota.gear_bytes' => 1_000_000]);
    $body = skerry();
    for ($at = 0; $at < 59; $at++) {
        $this->ada
            ->gear()
            ->create([
                'type' => 'body',
                'name' => "Body {$at} ".str_repeat('ü', 90),
                'document' => $body,
                'revision' => 1,
            ]);
    }
    $this->ada
        ->gear()
        ->createMany(
            array_map(
                fn (int $at): array => [
                    'type' => 'lens',
                    'name' => "Lens {$at}",
                    'document' => Documents::kit()['lens'],
                    'revision' => 1,
                ],
                range(1, 99),
            ),
        );
    $sheet = $this->get('/api/kit-file')->assertOk()->getContent();
    expect(strlen($sheet))->toBeGreaterThan(250_000);
    $this->actingAs(People::someone('Grace'));
    memory_reset_peak_usage();
    $before = memory_get_usage();
    $this->postJson('/api/kit-file/preview', ['file' => $sheet])
        ->assertOk()
        ->assertJsonCount(160, 'pieces');
    expect(memory_get_peak_usage() - $before)->toBeLessThan(64_000_000);
});

it('makes one record of a request that is sent twice', function () {
    $sent = ['kit_id' => $this->kit->id, 'focal_mm' => null, 'rush' => Documents::rush(), 'write_id' => 'new-1'];
    $first = $this->postJson('/api/rushes', $sent)->assertCreated()->json('id');
    $this->postJson('/api/rushes', $sent)->assertOk()->assertJsonPath('id', $first);
    $copy = $this->postJson("/api/rushes/{$first}/duplicate", ['write_id' => 'new-2'])
        ->assertCreated()
        ->json('id');
    $this->postJson("/api/rushes/{$first}/duplicate", ['write_id' => 'new-2'])
        ->assertOk()
        ->assertJsonPath('id', $copy);
    $gear = ['type' => 'lens', 'name' => 'L', 'document' => Documents::kit()['lens'], 'write_id' => 'new-3'];
    expect($this->postJson('/api/gear', $gear)->json('id'))->toBe(
        $this->postJson('/api/gear', $gear)->assertOk()->json('id'),
    );
    $card = ['name' => 'C', 'rushes' => [$first], 'write_id' => 'new-4'];
    expect($this->postJson('/api/cards', $card)->json('id'))->toBe(
        $this->postJson('/api/cards', $card)->assertOk()->json('id'),
    );
    $sheet = [
        'file' => json_encode(['format' => 'kit/1', 'lens' => ['name' => 'From a sheet'] + Documents::kit()['lens']]),
        'choices' => ['new'],
        'write_id' => 'new-5',
    ];
    $this->postJson('/api/kit-file', $sheet)->assertOk();
    $this->postJson('/api/kit-file', $sheet)->assertOk();
    expect(GearRecord::query()->where('name', 'From a sheet')->count())
        ->toBe(1)
        ->and(RushRecord::query()->count())
        ->toBe(3)
        ->and(CardRecord::query()->count())
        ->toBe(1);
    // the same mark of another person is another request
    $grace = People::someone('Grace');
    $this->actingAs($grace)
        ->postJson('/api/rushes', ['kit_id' => People::kitOf($grace)->id] + $sent)
        ->assertCreated();
});

it('lists every rush, page after page, what was changed last first', function () {
    $this->rush->forceDelete();
    $rows = [];
    foreach (range(1, 1030) as $at) {
        $rows[] = [
            'id' => strtolower((string) Illuminate\Support\Str::ulid()),
            'user_id' => $this->ada->id,
            'kit_id' => $this->kit->id,
            'name' => "Rush {$at}",
            'document' => json_encode(Documents::rush()),
            // some of the very same moment
            'created_at' => '2026-05-01 10:00:00',
            'updated_at' => '2026-05-01 10:00:'.sprintf('%02d', intdiv($at, 100)),
        ];
    }
    DB::table('rushes')->insert($rows);
    $seen = [];
    $next = '';
    do {
        $page = $this->getJson('/api/rushes?after='.urlencode($next))->assertOk();
        expect($page->json('quota'))->toMatchArray(['used' => 1030, 'most' => 2000]);
        array_push($seen, ...array_column($page->json('rushes'), 'name'));
        $next = $page->json('next');
    } while ($next !== null);
    expect($seen)
        ->toHaveCount(1030)
        ->and(array_unique($seen))
        ->toHaveCount(1030)
        ->and($seen[0])
        ->toBeIn(array_map(fn (int $at): string => "Rush {$at}", range(1000, 1030)));
    $this->getJson('/api/rushes?after=yesterday')->assertStatus(422)->assertJsonPath('faults.0.pointer', '/after');
});

it('carries the newest cards whole and names every other', function () {
    foreach (range(1, 30) as $at) {
        Carbon::setTestNow(now()->addSecond());
        $this->postJson('/api/cards', ['name' => "Card {$at}", 'rushes' => [$this->rush->id]])->assertCreated();
    }
    $told = $this->getJson('/api/cards')->assertOk();
    $names = array_merge(
        array_column(array_column($told->json('cards'), 'card'), 'name'),
        array_column($told->json('others'), 'name'),
    );
    expect($names)
        ->toBe(array_map(fn (int $at): string => "Card {$at}", range(30, 1)))
        ->and(count($told->json('cards')))
        ->toBe(12);
    $this->getJson('/api/cards/'.$told->json('others.17.id'))
        ->assertOk()
        ->assertJsonPath('card.name', 'Card 1');
});

it('thins states as they age, so that undo still reaches far back', function () {
    $at = now()->subDays(60)->startOfHour();
    foreach (range(1, 100) as $turn) {
        Carbon::setTestNow(
            $at
                ->copy()
                ->addHours($turn * 14)
                ->addMinutes($turn % 3),
        );
        $this->putJson(
            "/api/rushes/{$this->rush->id}",
            People::edit($this->rush, ['motion' => ['speed_mps' => $turn / 10]], "g{$turn}"),
        )->assertOk();
    }
    Carbon::setTestNow();
    $days = fn (): array => DB::table('versions')
        ->where('record_id', $this->rush->id)
        ->pluck('at')
        ->map(fn (string $at): string => substr($at, 0, 10))
        ->countBy()
        ->all();
    Artisan::call('tidy');
    $left = $days();
    expect(
        max(
            array_filter(
                $left,
                fn (string $day): bool => $day < now()->subDays(31)->toDateString(),
                ARRAY_FILTER_USE_KEY,
            ),
        ),
    )
        ->toBe(1)
        ->and(array_sum($left))
        ->toBeLessThan(95)
        ->toBeGreaterThan(60);
    // undo goes from what is kept to what is kept, and redo back
    $revision = $this->rush->refresh()->revision;
    $this->postJson("/api/rushes/{$this->rush->id}/undo", ['revision' => $revision])
        ->assertOk()
        ->assertJsonPath('can_redo', true);
    foreach (range(1, 100) as $step) {
        $back = $this->postJson("/api/rushes/{$this->rush->id}/undo", ['revision' => $revision + $step])->assertOk();
        if ($back->json('can_undo') === false) {
            break;
        }
    }
    // sixty days back, to where it began
    expect($back->json('can_undo'))->toBeFalse()->and($back->json('rush.motion.speed_mps'))->toEqual(9);
    $this->postJson("/api/rushes/{$this->rush->id}/redo", ['revision' => $this->rush->refresh()->revision])->assertOk();
});

it('lets the oldest states go when an account has too many, and refuses no edit for it', function () {
    config(['rushhold.quota.history_bytes' => 400_000]);
    $body = $this->ada->gear()->where('type', 'body')->firstOrFail();
    $document = skerry();
    foreach (range(1, 60) as $turn) {
        $document->fps = $turn;
        $this->putJson("/api/gear/{$body->id}", [
            'revision' => $turn,
            'gesture' => "g{$turn}",
            'name' => 'B',
            'document' => $document,
        ])->assertOk();
    }
    $bytes = (int) DB::table('versions')->where('user_id', $this->ada->id)->sum('bytes');
    expect($bytes)->toBeLessThan(550_000)->toBeGreaterThan(100_000);
    $this->postJson("/api/gear/{$body->id}/undo", ['revision' => 61])
        ->assertOk()
        ->assertJsonPath('document.fps', 59);
});

it('lets an account reckon two at once, and everybody else in between', function () {
    $folder = sys_get_temp_dir().'/turns-'.bin2hex(random_bytes(4));
    $turns = new Turns($folder, 3);
    [$first, $second] = [$turns->take('ada'), $turns->take('ada')];
    expect($first)->not->toBeNull()->and($second)->not->toBeNull()->and($turns->take('ada'))->toBeNull();
    $other = $turns->take('grace');
    expect($other)->not->toBeNull()->and($turns->take('joan'))->toBeNull();
    $first->end();
    $third = $turns->take('ada');
    expect($third)->not->toBeNull();
    foreach ([$second, $other, $third] as $turn) {
        $turn->end();
    }
    exec('rm -rf '.escapeshellarg($folder));
});

it('lets one more of an account wait a moment until a turn has ended', function () {
    $folder = sys_get_temp_dir().'/turns-'.bin2hex(random_bytes(4));
    $turns = new Turns($folder, 1, 1);
    // another process reckons, and is done soon
    $other = proc_open(
        [
            PHP_BINARY,
            '-r',
            'require $argv[1]; $turn = (new App\\Limits\\Turns($argv[2], 1))->take("ada"); echo "has it\n"; usleep(100_000);',
            base_path('vendor/autoload.php'),
            $folder,
        ],
        [1 => ['pipe', 'w']],
        $pipes,
    );
    expect(fgets($pipes[1]))->toBe("has it\n");
    $turn = $turns->await('ada');
    expect($turn)->not->toBeNull()->and($turns->await('grace'))->toBeNull();
    $turn->end();
    proc_close($other);
    exec('rm -rf '.escapeshellarg($folder));
});

it('tells who comes too often to reckon that it is not their turn', function () {
    $held = [app(Turns::class)->take((string) $this->ada->id), app(Turns::class)->take((string) $this->ada->id)];
    foreach (['rehearsal', 'map', 'rehearsal/remedies'] as $what) {
        $this->getJson("/api/rushes/{$this->rush->id}/{$what}")
            ->assertStatus(429)
            ->assertJsonPath('type', 'busy')
            ->assertHeader('Retry-After', '1');
    }
    $this->getJson("/api/rushes/{$this->rush->id}/plan")->assertOk();
    foreach ($held as $turn) {
        $turn->end();
    }
    $this->getJson("/api/rushes/{$this->rush->id}/map")->assertOk();
});

it('gives what it has when its time is up', function () {
    config(['rushhold.reckon_s' => 0.0]);
    $told = $this->getJson("/api/rushes/{$this->rush->id}/rehearsal")->assertOk();
    expect($told->json('passes'))->toBe(12)->and($told->json('keeper.least'))->toBeLessThan($told->json('keeper.most'));
    $this->getJson("/api/rushes/{$this->rush->id}/rehearsal/remedies")->assertOk();
    $this->postJson("/api/rushes/{$this->rush->id}/rehearsal/try", ['dials' => ['area' => 'spot']])
        ->assertOk()
        ->assertJsonPath('passes', 12);
});

it('tells what nobody foresaw as a fault, and writes down what it was reckoned from', function () {
    $log = new Monolog\Handler\TestHandler();
    $reckoning = new Reckoning(new Monolog\Logger('test', [$log]));
    expect(fn () => $reckoning->of('The plan', ['rush' => 'this one'], fn () => intdiv(1, 0)))
        ->toThrow(CannotBeReckoned::class)
        ->and(fn () => $reckoning->json('The map', [], fn () => ['blur_mm' => INF]))
        ->toThrow(CannotBeReckoned::class)
        ->and($log->getRecords()[0]->context['from'])
        ->toContain('this one');
});

it('goes on planning for whoever chose a figure before its range was narrowed', function () {
    $this->ada->update(['assumptions' => ['pull.tiny' => 0, 'no.longer.there' => 2]]);
    $this->getJson("/api/rushes/{$this->rush->id}")
        ->assertOk()
        ->assertJsonPath('fault', null);
    $this->putJson('/api/assumptions', ['assumptions' => ['pull.tiny' => 0]])->assertStatus(422);
    $this->putJson('/api/assumptions', ['assumptions' => ['pull.tiny' => null]])->assertOk();
    expect(User::query()->findOrFail($this->ada->id)->assumptions)->toBe(['no.longer.there' => 2]);
});
