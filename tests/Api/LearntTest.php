<?php

declare(strict_types=1);

use App\Log\Counts\Promises;
use App\Log\Counts\Tallies;
use App\Log\Yours\Learning;
use App\Models\RunRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Runs\RunKinds;
use App\Shoot\PlayedLog;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use RushHold\Assumptions\Assumptions;
use RushHold\Counts\BurstFacts;
use RushHold\Document\Reader;
use Tests\Support\Documents;
use Tests\Support\Frames;
use Tests\Support\People;

/**
 * A rush of terns that somebody has shot so many passes of, with habits of their own.
 *
 * @param  array<string, float>  $habits
 */
function shotWith(User $user, array $habits, int $passes): RushRecord
{
    $rush = People::rushOf($user);
    $promise = app(Promises::class)->of($rush, $user);
    for ($pass = 0; $pass < $passes; $pass++) {
        app(PlayedLog::class)->pass($user, $rush, $promise, $habits, 100 + $pass, Carbon::parse('2026-05-23 05:00:00')->addMinutes($pass));
    }

    return $rush;
}

beforeEach(function () {
    $this->user = People::someone();
    $this->actingAs($this->user);
    $this->told = function (): TestResponse {
        $this->getJson('/api/log/learnt')->assertOk();
        Frames::worked('learn');

        return $this->getJson('/api/log/learnt')->assertOk()->assertJsonPath('learning', null);
    };
    $this->figure = fn (string $name): ?array => array_column(($this->told)()->json('figures'), null, 'name')[$name] ?? null;
});

it('tells a poor pan from the frames, uses it once that is switched on, and plans otherwise for a reason', function () {
    expect(($this->told)()->json('figures'))->toBe([]);
    $rush = shotWith($this->user, ['panning.settled' => 0.6], 24);
    $pan = ($this->figure)('panning.settled');
    expect($pan)
        ->toMatchArray(['assumed' => 0.85, 'is_on' => false])
        ->and($pan['least'] <= 0.6 && $pan['most'] >= 0.6)
        ->toBeTrue()
        ->and($pan['frames'])
        ->toBeGreaterThan(100)
        ->and($pan['worth'])
        ->toBeLessThan(5);
    $plan = fn (): array => $this->getJson("/api/rushes/{$rush->id}")->assertOk()->json('plan');
    $before = $plan()['hold']['shutter_s'];
    $told = $this->putJson('/api/log/learnt/panning.settled', ['is_on' => true])->assertOk()->json();
    expect($told['learnt']['panning.settled'])->toBe(['value' => $pan['value'], 'frames' => $pan['frames']]);
    $after = $plan();
    expect($after['hold']['shutter_s'])
        ->toBeLessThan($before)
        ->and(array_column($after['assumptions'], 'value', 'name')['panning.settled'])
        ->toEqualWithDelta($pan['value'], 1e-9);
    // promises that are off name the figure that is likely behind it
    expect($this->getJson('/api/log/promises')->assertOk()->json('likely'))->toMatchArray(['loss' => 'motion', 'meaning' => $pan['meaning'], 'value' => $pan['value'], 'assumed' => 0.85, 'is_on' => true]);
    // and it can be asked what it would be otherwise
    $other = $this->getJson("/api/rushes/{$rush->id}/assumed")->assertOk()->json();
    expect(array_column($other['figures'], 'frames', 'name'))
        ->toBe(['panning.settled' => $pan['frames']])
        ->and(array_column($other['changes'], 'field'))
        ->toContain('shutter');
    // the promise of what was shot before stays; switched off everything is as it was
    $this->putJson('/api/log/learnt/panning.settled', ['is_on' => false])->assertOk();
    expect($plan()['hold']['shutter_s'])->toBe($before);
    expect($this->getJson("/api/rushes/{$rush->id}/assumed")->json('changes'))->toBe([]);
});

it('tells it anew when there are other frames, and stays switched on', function () {
    $rush = shotWith($this->user, ['panning.settled' => 0.6], 6);
    $few = ($this->figure)('panning.settled');
    $this->putJson('/api/log/learnt/panning.settled', ['is_on' => true])->assertOk();
    $promise = app(Promises::class)->of($rush, $this->user->refresh());
    for ($pass = 0; $pass < 10; $pass++) {
        app(PlayedLog::class)->pass($this->user, $rush, $promise, ['panning.settled' => 0.6], 900 + $pass, Carbon::parse('2026-05-24 05:00:00')->addMinutes($pass));
    }
    $more = ($this->figure)('panning.settled');
    expect($more['frames'])
        ->toBeGreaterThan($few['frames'])
        ->and($more['is_on'])
        ->toBeTrue()
        ->and($this->user->refresh()->learnt['panning.settled']['value'])
        ->toEqualWithDelta($more['value'], 1e-9)
        ->and($more['most'] - $more['least'])
        ->toBeLessThan($few['most'] - $few['least']);
    // a figure one has chosen is what frames are held against, and comes back when they are not used
    $this->putJson('/api/assumptions', ['assumptions' => ['panning.settled' => 0.5]])->assertOk();
    expect(($this->figure)('panning.settled')['assumed'])->toBe(0.5);
    $this->putJson('/api/log/learnt/panning.settled', ['is_on' => false])->assertOk();
    expect($this->user->refresh()->assumed()->value('panning.settled'))->toBe(0.5);
    // and goes when the frames go
    foreach ($this->user->bursts()->get() as $burst) {
        $this->deleteJson("/api/bursts/{$burst->id}")->assertNoContent();
    }
    expect(($this->told)()->json())->toMatchArray(['figures' => [], 'learnt' => []]);
});

it('keeps in mind that a figure is used while no frame tells it, and says so', function () {
    $rush = shotWith($this->user, ['panning.settled' => 0.6], 6);
    $was = ($this->figure)('panning.settled');
    $this->putJson('/api/log/learnt/panning.settled', ['is_on' => true])->assertOk();
    // all of its frames go, and a photograph that tells nothing of a pan comes
    foreach ($this->user->bursts()->get() as $burst) {
        $this->deleteJson("/api/bursts/{$burst->id}")->assertNoContent();
    }
    Frames::burst($this->user);
    expect(($this->figure)('panning.settled'))
        ->toMatchArray(['is_on' => true, 'frames' => 0, 'bursts' => 0, 'value' => $was['value']])
        ->and($this->user->refresh()->figures())
        ->not->toHaveKey('panning.settled');
    // it is used again as soon as frames tell it
    $promise = app(Promises::class)->of($rush, $this->user);
    app(PlayedLog::class)->pass($this->user, $rush, $promise, ['panning.settled' => 0.6], 7, Carbon::parse('2026-05-24 05:00:00'));
    app(PlayedLog::class)->pass($this->user, $rush, $promise, ['panning.settled' => 0.6], 8, Carbon::parse('2026-05-24 06:00:00'));
    $again = ($this->figure)('panning.settled');
    expect($again['is_on'])
        ->toBeTrue()
        ->and($again['frames'])
        ->toBeGreaterThan(0)
        ->and($this->user->refresh()->figures()['panning.settled'])
        ->toEqualWithDelta($again['value'], 1e-9);
});

it('shows the bursts behind a figure, and nobody else\'s', function () {
    shotWith($this->user, [], 4);
    $pan = ($this->figure)('panning.settled');
    expect($this->getJson('/api/log?of=panning.settled')->assertOk()->json('bursts'))->toHaveCount($pan['bursts']);
    expect($this->getJson('/api/log?of=no.such')->json('bursts'))->toBe([]);
    // and those with a frame that was kept out of it
    expect($this->getJson('/api/log?of=panning.settled&beside=yes')->assertOk()->json('bursts'))->toHaveCount($pan['kept_out']);
    $out = $this->user->frames()->firstOrFail();
    Learning::rows($this->user)->where('name', 'panning.settled')->update(['kept_out' => json_encode([$out->id])]);
    $this->getJson('/api/log?of=panning.settled&beside=yes')->assertOk()->assertJsonCount(1, 'bursts')->assertJsonPath('bursts.0.id', $out->burst_id);
    $this->putJson('/api/log/learnt/no.such', ['is_on' => true])->assertNotFound();
    $this->putJson('/api/log/learnt/panning.settled', ['is_on' => 'yes'])->assertUnprocessable();
    $this->actingAs(People::someone('Stranger'));
    expect($this->getJson('/api/log?of=panning.settled')->json('bursts'))->toBe([]);
    $this->putJson('/api/log/learnt/panning.settled', ['is_on' => true])->assertNotFound();
});

it('learns nothing that no plan reads', function () {
    shotWith($this->user, ['aim.handheld' => 0.005], 8);
    $figures = array_filter(($this->told)()->json('figures'), static fn (array $one): bool => ! str_starts_with($one['name'], 'floor.'));
    expect($figures)->not->toBe([]);
    foreach ($figures as $figure) {
        $known = Assumptions::all()[$figure['name']];
        expect($figure['value'])->toBeBetween($known->least, $known->most);
    }
});

it('tells what a day out has come to, on a page and on paper', function () {
    $rush = shotWith($this->user, ['panning.settled' => 0.6], 12);
    $outing = People::outingOf($this->user, $rush);
    $other = People::rushOf($this->user);
    $outing->fill(['day' => '2026-05-23', 'document' => (object) (['rushes' => [(object) ['id' => 'a', 'rush_id' => $rush->id], (object) ['id' => 'b', 'rush_id' => $other->id]]] + (array) $outing->document)])->save();
    $other->fill(['name' => 'Otters at the weir'])->save();
    $this->getJson("/api/outings/{$outing->id}/after")->assertOk()->assertJsonPath('learning.status', 'running')->assertJsonPath('learnt', []);
    Frames::worked('learn');
    $told = $this->getJson("/api/outings/{$outing->id}/after")->assertOk()->assertJsonPath('learning', null)->json();
    $counts = $this->getJson("/api/log/counts?by=rush&outing={$outing->id}")->json();
    expect($told['whole']['frames'])
        ->toBe($counts['whole']['frames'])
        ->and($told['went'])
        ->toBe("You went for {$rush->name} and Otters at the weir. Nothing came home of Otters at the weir.")
        ->and($told['brought'])
        ->toMatch('/^You brought \d+ frames in 12 bursts, \d+ of them sharp; of the bursts with a plan, rehearsals expected \d+\.$/')
        ->and($told['cost'])
        ->toContain('its motion')
        ->and($told['change']['words'])
        ->toContain('One change for next time')
        ->toContain('1/')
        ->and(array_column($told['rushes'], 'frames', 'words'))
        ->toBe([$rush->name => $told['whole']['frames'], 'Otters at the weir' => 0])
        ->and(implode(' ', $told['learnt']))
        ->toContain('Share of the crossing motion your pan takes out, fairly practised')
        ->toContain('where 0.85 is assumed. Plans do not use it yet.');
    $pdf = $this->get("/api/outings/{$outing->id}/after/pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
    $file = tempnam(sys_get_temp_dir(), 'after');
    file_put_contents($file, $pdf);
    $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
    expect($text)
        ->toContain('Spring tide')
        ->toContain('What cost most')
        ->toContain('nothing came home')
        ->and((string) shell_exec('pdfinfo '.escapeshellarg($file)))
        ->toMatch('/Pages:\s+1\n/');
    unlink($file);
    // frames of which nobody has said the rush are no rush
    $one = $this->user->bursts()->firstOrFail();
    $this->putJson("/api/bursts/{$one->id}/rush", ['rush_id' => null])->assertOk();
    expect($this->getJson("/api/outings/{$outing->id}/after")->json('went'))->toBe($told['went']);
    // a day of which nothing came home says so, and is nobody else's
    $empty = People::outingOf($this->user, $other);
    expect($this->getJson("/api/outings/{$empty->id}/after")->assertOk()->json())
        ->toMatchArray(['cost' => null, 'change' => null, 'brought' => 'You brought 0 frames in 0 bursts, 0 of them sharp.', 'went' => 'You went for Otters at the weir. Nothing of that came home yet.']);
    $this->actingAs(People::someone('Stranger'));
    $this->getJson("/api/outings/{$outing->id}/after")->assertNotFound();
    $this->get("/api/outings/{$outing->id}/after/pdf")->assertNotFound();
});

it('tells what a body blurs of its own, and judges without it where that is switched off', function () {
    shotWith($this->user, [], 6);
    $body = $this->user->bursts()->firstOrFail()->body;
    $floor = ($this->figure)("floor.{$body}");
    expect($floor)
        ->toMatchArray(['is_on' => true, 'unit' => 'px', 'meaning' => "What {$body} blurs of its own, even in its sharpest frames"])
        ->and($floor['value'])
        ->toBeGreaterThan(0)
        ->toBeBetween($floor['least'], $floor['most']);
    $floors = app(App\Log\Frames\Floors::class);
    expect($floors->of($this->user->id, $body)->px)->toEqualWithDelta($floor['value'], 1e-9);
    $told = $this->putJson('/api/log/learnt/'.rawurlencode("floor.{$body}"), ['is_on' => false])->assertOk()->json();
    // no plan rests on it
    expect($told['learnt'])
        ->toBe([])
        ->and($floors->of($this->user->id, $body)->px)
        ->toBe(0.0);
    // and the frames there are are judged again, burst after burst, by what was said last
    $judged = function (): array {
        $run = $this->getJson('/api/log/learnt')->assertOk()->json('judging');
        Frames::work(RunRecord::query()->findOrFail($run['id']));

        return $this->getJson('/api/log/learnt')->assertOk()->json('judging');
    };
    expect($judged())
        ->toMatchArray(['status' => 'done', 'done' => 6, 'whole' => 6, 'body' => $body])
        ->and($this->user->frames()->max('floor_px'))
        ->toEqual(0);
    $strict = $this->user->bursts()->sum('keepers');
    $this->putJson('/api/log/learnt/'.rawurlencode("floor.{$body}"), ['is_on' => true])->assertOk();
    $first = $this->getJson('/api/log/learnt')->json('judging.id');
    $this->putJson('/api/log/learnt/'.rawurlencode("floor.{$body}"), ['is_on' => false])->assertOk();
    $this->putJson('/api/log/learnt/'.rawurlencode("floor.{$body}"), ['is_on' => true])->assertOk();
    $judged();
    expect(RunRecord::query()->find($first)?->status)
        ->not->toBe(RunRecord::RUNNING)
        ->and((float) $this->user->frames()->min('floor_px'))
        ->toEqualWithDelta($floor['value'], 0.02)
        ->and($this->user->bursts()->sum('keepers'))
        ->toBeGreaterThanOrEqual($strict)
        // counted as they are judged
        ->and((int) Tallies::of($this->user, BurstFacts::ALL)->value('keepers'))
        ->toBe((int) $this->user->bursts()->sum('keepers'));
    $this->putJson('/api/log/learnt/'.rawurlencode("floor.{$body}"), ['is_on' => false])->assertOk();
    // and it stays off when it is told anew
    $burst = $this->user->bursts()->firstOrFail();
    $this->deleteJson("/api/bursts/{$burst->id}")->assertNoContent();
    expect(($this->figure)("floor.{$body}")['is_on'])->toBeFalse();
});

it('tells how bright a place is, and reckons the day with it once that is switched on', function () {
    $rush = People::rushOf($this->user);
    $outing = People::outingOf($this->user, $rush);
    $sky = array_map(static fn (int $hour): array => ['hour' => $hour, 'sky' => 'clear'], range(3, 22));
    $document = ['date' => '2026-05-23', 'sky' => $sky, 'metered' => []] + Reader::plain($outing->document);
    $outing->fill(['day' => '2026-05-23', 'document' => (object) json_decode((string) json_encode($document))])->save();
    $moments = fn (): array => array_column($this->getJson("/api/outings/{$outing->id}/day")->assertOk()->json('day.moments'), 'ev100', 'at');
    $before = $moments();
    // ten bursts through the morning, each metered 1.4 stops brighter than the day says, give or take
    foreach (array_slice(array_keys($before), 24, 10) as $number => $at) {
        $ev100 = $before[$at] + 1.4 + 0.2 * ($number % 3 - 1);
        $clock = Carbon::parse($at)->setTimezone('Europe/Dublin');
        $table = sprintf("file,taken_at,shutter,aperture,iso,eye\nL_%d.jpg,%s,%.9f,8,100,sharp\n", $number, $clock->format('Y-m-d H:i:s'), 64 / 2 ** $ev100);
        $this->postJson('/api/log/tables/take', ['file_id' => People::tableFileOf($this->user, $table)->id])->assertCreated();
        Frames::work($this->user->runs()->where('kind', RunKinds::TABLE)->latest('id')->firstOrFail());
    }
    $name = "light.{$outing->place_id}";
    expect(($this->figure)($name))->toBeNull();
    foreach ($this->user->bursts()->pluck('id') as $burst) {
        $this->putJson("/api/bursts/{$burst}/rush", ['rush_id' => $rush->id])->assertOk();
    }
    $light = ($this->figure)($name);
    expect($light)
        ->toMatchArray(['unit' => 'stops', 'frames' => 10, 'bursts' => 10, 'is_on' => false, 'meaning' => "How much brighter than reckoned it is at {$outing->place->name}"])
        ->and($light['least'] <= 1.4 && $light['most'] >= 1.4)
        ->toBeTrue();
    // the bursts behind it are one press away
    $this->getJson("/api/log?of={$name}")->assertOk()->assertJsonCount(10, 'bursts');
    $this->putJson("/api/log/learnt/{$name}", ['is_on' => true])->assertOk();
    $this->actingAs($this->user->refresh());
    $after = $moments();
    $at = array_keys($before)[24];
    expect($after[$at] - $before[$at])
        ->toEqualWithDelta($light['value'], 0.02)
        // what is typed of the place stays as it is
        ->and($outing->place->refresh()->document->offset_stops ?? null)
        ->toBeNull();
    // where nobody has said the sky nothing is told, and nothing is reckoned with it, though it stays switched on
    $outing->fill(['document' => (object) (['sky' => []] + (array) $outing->document), 'revision' => 2])->save();
    expect(($this->figure)($name))
        ->toMatchArray(['frames' => 0, 'is_on' => true])
        ->and($this->user->refresh()->learnt)
        ->toBeNull();
});

it('tells from which area the focus strays more than is reckoned, and plans with another', function () {
    $rush = People::rushOf($this->user);
    $rush->fill(['document' => (object) json_decode((string) json_encode(Documents::rush(['clutter' => ['background' => 'busy', 'background_gap_m' => 5]])))])->save();
    $promise = app(Promises::class)->of($rush, $this->user);
    $grabs = $promise->value()->shot->grabs;
    expect($grabs->each)->toBeGreaterThan(0);
    $name = "area.strays.{$grabs->area}";
    for ($pass = 0; $pass < 24; $pass++) {
        app(PlayedLog::class)->pass($this->user, $rush, $promise, [$name => 4.0], 100 + $pass, Carbon::parse('2026-05-23 05:00:00')->addMinutes($pass));
    }
    $area = ($this->figure)($name);
    expect($area['assumed'])
        ->toEqual(1)
        ->and($area['is_apart'])
        ->toBeTrue()
        ->and($area['least'] <= 4.0 && $area['most'] >= 4.0)
        ->toBeTrue();
    expect($this->getJson('/api/log/promises')->assertOk()->json('likely'))->toMatchArray(['loss' => 'focus', 'meaning' => $area['meaning']]);
    $this->putJson("/api/log/learnt/{$name}", ['is_on' => true])->assertOk();
    expect($this->getJson("/api/rushes/{$rush->id}")->assertOk()->json('plan.hold.area'))->not->toBe($grabs->area);
});
