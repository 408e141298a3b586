<?php

declare(strict_types=1);

use App\Models\DayRecord;
use App\Models\OutingRecord;
use App\Outings\PlaceFile;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\Fault;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader as CalendarReader;
use Tests\Support\Outings;
use Tests\Support\People;

it('keeps places and outings, undoes and redoes them, deletes them and brings them back', function () {
    $user = People::someone();
    $this->actingAs($user);
    $place = $this->postJson('/api/places', ['place' => Outings::document()['place'], 'write_id' => 'once'])
        ->assertCreated()
        ->assertJsonPath('name', 'The inlet')
        ->json('id');
    // sent again, it is the same place
    $this->postJson('/api/places', ['place' => Outings::document()['place'], 'write_id' => 'once'])
        ->assertOk()
        ->assertJsonPath('id', $place);
    $renamed = ['name' => 'The other inlet'] + Outings::document()['place'];
    $this->putJson("/api/places/{$place}", ['revision' => 1, 'gesture' => 'g', 'write_id' => 'w', 'place' => $renamed])
        ->assertOk()
        ->assertJsonPath('name', 'The other inlet')
        ->assertJsonPath('can_undo', true);
    $this->postJson("/api/places/{$place}/undo", ['revision' => 2])->assertOk()->assertJsonPath('name', 'The inlet');
    $this->postJson("/api/places/{$place}/redo", ['revision' => 3])->assertJsonPath('name', 'The other inlet');

    $rush = People::rushOf($user);
    $kept = Outings::kept($rush->id);
    $outing = $this->postJson('/api/outings', ['name' => 'Spring tide', 'place_id' => $place, 'outing' => $kept])
        ->assertCreated()
        ->assertJsonPath('outing.date', '2026-05-16')
        ->assertJsonPath('place.name', 'The other inlet')
        ->json('id');
    $this->putJson("/api/outings/{$outing}", [
        'revision' => 1,
        'gesture' => 'g',
        'write_id' => 'w',
        'name' => 'Spring tide',
        'place_id' => $place,
        'outing' => ['date' => '2026-05-17'] + $kept,
    ])
        ->assertOk()
        ->assertJsonPath('outing.date', '2026-05-17');
    $this->getJson('/api/outings')
        ->assertJsonPath('outings.0.date', '2026-05-17')
        ->assertJsonPath('outings.0.place', 'The other inlet');
    $this->postJson("/api/outings/{$outing}/undo", ['revision' => 2])->assertJsonPath('outing.date', '2026-05-16');
    $this->deleteJson("/api/outings/{$outing}")->assertNoContent();
    $this->getJson("/api/outings/{$outing}/day")->assertNotFound();
    $this->postJson("/api/outings/{$outing}/restore")->assertOk();
    // an outing stays where it was, also when its place has been deleted
    $this->deleteJson("/api/places/{$place}")->assertNoContent();
    $this->getJson("/api/outings/{$outing}")->assertJsonPath('place.name', 'The other inlet');
    $this->getJson("/api/outings/{$outing}/day")->assertOk()->assertJsonPath('fault', null);
});

it('reckons a day once, and anew when anything it rests on has changed', function () {
    $user = People::someone();
    $this->actingAs($user);
    $rush = People::rushOf($user);
    $outing = People::outingOf($user, $rush);
    $day = $this->getJson("/api/outings/{$outing->id}/day")->assertOk()->json('day');
    expect($day['sun']['says'])
        ->toBe('Sunrise 05:23, sunset 21:19, after your day. The moon is new and gives no light.')
        ->and($day['rushes'][0]['name'])
        ->toBe('Terns over the bar')
        ->and(implode(' ', $day['says']))
        ->toContain('The weather of 4 hours is made up');
    // what is kept is told as it is kept
    $mark = static fn () => DayRecord::query()
        ->whereKey($outing->id)
        ->update(['metric' => DB::raw("REPLACE(metric, 'Europe', 'Kept')")]);
    $mark();
    $this->getJson("/api/outings/{$outing->id}/day")->assertJsonPath('day.zone', 'Kept/Dublin');

    // the rush, the place, the outing, a figure: each is asked anew
    $this->putJson("/api/rushes/{$rush->id}", People::edit($rush, ['motion' => ['speed_mps' => 14]]))->assertOk();
    $this->getJson("/api/outings/{$outing->id}/day")->assertJsonPath('day.zone', 'Europe/Dublin');
    $mark();
    $this->putJson('/api/assumptions', ['assumptions' => ['light.sky.hazy' => -2]])->assertOk();
    $this->getJson("/api/outings/{$outing->id}/day")->assertJsonPath('day.zone', 'Europe/Dublin');
    // in other units it is the same day, worded otherwise
    $this->putJson('/api/settings', ['settings' => ['units' => 'imperial']])->assertOk();
    $this->getJson("/api/outings/{$outing->id}/day")->assertJsonPath('day.rushes.0.name', 'Terns over the bar');
    // a rush that is gone is left out
    $this->deleteJson("/api/rushes/{$rush->id}")->assertNoContent();
    $this->getJson("/api/outings/{$outing->id}/day")->assertJsonPath('day.rushes', []);
});

it('keeps the days of an account that were asked for last, and reckons others again', function () {
    $user = People::someone();
    $this->actingAs($user);
    $rush = People::rushOf($user);
    $first = People::outingOf($user, $rush);
    $this->getJson("/api/outings/{$first->id}/day")->assertOk();
    for ($at = 0; $at < 24; $at++) {
        DayRecord::query()->create([
            'outing_id' => People::outingOf($user, $rush)->id,
            'fingerprint' => '',
            'reckoned_at' => now()->addSeconds(10 + $at),
        ]);
    }
    $last = People::outingOf($user, $rush);
    $this->travelTo(now()->addHour());
    $this->getJson("/api/outings/{$last->id}/day")->assertOk();
    expect(DayRecord::query()->whereKey($first->id)->exists())
        ->toBeFalse()
        ->and(DayRecord::query()->whereKey($last->id)->exists())
        ->toBeTrue();
    $this->getJson("/api/outings/{$first->id}/day")->assertOk()->assertJsonPath('fault', null);
});

it('makes up the same weather for the same place and day, and lets every hour be typed over', function () {
    $user = People::someone();
    $this->actingAs($user);
    $outing = People::outingOf($user);
    $sky = $this->getJson("/api/outings/{$outing->id}")->json('sky');
    expect($sky)
        ->toHaveCount(48)
        ->and($sky[4])
        ->toBe(['hour' => 4, 'sky' => 'clear', 'wind_mps' => 2])
        ->and($sky[5]['made_up'])
        ->toBeTrue()
        ->and($this->getJson("/api/outings/{$outing->id}")->json('sky'))
        ->toBe($sky);
    foreach ($sky as $hour) {
        expect($hour['wind_mps'])->toBeGreaterThanOrEqual(0)->toBeLessThan(20);
        expect($hour['temperature_c'] ?? 10)->toBeGreaterThan(-10)->toBeLessThan(35);
    }
});

it('says what stands in the way of a day, and refuses what belongs to somebody else', function () {
    $user = People::someone();
    $other = People::someone('Grace');
    $this->actingAs($user);
    $rush = People::rushOf($user);
    $outing = People::outingOf($user, $rush);
    $put = fn (array $own) => $this->putJson("/api/outings/{$outing->id}", $own + [
        'revision' => $outing->refresh()->revision,
        'gesture' => 'g',
        'write_id' => 'w',
        'name' => 'Spring tide',
        'place_id' => $outing->place_id,
        'outing' => Outings::kept($rush->id),
    ]);
    $put(['place_id' => People::placeOf($other)->id])->assertUnprocessable()->assertJsonPath('faults.0.pointer', '/place_id');
    $put(['outing' => Outings::kept(People::rushOf($other)->id)])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', '/outing/rushes/0');
    $put(['outing' => ['date' => '2026-02-30'] + Outings::kept($rush->id)])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', '/outing/date');
    $put(['outing' => ['until' => '25:00'] + Outings::kept($rush->id)])->assertUnprocessable();
    expect(OutingRecord::query()->find($outing->id)?->revision)->toBe(1);

    // a spot that is not there any more is named where the day is asked for
    $gone = Outings::kept($rush->id);
    $gone['rushes'][0]['spot'] = 'pier';
    $put(['outing' => $gone])->assertOk();
    $this->getJson("/api/outings/{$outing->id}/day")
        ->assertOk()
        ->assertJsonPath('day', null)
        ->assertJsonPath('fault.faults.0.pointer', '/rushes/0/spot');
    $this->getJson("/api/outings/{$outing->id}/calendar")->assertUnprocessable();
    $this->putJson('/api/places/'.$outing->place_id, [
        'revision' => 1,
        'gesture' => 'g',
        'place' => ['zone' => 'Nowhere/Else'] + Outings::document()['place'],
    ])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', '/place/zone');
});

it('carries the holds of a day on a card in the light of their hours', function () {
    $user = People::someone();
    $this->actingAs($user);
    $rush = People::rushOf($user);
    $outing = People::outingOf($user, $rush);
    $card = $this->postJson('/api/cards', ['name' => 'Day', 'rushes' => [$rush->id], 'outing_id' => $outing->id])->assertCreated();
    $page = $card->json('pages.0');
    $set = $this->getJson("/api/outings/{$outing->id}/day")->json('day.rushes.0');
    expect($page['hours']['at'])
        ->toBe(substr($set['set']['at'], 11, 5))
        ->and($page['spot'])
        ->toBe('Bar')
        ->and($page['hours']['holds'])
        ->not->toBe([]);
    // what is set on the card is the hold of that moment
    $band = array_values(array_filter($set['bands'], static fn (array $band): bool => $band['from'] <= $set['set']['at'] && $band['until'] > $set['set']['at']))[0];
    expect($page['settings'][0]['word'].', '.$page['settings'][1]['word'])->toBe(implode(', ', array_slice(explode(', ', $band['words']), 0, 2)));

    // as it is written instead, and back again
    $id = $card->json('id');
    $write = ['revision' => 1, 'gesture' => 'g', 'write_id' => 'w', 'name' => 'Day', 'rushes' => [$rush->id]];
    $this->putJson("/api/cards/{$id}", ['outing_id' => null] + $write)
        ->assertOk()
        ->assertJsonPath('card.outing_id', null)
        ->assertJsonPath('pages.0.hours', null);
    $this->postJson("/api/cards/{$id}/undo", ['revision' => 2])->assertOk()->assertJsonPath('card.outing_id', $outing->id);

    // a stranger with the link reads the hours, not the spot
    $link = $this->postJson("/api/cards/{$id}/share", ['days' => 1])->json('share.link');
    $shared = $this->getJson('/api/shared/'.basename($link))->assertOk()->json('pages.0');
    expect($shared['hours']['from'])
        ->toBe($page['hours']['from'])
        ->and($shared)
        ->not->toHaveKey('spot')
        ->and($shared['water'])
        ->toBe($page['water'])
        ->not->toContain('Bar');
    expect($this->get("/api/cards/{$id}/pdf")->assertOk()->getContent())->toStartWith('%PDF');

    // a day that was deleted, or cannot be worked out, leaves the holds as they are written
    $this->deleteJson("/api/outings/{$outing->id}")->assertNoContent();
    $this->getJson("/api/cards/{$id}")->assertJsonPath('pages.0.hours', null)->assertJsonPath('card.outing_id', $outing->id);

    // and nobody plans in the light of somebody else's day
    $other = People::outingOf(People::someone());
    $this->putJson("/api/cards/{$id}", ['revision' => 3, 'outing_id' => $other->id] + $write)
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', '/outing_id');
});

it('says on every card what the water does where a rush is expected, also where there is nothing to set, and where the day cannot be worked out', function () {
    $user = People::someone();
    $this->actingAs($user);
    $rush = People::rushOf($user);
    $outing = People::outingOf($user, $rush);
    $card = $this->postJson('/api/cards', ['name' => 'Day', 'rushes' => [$rush->id], 'outing_id' => $outing->id])->json('id');
    $page = fn (): array => $this->getJson("/api/cards/{$card}")->assertOk()->json('pages.0');
    expect($page()['water'])
        ->toStartWith('Not known before 05:10, and so taken as cut off: type the high water before it; free from 05:10 to ')
        ->toContain(', after your day: be there from 05:37, be off by ')
        ->and($page()['pre_flight'][0]['message'])
        ->toStartWith('Be off Bar by 0');
    $write = function (array $own) use ($outing): void {
        $outing->refresh()->forceFill(['document' => (object) ($own + (array) $outing->document)])->save();
    };
    // no waters: nothing to set, and the card says why
    $write(['waters' => []]);
    expect($page())
        ->hours->toBeNull()
        ->spot->toBe('Bar')
        ->water->toBe('Not known, and so nobody is sent there: type the high and low waters of the day.')
        ->and($page()['pre_flight'][0]['message'])
        ->toBe('Do not go to Bar: it is cut off, or nobody knows');
    // waters that do not follow each other: there is no day
    $write(['waters' => [(object) ['at' => '05:10', 'kind' => 'low', 'height_m' => 1], (object) ['at' => '11:20', 'kind' => 'low', 'height_m' => 1]]]);
    expect($page())->hours->toBeNull()->water->toBe('Not known, as the day cannot be worked out: nobody is sent there.');
    $pdf = $this->get("/api/cards/{$card}/pdf")->assertOk()->getContent();
    file_put_contents($file = tempnam(sys_get_temp_dir(), 'card'), $pdf);
    expect(preg_replace('/\s+/', ' ', (string) shell_exec('pdftotext '.escapeshellarg($file).' -')))->toContain('Water at Bar: Not known, as the day cannot be worked out');
});

it('tells of one moment what the day has for it: the same light, the same hold, its own light as it is', function () {
    $user = People::someone();
    $this->actingAs($user);
    $rush = People::rushOf($user);
    $outing = People::outingOf($user, $rush);
    $twice = $outing->document->rushes;
    $own = (object) (['id' => 'lit', 'own_light' => true] + (array) $twice[0]);
    $outing->forceFill(['document' => (object) (['rushes' => [...$twice, $own]] + (array) $outing->document)])->save();
    $day = $this->getJson("/api/outings/{$outing->id}/day")->assertOk()->json('day');
    $at = fn (string $rush, string $moment) => $this->getJson("/api/outings/{$outing->id}/at?rush={$rush}&at=".urlencode($moment));
    foreach ($day['rushes'] as $told) {
        foreach ($told['along'] as $number => $step) {
            if ($number % 5 !== 0) {
                continue;
            }
            $moment = $day['moments'][$told['first'] + $number]['at'];
            $found = $at($told['id'], $moment)->assertOk()->json();
            $band = array_values(array_filter($told['bands'], static fn (array $one): bool => $one['from'] <= $moment && $one['until'] > $moment))[0];
            foreach (['shutter_s', 'f_number', 'area', 'tuning', 'focus_mode'] as $field) {
                expect($found['plan']['hold'][$field])->toEqual($band['hold'][$field], "{$told['id']} {$moment} {$field}");
            }
            expect($found['plan']['hold']['iso'])->toEqual($step['iso'], $moment);
            // what a plan cannot tell apart is planned once: an eighth of a stop
            expect(abs($found['rush']['light']['ev100'] - $step['ev100']))->toBeLessThan(0.126, $moment);
        }
    }
    // over the ground of the place, where neither spot nor rush says another
    expect($found['rush']['air'] ?? null)
        ->toBeNull()
        ->and($at('a', $day['moments'][12]['at'])->json('rush.air.ground'))
        ->toBe('sand');
    expect($at('lit', $day['moments'][12]['at'])->json('rush.light.ev100'))->toEqual($rush->document->light->ev100);

    $at('a', '2026-05-20T12:00:00+01:00')->assertUnprocessable()->assertJsonPath('faults.0.pointer', '/at');
    $at('a', 'soon')->assertUnprocessable()->assertJsonPath('faults.0.pointer', '/at');
    $at('z', $day['from'])->assertUnprocessable()->assertJsonPath('faults.0.pointer', '/rush');
    $this->getJson("/api/outings/{$outing->id}/at")->assertUnprocessable();
    $this->actingAs(People::someone('Grace'));
    $at('a', $day['moments'][12]['at'])->assertNotFound();
});

it('opens with the next day to come, or the last there was', function () {
    $user = People::someone();
    $this->actingAs($user);
    $ids = [];
    foreach (['2026-05-10', '2026-05-16', '2026-05-20'] as $date) {
        $outing = People::outingOf($user);
        $outing->forceFill(['day' => $date, 'document' => (object) (['date' => $date, 'from' => '20:00', 'until' => '04:00'] + (array) $outing->document)])->save();
        $ids[$date] = $outing->id;
    }
    $next = fn (): ?string => $this->getJson('/api/outings')->assertOk()->json('next');
    foreach (['2026-05-09 12:00' => '2026-05-10', '2026-05-11 12:00' => '2026-05-16', '2026-05-17 02:30' => '2026-05-16', '2026-05-17 04:30' => '2026-05-20', '2026-08-01 00:00' => '2026-05-20'] as $now => $date) {
        $this->travelTo(new DateTimeImmutable($now, new DateTimeZone('Europe/Dublin')));
        expect($next())->toBe($ids[$date], $now);
    }
    $this->actingAs(People::someone('Grace'));
    expect($next())->toBeNull();
});

it('says which way and how far it is to a second point', function (array $from, array $to, ?float $bearing, float $distance) {
    $this->actingAs(People::someone());
    $point = static fn (array $at): array => ['latitude_deg' => $at[0], 'longitude_deg' => $at[1]];
    $this->postJson('/api/places/bearing', ['from' => $point($from), 'to' => $point($to)])
        ->assertOk()
        ->assertJson(fn ($json) => $json->where('bearing_deg', fn ($told): bool => $bearing === null ? $told === null : abs($told - $bearing) < 0.1)->where('distance_m', fn ($told): bool => abs($told - $distance) < 1)->etc());
    $this->postJson('/api/places/bearing', ['from' => $point([91, 0]), 'to' => $point($to)])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', '/from/latitude_deg');
})->with([
    'north' => [[53, -6], [54, -6], 0, 111_195],
    'south' => [[53, -6], [52, -6], 180, 111_195],
    'east, over the line' => [[0, 179.9], [0, -179.9], 90, 22_239],
    'here' => [[53, -6], [53, -6], null, 0],
]);

it('tells what the readings of all outings to a place have shown, and of no other place', function () {
    $user = People::someone();
    $this->actingAs($user);
    $outing = People::outingOf($user);
    // under a sky that is made up a reading proves nothing
    expect($this->getJson("/api/outings/{$outing->id}/day")->assertOk()->json('learnt'))->toBeNull();
    $outing->forceFill(['document' => (object) (['sky' => [(object) ['hour' => 6, 'sky' => 'clear']]] + (array) $outing->document)])->save();
    $learnt = $this->getJson("/api/outings/{$outing->id}/day")->assertOk()->json('learnt');
    expect($learnt['readings'])->toBe(1);
    $twin = $outing->replicate(['creation_id']);
    $twin->save();
    expect($this->getJson("/api/outings/{$outing->id}/day")->json('learnt'))
        ->readings->toBe(2)
        ->stops->toEqualWithDelta(($learnt['stops'] * 4) / 3, 0.02);
    // those of others say nothing of it
    $twin->forceFill(['user_id' => People::someone()->id])->save();
    expect($this->getJson("/api/outings/{$outing->id}/day")->json('learnt.readings'))->toBe(1);
    $outing->forceFill(['document' => (object) (['metered' => []] + (array) $outing->document)])->save();
    expect($this->getJson("/api/outings/{$outing->id}/day")->json('learnt'))->toBeNull();
});

it('gives a calendar and a GPX file that can be read back', function () {
    $user = People::someone();
    $this->actingAs($user);
    $outing = People::outingOf($user);
    $answer = $this->get("/api/outings/{$outing->id}/calendar")->assertOk();
    expect($answer->headers->get('Content-Type'))->toStartWith('text/calendar');
    // the library is older than return types
    $before = error_reporting(error_reporting() & ~E_DEPRECATED);
    $calendar = CalendarReader::read($answer->getContent());
    $faults = $calendar->validate();
    $events = $calendar->select('VEVENT');
    error_reporting($before);
    expect($calendar)->toBeInstanceOf(VCalendar::class)->and($faults)->toBe([]);
    expect(array_map(static fn ($event): string => (string) $event->SUMMARY, $events))
        ->toContain('Terns over the bar, Bar')

        ->toContain('Change the hold: Terns over the bar')
        ->toContain('Sunrise')
        ->and(implode("\n", array_map(static fn ($event): string => (string) $event->SUMMARY, $events)))
        ->toContain('Best light')
        ->and((string) $events[0]->VALARM->TRIGGER)
        ->toBe('-PT10M')
        ->and($events[0]->DTSTART->getDateTime()->format('c'))
        ->toStartWith('2026-05-16T0');
    // one is told to leave before the water, a while before and when it is time
    [$off] = array_values(array_filter($events, static fn ($event): bool => str_starts_with((string) $event->SUMMARY, 'Be off Bar by ')));
    $before = error_reporting(error_reporting() & ~E_DEPRECATED);
    $triggers = array_map(static fn ($alarm): string => (string) $alarm->TRIGGER, $off->select('VALARM'));
    error_reporting($before);
    $day = $this->getJson("/api/outings/{$outing->id}/day")->json('day');
    expect($triggers)
        ->toBe(['-PT15M', '-PT0M'])
        ->and($off->DTSTART->getDateTime()->getTimestamp())
        ->toBe(strtotime($day['order']['stays'][0]['be_off']))
        ->and((string) $events[0]->DESCRIPTION)
        ->toContain('be off by');

    $gpx = $this->get("/api/places/{$outing->place_id}/gpx")->assertOk()->getContent();
    expect($this->postJson('/api/places/read', ['text' => $gpx])->assertOk()->json())->toBe([
        'points' => [
            ['name' => 'Bar', 'latitude_deg' => 53.301, 'longitude_deg' => -6.1],
            ['name' => 'Turf', 'latitude_deg' => 53.305, 'longitude_deg' => -6.11],
        ],
        'left_out' => 0,
    ]);
});

it('reads waypoints, routes and placemarks, and cleans their names', function () {
    $read = static fn (string $text): array => PlaceFile::read($text);
    expect($read('<gpx><rte><rtept lat="1" lon="2"><name> A  b </name></rtept></rte><wpt lat="3.5" lon="-4"/></gpx>'))
        ->toBe([
            'points' => [
                ['name' => 'A b', 'latitude_deg' => 1.0, 'longitude_deg' => 2.0],
                ['name' => 'Spot 2', 'latitude_deg' => 3.5, 'longitude_deg' => -4.0],
            ],
            'left_out' => 0,
        ])
        ->and(
            $read(
                "<?xml version=\"1.0\"?><kml xmlns=\"x\"><Document><name>All</name><Placemark><name>The\u{202E} hide</name><Point><coordinates> -6.1,53.3,0 </coordinates></Point></Placemark><Placemark><name>Off</name><Point><coordinates>900,1</coordinates></Point></Placemark></Document></kml>",
            ),
        )
        ->toBe(['points' => [['name' => 'The hide', 'latitude_deg' => 53.3, 'longitude_deg' => -6.1]], 'left_out' => 1]);
});

it('refuses a file that means harm, in words', function (string $text, string $says) {
    $held = memory_get_usage();
    $began = hrtime(true);
    memory_reset_peak_usage(); // of this alone, whatever tests before it took
    expect(fn () => PlaceFile::read($text))->toThrow(Fault::class, $says);
    expect((hrtime(true) - $began) / 1e9)->toBeLessThan(5.0)->and((memory_get_peak_usage() - $held) / 1e6)->toBeLessThan(250);
})->with([
    'an encoding in which nothing is seen' => ['<?xml version="1.0" encoding="UTF-7"?>+ADw-+ACE-DOCTYPE gpx+AD4-<gpx><wpt lat="1" lon="1"/></gpx>', 'not in UTF-8'],
    'two bytes a letter' => [mb_convert_encoding('<?xml version="1.0"?><!DOCTYPE gpx><gpx/>', 'UTF-16'), 'not in UTF-8'],
    'entities' => ['<!DOCTYPE gpx [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><gpx><wpt lat="1" lon="1"><name>&b;</name></wpt></gpx>', 'document type or entities'],
    'a file of the server' => ['<!DOCTYPE gpx [<!ENTITY a SYSTEM "file:///etc/passwd">]><gpx><wpt lat="1" lon="1"><name>&a;</name></wpt></gpx>', 'document type or entities'],
    'an entity nobody knows' => ['<gpx><wpt lat="1" lon="1"><name>&a;</name></wpt></gpx>', 'not XML from beginning to end'],
    'a document that ends early' => ['<gpx><wpt lat="1" lon="1">', 'not XML from beginning to end'],
    'no XML' => ['{"format":"kit/1"}', 'it is not XML'],
    'nothing' => ['', 'it is not XML'],
    'another format' => ['<svg><wpt lat="1" lon="1"/></svg>', 'neither GPX nor KML'],
    'coordinates of no place' => ['<gpx><wpt lat="91" lon="0"/><wpt lat="x" lon="0"/><wpt lat="1e999" lon="0"/></gpx>', 'none of its points has a latitude'],
    'no points' => ['<gpx><trk><trkseg><trkpt lat="1" lon="1"/></trkseg></trk></gpx>', 'no waypoints, routes or placemarks'],
    'too deep' => ['<gpx>'.str_repeat('<a>', 5000).str_repeat('</a>', 5000).'</gpx>', 'nested deeper'],
    'too many' => ['<gpx>'.str_repeat('<a/>', 60_000).'</gpx>', 'more than 50,000 elements'],
    'too long' => [str_repeat('<gpx/>', 300_000), 'at most 1.5 MB'],
]);
