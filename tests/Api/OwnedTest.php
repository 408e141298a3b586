<?php

declare(strict_types=1);

use App\Accounts\Deletion;
use App\Accounts\DemoCopies;
use App\Archive\AccountWords;
use App\Archive\ArchiveWriter;
use App\Archive\Restores;
use App\Limits\Quota;
use App\Models\User;
use App\OpenApi\Scope;
use App\Owned\ColumnKind;
use App\Owned\Owned;
use App\Owned\OwnedTable;
use App\Problems\ProblemException;
use App\Undo\History;
use App\Undo\Write;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\Notes;
use Tests\Support\NotesTable;
use Tests\Support\People;

beforeEach(function () {
    $this->user = People::someone();
    $this->actingAs($this->user);
    $this->file = tempnam(sys_get_temp_dir(), 'archive-of-tests');
});

afterEach(fn () => unlink($this->file));

/** What the store itself says of its tables. @return array<string, list<string>> columns by table */
function catalogued(): array
{
    $all = [];
    foreach (DB::select('SELECT table_name AS t, column_name AS c FROM information_schema.columns WHERE table_schema = DATABASE()') as $one) {
        $all[$one->t][] = $one->c;
    }

    return $all;
}

it('tells of every table and every column there is in the store', function () {
    $there = array_diff_key(catalogued(), array_flip(Owned::NOBODYS));
    $told = array_map(static fn (OwnedTable $table): array => array_keys($table->columns()), app(Owned::class)->all());
    expect(array_diff(Owned::NOBODYS, array_keys(catalogued())))->toBe([]);
    $sorted = static function (array $tables): array {
        ksort($tables);

        return array_map(static fn (array $columns): array => collect($columns)->sort()->values()->all(), $tables);
    };
    expect($sorted($told))->toBe($sorted($there));
});

it('tells of every reference from one table to another, each after those it names', function () {
    $seen = [];
    foreach (app(Owned::class)->all() as $name => $table) {
        foreach ($table->columns() as $column => $of) {
            if ($of->kind === ColumnKind::Names) {
                expect($seen)->toContain($of->ids[0]);
                $told["{$name}.{$column}"] = $of->ids[0];
            }
        }
        $seen[] = $name;
    }
    $there = [];
    $references = DB::select(<<<'SQL'
        SELECT table_name AS t, column_name AS c, referenced_table_name AS other FROM information_schema.key_column_usage
        WHERE constraint_schema = DATABASE() AND referenced_table_name IS NOT NULL
        SQL);
    foreach ($references as $one) {
        if ($one->other !== 'users') {
            $there["{$one->t}.{$one->c}"] = $one->other;
        }
    }
    ksort($told);
    ksort($there);
    expect($told)->toBe($there);
});

it('has a new room in everything once its table is told of', function () {
    Notes::migrate();
    $owned = app(Owned::class)->with(new NotesTable());
    app()->instance(Owned::class, $owned);
    config(['rushhold.quota.notes' => 3, 'rushhold.quota.deleted' => 1]);
    $rush = People::rushOf($this->user);
    $place = People::placeOf($this->user);
    $note = new Notes();
    $note->forceFill(['user_id' => $this->user->id, 'rush_id' => $rush->id, 'name' => 'wind', 'secret' => 's', 'document' => (object) ['words' => "see {$place->id}", 'rush' => $rush->id]]);
    app(History::class)->begin($note);

    // in the quota, and what a key may
    $quota = app(Quota::class);
    expect($quota->of($this->user)['notes'])
        ->toBe(['used' => 1, 'most' => 3, 'words' => 'notes'])
        ->and($owned->scope('notes/1', false))
        ->toBe(Scope::Read)
        ->and($owned->scope('notes/1', true))
        ->toBe(Scope::Write);
    $quota->forAnother($this->user, 'notes', more: 2);
    expect(fn () => $quota->forAnother($this->user, 'notes', more: 3))->toThrow(ProblemException::class, 'keeps 3');

    // in an archive, and back into another account
    app(ArchiveWriter::class)->write($this->user->refresh(), $this->file);
    $other = People::someone('Bea');
    $counts = app(Restores::class)->now($other, $this->file, 1000, static fn () => null);
    $back = Notes::query()->where('user_id', $other->id)->firstOrFail();
    $new = $other->rushes()->firstOrFail()->id;
    expect($counts['notes'])
        ->toBe(1)
        ->and($back->id)
        ->not->toBe($note->id)
        ->and([$back->rush_id, $back->document->rush])
        ->toBe([$new, $new])
        ->and($back->document->words)
        ->toBe('see '.$other->places()->firstOrFail()->id)
        ->and($back->secret)
        ->toBeNull();
    // what it may not hold is refused
    $zip = new ZipArchive();
    $zip->open($this->file);
    $zip->addFromString('notes.jsonl', str_replace('"words"', '"worlds"', (string) $zip->getFromName('notes.jsonl')));
    $zip->close();
    expect(fn () => app(Restores::class)->now(People::someone('Cy'), $this->file, 1000, static fn () => null))
        ->toThrow(RushHold\Faults\Fault::class, 'notes/1/document/words');

    // with a copy of the demo
    $this->user->forceFill(['is_demo' => true])->save();
    $copy = app(DemoCopies::class)->another();
    $copied = Notes::query()->where('user_id', $copy->id)->firstOrFail();
    expect($copied->rush_id)
        ->toBe($copy->rushes()->firstOrFail()->id)
        ->and($copied->secret)
        ->toBeNull()
        ->and($copied->document->words)
        ->not->toContain($place->id);

    // its states are kept, and go with it after its time, or when there is need of its room
    $history = app(History::class);
    $history->edit($back->refresh(), new Write(1, 'g', ''), static fn (Notes $now) => $now->fill(['name' => 'no wind']));
    expect($history->step($back->refresh(), 2, -1)->name)->toBe('wind');
    $back->refresh()->forceFill(['deleted_at' => now()->subDays(31)])->save();
    Artisan::call('tidy');
    expect(Notes::withTrashed()->whereKey($back->id)->exists())
        ->toBeFalse()
        ->and(DB::table('versions')->where('record_id', $back->id)->exists())
        ->toBeFalse();

    // and with its account
    app(Deletion::class)->of($this->user);
    app(Deletion::class)->of($copy);
    expect(Notes::query()->whereIn('user_id', [$this->user->id, $copy->id])->exists())->toBeFalse();
});

it('counts what was deleted while it stays, and lets the oldest of it go where there is need of room', function () {
    config(['rushhold.quota.places' => 2, 'rushhold.quota.outings' => 2, 'rushhold.quota.deleted' => 1]);
    $quota = app(Quota::class);
    $gone = [];
    for ($turn = 0; $turn < 4; $turn++) {
        $quota->forAnother($this->user, 'places');
        $outing = People::outingOf($this->user);
        $gone[] = $outing->place_id;
        $this->deleteJson("/api/outings/{$outing->id}")->assertNoContent();
        $this->deleteJson("/api/places/{$outing->place_id}")->assertNoContent();
    }
    $left = DB::table('places')->where('user_id', $this->user->id)->pluck('id')->all();
    expect(count($left))
        ->toBeLessThan(4)
        ->and($left)
        ->toContain(end($gone));
    // what others name stays, and is told with its number
    foreach ($left as $place) {
        $outing = People::outingOf($this->user);
        $outing->forceFill(['place_id' => $gone[3]])->save();
    }
    for ($turn = 0; $turn < 3; $turn++) {
        $another = People::outingOf($this->user);
        DB::table('places')->where('id', $another->place_id)->update(['deleted_at' => now()]);
    }
    expect(fn () => $quota->forAnother($this->user, 'places'))->toThrow(ProblemException::class, 'others of your records still name');
});

it('is filled by whatever a person wrote in it, and by nothing it began with', function () {
    $fills = fn (): array => array_keys(array_filter(
        app(Owned::class)->archived(),
        fn (OwnedTable $table): bool => $table->fills($this->user->id),
    ));
    expect($fills())->toBe([]);
    $piece = ['type' => 'lens', 'name' => 'mine', 'document' => (array) $this->user->gear()->where('type', 'lens')->firstOrFail()->document];
    $made = $this->postJson('/api/gear', $piece)->assertCreated()->json('id');
    expect($fills())->toBe(['gear']);
    // deleted, it can still be brought back
    $this->deleteJson("/api/gear/{$made}")->assertNoContent();
    expect($fills())->toBe(['gear']);
});

it('switches the brightness of a place on again, whose id is another now', function () {
    $place = People::placeOf($this->user);
    DB::table('learnt')->insert([
        'user_id' => $this->user->id, 'name' => "light.{$place->id}", 'assumed' => 0, 'value' => 1, 'least' => 0.5, 'most' => 1.5,
        'worth' => 9, 'frames' => 40, 'bursts' => '[]', 'kept_out' => '[]', 'fingerprint' => 'x',
    ]);
    $was = '01aaaaaaaaaaaaaaaaaaaaaaaa';
    app(AccountWords::class)->settle($this->user, ['yours' => ["light.{$was}"]], static fn (string $id): string => $id === $was ? $place->id : $id);
    expect(array_keys(User::query()->findOrFail($this->user->id)->learnt))->toBe(["light.{$place->id}"]);
});

it('lets a large account go in portions, which nobody can sign in to meanwhile', function () {
    $rows = array_map(
        fn (int $one): array => ['user_id' => $this->user->id, 'record_type' => 'rush', 'record_id' => str_repeat('0', 26), 'seq' => $one, 'gesture' => 'g', 'state' => '{}'],
        range(1, 4500),
    );
    foreach (array_chunk($rows, 500) as $some) {
        DB::table('versions')->insert($some);
    }
    $email = $this->user->email;
    $this->deleteJson('/api/account', ['password' => 'sandpiper-dawn'])->assertNoContent();
    expect(DB::table('versions')->where('user_id', $this->user->id)->count())
        ->toBe(500)
        ->and(User::ofAddress($email))
        ->toBeNull();
    Artisan::call('queue:work', ['--once' => true, '--quiet' => true, '--sleep' => 0]);
    expect(User::query()->whereKey($this->user->id)->exists())
        ->toBeFalse()
        ->and(DB::table('versions')->where('user_id', $this->user->id)->exists())
        ->toBeFalse();
});
