<?php

declare(strict_types=1);

use App\Files\Files;
use App\Log\Out\LogsOut;
use App\Log\Table\TableText;
use App\Models\FileRecord;
use App\Models\FrameRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Runs\Runs;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Frames;
use Tests\Support\People;

beforeEach(function () {
    $this->folder = storage_path('test/files-of-table-tests');
    config(['filesystems.disks.files.root' => $this->folder]);
    Storage::forgetDisk('files');
    $this->user = People::someone();
    $this->actingAs($this->user);
});

afterEach(function () {
    (new Illuminate\Filesystem\Filesystem())->deleteDirectory($this->folder);
});

const TABLE = <<<'CSV'
    Filename;Date;Time;Exposure Time;F-Number;Camera;Keeper;Comment
    SHOAL_1.jpg;22.05.2026;05:12:33,10;1/2000;5,6;Skerry One;yes;"a tern; low"
    SHOAL_2.jpg;22.05.2026;05:12:33,20;1/2000;5,6;Skerry One;no;
    SHOAL_3.jpg;22.05.2026;05:12:33,30;1/2000;5,6;Skerry One;yes;

    SHOAL_4.jpg;23.05.2026;06:00:00;1/250;8;Skerry One;no;

    CSV;

/** Takes a table in as a worker would, to its end. */
function tookIn(User $user, FileRecord $file, array $how = []): RunRecord
{
    $told = test()->postJson('/api/log/tables/take', ['file_id' => $file->id] + $how)->assertCreated()->json('table');
    $run = RunRecord::query()->findOrFail($told['id']);
    Frames::work($run);

    return $run->refresh();
}

it('shows how a table is read before any of it is taken', function () {
    $file = People::tableFileOf($this->user, str_replace("\n", "\r\n", "\u{FEFF}".TABLE));
    $look = $this->postJson('/api/log/tables/look', ['file_id' => $file->id])->assertOk();
    expect(array_column($look->json('columns'), 'as', 'name'))
        ->toBe(['Filename' => 'file', 'Date' => 'day', 'Time' => 'time', 'Exposure Time' => 'shutter_s', 'F-Number' => 'f_number', 'Camera' => 'body', 'Keeper' => 'kept', 'Comment' => null])
        ->and($look->json('rows'))
        ->toBe(4)
        ->and($look->json('frames.0'))
        ->toMatchArray(['name' => 'SHOAL_1.jpg', 'clock' => '2026-05-22T05:12:33.10', 'f_number' => 5.6, 'verdict' => 'sharp'])
        ->and($look->json('days'))
        ->toBe('dmy')
        ->and($look->json('days_are_sure'))
        ->toBeTrue()
        ->and($this->user->frames()->count())
        ->toBe(0);
    // chosen otherwise, it is shown otherwise
    $columns = ['file', 'day', '', '', '', '', '', 'body'];
    $this->postJson('/api/log/tables/look', ['file_id' => $file->id, 'columns' => $columns, 'days' => 'dmy'])
        ->assertOk()
        ->assertJsonPath('is_whole', false)
        ->assertJsonPath('frames', []);
    $this->postJson('/api/log/tables/take', ['file_id' => $file->id, 'columns' => $columns, 'days' => 'dmy'])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', '/columns: one for day and time');
});

it('takes a table in, counts it, and gives it back', function () {
    $run = tookIn($this->user, People::tableFileOf($this->user, TABLE));
    expect($run->status)
        ->toBe(RunRecord::DONE)
        ->and(get_object_vars($run->reading))
        ->toMatchArray(['name' => 'mine.csv', 'read' => 4, 'known' => 0, 'refused' => []])
        ->and($this->user->bursts()->orderBy('began_at')->pluck('keepers', 'frames')->all())
        ->toBe([3 => 2, 1 => 0])
        // nothing is left of the file
        ->and($this->user->files()->count())
        ->toBe(0);
    $this->getJson('/api/log/counts?by=shutter')->assertOk()->assertJsonPath('whole.frames', 4)->assertJsonPath('whole.keepers', 2);
    $burst = $this->user->bursts()->orderBy('began_at')->firstOrFail();
    $whole = $this->getJson("/api/bursts/{$burst->id}")->assertOk();
    expect($whole->json('burst.all.0.found_by'))
        ->toBe('table')
        ->and($whole->json('burst.all.0.why.0'))
        ->toContain('came in a table');
    // a rush that is given judges nothing anew: nothing was seen
    $rush = People::rushOf($this->user);
    $this->putJson("/api/bursts/{$burst->id}/rush", ['rush_id' => $rush->id])->assertOk();
    expect($burst->refresh()->keepers)->toBe(2);
    $this->putJson("/api/frames/{$burst->inOrder()[1]->id}/eye", ['verdict' => 'sharp'])->assertOk();
    expect($burst->refresh()->keepers)->toBe(3);
    // the same once more brings nothing
    $again = tookIn($this->user, People::tableFileOf($this->user, TABLE));
    expect(get_object_vars($again->reading))->toMatchArray(['read' => 0, 'known' => 4]);
    $this->postJson("/api/log/tables/{$again->id}/back")->assertOk()->assertJsonPath('left', 0);
    expect($this->user->frames()->count())->toBe(4);
    $this->postJson("/api/log/tables/{$run->id}/back")->assertOk();
    expect($this->user->frames()->count())
        ->toBe(0)
        ->and($this->user->bursts()->count())
        ->toBe(0)
        ->and(DB::table('tallies')->where('user_id', $this->user->id)->where('frames', '!=', 0)->count())
        ->toBe(0);
});

it('takes its own log/1 in again, equal', function () {
    $burst = Frames::burst($this->user);
    $rush = People::rushOf($this->user);
    $rush->fill(['name' => 'Terns at the rip'])->save();
    $this->putJson("/api/bursts/{$burst->id}/rush", ['rush_id' => $rush->id])->assertOk();
    $this->putJson("/api/frames/{$burst->inOrder()[0]->id}/eye", ['verdict' => 'moved'])->assertOk();
    $out = static function (User $user): array {
        Frames::work(app(LogsOut::class)->begin($user, []));
        $read = new ZipArchive();
        $read->open(app(Files::class)->local(app(LogsOut::class)->out($user)->sole()));

        return [(string) $read->getFromName('log.json'), (string) $read->getFromName('frames.csv')];
    };
    [$log, $csv] = $out($this->user);
    $other = People::someone('Ben');
    People::rushOf($other)->fill(['name' => 'Terns at the rip'])->save();
    $this->actingAs($other);
    $plain = static fn (string $text): string => (string) preg_replace('/01[0-9a-z]{24}/', 'ID', $text);
    foreach ([[$log, true], [$csv, false]] as [$text, $isLog]) {
        $file = People::tableFileOf($other, $text);
        $this->postJson('/api/log/tables/look', ['file_id' => $file->id])->assertOk()->assertJsonPath('is_log', $isLog)->assertJsonPath('rows', 3);
        $run = tookIn($other, $file);
        expect(get_object_vars($run->reading))
            ->toMatchArray(['read' => 3, 'refused' => []])
            ->and($other->bursts()->count())
            ->toBe(1)
            ->and($plain($out($other)[0]))
            ->toBe($plain($log));
        $this->postJson("/api/log/tables/{$run->id}/back")->assertOk();
    }
});

it('goes on where it was put down, in the middle of a burst too', function () {
    $rows = ['file,taken_at,burst,eye'];
    for ($row = 0; $row < 700; $row++) {
        $rows[] = sprintf('T_%d.jpg,2026-05-22 05:%02d:%02d,%s,%s', $row, intdiv($row, 60), $row % 60, $row < 450 ? 'one' : 'two', $row % 3 === 0 ? 'sharp' : 'soft');
    }
    $file = People::tableFileOf($this->user, implode("\n", $rows));
    $id = $this->postJson('/api/log/tables/take', ['file_id' => $file->id])->assertCreated()->json('table.id');
    app(Runs::class)->goOn($id);
    $first = $this->getJson('/api/log/tables')->assertOk();
    expect($first->json('table.done'))->toBe(150)->and($first->json('table.whole'))->toBe(700);
    Frames::work(RunRecord::query()->findOrFail($id));
    expect($this->user->bursts()->orderBy('began_at')->pluck('keepers', 'frames')->all())
        ->toBe([450 => 150, 250 => 84])
        ->and(RunRecord::query()->findOrFail($id)->status)
        ->toBe(RunRecord::DONE);
});

it('tells a long burst page by page, each with the true number', function () {
    $rows = array_map(static fn (int $row): string => sprintf('T_%03d.jpg,2026-05-22 05:%02d:%02d,one', $row, intdiv($row, 60), $row % 60), range(0, 699));
    $file = People::tableFileOf($this->user, "file,taken_at,burst\n".implode("\n", $rows));
    Frames::work(RunRecord::query()->findOrFail($this->postJson('/api/log/tables/take', ['file_id' => $file->id])->assertCreated()->json('table.id')));
    $id = $this->user->bursts()->sole()->id;
    $page = fn (string $query): array => $this->getJson("/api/bursts/{$id}{$query}")->assertOk()->assertJsonPath('burst.frames', 700)->json('burst.all');
    expect(array_column([...$page(''), ...$page('?from=600')], 'name'))
        ->toBe(array_map(static fn (int $row): string => sprintf('T_%03d.jpg', $row), range(0, 699)))
        ->and($page('?from=700'))
        ->toBe([]);
    $this->getJson("/api/bursts/{$id}?from=-1")->assertUnprocessable()->assertSee('a whole number from 0 to 999999');
});

it('leaves a table of nothing but empty bursts after a few, as it does any other', function () {
    $file = People::tableFileOf($this->user, '{"format":"log/1","bursts":['.implode(',', array_fill(0, 5000, '{}')).']}');
    $id = $this->postJson('/api/log/tables/take', ['file_id' => $file->id])->assertCreated()->assertJsonPath('table.whole', 5000)->json('table.id');
    $work = app(App\Log\Table\Tables::class)->resume(RunRecord::query()->findOrFail($id));
    $work->step();
    expect($work->done())->toBe(50)->and($work->isFinished())->toBeFalse();
});

it('refuses what has more lines than any table, or lines without end, before it is gone through', function (Closure $text, string $says) {
    $file = People::tableFileOf($this->user, $text());
    $this->postJson('/api/log/tables/look', ['file_id' => $file->id])->assertUnprocessable()->assertSee($says);
})->with([
    'empty bursts' => [fn (): string => '{"format":"log/1","bursts":['.str_repeat('{},', 60_001).'{}]}', 'at most 60,000 rows'],
    'empty lines' => [fn (): string => "file,taken_at\n".str_repeat("\n", 240_000), 'at most 240,000 lines'],
    'one row of empty fields' => [fn (): string => "file,taken_at\n".str_repeat(',', 70_000), 'lines of at most 65,536 bytes'],
    'a quote that is never closed' => [fn (): string => "file,taken_at\n".str_repeat('"', 70_000), 'lines of at most 65,536 bytes'],
]);

it('stops when it is told to, and keeps what has come in', function () {
    $file = People::tableFileOf($this->user, "file,taken_at\n".implode("\n", array_map(static fn (int $row): string => sprintf('T_%d.jpg,2026-05-22 05:12:%02d', $row, $row % 60), range(10, 500))));
    $id = $this->postJson('/api/log/tables/take', ['file_id' => $file->id])->assertCreated()->json('table.id');
    app(Runs::class)->goOn($id);
    $this->deleteJson("/api/log/tables/{$id}")->assertOk()->assertJsonPath('table.status', 'cancelled');
    app(Runs::class)->goOn($id);
    expect($this->user->frames()->count())->toBe(150);
    // one whose file has gone meanwhile is overtaken
    $next = $this->postJson('/api/log/tables/take', ['file_id' => $file->id])->assertCreated()->json('table.id');
    app(Files::class)->delete($file);
    app(Runs::class)->goOn($next);
    expect(RunRecord::query()->findOrFail($next)->status)->toBe(RunRecord::OVERTAKEN);
});

it('names each row that cannot be read, and takes all others', function () {
    $run = tookIn($this->user, People::tableFileOf($this->user, "file,when,eye\na.jpg,2026-05-22 05:12:33,sharp\nb.jpg,someday,sharp\n,,\nc.jpg,2026-05-22 05:12:34,lovely\n"), ['columns' => ['file', 'taken_at', 'eye'], 'days' => 'ymd']);
    expect($run->reading->read)
        ->toBe(2)
        ->and(array_column($run->reading->refused, 'name'))
        ->toBe(['line 3', 'line 4'])
        ->and($run->reading->refused[0]->why)
        ->toContain('"someday"')
        ->and(FrameRecord::query()->where('name', 'c.jpg')->firstOrFail()->facts()->leftOut)
        ->toBe(['Its verdict, by eye is “lovely” in the table, which cannot be read.']);
});

it('refuses what is no table, in words', function (string $text, string $says) {
    $file = People::tableFileOf($this->user, $text);
    $answer = $this->postJson('/api/log/tables/look', ['file_id' => $file->id])->assertUnprocessable();
    expect($answer->json('detail').json_encode($answer->json('faults')))->toContain($says);
})->with([
    'nothing' => ["\n\n", 'nothing stands in it'],
    'another document' => ['{"format":"kit/1","gear":[]}', 'it does not say'],
    'a log without an end' => ['{"format":"log/1","bursts":[{"id":"x", "began": "'.str_repeat('a', 40), 'it has no end'],
    'too many rows' => ["file,taken_at\n".str_repeat("a,2026-05-22 05:12:33\n", TableText::MOST + 2), '60,000 rows'],
]);

it('tells what is wrong with the bursts of a log, and takes the others', function () {
    $frame = ['name' => 'a.jpg', 'sha256' => str_repeat('a', 64), 'verdict' => 'sharp', 'confidence' => 1, 'limit_px' => 2, 'taken_at' => '2026-05-22T05:12:33'];
    $burst = static fn (array $frame, string $id): array => ['id' => $id, 'began' => null, 'body' => 'Skerry {One}', 'lens' => '"\\', 'rush' => null, 'outing' => null, 'frames' => [$frame]];
    $log = ['format' => 'log/1', 'bursts' => [
        $burst(['verdict' => 'lovely'] + $frame, 'one'),
        $burst(['taken_at' => 'never'] + $frame, 'two'),
        $burst($frame, 'three'),
    ]];
    $run = tookIn($this->user, People::tableFileOf($this->user, (string) json_encode($log, JSON_PRETTY_PRINT)));
    expect($run->reading->read)
        ->toBe(1)
        ->and(array_column($run->reading->refused, 'why'))
        ->sequence(
            fn ($why) => $why->toContain('bursts.0.frames.0.verdict'),
            fn ($why) => $why->toContain('"never"'),
        )
        ->and($this->user->bursts()->firstOrFail()->body)
        ->toBe('Skerry {One}');
});

it('reads text in an older alphabet, and refuses what is no text', function () {
    $file = People::tableFileOf($this->user, mb_convert_encoding("file,taken_at,body\né.jpg,2026-05-22 05:12:33,Sk\u{e9}rry\n", 'Windows-1252', 'UTF-8'));
    $this->postJson('/api/log/tables/look', ['file_id' => $file->id])->assertOk()->assertJsonPath('frames.0.body', "Sk\u{e9}rry");
    $this->call('PUT', '/api/files/table/'.hash('sha256', "\0\1\2"), [], [], [], [], "\0\1\2")->assertStatus(415);
    // what stands for a word with a sign nobody sees is not kept so
    $shown = People::tableFileOf($this->user, "file,taken_at\na\u{202e}gpj.exe,2026-05-22 05:12:33\n");
    $this->postJson('/api/log/tables/look', ['file_id' => $shown->id])->assertOk()->assertJsonPath('frames.0.name', 'a gpj.exe');
});

it('knows a photograph again that a table tells of without its content', function () {
    Frames::burst($this->user);
    $names = $this->user->frames()->orderBy('taken_at')->pluck('name')->all();
    $run = tookIn($this->user, People::tableFileOf($this->user, "file,taken_at,kept\n{$names[0]},2026-05-23 05:40:00,yes\n{$names[1]},2026-05-23 05:40:03,yes\nother.jpg,2026-05-23 05:40:00,no\n"));
    // of the same name and another second it is another
    expect(get_object_vars($run->reading))->toMatchArray(['read' => 2, 'known' => 1]);
});

it('names lines as an editor does, over fields of several lines and other ends of lines', function () {
    $run = tookIn($this->user, People::tableFileOf($this->user, "file,taken_at,note\na.jpg,2026-05-22 05:12:33,\"two\nlines\"\nb.jpg,never,x\n"));
    expect(array_column($run->reading->refused, 'name'))->toBe(['line 4']);
    $old = tookIn($this->user, People::tableFileOf($this->user, "file,taken_at\rc.jpg,2026-05-22 05:12:33\rd.jpg,never\r"));
    expect($old->reading->read)
        ->toBe(1)
        ->and(array_column($old->reading->refused, 'name'))
        ->toBe(['line 3']);
});

it('takes a first row for names though it numbers its columns, and for a frame where it is one', function () {
    $named = tookIn($this->user, People::tableFileOf($this->user, "column 1,column 2\na.jpg,2026-05-22 05:12:33\n"), ['columns' => ['file', 'taken_at'], 'days' => 'ymd']);
    expect(get_object_vars($named->reading))->toMatchArray(['read' => 1, 'refused' => []]);
    $bare = tookIn($this->user, People::tableFileOf($this->user, "b.jpg,2026-05-22 05:12:33\nc.jpg,2026-05-22 05:12:34\n"), ['columns' => ['file', 'taken_at'], 'days' => 'ymd']);
    expect(get_object_vars($bare->reading))->toMatchArray(['read' => 2, 'refused' => []]);
});

it('bears a table that was made to harm', function (string $text) {
    $file = People::tableFileOf($this->user, $text);
    memory_reset_peak_usage();
    $before = memory_get_usage();
    $status = $this->postJson('/api/log/tables/look', ['file_id' => $file->id])->status();
    expect($status)
        ->toBeIn([200, 422])
        ->and((memory_get_peak_usage() - $before) / 1e6)
        ->toBeLessThan(100);
})->with([
    'a million fields in a row' => [fn (): string => "file,taken_at\n".str_repeat(str_repeat(',', 60_000)."\n", 60)],
    'a quote that never ends' => [fn (): string => "file,taken_at\n\"".str_repeat("a,b\n", 1_500_000)],
    'one line without end' => [fn (): string => 'file,'.str_repeat('a', 8_000_000)],
    'brackets in brackets' => [fn (): string => '{"format":"log/1","bursts":['.str_repeat('{"a":', 400_000)],
    'a burst of nothing but frames' => [fn (): string => '{"format":"log/1","bursts":[{"id":"x","began":null,"body":"","lens":"","rush":null,"outing":null,"frames":['.implode(',', array_fill(0, 200_000, '{}')).']}]}'],
    'junk between bursts' => [fn (): string => '{"format":"log/1","bursts":[1,2,3]}'],
]);

it('tells of a table for a week, and of none that was taken back', function () {
    $run = tookIn($this->user, People::tableFileOf($this->user, TABLE));
    $this->getJson('/api/log/tables')->assertJsonPath('table.is_back', false);
    $this->travel(8)->days();
    $this->getJson('/api/log/tables')->assertJsonPath('table', null);
    $this->travelBack();
    $this->postJson("/api/log/tables/{$run->id}/back")->assertOk();
    $this->getJson('/api/log/tables')->assertJsonPath('table.is_back', true);
});

it('ends where the account is full, and says so', function () {
    config(['rushhold.quota.frames' => 2]);
    $run = tookIn($this->user, People::tableFileOf($this->user, TABLE));
    expect($run->status)
        ->toBe(RunRecord::DONE)
        ->and($this->user->frames()->count())
        ->toBe(0)
        ->and($run->reading->refused[0]->name)
        ->toBe('all that follow');
});

it('is of one account: nobody reads, stops or takes back the table of another', function () {
    $file = People::tableFileOf($this->user, TABLE);
    $run = tookIn($this->user, People::tableFileOf($this->user, "file,taken_at\na.jpg,2026-05-22 05:12:33\n"));
    $this->actingAs(People::someone('Ben'));
    $this->postJson('/api/log/tables/look', ['file_id' => $file->id])->assertUnprocessable();
    $this->postJson('/api/log/tables/take', ['file_id' => $file->id])->assertUnprocessable();
    $this->deleteJson("/api/log/tables/{$run->id}")->assertNotFound();
    $this->postJson("/api/log/tables/{$run->id}/back")->assertNotFound();
    $this->getJson('/api/log/tables')->assertOk()->assertJsonPath('table', null);
    expect($this->user->frames()->count())->toBe(1);
    // a run of another kind is no table
    $other = $this->user;
    $this->actingAs($other);
    $sweep = People::sweepOf($other, People::rushOf($other));
    $this->deleteJson("/api/log/tables/{$sweep->id}")->assertNotFound();
});
