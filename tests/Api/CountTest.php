<?php

declare(strict_types=1);

use App\Log\Bursts\BurstKeeper;
use App\Log\Counts\Counting;
use App\Log\Counts\Promises;
use App\Log\Counts\Tallies;
use App\Models\OutingRecord;
use App\Models\PromiseRecord;
use App\Models\User;
use App\Shoot\MadeUpLog;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use RushHold\Counts\Cell;
use RushHold\Counts\Dimension;
use Tests\Support\Frames;
use Tests\Support\People;

beforeEach(function () {
    $this->folder = storage_path('test/files-of-log-tests');
    config(['filesystems.disks.files.root' => $this->folder]);
    Storage::forgetDisk('files');
    $this->user = People::someone();
    $this->actingAs($this->user);
});

afterEach(fn () => (new Illuminate\Filesystem\Filesystem())->deleteDirectory($this->folder));

/** A long log of this person, for as many rushes. */
function madeUp(User $user, int $frames, int $rushes = 2): void
{
    $promises = [];
    for ($rush = 0; $rush < $rushes; $rush++) {
        $promises[] = app(Promises::class)->of(People::rushOf($user), $user);
        // another promise, as if its plan had been changed since
        $promises[] = PromiseRecord::query()->find(tap(end($promises)->replicate(), static function (PromiseRecord $copy) use ($rush): void {
            $copy->fingerprint = md5("another {$rush}");
            $copy->document = (object) (['sharp' => 2.0, 'area' => 'wide-zone'] + (array) $copy->document);
            $copy->save();
        })->id);
    }
    $log = new MadeUpLog($user, $promises, app(Tallies::class), new Randomizer(new Xoshiro256StarStar(7)), \Illuminate\Support\Carbon::parse('2024-03-02 06:00:00'));
    $log->write($frames, static fn (int $frames) => null);
}

/** An outing on the day of the frames. */
function outingOn(User $user, string $name): OutingRecord
{
    $outing = People::outingOf($user);
    $outing->fill(['name' => $name, 'day' => '2026-05-23', 'document' => (object) (['rushes' => []] + (array) $outing->document)])->save();

    return $outing;
}

/** @return array<string, list<int>> */
function plainly(array $cells): array
{
    $plain = array_map(static fn (Cell $cell): array => array_values($cell->toArray()), $cells);
    ksort($plain);

    return $plain;
}

it('counts what comes home, by what it was shot with and for what', function () {
    $burst = Frames::burst($this->user);
    $told = fn (string $query): array => $this->getJson("/api/log/counts?{$query}")->assertOk()->json();
    expect($told('by=body')['rows'])
        ->toHaveCount(1)
        ->and($told('by=body')['rows'][0])
        ->toMatchArray(['value' => 'Skerry One', 'words' => 'Skerry One', 'frames' => 3, 'keepers' => 2, 'bursts' => 1])
        ->and($told('by=shutter')['rows'][0]['words'])
        ->toBe('1/2000')
        ->and($told('by=rush')['rows'][0])
        ->toMatchArray(['value' => '', 'words' => 'no rush yet']);
    // one frame tells hardly anything, and says so
    expect($told('by=body')['whole']['least'])->toBeLessThan(0.2);
    $rush = People::rushOf($this->user);
    $this->putJson("/api/bursts/{$burst->id}/rush", ['rush_id' => $rush->id])->assertOk();
    expect($told('by=rush')['rows'][0])
        ->toMatchArray(['value' => $rush->id, 'words' => $rush->name, 'frames' => 3])
        ->and($told('by=area&rush='.$rush->id)['rows'][0]['words'])
        ->not->toBe('not known')
        ->and($told('by=area&rush=')['rows'])
        ->toBe([])
        ->and($told("by=area&and=month&rush={$rush->id}&body=Skerry+One")['rows'][0])
        ->toMatchArray(['other' => '2026-05', 'other_words' => 'May 2026', 'frames' => 3]);
    // an act taken back is as if it had not been
    $this->postJson('/api/log/undo')->assertOk();
    expect($told('by=rush')['rows'])
        ->toHaveCount(1)
        ->and($told('by=rush')['rows'][0]['value'])
        ->toBe('');
    // by the person's verdict before the machine's
    $frame = $burst->inOrder()[0];
    $this->putJson("/api/frames/{$frame->id}/eye", ['verdict' => 'moved'])->assertOk();
    expect($told('by=body')['rows'][0]['keepers'])->toBe(1);
    expect($this->getJson('/api/log/agreement')->json('pairs'))->toBe([['eye' => 'moved', 'verdict' => $frame->verdict->value, 'count' => 1]]);
    $this->deleteJson("/api/bursts/{$burst->id}")->assertNoContent();
    expect(app(Tallies::class)->all($this->user))
        ->toBe([])
        ->and($told('by=body')['whole']['frames'])
        ->toBe(0);
});

it('adds up the same however it is asked, from scratch, and after everything that can be done to a burst', function () {
    madeUp($this->user, 700);
    $bursts = $this->user->bursts()->orderBy('id')->get();
    // joined, split, judged, taken back, deleted
    $this->postJson("/api/bursts/{$bursts[0]->id}/join", ['with' => $bursts[1]->id])->assertOk();
    $this->postJson("/api/bursts/{$bursts[2]->id}/split", ['frame' => $bursts[2]->inOrder()[1]->id])->assertOk();
    $this->postJson("/api/bursts/{$bursts[3]->id}/agree")->assertOk();
    $this->putJson("/api/bursts/{$bursts[4]->id}/rush", ['rush_id' => null])->assertOk();
    $this->postJson('/api/log/undo')->assertOk();
    $this->deleteJson("/api/bursts/{$bursts[5]->id}")->assertNoContent();
    $kept = app(Tallies::class)->all($this->user);
    Artisan::call('hold:tally', ['--account' => $this->user->email]);
    expect(trim(Artisan::output()))->toBe('0 bursts counted that were not, 0 counts put right');
    expect(app(Tallies::class)->all($this->user))->toEqual($kept);
    // what is read from the sums is what is added up now, by one thing, by two, and of what else is so
    $all = Counting::of($this->user);
    expect($all->whole()->frames)->toBe($this->user->frames()->count());
    foreach ([[Dimension::Area, Dimension::Shutter], [Dimension::Month, Dimension::Rush], [Dimension::Body, Dimension::Promised]] as [$by, $of]) {
        foreach ($all->by($of) as $value => $cell) {
            $some = Counting::of($this->user, [$of->value => (string) $value]);
            $again = Counting::of($this->user, [$of->value => (string) $value, 'lens' => 'Sandbar 500 f/5.6']);
            expect(plainly($some->by($by)))
                ->toBe(plainly($again->by($by)))
                ->and($some->whole())
                ->toEqual($cell)
                ->and(array_reduce($some->by($by), static fn (Cell $sum, Cell $one): Cell => $sum->plus($one), new Cell()))
                ->toEqual($cell)
                ->and($some->losses())
                ->toEqual($again->losses());
        }
    }
    expect(array_sum(array_map(array_sum(...), $all->losses())))->toBe($all->whole()->frames - $all->whole()->keepers);
    // a sum that has gone wrong is found and put right
    DB::table('tallies')->where('user_id', $this->user->id)->where('kind', Dimension::Area->kind())->limit(1)->increment('keepers');
    Artisan::call('hold:tally', ['--account' => $this->user->email]);
    expect(trim(Artisan::output()))->toBe('0 bursts counted that were not, 1 counts put right');
    // what was taken in before anything was counted is counted
    DB::table('counted')->where('user_id', $this->user->id)->delete();
    DB::table('tallies')->where('user_id', $this->user->id)->delete();
    Artisan::call('hold:tally', ['--account' => $this->user->email]);
    expect(app(Tallies::class)->all($this->user))->toEqual($kept);
});

it('compares two set-ups, over all and within the same rushes', function () {
    madeUp($this->user, 900);
    $areas = array_column($this->getJson('/api/log/counts?by=area')->json('rows'), 'value');
    $told = $this->getJson("/api/log/counts/compare?by=area&one={$areas[0]}&other={$areas[1]}")->assertOk()->json();
    expect($told['more'])
        ->toEqualWithDelta($told['one']['share'] - $told['other']['share'], 1e-9)
        ->and($told['is_told'])
        ->toBe($told['least'] > 0 || $told['most'] < 0)
        ->and($told['paired']['rushes'])
        ->toHaveCount(2)
        ->and($told['words'])
        ->not->toBe('');
    // of what nobody has shot there is nothing to say
    $none = $this->getJson("/api/log/counts/compare?by=area&one={$areas[0]}&other=spot")->assertOk()->json();
    expect($none['bursts_to_tell'])
        ->toBeNull()
        ->and($none['words'])
        ->toContain('nothing has come home yet')
        ->and($none['paired'])
        ->toBeNull();
    $this->getJson("/api/log/counts/compare?by=area&one={$areas[0]}&other={$areas[0]}")->assertUnprocessable();
    $this->getJson('/api/log/counts/compare?by=area&one=spot')->assertUnprocessable();
});

it('holds what was promised against what came home, and keeps the promise when the plan changes', function () {
    $burst = Frames::burst($this->user);
    expect($this->getJson('/api/log/promises')->assertOk()->json('calibration'))->toBeNull();
    $rush = People::rushOf($this->user);
    $this->putJson("/api/bursts/{$burst->id}/rush", ['rush_id' => $rush->id])->assertOk();
    $told = $this->getJson('/api/log/promises')->json();
    $estimate = $this->getJson("/api/rushes/{$rush->id}/rehearsal")->json();
    expect($told['rushes'])
        ->toHaveCount(1)
        ->and($told['rushes'][0]['promised'])
        ->toEqualWithDelta($estimate['sharp'] / $estimate['frames'], 1e-6)
        ->and($told['rushes'][0]['found'])
        ->toMatchArray(['frames' => 3, 'keepers' => 2])
        ->and($told['calibration']['score'])
        ->toBeBetween(0, 1)
        ->and(array_sum(array_column($told['losses'], 'found')))
        ->toEqualWithDelta(1 / 3, 1e-9);
    $this->putJson("/api/rushes/{$rush->id}", People::edit($rush, ['motion' => ['speed_mps' => 30]]) + ['write_id' => 'w'])->assertOk();
    expect($this->getJson('/api/log/promises')->json('rushes.0.promised'))->toBe($told['rushes'][0]['promised']);
    // of some bursts only: what is lost is theirs too
    $none = $this->getJson('/api/log/promises?month=2020-01')->assertOk()->json();
    expect($none['calibration'])
        ->toBeNull()
        ->and($none['losses'])
        ->toBe([]);
    expect($this->getJson('/api/log/promises?month=2026-05')->json('losses'))->toEqual($told['losses']);
});

it('finds the outing of a burst, also one that is written down or moved later', function () {
    $burst = Frames::burst($this->user);
    $outings = fn (): array => array_column($this->getJson('/api/log/counts?by=outing')->json('rows'), 'words');
    expect($outings())->toBe(['on no outing']);
    $outing = outingOn($this->user, 'Spring tide');
    expect($outings())->toBe(['Spring tide']);
    $outing->fill(['day' => '2026-05-24'])->save();
    expect($outings())->toBe(['on no outing']);
    $outing->fill(['day' => '2026-05-23'])->save();
    // of two on one day it is the one that its rush was expected on
    $other = outingOn($this->user, 'Slalom');
    expect($outings())->toBe(['on no outing']);
    $rush = People::rushOf($this->user);
    $other->fill(['document' => (object) (['rushes' => [(object) ['id' => 'a', 'rush_id' => $rush->id]]] + (array) $other->document)])->save();
    $this->putJson("/api/bursts/{$burst->id}/rush", ['rush_id' => $rush->id])->assertOk();
    expect($outings())->toBe(['Slalom']);
    $other->delete();
    expect($outings())->toBe(['Spring tide']);
});

it('gives a burst of the small hours to the night that still lasted', function () {
    $burst = Frames::burst($this->user);
    $clock = $burst->clock;
    $late = '2026-05-24'.substr($clock, 10, 1).'01:30'.substr($clock, 16);
    DB::table('frames')
        ->where('burst_id', $burst->id)
        ->update(['facts' => DB::raw("JSON_SET(facts, '$.taken_at', '{$late}')")]);
    $burst->forceFill(['clock' => $late])->save();
    $outings = fn (): array => array_column($this->getJson('/api/log/counts?by=outing')->json('rows'), 'words');
    $night = outingOn($this->user, 'Night');
    expect($outings())->toBe(['on no outing']);
    $night->fill(['document' => (object) (['from' => '20:00', 'until' => '04:00'] + (array) $night->document)])->save();
    expect($outings())->toBe(['Night']);
    // it ends before: the morning is of no outing, or of the one of its own date
    $night->fill(['document' => (object) (['until' => '01:00'] + (array) $night->document)])->save();
    expect($outings())->toBe(['on no outing']);
    outingOn($this->user, 'Morning')->fill(['day' => '2026-05-24'])->save();
    expect($outings())->toBe(['Morning']);
});

it('shows the bursts behind a count, page after page', function () {
    madeUp($this->user, 900);
    $value = $this->getJson('/api/log/counts?by=body')->json('rows.0');
    $query = 'body='.rawurlencode($value['value']);
    $ids = [];
    for ($next = null; $next !== false;) {
        $page = $this->getJson("/api/log?{$query}".($next === null ? '' : '&before='.rawurlencode($next)))->assertOk()->json();
        expect($page['where'])->toBe([['by' => 'body', 'value' => $value['value'], 'words' => $value['words']]]);
        array_push($ids, ...array_column($page['bursts'], 'id'));
        $next = $page['next'] ?? false;
    }
    $there = $this->user->bursts()->where('body', $value['value'])->orderByDesc('began_at')->orderByDesc('id')->pluck('id')->all();
    expect($ids)->toBe($there);
});

it('says what is wrong with what is asked', function (string $path, string $pointer) {
    expect($this->getJson($path)->assertUnprocessable()->json('faults.0.pointer'))->toBe($pointer);
})->with([
    'by what there is not' => ['/api/log/counts?by=luck', '/by'],
    'twice the same' => ['/api/log/counts?by=area&and=area', '/and'],
    'a list' => ['/api/log/counts?by[]=area', '/by'],
    'too long' => ['/api/log/counts?body='.str_repeat('x', 121), '/body'],
    'no text' => ['/api/log?body=%C3%28', '/body'],
]);

it('tells nobody of another person\'s frames', function () {
    $burst = Frames::burst($this->user);
    $rush = People::rushOf($this->user);
    $this->putJson("/api/bursts/{$burst->id}/rush", ['rush_id' => $rush->id])->assertOk();
    $stranger = People::someone('Stranger');
    $this->actingAs($stranger);
    expect($this->getJson('/api/log/counts?by=body')->json('rows'))
        ->toBe([])
        ->and($this->getJson("/api/log/counts?rush={$rush->id}")->json('where.0.words'))
        ->toBe('a rush that is gone')
        ->and($this->getJson('/api/log/promises')->json('rushes'))
        ->toBe([])
        ->and($this->getJson('/api/log?body=Skerry+One')->json('bursts'))
        ->toBe([]);
});

/** Asks for the log for other programs, writes it as a worker would, and opens what can be fetched. */
function logOut(string $query = ''): ZipArchive
{
    test()->postJson("/api/log/out{$query}")->assertCreated()->assertJsonPath('files', []);
    Frames::worked('log-out');
    $told = test()->getJson('/api/log/out')->assertOk()->assertJsonPath('run.status', 'done')->assertJsonCount(1, 'files')->json();
    $file = (string) tempnam(sys_get_temp_dir(), 'out');
    file_put_contents($file, test()->get("/api/files/{$told['files'][0]['id']}")->assertOk()->streamedContent());
    $zip = new ZipArchive();
    expect($zip->open($file))->toBeTrue();
    unlink($file);

    return $zip;
}

/** @return list<array<string, string>> rows of its table by the names of its columns */
function logRows(ZipArchive $zip): array
{
    $table = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), array_filter(explode("\n", (string) $zip->getFromName('frames.csv'))));

    return array_map(static fn (array $row): array => array_combine($table[0], $row), array_slice($table, 1));
}

it('gives the log to other programs: a table, log/1, and stars and labels beside each photograph', function () {
    $burst = Frames::burst($this->user);
    $frames = $burst->inOrder();
    $this->putJson("/api/frames/{$frames[1]->id}/eye", ['verdict' => 'moved'])->assertOk();
    $frames[0]->fill(['name' => '=HYPERLINK(1).jpg'])->save();
    $frames[2]->fill(['name' => $frames[1]->name])->save();
    $rush = People::rushOf($this->user);
    $this->putJson("/api/bursts/{$burst->id}/rush", ['rush_id' => $rush->id])->assertOk();
    $zip = logOut();
    $names = array_map($zip->getNameIndex(...), range(0, $zip->numFiles - 1));
    $stem = pathinfo($frames[1]->name, PATHINFO_FILENAME);
    expect($names)
        ->toHaveCount(5)
        ->toContain("sidecars/2026-05-23/{$stem}.xmp")
        ->toContain("sidecars/2026-05-23/{$stem} (2).xmp");
    $rows = logRows($zip);
    expect($rows)
        ->toHaveCount(3)
        ->and($rows[0])
        ->toMatchArray(['file' => "'=HYPERLINK(1).jpg", 'shutter_s' => '0.0005', 'verdict' => 'sharp', 'eye' => '', 'rush' => $rush->name, 'body' => 'Skerry One'])
        ->and($rows[1])
        ->toMatchArray(['eye' => 'moved', 'sha256' => $frames[1]->hash]);
    $log = json_decode((string) $zip->getFromName('log.json'));
    app(App\Documents\SchemaChecker::class)->check($log, 'log', 'log');
    expect($log->bursts[0]->frames)
        ->toHaveCount(3)
        ->and($log->bursts[0]->frames[1]->eye)
        ->toBe('moved')
        ->and($log->bursts[0]->rush)
        ->toBe($rush->name);
    // a person's verdict is stars, the machine's alone is not; the label is both
    $sidecar = static fn (string $name): string => (string) $zip->getFromName("sidecars/2026-05-23/{$name}.xmp");
    expect($sidecar($stem))
        ->toContain('moved')
        ->toMatch('/Rating(>|=.)1/')
        ->and($sidecar('_HYPERLINK_1_'))
        ->toContain('sharp')
        ->not->toContain('Rating');
    // only what is asked for, and of nobody else
    $zip = logOut('?month=1999-01');
    expect($zip->numFiles)
        ->toBe(2)
        ->and($zip->getFromName('log.json'))
        ->toBe('{"format":"log/1","bursts":[]}')
        // in place of the one before
        ->and($this->user->files()->where('purpose', 'log-out')->count())
        ->toBe(1);
    $this->actingAs(People::someone('Stranger'));
    $this->getJson('/api/log/out')->assertJsonPath('run', null)->assertJsonPath('files', []);
    expect(logOut()->numFiles)->toBe(2);
});

it('writes a long log portion by portion, each frame once, whatever dies or is deleted meanwhile', function () {
    madeUp($this->user, 1100);
    $long = $this->user->bursts()->orderBy('id')->firstOrFail();
    $this->user->frames()->whereIn('burst_id', $this->user->bursts()->orderBy('id')->skip(1)->limit(40)->pluck('id'))->update(['burst_id' => $long->id]);
    $names = $this->user->frames()->orderBy('name')->pluck('name')->all();
    app()->when(App\Runs\Runs::class)->needs('$portionS')->give(0.0);
    $this->postJson('/api/log/out')->assertCreated()->assertJsonPath('run.whole', 1100);
    $run = $this->user->runs()->where('kind', 'log-out')->sole();
    $turn = static fn () => app(App\Runs\Runs::class)->goOn($run->id);
    $turn();
    expect($run->refresh()->done)->toBe(400);
    // a portion that is done and not kept is done again
    $lost = app(App\Log\Out\LogsOut::class)->resume($run);
    $lost->step();
    Frames::work($run);
    $file = $this->user->files()->where('purpose', 'log-out')->sole();
    $zip = new ZipArchive();
    $zip->open(app(App\Files\Files::class)->local($file));
    $rows = array_column(logRows($zip), 'file');
    sort($rows);
    $log = json_decode((string) $zip->getFromName('log.json'));
    $told = array_merge(...array_map(static fn (object $burst): array => array_column($burst->frames, 'name'), $log->bursts));
    sort($told);
    sort($names);
    expect($rows)->toBe($names)->and($told)->toBe($names)->and($zip->numFiles)->toBe(1102)->and(glob(sys_get_temp_dir()."/rush-hold-run-{$run->id}*"))->toBe([]);
    // a burst that is deleted in the middle of being written stands as far as it was
    $this->postJson('/api/log/out')->assertCreated();
    $run = $this->user->runs()->where('kind', 'log-out')->latest('id')->firstOrFail();
    app(App\Runs\Runs::class)->goOn($run->id);
    expect($run->refresh()->state['under'])->toBe($long->id);
    $long->delete();
    Frames::work($run);
    $zip->open(app(App\Files\Files::class)->local($this->user->files()->where('purpose', 'log-out')->sole()));
    $bursts = json_decode((string) $zip->getFromName('log.json'), flags: JSON_THROW_ON_ERROR)->bursts;
    expect($bursts[0]->id)->toBe($long->id)->and($bursts[0]->frames)->toHaveCount(400)->and(count($bursts))->toBe($this->user->bursts()->count() + 1);
    // and one that is stopped leaves nothing
    $this->postJson('/api/log/out')->assertCreated();
    $run = $this->user->runs()->where('kind', 'log-out')->latest('id')->firstOrFail();
    app(App\Runs\Runs::class)->goOn($run->id);
    $this->deleteJson('/api/log/out')->assertOk()->assertJsonPath('run.status', 'cancelled')->assertJsonPath('files', []);
    expect(glob(sys_get_temp_dir()."/rush-hold-run-{$run->id}*"))->toBe([])->and($this->user->files()->count())->toBe(0);
});

it('copies the counts of the demo with its bursts, and none of the room its pictures take', function () {
    madeUp($this->user, 300);
    Frames::burst($this->user);
    $this->user->update(['is_demo' => true]);
    $copy = app(App\Accounts\DemoCopies::class)->another();
    $plain = static fn (User $user): array => array_map(
        static fn (Cell $cell): array => array_values($cell->toArray()),
        Counting::of($user)->by(Dimension::Body),
    );
    expect($plain($copy))
        ->toBe($plain($this->user))
        ->and(array_keys(Counting::of($copy)->by(Dimension::Rush)))
        ->not->toEqualCanonicalizing(array_keys(Counting::of($this->user)->by(Dimension::Rush)));
    // every rush that is counted is one of the copy's own
    foreach (array_filter(array_keys(Counting::of($copy)->by(Dimension::Rush))) as $rush) {
        expect($copy->rushes()->whereKey($rush)->exists())->toBeTrue();
    }
    $this->actingAs($copy);
    $room = $this->getJson('/api/log')->assertOk()->json('room');
    expect($room['picture_bytes']['used'])
        ->toBe(0)
        ->and($room['frames']['used'])
        ->toBe($this->user->frames()->count());
    Artisan::call('hold:tally', ['--account' => $copy->email]);
    expect(trim(Artisan::output()))->toEndWith('0 counts put right');
    $this->getJson('/api/log/promises')->assertOk()->assertJsonCount(2, 'rushes');
});

it('knows how much room pictures take, also after some have been let go', function () {
    $burst = Frames::burst($this->user);
    $used = fn (): int => $this->getJson('/api/log')->assertOk()->json('room.picture_bytes.used');
    $before = $used();
    expect($before)->toBe((int) $burst->frames()->sum('picture_bytes'));
    $told = $this->postJson('/api/log/let-go', ['before' => '2030-01-01'])->assertOk()->json();
    expect($told['frames'])
        ->toBe(3)
        ->and($used())
        ->toBe($before - $told['bytes'])
        ->toBe((int) $burst->frames()->sum('picture_bytes'));
});

it('gives no more frames in one file than it may hold, and says how to have them', function () {
    madeUp($this->user, 120);
    DB::table('tallies')->where('user_id', $this->user->id)->where('kind', 0)->update(['frames' => App\Log\Out\LogOut::MOST + 1]);
    $this->postJson('/api/log/out')->assertConflict()->assertJsonPath('type', 'too-many')->assertJsonPath('detail', 'These are 60001 frames, and one file holds 60000. Take them by month, outing or rush.');
    $month = $this->getJson('/api/log/counts?by=month')->json('rows.0.value');
    logOut("?month={$month}");
    // what a run has left that nobody goes on with goes by itself
    $left = (new App\Runs\RunFolder('nobodys'))->inside();
    Artisan::call('tidy');
    expect(is_dir($left))->toBeTrue();
    touch($left, time() - 90_000);
    Artisan::call('tidy');
    expect(is_dir($left))->toBeFalse();
});

it('tells bodies apart whose names are the same only as numbers', function () {
    madeUp($this->user, 40);
    $burst = $this->user->bursts()->firstOrFail();
    $cells = static fn (): array => Counting::of(test()->user)->by(Dimension::Body);
    foreach (['1000', '1e3'] as $body) {
        $burst->fill(['body' => $body])->save();
        app(BurstKeeper::class)->recount($burst->id);
        expect($cells()[$body]->bursts ?? 0)->toBe(1, $body);
    }
    expect($cells())->not->toHaveKey('1000');
});

it('shows the bursts before and after one, the nearest first, however old it is', function () {
    madeUp($this->user, 1200);
    $all = $this->user->bursts()->orderBy('began_at')->orderBy('id')->get();
    expect($all->count())->toBeGreaterThan(60);
    $near = $this->getJson('/api/bursts/'.$all[3]->id.'/near')->assertOk()->json('bursts');
    $ids = $all->pluck('id');
    expect(array_column($near, 'id'))
        ->toHaveCount(15)
        ->toEqualCanonicalizing([...$ids->slice(0, 3), ...$ids->slice(4, 12)]);
    $apart = array_map(static fn (array $one): float => abs(strtotime($one['clock']) - strtotime($all[3]->clock)), $near);
    expect($apart)->toBe(collect($apart)->sort()->values()->all());
});

it('counts a burst once, however often it is told anew', function () {
    $burst = Frames::burst($this->user);
    $before = app(Tallies::class)->all($this->user);
    foreach (range(1, 3) as $again) {
        app(App\Log\Bursts\BurstKeeper::class)->recount($burst->id);
    }
    expect(app(Tallies::class)->all($this->user))->toBe($before);
    // and a rush that is deleted keeps its frames, under its name
    $rush = People::rushOf($this->user);
    $this->putJson("/api/bursts/{$burst->id}/rush", ['rush_id' => $rush->id])->assertOk();
    $this->deleteJson("/api/rushes/{$rush->id}")->assertNoContent();
    expect($this->getJson('/api/log/counts?by=rush')->json('rows.0'))->toMatchArray(['value' => $rush->id, 'words' => $rush->name, 'frames' => 3]);
    // by a distance in the units the person reads
    $this->putJson('/api/settings', ['settings' => ['units' => 'imperial']])->assertOk();
    expect($this->getJson('/api/log/counts?by=distance')->json('rows.0.words'))->toEndWith(' ft');
});

it('counts the day of an outing anew only where what it rests on has changed', function () {
    $outing = outingOn($this->user, 'Spring tide');
    $burst = Frames::burst($this->user);
    $counted = DB::table('counted')->where('burst_id', $burst->id);
    $counted->update(['lens' => 'as it was counted']);
    $outing->fill(['name' => 'Neap tide'])->save();
    expect($counted->value('lens'))->toBe('as it was counted')->and($counted->value('outing'))->toBe($outing->id);
    $outing->fill(['day' => '2026-05-24'])->save();
    expect($counted->value('lens'))->not->toBe('as it was counted')->and($counted->value('outing'))->toBe('');
});
