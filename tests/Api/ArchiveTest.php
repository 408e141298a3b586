<?php

declare(strict_types=1);

use App\Archive\ArchiveWork;
use App\Archive\ArchiveWriter;
use App\Archive\Restores;
use App\Files\FilePurpose;
use App\Files\Files;
use App\Log\Counts\Promises;
use App\Log\Counts\Tallies;
use App\Log\Frames\FramePictures;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Problems\ProblemException;
use App\Runs\Runs;
use App\Shoot\PlayedLog;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Archives;
use Tests\Support\Frames;
use Tests\Support\People;

beforeEach(function () {
    $this->folder = storage_path('test/files-of-archive-tests');
    config(['filesystems.disks.files.root' => $this->folder]);
    Storage::forgetDisk('files');
    $this->user = People::someone();
    $this->actingAs($this->user);
    $this->file = tempnam(sys_get_temp_dir(), 'archive-of-tests');
});

afterEach(function () {
    (new Illuminate\Filesystem\Filesystem())->deleteDirectory($this->folder);
    unlink($this->file);
});

/** Somebody with something of everything; briefly, without photographs. */
function livedIn(User $user, bool $briefly = false): void
{
    $rush = People::rushOf($user);
    $gone = People::rushOf($user);
    People::cardOf($user, $rush, $gone)->fill(['ticks' => ["{$rush->id}:area" => ['on' => true, 'at' => 5]]])->save();
    $outing = People::outingOf($user, $rush);
    $outing->fill(['day' => '2026-05-23', 'document' => (object) (['date' => '2026-05-23'] + (array) $outing->document)])->save();
    $promise = app(Promises::class)->of($rush, $user);
    for ($pass = 0; $pass < ($briefly ? 1 : 5); $pass++) {
        app(PlayedLog::class)->pass($user, $rush, $promise, ['panning.settled' => 0.5], $pass, Carbon::parse('2026-05-23 05:00:00')->addMinutes($pass));
    }
    test()->putJson('/api/assumptions', ['assumptions' => ['rehearse.burst' => 4]])->assertOk();
    if ($briefly) {
        return;
    }
    $burst = Frames::burst($user);
    test()->putJson("/api/bursts/{$burst->id}/rush", ['rush_id' => $gone->id])->assertOk();
    test()->putJson("/api/frames/{$burst->inOrder()[0]->id}/eye", ['verdict' => 'moved'])->assertOk();
    test()->putJson("/api/gear/{$rush->kit->body_id}/camera-state", ['state' => ['format' => 'camera-state/1', 'focus_mode' => 'single'], 'by' => 'typed', 'at' => time() * 1000])->assertOk();
    test()->putJson('/api/settings', ['settings' => ['theme' => 'dusk']])->assertOk();
    test()->getJson('/api/log/learnt')->assertOk();
    Frames::worked('learn');
    test()->putJson('/api/log/learnt/panning.settled', ['is_on' => true])->assertOk();
    test()->putJson('/api/log/learnt/'.rawurlencode("floor.{$burst->body}"), ['is_on' => false])->assertOk();
    $gone->delete();
}

/** Sends a file as an archive. */
function sentArchive(User $user, string $file): FileRecord
{
    return app(Files::class)->take($user, FilePurpose::Archive, hash_file('sha256', $file), 'mine.zip', fopen($file, 'rb'))[0];
}

/** Asks for an archive through the page and fetches it. */
function fetchedArchive(string $to): void
{
    test()->postJson('/api/account/archive')->assertCreated();
    Frames::worked('archive');
    $told = test()->getJson('/api/account/archive')->assertOk()->assertJsonPath('run.status', 'done')->assertJsonCount(1, 'files');
    file_put_contents($to, test()->get('/api/files/'.$told->json('files.0.id'))->assertOk()->streamedContent());
}

/** Puts a file into the account through the page, to the end. @return array<mixed> what is told of it then */
function putBack(User $user, string $file): array
{
    test()->postJson('/api/account/restore', ['file_ids' => [sentArchive($user, $file)->id]])->assertCreated();
    Frames::worked('restore');
    Frames::worked('empty');
    auth()->setUser($user->refresh());

    return test()->getJson('/api/account/restore')->assertOk()->json();
}

/** The same at once, as by the command line. */
function putBackNow(User $user, string $file, int $most = 100_000): array
{
    return app(Restores::class)->now($user, $file, $most, static fn () => null);
}

/** The same archive with one of its files otherwise. */
function tampered(string $file, string $name, Closure $change): void
{
    $zip = new ZipArchive();
    $zip->open($file);
    $zip->addFromString($name, $change((string) $zip->getFromName($name)));
    $zip->close();
}

it('takes everything out and back into an empty account, equal', function () {
    livedIn($this->user);
    fetchedArchive($this->file);
    $before = Archives::documents($this->file);
    expect($before['pictures'])
        ->not->toBe('')
        ->and($before['account.json'])
        ->toContain('"theme":"dusk"')
        ->toContain('panning.settled');
    $tallies = array_map(fn (string $key): string => (string) preg_replace('/01[0-9a-z]{24}/', 'ID', $key), array_keys(app(Tallies::class)->all($this->user)));
    $other = People::someone('Bea');
    $this->actingAs($other);
    $told = putBack($other, $this->file);
    expect($told['run']['status'])
        ->toBe('done')
        ->and($told['is_shut'])
        ->toBeFalse()
        ->and($told['run']['done'])
        ->toBe($told['run']['whole'])
        ->and($told['run']['counts'])
        ->toMatchArray(['rushes' => 2, 'cards' => 1, 'outings' => 1, 'camera_states' => 1, 'bursts' => 6])
        ->and($other->settings['theme'])
        ->toBe('dusk')
        ->and(array_keys($other->learnt))
        ->toBe(['panning.settled'])
        ->and($other->files()->count())
        ->toBe(0);
    fetchedArchive($this->file);
    $after = Archives::documents($this->file);
    foreach ($before as $name => $text) {
        expect($after[$name])->toBe($text, $name);
    }
    // no id of the old account is in the new one, and every count is the same
    $own = $this->user->frames()->pluck('id')->merge($this->user->rushes()->pluck('id'));
    foreach (['layouts', 'cards', 'outings', 'bursts', 'frames'] as $table) {
        $text = json_encode(DB::table($table)->where('user_id', $other->id)->get());
        expect($own->filter(fn (string $id): bool => str_contains((string) $text, $id))->all())->toBe([], $table);
    }
    $again = array_map(fn (string $key): string => (string) preg_replace('/01[0-9a-z]{24}/', 'ID', $key), array_keys(app(Tallies::class)->all($other)));
    sort($tallies);
    sort($again);
    expect($again)->toBe($tallies);
    // the pictures are shown, and what was shot under which plan is judged as before
    $frame = $other->frames()->where('picture_bytes', '>', 0)->firstOrFail();
    $this->get("/api/frames/{$frame->id}/whole")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    $this->getJson("/api/rushes/{$other->rushes()->firstOrFail()->id}")->assertOk();
    $this->getJson('/api/log/promises')->assertOk()->assertJsonCount(2, 'rushes');
});

it('goes out and in by the command line too', function () {
    livedIn($this->user);
    Artisan::call('account:archive', ['account' => $this->user->email, 'file' => $this->file]);
    $other = People::someone('Bea');
    expect(Artisan::call('account:restore', ['file' => $this->file, 'account' => $other->email]))
        ->toBe(0)
        ->and(Artisan::output())
        ->toContain('6 bursts')
        ->and(Artisan::call('account:restore', ['file' => $this->file, 'account' => $other->email]))
        ->toBe(2)
        ->and(Artisan::output())
        ->toContain('in which nothing has been written yet')
        ->and(Artisan::call('account:restore', ['file' => '/nowhere', 'account' => $other->email]))
        ->toBe(2);
});

it('puts nothing into an account in which something has been written, and nobody else\'s archive', function () {
    app(ArchiveWriter::class)->write($this->user->refresh(), $this->file);
    People::rushOf($this->user);
    $sent = sentArchive($this->user, $this->file);
    $this->postJson('/api/account/restore', ['file_ids' => [$sent->id]])->assertConflict()->assertJsonPath('type', 'not-empty');
    $this->actingAs($stranger = People::someone('Stranger'));
    $this->postJson('/api/account/restore', ['file_ids' => [$sent->id]])->assertUnprocessable();
    expect($stranger->gear()->count())->toBe(2);
});

it('names nothing that did not come along, and leaves nobody without a body and a lens', function () {
    livedIn($this->user, true);
    app(ArchiveWriter::class)->write($this->user->refresh(), $this->file);
    tampered($this->file, 'cards.jsonl', fn (string $text): string => (string) preg_replace('/"rushes":\["/', '"rushes":["01aaaaaaaaaaaaaaaaaaaaaaaa","', $text, 1));
    $this->actingAs($other = People::someone('Bea'));
    expect(putBack($other, $this->file)['run']['status'])->toBe('done');
    $rushes = $other->rushes()->pluck('id')->all();
    foreach ($other->cards()->get() as $card) {
        expect(array_diff($card->rushes, $rushes))->toBe([]);
    }

    // one without any gear
    app(ArchiveWriter::class)->write(People::someone('Cy')->refresh(), $this->file);
    foreach (['gear.jsonl', 'kits.jsonl'] as $name) {
        tampered($this->file, $name, fn (string $text): string => '');
    }
    $this->actingAs($bare = People::someone('Dee'));
    expect(putBack($bare, $this->file)['run']['status'])->toBe('done');
    expect($bare->gear()->count())->toBe(2)->and($bare->kits()->count())->toBe(1);
});

it('takes nothing of an archive that somebody has changed for the worse', function (string $name, Closure $change, string $pointer) {
    livedIn($this->user, true);
    app(ArchiveWriter::class)->write($this->user->refresh(), $this->file);
    tampered($this->file, $name, $change);
    $other = People::someone('Bea');
    $this->actingAs($other);
    $told = $this->postJson('/api/account/restore', ['file_ids' => [sentArchive($other, $this->file)->id]]);
    if ($told->status() === 422) {
        expect((string) ($told->json('faults.0.pointer') ?? $told->json('type')))->toStartWith($pointer);
    } else {
        $told->assertCreated();
        Frames::worked('restore');
        // until what has come is gone again nobody sees any of it
        $this->actingAs($other->refresh())->getJson('/api/rushes')->assertConflict()->assertJsonPath('type', 'being-filled');
        Frames::worked('empty');
        $this->actingAs($other->refresh());
        $this->getJson('/api/account/restore')->assertJsonPath('run.status', 'failed')->assertJsonPath('is_shut', false);
        expect('/'.explode(' ', $this->getJson('/api/account/restore')->json('run.problem'))[0])->toStartWith($pointer);
    }
    // all or nothing
    expect($other->gear()->count())
        ->toBe(2)
        ->and($other->rushes()->count())
        ->toBe(0)
        ->and($other->refresh()->settings)
        ->toBe([]);
})->with([
    'a rush faster than light' => ['rushes.jsonl', fn (string $text): string => (string) preg_replace('/"speed_mps":[\d.]+/', '"speed_mps":3e8', $text), '/rushes/1'],
    'a row that is none' => ['cards.jsonl', fn (string $text): string => '["no object"]', '/cards/1'],
    'a kit of somebody else' => ['kits.jsonl', fn (string $text): string => (string) preg_replace('/"lens_id":"\w+"/', '"lens_id":"01aaaaaaaaaaaaaaaaaaaaaaaa"', $text), '/kits/1/lens_id'],
    'twice the same id' => ['gear.jsonl', fn (string $text): string => $text.explode("\n", $text)[0], '/gear/3/id'],
    'a verdict that is none' => ['frames.jsonl', fn (string $text): string => (string) preg_replace('/"verdict":"\w+"/', '"verdict":"marvellous"', $text, 1), '/frames/1/verdict'],
    'a name that turns round' => ['rushes.jsonl', fn (string $text): string => (string) preg_replace('/"name":"[^"]*"/', "\"name\":\"a\u{202E}b\"", $text, 1), '/rushes/1'],
    'another format' => ['account.json', fn (string $text): string => '{"format":"archive/9"}', '/account/format'],
    'no archive' => ['account.json', fn (string $text): string => 'hello', 'no-archive'],
    'a figure out of range' => ['account.json', fn (string $text): string => (string) preg_replace('/"rehearse.burst":[\d.]+/', '"rehearse.burst":4000', $text), '/rehearse/burst'],
]);

it('reads no more than it may', function () {
    livedIn($this->user, true);
    app(ArchiveWriter::class)->write($this->user->refresh(), $this->file);
    $other = People::someone('Bea');
    expect(fn () => putBackNow($other, $this->file, 5))->toThrow(App\Archive\RefusedArchive::class);
    // packed small, and long without end
    tampered($this->file, 'gear.jsonl', static fn (string $text): string => $text.str_repeat(str_repeat(' ', 99_999)."\n", 50));
    expect(fn () => putBackNow($other, $this->file, 900))->toThrow(App\Archive\RefusedArchive::class);
    config(['rushhold.quota.rushes' => 1]);
    expect(fn () => putBackNow($other, $this->file))->toThrow(App\Archive\RefusedArchive::class);
    expect($other->rushes()->count())->toBe(0);
});

it('takes no picture that is none, and leaves what nobody asked for', function () {
    $burst = Frames::burst($this->user);
    $frame = $burst->inOrder()[0];
    app(ArchiveWriter::class)->write($this->user->refresh(), $this->file);
    tampered($this->file, 'pictures/../../evil.php', fn (): string => '<?php echo 1;');
    tampered($this->file, 'notes/readme.txt', fn (): string => 'hello');
    tampered($this->file, 'pictures/01aaaaaaaaaaaaaaaaaaaaaaaa-whole.jpg', fn (): string => Frames::jpeg());
    $one = People::someone('Bea');
    putBackNow($one, $this->file);
    expect($one->frames()->count())
        ->toBe(3)
        ->and(array_filter(Storage::disk('files')->allFiles(), fn (string $path): bool => str_contains($path, 'evil') || str_contains($path, 'readme')))
        ->toBe([])
        ->and($one->frames()->firstOrFail()->held_by)
        ->toBe($one->id);
    tampered($this->file, "pictures/{$frame->id}-whole.jpg", fn (): string => '<svg onload="alert(1)"/>');
    $other = People::someone('Cy');
    expect(fn () => putBackNow($other, $this->file))->toThrow(App\Archive\RefusedArchive::class, 'a JPEG');
    expect($other->frames()->count())->toBe(0);
});

it('takes out what an account has without pictures, where that is asked', function () {
    Frames::burst($this->user);
    app(ArchiveWriter::class)->write($this->user->refresh(), $this->file, false);
    $zip = new ZipArchive();
    $zip->open($this->file);
    $names = array_map($zip->getNameIndex(...), range(0, $zip->numFiles - 1));
    expect(array_filter($names, static fn (string $name): bool => str_starts_with($name, 'pictures/')))
        ->toBe([])
        ->and($names)
        ->toContain('account.json', 'frames.jsonl', 'rushes.jsonl');
    $one = People::someone('Bea');
    putBackNow($one, $this->file);
    // nothing is shown that is not there
    expect($one->frames()->firstOrFail())->picture_bytes->toBe(0)->crop->toBeNull();
    $this->actingAs($one);
    expect($this->getJson('/api/log')->json('bursts.0.shown.0.has_picture'))->toBeFalse();
});

it('lets nobody in while an archive comes in, and is as it was before when that is given up', function () {
    livedIn($this->user);
    app(ArchiveWriter::class)->write($this->user->refresh(), $this->file);
    $other = People::someone('Bea');
    $began = $other->gear()->orderBy('id')->pluck('id')->all();
    $this->actingAs($other);
    $this->postJson('/api/account/restore', ['file_ids' => [sentArchive($other, $this->file)->id]])->assertCreated();
    app()->when(Runs::class)->needs('$portionS')->give(0.0);
    $run = RunRecord::query()->where('kind', 'restore')->sole();
    while ($run->refresh()->state['phase'] !== 'count') {
        app(Runs::class)->goOn($run->id);
        $this->actingAs($other->refresh());
        foreach (['/api/rushes', '/api/log', '/api/account/archive'] as $address) {
            $this->getJson($address)->assertConflict()->assertJsonPath('type', 'being-filled');
        }
        // nothing comes in by another way either
        expect(fn () => DB::transaction(fn () => User::query()->findOrFail($other->id)->inTurn()))->toThrow(ProblemException::class);
    }
    $pictures = Storage::disk('files')->allFiles("{$other->id}/frames");
    expect($pictures)->not->toBe([]);
    $this->deleteJson('/api/account/restore')->assertOk()->assertJsonPath('run.status', 'cancelled')->assertJsonPath('is_shut', true);
    Frames::worked('empty');
    $this->actingAs($other->refresh())->getJson('/api/rushes')->assertOk()->assertJsonCount(0, 'rushes');
    expect($other->gear()->orderBy('id')->pluck('id')->all())
        ->toBe($began)
        ->and($other->frames()->exists() || $other->bursts()->exists() || $other->places()->exists())
        ->toBeFalse()
        ->and(DB::table('tallies')->where('user_id', $other->id)->exists())
        ->toBeFalse()
        ->and(Storage::disk('files')->allFiles("{$other->id}/frames"))
        ->toBe([]);
    // and again from the beginning
    expect(putBack($other, $this->file)['run']['status'])->toBe('done');
});

it('is gone on with wherever it broke off, and brings everything once', function () {
    livedIn($this->user);
    fetchedArchive($this->file);
    $before = Archives::documents($this->file);
    $this->actingAs($other = People::someone('Bea'));
    $this->postJson('/api/account/restore', ['file_ids' => [sentArchive($other, $this->file)->id]])->assertCreated();
    app()->when(Runs::class)->needs('$portionS')->give(0.0);
    $run = RunRecord::query()->where('kind', 'restore')->sole();
    for ($portion = 0; $run->refresh()->status === RunRecord::RUNNING; $portion++) {
        if ($portion % 3 === 0) {
            // who was at it has died after the bytes, and before anything was kept; what it had unpacked is gone with it
            DB::beginTransaction();
            app(Runs::class)->goOn($run->id);
            DB::rollBack();
            (new Illuminate\Filesystem\Filesystem())->deleteDirectory(sys_get_temp_dir()."/rush-hold-restore-{$run->id}");
        }
        app(Runs::class)->goOn($run->id);
    }
    $this->actingAs($other->refresh());
    fetchedArchive($this->file);
    foreach (Archives::documents($this->file) as $name => $text) {
        expect($text)->toBe($before[$name], $name);
    }
    expect($portion)->toBeGreaterThan(15);
});

it('writes several files where the pictures are long, each within what can be sent, and takes them back together', function () {
    Frames::burst($this->user);
    $run = $this->user->runs()->make([
        'kind' => 'archive', 'topic' => '', 'fingerprint' => 'archive', 'status' => 'running', 'whole' => 9, 'beat_at' => now(), 'reading' => [], 'portions' => 0,
    ]);
    $run->save();
    $work = static fn (array $state): ArchiveWork => new ArchiveWork(
        test()->user, $run->id, app(Owned::class), new ArchiveWriter(app(FramePictures::class), app(Owned::class), 1), app(Files::class), 9, $state, 1,
    );
    $state = [];
    do {
        $one = $work($state);
        $one->step();
        DB::transaction($one->keep(...));
        $state = $one->state();
    } while (! $one->isFinished());
    $files = $this->user->files()->where('purpose', 'out')->orderBy('id')->get();
    expect(count($files))->toBe(3)->and($state['files'])->toBe($files->modelKeys());
    $this->actingAs($other = People::someone('Bea'));
    $ids = [];
    foreach ($files->reverse() as $file) {
        file_put_contents($this->file, app(Files::class)->stream($file));
        $ids[] = sentArchive($other, $this->file)->id;
    }
    $this->postJson('/api/account/restore', ['file_ids' => $ids])->assertCreated();
    Frames::worked('restore');
    expect($other->frames()->where('picture_bytes', '>', 0)->count())
        ->toBe(3)
        ->and(is_dir(sys_get_temp_dir().'/rush-hold-run-'.$run->id))
        ->toBeFalse();
});

it('opens no zip that lists more files than it ever writes', function () {
    // the end of the longer kind behind a zip, what points to that, and the end of the older kind
    app(ArchiveWriter::class)->write($this->user->refresh(), $this->file);
    $end = "PK\x06\x06".pack('Pvv', 44, 45, 45).str_repeat("\0", 40);
    file_put_contents($this->file, file_get_contents($this->file).$end."PK\x06\x07".pack('VPV', 0, 0, 1)."PK\x05\x06".str_repeat("\xFF", 16)."\0\0");
    $this->postJson('/api/account/restore', ['file_ids' => [sentArchive($this->user, $this->file)->id]])
        ->assertStatus(413)
        ->assertJsonPath('type', 'too-large');
});

it('leaves nothing on the disk of what was given up', function () {
    livedIn($this->user);
    $folders = static fn (): array => array_map(basename(...), glob(sys_get_temp_dir().'/rush-hold-{run,restore}-01*', GLOB_BRACE) ?: []);
    $before = $folders();
    app()->when(Runs::class)->needs('$portionS')->give(0.0);
    $this->postJson('/api/account/archive')->assertCreated();
    app(Runs::class)->goOn(RunRecord::query()->where('kind', 'archive')->sole()->id);
    expect(count($folders()))->toBe(count($before) + 1);
    $this->deleteJson('/api/account/archive')->assertOk()->assertJsonPath('run.status', 'cancelled')->assertJsonPath('files', []);
    fetchedArchive($this->file);
    $this->actingAs($other = People::someone('Bea'));
    $this->postJson('/api/account/restore', ['file_ids' => [sentArchive($other, $this->file)->id]])->assertCreated();
    app(Runs::class)->goOn(RunRecord::query()->where('kind', 'restore')->sole()->id);
    expect(count($folders()))->toBe(count($before) + 1);
    $this->deleteJson('/api/account/restore')->assertOk();
    expect($folders())->toBe($before);
});

it('can undo what is changed in a restored record back to what it was restored as', function () {
    livedIn($this->user, true);
    app(ArchiveWriter::class)->write($this->user->refresh(), $this->file);
    $other = People::someone('Bea');
    putBackNow($other, $this->file);
    $this->actingAs($other->refresh());
    $rush = $other->rushes()->firstOrFail();
    $was = $rush->name;
    $edited = $this->putJson("/api/rushes/{$rush->id}", People::edit($rush, ['name' => 'Otherwise']))->assertOk();
    $this->postJson("/api/rushes/{$rush->id}/undo", ['revision' => $edited->json('revision')])->assertOk()->assertJsonPath('rush.name', $was);
});
