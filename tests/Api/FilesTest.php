<?php

declare(strict_types=1);

use App\Files\ContentType;
use App\Models\FileRecord;
use App\Models\User;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Documents;
use Tests\Support\People;

beforeEach(function () {
    $this->folder = storage_path('test/files-of-tests');
    config(['filesystems.disks.files.root' => $this->folder]);
    Storage::forgetDisk('files');
    $this->disk = Storage::disk('files');
    $this->user = People::someone();
    $this->actingAs($this->user);
    $this->kit = (string) json_encode([
        'format' => 'kit/1',
        'lens' => ['name' => 'Long one'] + Documents::kit()['lens'],
    ]);
    $this->send = fn (
        string $content,
        string $name = 'mine.kit.json',
        ?string $hash = null,
        string $purpose = 'kit',
    ) => $this->call(
        'PUT',
        "/api/files/{$purpose}/".($hash ?? hash('sha256', $content)).'?name='.rawurlencode($name),
        server: ['HTTP_ACCEPT' => 'application/json'],
        content: $content,
    );
});

afterEach(fn () => (new Illuminate\Filesystem\Filesystem())->deleteDirectory($this->folder));

it('keeps a file by its content, tells it, and gives it back to be saved', function () {
    $file = ($this->send)($this->kit, "..\\..\\etc/Mein  Brachwasser\u{200B}.json")->assertCreated()->json('file');
    expect($file)
        ->toMatchArray([
            'name' => 'Mein Brachwasser .json',
            'type' => 'application/json',
            'bytes' => strlen($this->kit),
            'hash' => hash('sha256', $this->kit),
            'purpose' => 'kit',
        ])
        ->and($file['until'])
        ->not->toBeNull()
        ->and($this->disk->allFiles())
        ->toBe([FileRecord::query()->sole()->path()]);
    $this->getJson('/api/files?purpose=kit')->assertOk()->assertJsonPath('files.0.id', $file['id']);
    $back = $this->get("/api/files/{$file['id']}")->assertOk();
    expect($back->streamedContent())
        ->toBe($this->kit)
        ->and($back->headers->get('Content-Disposition'))
        ->toContain('attachment')
        ->and($back->headers->get('X-Content-Type-Options'))
        ->toBe('nosniff');
    $this->getJson('/api/quota')->assertJsonPath('quota.file_bytes.used', strlen($this->kit));

    $this->deleteJson("/api/files/{$file['id']}")->assertNoContent();
    expect($this->disk->allFiles())
        ->toBe([])
        ->and(FileRecord::query()->count())
        ->toBe(0);
});

it('finds the same content again instead of keeping it twice, for each account by itself', function () {
    $first = ($this->send)($this->kit)->assertCreated()->json('file.id');
    $this->travel(3)->days();
    ($this->send)($this->kit, 'another name.json')
        ->assertOk()
        ->assertJsonPath('file.id', $first)
        ->assertJsonPath('file.name', 'mine.kit.json');
    // whoever knows its hash need not send it again, nor do they get anybody else's
    ($this->send)('', 'x', hash('sha256', $this->kit))->assertOk()->assertJsonPath('file.id', $first);
    $this->actingAs(People::someone('Else'));
    ($this->send)('', 'x', hash('sha256', $this->kit))->assertUnprocessable()->assertJsonPath('type', 'empty-file');
    expect(($this->send)($this->kit)->assertCreated()->json('file.id'))
        ->not->toBe($first)
        ->and(count($this->disk->allFiles()))
        ->toBe(2);
    $this->travelBack();
});

it(
    'refuses in words what is damaged, empty, too long, of another type, or for nothing that there is, and keeps nothing of it',
    function () {
        ($this->send)($this->kit, hash: hash('sha256', 'another'))
            ->assertUnprocessable()
            ->assertJsonPath('type', 'damaged-file');
        ($this->send)('')->assertUnprocessable()->assertJsonPath('type', 'empty-file');
        ($this->send)('{"a":"'.str_repeat('x', 1_300_000).'"}')
            ->assertStatus(413)
            ->assertJsonPath('type', 'too-large');
        ($this->send)("\xFF\xD8\xFF\xE0\0\x10JFIF\0\x01\x01", 'innocent.json')
            ->assertStatus(415)
            ->assertJsonPath(
                'detail',
                '“innocent.json” is image/jpeg by what is in it; it must be a kit file, which is text in JSON. Nothing was saved.',
            );
        ($this->send)('<html><script>alert(1)</script>', 'x.json')->assertStatus(415);
        ($this->send)($this->kit, purpose: 'wishes')
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.pointer', '/purpose');
        ($this->send)($this->kit, hash: 'ABC')->assertUnprocessable()->assertJsonPath('faults.0.pointer', '/hash');
        expect($this->disk->allFiles())
            ->toBe([])
            ->and(FileRecord::query()->count())
            ->toBe(0);
    },
);

it('has room for so much of one account, and says how much', function () {
    config(['rushhold.quota.file_bytes' => strlen($this->kit) + 100]);
    ($this->send)($this->kit)->assertCreated();
    ($this->send)($this->kit.' ')
        ->assertStatus(409)
        ->assertJsonPath('type', 'full');
    expect(count($this->disk->allFiles()))->toBe(1);
});

it('keeps no bytes of a file whose record could not be written', function () {
    DB::listen(
        fn ($query) => str_starts_with($query->sql, 'insert into `files`')
            ? throw new RuntimeException('the store broke off')
            : null,
    );
    ($this->send)($this->kit)->assertStatus(500);
    expect($this->disk->allFiles())->toBe([]);
});

it(
    'lets go of what has had its time, of bytes that nobody names, and of everything of an account that goes',
    function () {
        ($this->send)($this->kit);
        $theirs = People::someone('Else');
        People::fileOf($theirs);
        $this->disk->put('77/ab/01ARZ3NDEKTSV4RRFFQ69G5FAV', 'left over');
        Artisan::call('tidy', ['--files' => true]);
        expect(count($this->disk->allFiles()))->toBe(3); // it may be on its way in
        touch($this->disk->path('77/ab/01ARZ3NDEKTSV4RRFFQ69G5FAV'), time() - 90_000);
        Artisan::call('tidy', ['--files' => true]);
        expect(count($this->disk->allFiles()))->toBe(2);

        $this->deleteJson('/api/account', ['password' => 'sandpiper-dawn'])->assertNoContent();
        expect(User::query()->whereKey($this->user->id)->exists())
            ->toBeFalse()
            ->and(array_map(fn ($path) => explode('/', $path)[0], $this->disk->allFiles()))
            ->toBe([(string) $theirs->id]);
        $this->travel(8)->days();
        Artisan::call('tidy', ['--files' => true]);
        expect($this->disk->allFiles())
            ->toBe([])
            ->and(FileRecord::query()->count())
            ->toBe(0);
        $this->travelBack();
    },
);

it('takes kit in from a file that was sent before, and from nobody else’s', function () {
    $id = ($this->send)($this->kit)->json('file.id');
    $this->postJson('/api/kit-file/preview', ['file_id' => $id])
        ->assertOk()
        ->assertJsonPath('pieces.0.name', 'Long one');
    $this->postJson('/api/kit-file', ['file_id' => $id, 'choices' => ['new']])
        ->assertOk()
        ->assertJsonPath('gear.0.name', 'Long one');
    $theirs = People::fileOf(People::someone('Else'))->id;
    $this->postJson('/api/kit-file/preview', ['file_id' => $theirs])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', '/file_id');
    $this->postJson('/api/kit-file/preview', [])->assertUnprocessable()->assertJsonPath('faults.0.pointer', '/file');
});

it('knows a file by what is in it', function (string $content, string $type) {
    expect(ContentType::of($content))->toBe($type);
})->with([
    'JSON' => ['{"a": 1}', 'application/json'],
    'JSON after a mark of its order' => ["\u{FEFF}\n [1]", 'application/json'],
    'long JSON, cut in the middle of a letter' => [
        substr('{"a":"'.str_repeat('é', 40_000), 0, 65_536),
        'application/json',
    ],
    'JSON with a NUL' => ["{\"a\":\"\0\"}", ContentType::UNKNOWN],
    'JSON in another encoding' => ["{\"a\":\"\xE9\xE8\"}", ContentType::OTHER_TEXT],
    'GPX' => ['<?xml version="1.0"?><gpx version="1.1"></gpx>', 'application/xml'],
    'PNG' => [
        base64_decode(
            'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
        ),
        'image/png',
    ],
    'text' => ['plain words', 'text/plain'],
]);

it('keeps its bytes as well in a store that speaks S3', function () {
    $port = (int) shell_exec(
        'php -r \'$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];\'',
    );
    mkdir($this->folder.'/s3', 0o755, true);
    $store = proc_open(
        [
            'node',
            base_path('node_modules/s3rver/bin/s3rver.js'),
            '-d',
            $this->folder.'/s3',
            '-a',
            '127.0.0.1',
            '-p',
            (string) $port,
            '--configure-bucket',
            'uploads',
            '-s',
        ],
        [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
        $pipes,
    );
    try {
        for ($turn = 0; $turn < 300 && ! @fsockopen('127.0.0.1', $port); $turn++) {
            usleep(100_000);
        }
        config([
            'filesystems.disks.files' => [
                'driver' => 's3',
                'throw' => true,
                'key' => 'S3RVER',
                'secret' => 'S3RVER',
                'region' => 'us-east-1',
                'bucket' => 'uploads',
                'endpoint' => "http://127.0.0.1:{$port}",
                'use_path_style_endpoint' => true,
            ],
        ]);
        Storage::forgetDisk('files');
        $id = ($this->send)($this->kit)->assertCreated()->json('file.id');
        $disk = Storage::disk('files');
        expect($disk)
            ->toBeInstanceOf(FilesystemAdapter::class)
            ->and($disk->allFiles())
            ->toBe([FileRecord::query()->sole()->path()])
            ->and($this->get("/api/files/{$id}")->streamedContent())
            ->toBe($this->kit);
        $this->postJson('/api/kit-file/preview', ['file_id' => $id])->assertOk();
        $this->deleteJson("/api/files/{$id}")->assertNoContent();
        expect($disk->allFiles())->toBe([]);
        ($this->send)($this->kit);
        $this->deleteJson('/api/account', ['password' => 'sandpiper-dawn'])->assertNoContent();
        expect($disk->allFiles())->toBe([]);
    } finally {
        proc_terminate($store);
        proc_close($store);
    }
});
