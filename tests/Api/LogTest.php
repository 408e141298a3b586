<?php

declare(strict_types=1);

use App\Files\Files;
use App\Log\Frames\FramePictures;
use App\Log\Frames\Relooks;
use App\Models\BurstRecord;
use App\Models\FileRecord;
use App\Models\FrameRecord;
use App\Models\RunRecord;
use App\Models\RushRecord;
use App\Plans\PlanCache;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use RushHold\Sharpness\FrameVerdict;
use Tests\Support\Frames;
use Tests\Support\People;

beforeEach(function () {
    $this->folder = storage_path('test/files-of-log-tests');
    config(['filesystems.disks.files.root' => $this->folder]);
    Storage::forgetDisk('files');
    $this->disk = Storage::disk('files');
    $this->user = People::someone();
    $this->actingAs($this->user);
    $this->ids = fn (BurstRecord $burst): array => array_map(static fn (FrameRecord $frame): string => $frame->id, $burst->inOrder());
});

afterEach(fn () => (new Illuminate\Filesystem\Filesystem())->deleteDirectory($this->folder));

it('takes photographs in: what they say, how sharp they are, in the burst they are of', function () {
    $burst = Frames::burst($this->user);
    $page = $this->getJson('/api/log')->assertOk()->json();
    expect($page['bursts'])
        ->toHaveCount(1)
        ->and($page['bursts'][0])
        ->toMatchArray(['body' => 'Skerry One', 'lens' => 'Longshore 500', 'clock' => '2026-05-23T05:40:00.100', 'seconds' => 0.2, 'frames' => 3, 'keepers' => 2, 'eyed' => 0, 'rush' => null])
        ->and(array_column($page['bursts'][0]['shown'], 'verdict'))
        ->toBe(['sharp', 'soft', 'sharp'])
        ->and($page['intake'])
        ->toMatchArray(['status' => 'done', 'read' => 3, 'known' => 0, 'refused' => [], 'done' => 3, 'whole' => 3])
        ->and($page['next'])
        ->toBeNull();
    $whole = $this->getJson("/api/bursts/{$burst->id}")->assertOk()->json('burst');
    expect($whole['all'][1])
        ->toMatchArray(['shutter_s' => 0.0005, 'f_number' => 5.6, 'iso' => 800, 'focal_mm' => 500, 'verdict' => 'soft', 'found_by' => 'file', 'eye' => null, 'is_there' => true])
        ->and($whole['all'][1]['blur_px'])
        ->toBeGreaterThan($whole['all'][0]['blur_px'])
        ->and($whole['all'][0]['subject']['x'])
        ->toEqualWithDelta(410 / 960, 0.01)
        ->and($whole['all'][0]['why'])
        ->not->toBe([]);
});

it('shows its pictures to its owner alone, with nothing in them but the picture', function () {
    $frame = Frames::burst($this->user, 1)->frames()->firstOrFail();
    foreach (['whole', 'piece'] as $which) {
        $jpeg = (string) $this->get("/api/frames/{$frame->id}/{$which}")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg')
            ->assertHeader('X-Content-Type-Options', 'nosniff')
            ->getContent();
        expect(getimagesizefromstring($jpeg)[2])
            ->toBe(IMAGETYPE_JPEG)
            ->and($jpeg)
            ->not->toContain('Exif')
            ->not->toContain('Skerry');
    }
    expect($frame->picture_bytes)->toBe(array_sum(array_map($this->disk->size(...), array_filter($this->disk->allFiles(), fn (string $path) => str_contains($path, 'frames/')))));
    // the same address with another picture is none
    $this->getJson("/api/frames/{$frame->id}/original")->assertNotFound();
    $this->actingAs(People::someone('Stranger'));
    foreach (['whole', 'piece'] as $which) {
        $this->getJson("/api/frames/{$frame->id}/{$which}")->assertNotFound();
    }
});

it('keeps no position, no name of a person and no serial number, whatever is in the file', function () {
    $jpeg = Frames::jpeg();
    // a segment of XMP and one of comment, as programs write them
    $secret = "http://properties.example/1.0/\0<x:xmpmeta><serial>SN-4711-KEEP-OUT</serial><creator>Ada of the Turf</creator><lat>53.29N</lat></x:xmpmeta>";
    $segments = "\xFF\xE1".pack('n', strlen($secret) + 2).$secret."\xFF\xFE".pack('n', 20).'Ada of the Turf 4711';
    Frames::send($this->user, substr($jpeg, 0, 2).substr($segments, 0, -2).substr($jpeg, 2));
    Frames::takeIn($this->user);
    $frame = $this->user->frames()->sole();
    $rows = json_encode([$frame->getAttributes(), $frame->burst->getAttributes(), RunRecord::query()->get()]);
    // its own file goes after three days at the latest; all that stays is looked through
    $this->travel(4)->days();
    Artisan::call('tidy', ['--files' => true]);
    $kept = implode('', array_map($this->disk->get(...), $this->disk->allFiles()));
    expect($this->disk->allFiles())->toHaveCount(2)->and(FileRecord::query()->count())->toBe(0);
    foreach (['4711', 'Ada of', '53.29'] as $word) {
        expect($rows)->not->toContain($word)->and($kept)->not->toContain($word);
    }
    $this->getJson("/api/bursts/{$frame->burst_id}")->assertOk()->assertJsonPath('burst.all.0.is_there', false);
});

it('knows a file again, before it is sent and after', function () {
    $jpeg = Frames::jpeg();
    $hash = hash('sha256', $jpeg);
    $this->getJson("/api/log/known/{$hash}")->assertJsonPath('known', false);
    Frames::send($this->user, $jpeg);
    Frames::takeIn($this->user);
    $this->getJson("/api/log/known/{$hash}")->assertJsonPath('known', true);
    FileRecord::query()->delete();
    Frames::send($this->user, $jpeg, 'a copy.jpg');
    $run = Frames::takeIn($this->user);
    expect((array) $run->reading)
        ->toMatchArray(['read' => 0, 'known' => 1])
        ->and($this->user->frames()->count())
        ->toBe(1)
        ->and(FileRecord::query()->count())
        ->toBe(0);
    $this->actingAs(People::someone('Stranger'));
    $this->getJson("/api/log/known/{$hash}")->assertJsonPath('known', false);
});

it('takes a raw file in by the picture inside, and looks at it again where a person has touched it', function () {
    Frames::send($this->user, Frames::raw(Frames::jpeg()), 'R0001.raw');
    Frames::send($this->user, "II*\0\x08\0\0\0", 'R0002.raw');
    Frames::send($this->user, "\0\0\0\x1Cftypheic\0\0\0\0mif1heic", 'R0003.heic');
    $run = Frames::takeIn($this->user);
    expect(array_column($run->reading->refused, 'why', 'name'))->toBe([
        'R0002.raw' => 'It is no JPEG, and there is none inside it.',
        'R0003.heic' => 'It is no JPEG, and there is none inside it.',
    ]);
    $frame = $this->user->frames()->sole();
    expect($frame->width)
        ->toBe(Frames::WIDTH)
        ->and($frame->facts->body)
        ->toBe('Skerry One')
        ->and($frame->facts->shutter_s)
        ->toEqualWithDelta(1 / 2000, 1e-6);
    $this->get("/api/frames/{$frame->id}/whole")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    $this->putJson("/api/bursts/{$frame->burst_id}/subject", ['frame' => $frame->id, 'box' => ['x' => 0.4, 'y' => 0.4, 'w' => 0.15, 'h' => 0.2]])->assertOk();
    Frames::work(RunRecord::query()->where('kind', 'look')->latest('id')->firstOrFail());
    expect($frame->refresh()->found_by)->toBe('touch')->and($frame->measured->box->x)->toBe(384);
});

it('names what it cannot read with its reason, and loses nothing else', function () {
    $good = Frames::jpeg();
    foreach (['broken.jpg' => substr($good, 0, 9000), 'good.jpg' => $good, 'grey.jpg' => Frames::jpeg(7)] as $name => $bytes) {
        Frames::send($this->user, $bytes, $name);
    }
    $run = Frames::takeIn($this->user);
    expect($run->status)
        ->toBe('done')
        ->and($run->reading->refused)
        ->toHaveCount(1)
        ->and($run->reading->refused[0]->name)
        ->toBe('broken.jpg')
        ->and($run->reading->refused[0]->why)
        ->toContain('damaged')
        ->and($this->user->frames()->count())
        ->toBe(2)
        ->and(FileRecord::query()->pluck('name')->all())
        ->toEqualCanonicalizing(['good.jpg', 'grey.jpg']);
});

it('gives a file up that has broken three workers, and goes on with the others', function () {
    $file = Frames::send($this->user, Frames::jpeg(), 'deadly.jpg');
    $file->fill(['tries' => 3])->save();
    Frames::send($this->user, Frames::jpeg(2), 'next.jpg');
    $run = Frames::takeIn($this->user);
    expect($run->reading->refused[0]->name)
        ->toBe('deadly.jpg')
        ->and($this->user->frames()->sole()->name)
        ->toBe('next.jpg');
});

it('takes in all that waits, however quickly each is gone through', function () {
    foreach (range(1, 20) as $number) {
        Frames::send($this->user, "\xFF\xD8\xFF\xE0 no picture, number {$number}", "junk{$number}.jpg");
    }
    $run = Frames::takeIn($this->user);
    expect($run->status)->toBe('done')->and($run->done)->toBe(20)->and(FileRecord::query()->count())->toBe(0);
});

it('keeps what came of a file before the next can break anything', function () {
    Frames::send($this->user, Frames::jpeg(1), 'first.jpg');
    $deadly = Frames::send($this->user, Frames::jpeg(2), 'deadly.jpg');
    $run = app(App\Log\Intake\Intakes::class)->wake($this->user);
    app(App\Runs\Runs::class)->goOn($run->id);
    expect($this->user->frames()->sole()->name)->toBe('first.jpg')->and($deadly->refresh()->tries)->toBe(0);
});

it('lets a second worker read ahead, and takes in once what either has read', function () {
    foreach (range(1, 5) as $number) {
        Frames::send($this->user, Frames::jpeg($number), "R{$number}.jpg");
    }
    Frames::send($this->user, substr(Frames::jpeg(6), 0, 9000), 'broken.jpg');
    $runs = app(App\Runs\Runs::class);
    $intake = app(App\Log\Intake\Intakes::class)->wake($this->user);
    $runs->goOn($intake->id);
    $ahead = $this->user->runs()->where('kind', 'ahead')->sole();
    // another holds one that is not done yet
    $held = FileRecord::query()->where('name', 'R2.jpg')->sole();
    $other = new Symfony\Component\Process\Process(['sleep', '600']);
    $other->start();
    $held->forceFill(['held_by' => App\Runs\Holder::of((int) $other->getPid())->told(), 'held_until' => now()->addSeconds(75), 'tries' => 1])->save();
    $runs->goOn($ahead->id);
    $runs->goOn($ahead->id);
    expect(FileRecord::query()->where('outcome', '!=', null)->pluck('name')->all())
        ->toBe(['R3.jpg', 'R4.jpg'])
        ->and($this->user->frames()->count())
        ->toBe(1);
    // what has been read is taken in together, as if it had been read here
    $runs->goOn($intake->id);
    expect($this->user->frames()->orderBy('name')->pluck('name')->all())->toBe(['R1.jpg', 'R3.jpg', 'R4.jpg']);
    $other->stop(0, SIGKILL);
    Frames::work($ahead);
    expect($ahead->refresh()->status)->toBe('done')->and($this->user->frames()->count())->toBe(3);
    Frames::work($intake);
    expect($intake->refresh()->status)
        ->toBe('done')
        ->and([$intake->reading->read, $intake->reading->known, array_column($intake->reading->refused, 'name')])
        ->toBe([5, 0, ['broken.jpg']])
        ->and($this->user->frames()->count())
        ->toBe(5)
        ->and($held->refresh()->tries)
        ->toBe(2);
    // either way of reading measures the same
    $again = app(App\Log\Intake\FrameReader::class)->read(Frames::jpeg(3));
    $frame = $this->user->frames()->where('name', 'R3.jpg')->sole();
    expect(json_encode($frame->measured))->toBe(json_encode($again[0]->measured()));
});

it('leaves nothing of what was read ahead when it is stopped, nor of what is read just then', function () {
    foreach (range(1, 4) as $number) {
        Frames::send($this->user, Frames::jpeg($number), "R{$number}.jpg");
    }
    $intake = app(App\Log\Intake\Intakes::class)->wake($this->user);
    $runs = app(App\Runs\Runs::class);
    $runs->goOn($intake->id);
    $ahead = $this->user->runs()->where('kind', 'ahead')->sole();
    $runs->goOn($ahead->id);
    $readings = app(App\Log\Intake\Readings::class);
    $held = $readings->next($this->user);
    $this->deleteJson('/api/log/intake')->assertOk();
    $readings->go($this->user, $held);
    expect($ahead->refresh()->status)
        ->toBe('cancelled')
        ->and($this->user->frames()->count())
        ->toBe(1)
        ->and(FileRecord::query()->count())
        ->toBe(1)
        // of one frame its file and two pictures
        ->and(Illuminate\Support\Facades\Storage::disk('files')->allFiles((string) $this->user->id))
        ->toHaveCount(3);
});

it('goes on where a worker died, and takes in what came while the last one was being read', function () {
    for ($number = 1; $number <= 3; $number++) {
        Frames::send($this->user, Frames::jpeg($number), "R{$number}.jpg");
    }
    $run = app(App\Log\Intake\Intakes::class)->wake($this->user);
    app(App\Runs\Runs::class)->goOn($run->id);
    // a portion whose worker died before it was kept leaves nothing behind
    $work = app(App\Log\Intake\Intakes::class)->resume($run->refresh()->setRelation('user', $this->user));
    $work->step();
    expect($this->user->frames()->count())->toBe($run->refresh()->done);
    Frames::send($this->user, Frames::jpeg(4), 'late.jpg');
    Frames::work($run);
    expect($this->user->frames()->count())->toBe(4)->and($run->refresh()->whole)->toBe(4);
});

it('lets go of what waits when it is stopped, and keeps what has been taken in', function () {
    for ($number = 1; $number <= 3; $number++) {
        Frames::send($this->user, Frames::jpeg($number), "R{$number}.jpg");
    }
    $run = app(App\Log\Intake\Intakes::class)->wake($this->user);
    app(App\Runs\Runs::class)->goOn($run->id);
    $there = $this->user->frames()->count();
    $this->deleteJson('/api/log/intake')->assertOk()->assertJsonPath('intake.status', 'cancelled');
    expect($this->user->frames()->count())
        ->toBe($there)
        ->and(FileRecord::query()->whereNull('read_at')->count())
        ->toBe(0);
});

it('puts frames into bursts whatever order they come in, and two that are joined become one', function () {
    foreach (['.900', '.100', '.500'] as $number => $fraction) {
        Frames::send($this->user, Frames::jpeg($number + 1, 0, ['takenAt' => "2026-05-23T05:40:00{$fraction}"]), "R{$number}.jpg");
        Frames::takeIn($this->user);
        expect($this->user->bursts()->count())->toBe([1, 2, 1][$number]);
    }
    // another body, a minute later, and one without a time
    Frames::send($this->user, Frames::jpeg(11, 0, ['body' => 'Skerry Two']), 'other.jpg');
    Frames::send($this->user, Frames::jpeg(12, 0, ['takenAt' => '2026-05-23T05:41:00.100']), 'later.jpg');
    Frames::send($this->user, Frames::jpeg(13, 0, ['takenAt' => null]), 'untimed.jpg');
    Frames::takeIn($this->user);
    expect($this->user->bursts()->orderBy('began_at')->pluck('frames')->all())->toEqualCanonicalizing([3, 1, 1, 1]);
});

it('splits and joins by hand, undoes both in order, and adds nothing to such a burst by itself', function () {
    $burst = Frames::burst($this->user, 4);
    $ids = ($this->ids)($burst);
    $this->postJson("/api/bursts/{$burst->id}/split", ['frame' => $ids[2]])
        ->assertOk()
        ->assertJsonPath('burst.frames', 2)
        ->assertJsonPath('undo', 'burst split');
    $new = $this->user->bursts()->whereKeyNot($burst->id)->sole();
    expect(($this->ids)($new))
        ->toBe(array_slice($ids, 2))
        ->and($new->clock)
        ->toBe('2026-05-23T05:40:00.300');
    Frames::send($this->user, Frames::jpeg(9, 0, ['takenAt' => '2026-05-23T05:40:00.150']), 'late.jpg');
    Frames::takeIn($this->user);
    expect($this->user->bursts()->count())->toBe(3)->and($burst->refresh()->frames)->toBe(2);

    $this->postJson("/api/bursts/{$burst->id}/join", ['with' => $new->id])->assertOk()->assertJsonPath('burst.frames', 4);
    expect($this->user->bursts()->whereKey($new->id)->exists())->toBeFalse();
    $this->postJson('/api/log/undo')->assertOk()->assertJsonPath('words', 'bursts joined')->assertJsonPath('undo', 'burst split');
    expect(($this->ids)($this->user->bursts()->find($new->id)))->toBe(array_slice($ids, 2));
    $this->postJson('/api/log/undo')->assertJsonPath('words', 'burst split')->assertJsonPath('undo', null)->assertJsonPath('redo', 'burst split');
    expect($burst->refresh()->frames)->toBe(4)->and($burst->by_hand)->toBeFalse();
    $this->postJson('/api/log/redo')->assertJsonPath('words', 'burst split');
    expect($burst->refresh()->frames)->toBe(2);
    $this->postJson('/api/log/undo')->assertOk();
    $this->postJson('/api/log/undo')->assertOk()->assertJsonPath('words', null);
});

it('refuses to split before the first frame, and to join with itself or a stranger’s, in words', function () {
    $burst = Frames::burst($this->user, 2);
    $theirs = Frames::burst(People::someone('Stranger'), 1);
    $this->postJson("/api/bursts/{$burst->id}/split", ['frame' => ($this->ids)($burst)[0]])->assertStatus(422);
    foreach ([$burst->id, $theirs->id] as $id) {
        $this->postJson("/api/bursts/{$burst->id}/join", ['with' => $id])->assertStatus(422)->assertJsonPath('faults.0.pointer', '/with');
    }
    $this->postJson("/api/bursts/{$burst->id}/split", ['frame' => $theirs->frames()->firstOrFail()->id])->assertStatus(422);
});

it('keeps the person’s verdict beside the machine’s, and counts by the person’s', function () {
    $burst = Frames::burst($this->user);
    $ids = ($this->ids)($burst);
    $this->putJson("/api/frames/{$ids[0]}/eye", ['verdict' => 'moved'])->assertOk()->assertJsonPath('eye', 'moved');
    $burst->refresh();
    expect([$burst->keepers, $burst->eyed])->toBe([1, 1]);
    $this->postJson("/api/bursts/{$burst->id}/agree")->assertOk()->assertJsonPath('burst.eyed', 3)->assertJsonPath('undo', '2 frames judged as measured');
    $pairs = collect($this->getJson('/api/log/agreement')->assertOk()->json('pairs'))->keyBy(fn ($pair) => $pair['eye'].' '.$pair['verdict']);
    expect($pairs['moved sharp']['count'])->toBe(1)->and($pairs['soft soft']['count'])->toBe(1);
    $this->postJson('/api/log/undo')->assertOk();
    expect($burst->refresh()->eyed)->toBe(1);
    $this->putJson("/api/frames/{$ids[0]}/eye", ['verdict' => null])->assertOk()->assertJsonPath('eye', null);
    expect($burst->refresh()->keepers)->toBe(2);
    $this->putJson("/api/frames/{$ids[0]}/eye", ['verdict' => 'lovely'])->assertStatus(422)->assertJsonPath('faults.0.pointer', '/verdict');
    // the same again is no act of its own
    $this->putJson("/api/frames/{$ids[0]}/eye", ['verdict' => null])->assertOk();
    $this->postJson('/api/log/undo')->assertJsonPath('words', 'verdict on R0000.jpg');
    expect(FrameRecord::query()->find($ids[0])->eye)->toBe(FrameVerdict::Moved);
});

it('judges a burst by the standard of the rush it was taken for, without its files, and takes that back', function () {
    $rush = People::rushOf($this->user);
    $burst = Frames::burst($this->user);
    $before = $burst->frames()->firstOrFail()->limit_px;
    $this->user->files()->delete();
    $this->putJson("/api/bursts/{$burst->id}/rush", ['rush_id' => $rush->id])
        ->assertOk()
        ->assertJsonPath('burst.rush.id', $rush->id)
        ->assertJsonPath('burst.guess', null);
    $after = $burst->frames()->firstOrFail()->limit_px;
    expect($after)->not->toBe($before);
    $this->postJson('/api/log/undo')->assertOk();
    expect($burst->refresh()->rush_id)->toBeNull()->and($burst->frames()->firstOrFail()->limit_px)->toBe($before);
    $theirs = People::rushOf(People::someone('Stranger'));
    $this->putJson("/api/bursts/{$burst->id}/rush", ['rush_id' => $theirs->id])->assertStatus(422);
});

it('learns what a body blurs of its own from its frames, and judges the next ones by it', function () {
    $burst = Frames::burst($this->user, 2);
    expect($burst->frames()->pluck('floor_px')->all())->toBe([0.0, 0.0]);
    // a body that has shown over many frames that it can do no better
    $burst->frames()->update(['total_px' => 1.2]);
    $frame = $burst->frames()->firstOrFail();
    for ($number = 0; $number < 118; $number++) {
        $copy = $frame->replicate(['file_id'])->forceFill(['user_id' => $this->user->id, 'hash' => str_pad((string) $number, 64, 'f'), 'picture' => str_pad((string) $number, 32, 'f')]);
        $copy->save();
    }
    Frames::send($this->user, Frames::jpeg(40, 0, ['takenAt' => '2026-05-24T07:00:00.000']), 'R90.jpg');
    Frames::send($this->user, Frames::jpeg(41, 0, ['takenAt' => '2026-05-24T09:00:00.000', 'body' => 'Skerry Two']), 'R91.jpg');
    Frames::takeIn($this->user);
    $floors = $this->user->frames()->whereIn('name', ['R90.jpg', 'R91.jpg'])->pluck('floor_px', 'name');
    expect($floors['R90.jpg'])
        ->toEqualWithDelta((1.2 * 120) / 160, 1e-3)
        ->and($floors['R91.jpg'])
        ->toBe(0.0);
    $told = $this->getJson('/api/bursts/'.$this->user->frames()->where('name', 'R90.jpg')->sole()->burst_id)->assertOk()->json('burst.all.0');
    expect($told['floor_px'])->toEqualWithDelta(0.9, 0.01)->and($told['why'][0])->toContain('of it this body’s own');
});

it('proposes the rush of a burst, by what it was told of the same body before', function () {
    $rush = People::rushOf($this->user);
    $first = Frames::burst($this->user, 1);
    $this->putJson("/api/bursts/{$first->id}/rush", ['rush_id' => $rush->id])->assertOk();
    $second = Frames::burst($this->user, 1, '2026-05-24T06:00:00', ['iso' => 1600]);
    $guess = $this->getJson("/api/bursts/{$second->id}")->assertOk()->json('burst.guess');
    expect($guess['id'])
        ->toBe($rush->id)
        ->and($guess['because'])
        ->toContain('its body and lens');
});

it('looks for the subject where a person has touched it, in the frames after and before', function () {
    $places = [[300, 300], [420, 320], [540, 340]];
    foreach ($places as $number => $at) {
        $taken = sprintf('2026-05-23T05:40:00.%d00', $number + 1);
        Frames::send($this->user, Frames::jpeg(1, 0, ['takenAt' => $taken, 'subject' => null], $at), "R{$number}.jpg");
    }
    Frames::takeIn($this->user);
    $burst = $this->user->bursts()->sole();
    $ids = ($this->ids)($burst);
    expect($burst->frames()->pluck('found_by')->unique()->all())->toBe(['middle']);
    $box = ['x' => 350 / 960, 'y' => 270 / 640, 'w' => 140 / 960, 'h' => 100 / 640];
    $this->putJson("/api/bursts/{$burst->id}/subject", ['frame' => $ids[1], 'box' => $box])->assertOk()->assertJsonPath('burst.touched', $ids[1]);
    Frames::work(app(Relooks::class)->last($burst->refresh()));
    $all = $this->getJson("/api/bursts/{$burst->id}")->assertOk()->json('burst.all');
    expect(array_column($all, 'found_by'))->toBe(['found', 'touch', 'found']);
    foreach ($places as $number => [$x, $y]) {
        $seen = $all[$number]['subject'];
        expect(960 * ($seen['x'] + $seen['w'] / 2))
            ->toEqualWithDelta($x, 20)
            ->and(640 * ($seen['y'] + $seen['h'] / 2))
            ->toEqualWithDelta($y, 20);
    }
    // taken back, each is looked at by itself again
    $this->postJson('/api/log/undo')->assertJsonPath('words', 'subject touched');
    Frames::work(app(Relooks::class)->last($burst->refresh()));
    expect($burst->frames()->pluck('found_by')->unique()->all())->toBe(['middle']);
});

it('begins from the touch again before it, whatever there is of the frame next to it', function () {
    foreach ([[180, 280], [300, 300], [420, 320], [540, 340]] as $number => $at) {
        $taken = sprintf('2026-05-23T05:40:00.%d00', $number + 1);
        Frames::send($this->user, Frames::jpeg(1, 0, ['takenAt' => $taken, 'subject' => null], $at), "R{$number}.jpg");
    }
    Frames::takeIn($this->user);
    $burst = $this->user->bursts()->with('user')->sole();
    $ids = ($this->ids)($burst);
    $touch = ['frame' => $ids[2], 'x' => 350, 'y' => 270, 'w' => 140, 'h' => 100];
    $burst->fill(['subject' => (object) $touch])->save();
    // the file of the frame right before the touch has gone
    $this->user->frames()->whereKey($ids[1])->update(['file_id' => null]);
    $order = app(Relooks::class)->of($burst, [])->state()['order'];
    expect($order)->toBe([$ids[2], $ids[3], $ids[1], $ids[0]]);
    // those after the touch have been looked at, and the subject was followed to the end of the burst
    $followed = ['frame' => $ids[3], 'x' => 470, 'y' => 290, 'w' => 140, 'h' => 100];
    $work = app(Relooks::class)->of($burst, ['order' => $order, 'done' => 2, 'trail' => $followed]);
    $work->step();
    expect($work->state()['trail'])->toBe($touch);
});

it('asks the disk for nothing while anybody waits for the account', function () {
    $disk = Storage::disk('files');
    $spy = new class($disk->getDriver(), $disk->getAdapter(), $disk->getConfig()) extends FilesystemAdapter
    {
        /** @var list<int> how many transactions were under way */
        public array $within = [];

        public function put($path, $contents, $options = [])
        {
            $this->within[] = DB::transactionLevel();

            return parent::put($path, $contents, $options);
        }

        public function size($path)
        {
            $this->within[] = DB::transactionLevel();

            return parent::size($path);
        }
    };
    Storage::set('files', $spy);
    $around = DB::transactionLevel();
    $burst = Frames::burst($this->user, 2);
    $this->postJson('/api/log/let-go', ['before' => '2027-01-01'])->assertOk()->assertJsonPath('frames', 2);
    $box = ['x' => 0.3, 'y' => 0.3, 'w' => 0.2, 'h' => 0.2];
    $this->putJson("/api/bursts/{$burst->id}/subject", ['frame' => ($this->ids)($burst)[0], 'box' => $box])->assertOk();
    Frames::work(app(Relooks::class)->last($burst->refresh()));
    expect(count($spy->within))->toBeGreaterThan(7)->and(array_unique($spy->within))->toBe([$around]);
});

it('guesses the rush by the plans there are', function () {
    $rush = People::rushOf($this->user);
    $this->getJson("/api/rushes/{$rush->id}")->assertOk();
    $plans = app(PlanCache::class);
    $rush = RushRecord::query()->with([...RushRecord::WITH_KIT, 'plan'])->findOrFail($rush->id);
    $rush->plan->fill(['settings' => (object) ['shutter_s' => 0.125, 'f_number' => 11, 'iso' => 100]])->save();
    expect($plans->settingsOf($rush, $this->user))->toBe([0.125, 11.0]);
    // one that is another by now is reckoned
    $rush->plan->fill(['fingerprint' => 'another'])->save();
    expect($plans->settingsOf($rush, $this->user)[0])->toBeLessThan(0.125);
});

it('cannot look again where the files are gone, and says so; a box outside is refused by name and range', function () {
    $burst = Frames::burst($this->user, 1);
    $id = ($this->ids)($burst)[0];
    $this->putJson("/api/bursts/{$burst->id}/subject", ['frame' => $id, 'box' => ['x' => 1.2, 'y' => 0, 'w' => 0.1, 'h' => 0.1]])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/box/x');
    $this->putJson("/api/bursts/{$burst->id}/subject", ['frame' => $id, 'box' => ['x' => 0, 'y' => 0, 'w' => 0, 'h' => 0.1]])
        ->assertStatus(422)
        ->assertJsonPath('faults.0.pointer', '/box/w');
    foreach ($this->user->files()->get() as $file) {
        app(Files::class)->delete($file);
    }
    $this->putJson("/api/bursts/{$burst->id}/subject", ['frame' => $id, 'box' => ['x' => 0, 'y' => 0, 'w' => 0.1, 'h' => 0.1]])
        ->assertStatus(409)
        ->assertJsonPath('type', 'file-gone');
});

it('turns what it shows the way up it is looked at', function () {
    // the subject is left of the middle in the file; turned a quarter to the right it is above it
    Frames::send($this->user, Frames::jpeg(1, 0, ['orientation' => 6], [200, 320]));
    Frames::takeIn($this->user);
    $frame = $this->user->frames()->sole();
    $told = $this->getJson("/api/bursts/{$frame->burst_id}")->json('burst.all.0');
    expect([$told['width'], $told['height']])
        ->toBe([640, 960])
        ->and($told['subject']['y'] + $told['subject']['h'] / 2)
        ->toEqualWithDelta(200 / 960, 0.02)
        ->and($told['subject']['x'] + $told['subject']['w'] / 2)
        ->toEqualWithDelta(0.5, 0.02);
    [$width, $height] = getimagesizefromstring((string) $this->get("/api/frames/{$frame->id}/whole")->getContent());
    expect($height)->toBeGreaterThan($width);
    // and a touch goes back the same way
    $this->putJson("/api/bursts/{$frame->burst_id}/subject", ['frame' => $frame->id, 'box' => $told['subject']])->assertOk();
    expect($frame->burst->refresh()->subject->x)->toEqualWithDelta(130, 2)->and($frame->burst->subject->w)->toEqualWithDelta(140, 2);
});

it('deletes a burst with its pictures, and lets pieces of older ones go', function () {
    $burst = Frames::burst($this->user, 2);
    $later = Frames::burst($this->user, 1, '2026-06-01T05:40:00', ['iso' => 100]);
    $this->postJson('/api/log/let-go', ['before' => '2026-06-01'])->assertOk()->assertJsonPath('frames', 2);
    $frame = $burst->frames()->firstOrFail();
    $this->getJson("/api/frames/{$frame->id}/piece")->assertNotFound();
    $this->get("/api/frames/{$frame->id}/whole")->assertOk();
    expect($frame->picture_bytes)
        ->toBe(app(FramePictures::class)->bytesOf($frame, FramePictures::WHOLE))
        ->and($later->frames()->firstOrFail()->crop)
        ->not->toBeNull();
    $this->postJson('/api/log/let-go', ['before' => '2026-13-01'])->assertStatus(422)->assertJsonPath('faults.0.pointer', '/before');
    $this->deleteJson("/api/bursts/{$burst->id}")->assertNoContent();
    $this->deleteJson("/api/bursts/{$later->id}")->assertNoContent();
    expect(array_filter($this->disk->allFiles(), fn (string $path) => str_contains($path, 'frames/')))
        ->toBe([])
        ->and(FrameRecord::query()->count())
        ->toBe(0);
    // what was done with them cannot be brought back, and does no harm
    $this->postJson('/api/log/undo')->assertOk();
});

it('gives pages of bursts, each once', function () {
    for ($minute = 10; $minute < 40; $minute++) {
        $burst = $this->user->bursts()->make(['body' => 'B', 'began_at' => "2026-05-23 05:{$minute}:00", 'ended_at' => "2026-05-23 05:{$minute}:01", 'frames' => 1]);
        $burst->save();
    }
    $first = $this->getJson('/api/log')->assertOk()->json();
    $second = $this->getJson('/api/log?before='.rawurlencode($first['next']))->assertOk()->json();
    $all = [...array_column($first['bursts'], 'id'), ...array_column($second['bursts'], 'id')];
    expect($all)->toHaveCount(30)->and(array_unique($all))->toHaveCount(30)->and($second['next'])->toBeNull();
    $this->getJson('/api/log?before=x')->assertStatus(422)->assertJsonPath('faults.0.pointer', '/before');
});

it('lets files go that have been read when there is need of their room, and makes the next ones wait where there is none', function () {
    config(['rushhold.quota.waiting_bytes' => 2 * strlen(Frames::jpeg()) + 60_000]);
    Frames::burst($this->user, 2);
    expect($this->user->files()->count())->toBe(2);
    Frames::send($this->user, Frames::jpeg(5), 'R5.jpg');
    expect($this->user->files()->pluck('name')->all())->toContain('R5.jpg')->toHaveCount(2);
    Frames::send($this->user, Frames::jpeg(6), 'R6.jpg');
    $jpeg = Frames::jpeg(7);
    $this->call('PUT', '/api/files/frame/'.hash('sha256', $jpeg).'?name=R7.jpg', server: ['HTTP_ACCEPT' => 'application/json'], content: $jpeg)
        ->assertStatus(503)
        ->assertJsonPath('type', 'full-for-now');
    config(['rushhold.quota.picture_bytes' => 1000]);
    $run = Frames::takeIn($this->user);
    expect($run->reading->refused[0]->why)->toContain('Let pieces of older bursts go');
});

it('takes a folder in from the command line, walks it through, and follows no link out of it', function () {
    $folder = storage_path('test/a-card');
    (new Illuminate\Filesystem\Filesystem())->deleteDirectory($folder);
    mkdir("{$folder}/DAY1", 0o755, true);
    file_put_contents("{$folder}/R1.jpg", Frames::jpeg(1));
    file_put_contents("{$folder}/DAY1/R2.JPG", Frames::jpeg(2, 0, ['takenAt' => '2026-05-23T05:40:00.200']));
    file_put_contents("{$folder}/DAY1/broken.jpg", 'no picture at all');
    file_put_contents("{$folder}/notes.txt", 'not asked for');
    file_put_contents("{$folder}/R1.RAW", Frames::raw(Frames::jpeg(1)));
    $secret = storage_path('test/secret.jpg');
    file_put_contents($secret, Frames::jpeg(3));
    symlink($secret, "{$folder}/link.jpg");
    symlink(dirname($secret), "{$folder}/way-out");
    $lines = function (string $command, array $options) use ($folder): array {
        Artisan::call($command, ['folder' => $folder, '--account' => $this->user->email] + $options);

        return array_map(static fn (string $line): array => json_decode($line, true), array_filter(explode("\n", Artisan::output())));
    };
    $told = $lines('hold:log-import', ['--no-wait' => true]);
    expect(array_column($told, 'state', 'file'))
        ->toBe(["{$folder}/DAY1/R2.JPG" => 'sent', "{$folder}/DAY1/broken.jpg" => 'refused', "{$folder}/R1.jpg" => 'sent'])
        ->and($told[1]['why'])
        ->toContain('it must be a photograph: a JPEG')
        ->and($told[3])
        ->toBe(['sent' => 2, 'known' => 0, 'refused' => 1]);
    Frames::takeIn($this->user);
    expect($this->user->bursts()->sole()->frames)->toBe(2);
    // a folder that is watched: what is there is known already
    $seen = $lines('hold:watch', ['--every' => '0.1', '--for' => '0.4']);
    expect(array_count_values(array_column($seen, 'state')))->toBe(['known' => 2, 'refused' => 1]);
    expect(Artisan::call('hold:log-import', ['folder' => $folder, '--account' => 'nobody@turf.example']))->toBe(2);
    expect(Artisan::call('hold:log-import', ['folder' => "{$folder}/nowhere", '--account' => $this->user->email]))->toBe(2);
    expect(Artisan::call('hold:watch', ['folder' => $folder]))->toBe(2);
    (new Illuminate\Filesystem\Filesystem())->deleteDirectory($folder);
    unlink($secret);
});

it('shoots the bursts of the demo once, and gives each visitor a copy that shows the same pictures', function () {
    Artisan::call('db:seed', ['--force' => true]);
    $demo = App\Models\User::query()->where('is_demo', true)->sole();
    $run = $demo->runs()->where('kind', 'demo')->sole();
    for ($portion = 0; $portion < 2; $portion++) {
        app(App\Runs\Runs::class)->goOn($run->id);
    }
    $frame = $demo->frames()->firstOrFail();
    expect($frame->name)->toBe('INLET_1001.jpg')->and($frame->burst->body)->toBe('Skerry One');
    $visitor = app(App\Accounts\DemoCopies::class)->another();
    $copy = $visitor->frames()->where('hash', $frame->hash)->sole();
    expect($copy->id)->not->toBe($frame->id)->and($copy->burst->user_id)->toBe($visitor->id);
    $this->actingAs($visitor)->get("/api/frames/{$copy->id}/whole")->assertOk();
    $this->getJson("/api/frames/{$frame->id}/whole")->assertNotFound();
    // how far it is until then, told to whoever looks around, and to nobody once all is there
    $run->refresh();
    expect($run->done)->toBeGreaterThan(0)->toBeLessThan($run->whole);
    $far = ['done' => $run->done, 'whole' => $run->whole, 'broke_off' => false];
    foreach (['/api/log', '/api/log/intake'] as $path) {
        $this->getJson($path)->assertOk()->assertJsonPath('demo', $far);
        $this->actingAs($demo)->getJson($path)->assertOk()->assertJsonPath('demo', null);
        $this->actingAs($visitor);
    }
    $run->update(['status' => 'failed']);
    $this->getJson('/api/log/intake')->assertOk()->assertJsonPath('demo', array_replace($far, ['broke_off' => true]));
    $run->update(['status' => 'done']);
    $this->getJson('/api/log/intake')->assertOk()->assertJsonPath('demo', null);
    // whatever a visitor deletes, the pictures of the demo stay
    $this->deleteJson("/api/bursts/{$copy->burst_id}")->assertNoContent();
    $this->actingAs($demo)->get("/api/frames/{$frame->id}/whole")->assertOk();
    Artisan::call('db:seed', ['--force' => true]);
    expect($demo->runs()->where('kind', 'demo')->count())->toBe(1);
});

it('says what is amiss with a log that is to be made up', function (array $own, string $words) {
    $user = People::someone();
    People::rushOf($user);
    $this->artisan('hold:log-made-up', $own + ['account' => $user->email, 'frames' => '10'])
        ->expectsOutput($words)
        ->assertExitCode(2);
    expect($user->frames()->count())->toBe(0);
})->with([
    'no day' => [['--from' => 'yesterday'], '--from is “yesterday”; it must be a day such as 2024-03-02.'],
    'no number' => [['frames' => 'many'], 'frames is “many”; it must be a whole number from 1.'],
    'nobody' => [['account' => 'nobody@turf.example'], 'There is no account of this address.'],
]);
