<?php

declare(strict_types=1);

use App\Models\RunRecord;
use App\Models\User;
use App\Runs\Holder;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;
use App\Runs\Work;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use RushHold\Faults\CannotBeReckoned;
use Tests\Support\People;

/** What {@see Counting} is told by a test. */
final class Told
{
    /** What the numbers rest on: changed by a test, the run is overtaken. */
    public static int $most = 2;

    public static ?string $rests = 'as-it-was';

    /** Breaks at this number with a fault. */
    public static ?int $faultyAt = null;

    /** Counts as far as this. */
    public static int $last = 10;

    /** Does this in the middle of a portion. */
    public static ?Closure $meanwhile = null;
}

/** Counts to ten by ones and writes each number beside the run, as a room would its frames. */
final readonly class Counting extends RunKind
{
    public function atOnce(): int
    {
        return Told::$most;
    }

    public function kept(): int
    {
        return 3;
    }

    public function resume(RunRecord $run): ?Work
    {
        return Told::$rests === $run->fingerprint ? self::from($run) : null;
    }

    public static function from(RunRecord $run): Work
    {
        return new class($run->state['at'] ?? 0, $run->user_id) implements Work
        {
            private array $held = [];

            public function __construct(private int $at, private readonly int $user) {}

            public function step(): void
            {
                (Told::$meanwhile ?? static fn () => null)();
                if ($this->at === Told::$faultyAt) {
                    throw CannotBeReckoned::from('The number '.$this->at);
                }
                $this->held[] = ++$this->at;
            }

            public function isFinished(): bool
            {
                return $this->at >= Told::$last;
            }

            public function isFull(): bool
            {
                return false;
            }

            public function done(): int
            {
                return $this->at;
            }

            public function whole(): int
            {
                return 10;
            }

            public function keep(): void
            {
                foreach ($this->held as $number) {
                    DB::table('cache')->insert([
                        'key' => "counted {$this->user} {$number} ".uniqid(),
                        'value' => (string) $number,
                        'expiration' => 1,
                    ]);
                }
            }

            public function state(): array
            {
                return ['at' => $this->at];
            }

            public function reading(): array
            {
                return ['sum' => ($this->at * ($this->at + 1)) / 2];
            }
        };
    }
}

beforeEach(function () {
    [Told::$rests, Told::$faultyAt, Told::$meanwhile, Told::$last, Told::$most] = ['as-it-was', null, null, 10, 2];
    app()->instance(RunKinds::class, new RunKinds(app(), ['count' => Counting::class]));
    app()->when(Runs::class)->needs('$portionS')->give(0.0);
    DB::table('cache')->delete();
    $this->user = People::someone();
    $this->runs = app(Runs::class);
    $this->begin = fn (?User $user = null, string $subject = 'a'): RunRecord => $this->runs->begin(
        $user ?? $this->user,
        'count',
        Counting::from((new RunRecord())->forceFill(['state' => null, 'user_id' => 0])),
        'as-it-was',
        $subject,
    );
    $this->counted = fn (): array => DB::table('cache')
        ->where('key', 'like', 'counted %')
        ->orderByRaw('CAST(value AS INT)')
        ->pluck('value')
        ->map(static fn (string $value): int => (int) $value)
        ->all();
});

/** Lets a worker take so many portions. */
function portions(int $count): void
{
    for ($one = 0; $one < $count; $one++) {
        Artisan::call('queue:work', ['--once' => true, '--quiet' => true, '--sleep' => 0]);
    }
}

it('goes on portion by portion, tells how far it has come, and writes what it brings just once', function () {
    $run = ($this->begin)();
    expect($run->progress())->toMatchArray(['status' => 'running', 'done' => 0, 'waiting' => false, 'problem' => null]);
    portions(3);
    $run->refresh();
    expect($run->done)
        ->toBe(3)
        ->and($run->reading->sum)
        ->toBe(6)
        ->and(($this->counted)())
        ->toBe([1, 2, 3]);
    portions(20);
    $run->refresh();
    expect($run->status)
        ->toBe('done')
        ->and(($this->counted)())
        ->toBe(range(1, 10))
        ->and(DB::table('jobs')->count())
        ->toBe(0);
});

it('says that it waits when no worker comes, and calls for one again when the call was lost', function () {
    $run = ($this->begin)();
    DB::table('jobs')->delete();
    $this->travel(4)->seconds();
    expect($run->fresh()->progress()['waiting'])->toBeTrue();
    $this->runs->wake($run->fresh());
    expect(DB::table('jobs')->count())->toBe(0); // not yet
    $this->travel(10)->seconds();
    [$one, $two] = [$run->fresh(), $run->fresh()];
    $this->runs->wake($one);
    $this->runs->wake($two);
    expect(DB::table('jobs')->count())->toBe(1); // however many look at it
    $this->travelBack();
});

it('is begun by nobody while another is at it, and taken up when that one is gone or has had its time', function () {
    $run = ($this->begin)();
    $held = static fn (Holder $by, int $s = 75) => DB::table('runs')->where('id', $run->id)->update(['held_by' => $by->told(), 'held_until' => now()->addSeconds($s)->format('Y-m-d H:i:s.v')]);
    $other = new Symfony\Component\Process\Process(['sleep', '600']);
    $other->start();
    $held(Holder::of((int) $other->getPid()));
    $this->travel(20)->seconds();
    DB::table('jobs')->delete();
    $this->runs->goOn($run->id);
    $this->runs->wakeAll();
    expect($run->refresh()->done)->toBe(0)->and($run->tries)->toBe(0)->and(DB::table('jobs')->count())->toBe(0);
    // killed
    $other->stop(0, SIGKILL);
    $this->runs->wakeAll();
    $this->runs->wakeAll();
    expect(DB::table('jobs')->count())->toBe(1);
    portions(1);
    expect($run->refresh()->done)->toBe(1)->and($run->held_by)->toBeNull();
    // of another machine nobody knows; its time is waited for
    $held(Holder::from('another 17 4711'));
    $this->runs->goOn($run->id);
    expect($run->refresh()->done)->toBe(1);
    $this->travel(76)->seconds();
    $this->runs->goOn($run->id);
    expect($run->refresh()->done)->toBe(2);
    $this->travelBack();
});

it('lets nobody wait for all that another has sent', function () {
    Told::$most = 12;
    $many = array_map(fn (int $one): RunRecord => ($this->begin)(null, "many {$one}"), range(1, 12));
    expect(DB::table('jobs')->count())->toBe(2);
    $other = People::someone('Bea');
    $single = ($this->begin)($other, 'single');
    // two portions of the many were called for before
    portions(3);
    expect($single->refresh()->done)->toBe(1);
    portions(40);
    $done = array_map(static fn (RunRecord $run): int => $run->refresh()->done, $many);
    // and the many take turns among themselves
    expect($single->refresh()->status)
        ->toBe('done')
        ->and(max($done) - min($done))
        ->toBeLessThanOrEqual(1);
    // what is cancelled passes its turn on, and all come to their end
    foreach (array_slice($many, 0, 5) as $run) {
        $this->runs->cancel($run->refresh());
    }
    portions(120);
    expect(array_map(static fn (RunRecord $run): string => $run->refresh()->status, array_slice($many, 5)))
        ->toBe(array_fill(0, 7, 'done'))
        ->and(DB::table('jobs')->count())
        ->toBe(0);
});

it('has let go of a run when the next portion is called for', function () {
    $run = ($this->begin)();
    Event::listen(Illuminate\Queue\Events\JobQueued::class, static function () use ($run, &$held): void {
        $held = DB::table('runs')->where('id', $run->id)->value('held_by');
    });
    $held = 'nobody has called';
    $this->runs->goOn($run->id);
    expect($held)->toBeNull();
});

it('does a portion once, however often it is called for', function () {
    $run = ($this->begin)();
    App\Runs\GoOn::dispatch($run->id, 0);
    App\Runs\GoOn::dispatch($run->id, 0);
    portions(3);
    // the other two were late; the call for the next stands behind them
    expect($run->refresh()->done)->toBe(1)->and(DB::table('jobs')->count())->toBe(1);
    portions(1);
    expect($run->refresh()->done)->toBe(2);
});

it('gives a portion up that four have begun and none has ended', function () {
    $run = ($this->begin)();
    DB::table('runs')->where('id', $run->id)->update(['tries' => 3]);
    $this->runs->goOn($run->id);
    // one that ends begins the count anew
    expect($run->refresh()->done)->toBe(1)->and($run->tries)->toBe(0);
    DB::table('runs')->where('id', $run->id)->update(['tries' => 4]);
    $this->runs->goOn($run->id);
    expect($run->refresh()->status)->toBe('failed')->and($run->problem)->toContain('four times');
});

it('sees what has come while it was at it, and ends only when nothing is left', function () {
    $run = ($this->begin)();
    DB::table('runs')->where('id', $run->id)->update(['state' => '{"at":9}']);
    $more = Told::$last;
    Told::$meanwhile = fn () => Told::$last = $more + 2;
    $this->runs->goOn($run->id);
    Told::$meanwhile = null;
    expect($run->refresh()->status)->toBe('running');
    portions(3);
    expect($run->refresh()->status)->toBe('done')->and($run->done)->toBe($more + 2);
});

it('keeps nothing of a portion that somebody else has done meanwhile, or that was cancelled under it', function () {
    $run = ($this->begin)();
    Told::$meanwhile = function () use ($run): void {
        Told::$meanwhile = null;
        app(Runs::class)->goOn($run->id);
    };
    $this->runs->goOn($run->id);
    expect($run->refresh()->done)
        ->toBe(1)
        ->and(($this->counted)())
        ->toBe([1]);

    Told::$meanwhile = fn () => app(Runs::class)->cancel($run);
    $this->runs->goOn($run->id);
    expect($run->refresh()->status)
        ->toBe('cancelled')
        ->and($run->done)
        ->toBe(1)
        ->and(($this->counted)())
        ->toBe([1]);
    Told::$meanwhile = null;
    portions(5);
    expect($run->refresh()->done)
        ->toBe(1)
        ->and(DB::table('jobs')->count())
        ->toBe(0);
});

it('is overtaken when what it rests on changes or goes', function () {
    [$changed, $gone] = [($this->begin)(), ($this->begin)(subject: 'b')];
    Told::$rests = 'otherwise';
    $this->runs->goOn($changed->id);
    Told::$rests = null;
    $this->runs->goOn($gone->id);
    expect($changed->refresh()->status)
        ->toBe('overtaken')
        ->and($gone->refresh()->status)
        ->toBe('overtaken')
        ->and(($this->counted)())
        ->toBe([]);
});

it('fails with words when it cannot go on, and when a portion breaks four workers', function () {
    $run = ($this->begin)();
    Told::$faultyAt = 2;
    portions(5);
    expect($run->refresh()->status)
        ->toBe('failed')
        ->and($run->problem)
        ->toContain('The number 2')
        ->and($run->done)
        ->toBe(2);

    $breaks = ($this->begin)(subject: 'b');
    Told::$meanwhile = fn () => throw new RuntimeException('out of memory');
    for ($turn = 0; $turn < 6; $turn++) {
        DB::table('jobs')->update(['reserved_at' => null, 'available_at' => time() - 1]);
        portions(1);
    }
    expect($breaks->refresh()->status)->toBe('failed')->and($breaks->problem)->toContain('four times');
});

it('lets an account have only so many at once, and keeps only so many of one subject', function () {
    $first = ($this->begin)();
    $theirs = ($this->begin)(People::someone('Else'));
    $this->travel(1)->seconds();
    $second = ($this->begin)(subject: 'b');
    $this->travel(1)->seconds();
    $third = ($this->begin)(subject: 'c');
    expect(array_map(fn (RunRecord $run): string => $run->fresh()->status, [$first, $second, $third, $theirs]))->toBe([
        'cancelled',
        'running',
        'running',
        'running',
    ]);
    for ($turn = 0; $turn < 6; $turn++) {
        $this->travel(1)->seconds();
        ($this->begin)(subject: 'd');
    }
    expect($this->user->runs()->where('subject_id', 'd')->count())
        ->toBe(4) // two under way, two that were
        ->and($theirs->fresh()->status)
        ->toBe('running');
    $this->travelBack();
});
