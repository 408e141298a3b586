<?php

declare(strict_types=1);

use RushHold\Assumptions\Assumptions;
use RushHold\Document\Reader;
use RushHold\Faults\Fault;
use RushHold\Light\SunEventKind;
use RushHold\Outing\Day;
use RushHold\Outing\Deed;
use RushHold\Outing\HoldStep;
use RushHold\Outing\LearntOffset;
use RushHold\Outing\LocalDay;
use RushHold\Outing\Metering;
use RushHold\Outing\Outing;
use RushHold\Wording\Outing\DayDocument;
use RushHold\Wording\Units;
use Tests\Support\Documents;
use Tests\Support\Outings;

it('reads the clocks of a place across the hours in which they change', function () {
    $spring = LocalDay::of('2026-03-29', 'Europe/Dublin');
    $autumn = LocalDay::of('2026-10-25', 'Europe/Dublin');
    expect($spring->next()->begins() - $spring->begins())
        ->toBe(23 * 3600.0)
        ->and($autumn->next()->begins() - $autumn->begins())
        ->toBe(25 * 3600.0)
        // an hour that is left out is the one after, one that comes twice the first
        ->and($spring->clock($spring->at('01:30')))
        ->toBe('02:30')
        ->and($autumn->iso($autumn->at('01:30')))
        ->toBe('2026-10-25T01:30:00+01:00')
        ->and($autumn->iso($autumn->at('01:30') + 3600))
        ->toBe('2026-10-25T01:30:00+00:00')
        ->and($autumn->hour($autumn->at('03:00')))
        ->toBe(3)
        ->and($autumn->hour($autumn->after($autumn->at('22:00'), '02:00')))
        ->toBe(26)
        ->and($autumn->hour($autumn->begins() - 1))
        ->toBe(-1)
        ->and($autumn->again('01:30'))
        ->toBe($autumn->at('01:30') + 3600)
        ->and($autumn->again('03:30'))
        ->toBeNull();

    // the outing of that night lasts an hour longer, and sunrise is told by the clocks as they then are
    $day = Outings::day(['date' => '2026-10-25', 'from' => '00:30', 'until' => '09:00', 'rushes' => []]);
    expect(count($day->moments))
        ->toBe((int) (9.5 * 12) + 1)
        ->and($day->outing->day->clock($day->sky->of(SunEventKind::Rise)[0]->unixS))
        ->toBe('07:09')
        ->and($day->outing->day->clock(Outings::day(['date' => '2026-10-24', 'rushes' => []])->sky->of(SunEventKind::Rise)[0]->unixS))
        ->toBe('08:07');
});

it('refuses what is no day, no time, no zone, no spot, and two of one name', function (array $own, array $place, string $field) {
    $place = $place + Outings::document()['place'];
    expect(fn () => Outings::day($own + ['place' => $place]))->toThrow(Fault::class, $field);
})->with([
    'a day that is none' => [['date' => '2026-02-30'], [], 'date'],
    'a time that is none' => [['from' => '24:00'], [], 'from'],
    'a zone nobody has' => [[], ['zone' => 'Nowhere/Else'], 'place.zone'],
    'a rush at no spot' => [['rushes' => [Outings::expected('a', Documents::rush(), 'pier', '05:00', '06:00', 1)]], [], 'rushes.0.spot'],
    'two rushes of one id' => [['rushes' => [Outings::expected('a', Documents::rush(), 'bar', '05:00', '06:00', 1), Outings::expected('a', Documents::rush(), 'bar', '05:00', '06:00', 1)]], [], 'rushes.1.id'],
    'no spot at all' => [[], ['spots' => []], 'place.spots'],
    'off the earth' => [[], ['latitude_deg' => 95], 'place.latitude_deg'],
    'water out of order' => [['waters' => [['at' => '10:00', 'kind' => 'high', 'height_m' => 4], ['at' => '09:00', 'kind' => 'low', 'height_m' => 1]]], [], 'waters.1.at'],
    'a high lower than the low' => [['waters' => [['at' => '05:00', 'kind' => 'low', 'height_m' => 2], ['at' => '11:00', 'kind' => 'high', 'height_m' => 1]]], [], 'waters.1.at'],
    'chances that cannot be' => [['rushes' => [Outings::expected('a', Documents::rush(), 'bar', '05:00', '06:00', -1)]], [], 'rushes.0.per_hour'],
]);

it('goes by what a meter said where and when it said it, less and less around it', function () {
    $metering = Metering::of([[10_000.0, -1.5], [4000.0, 0.5]], 3.0);
    expect($metering->stops(4000.0))
        ->toBe(0.5)
        ->and($metering->stops(10_000.0))
        ->toBe(-1.5)
        ->and($metering->stops(10_000.0 + 5400))
        ->toBeTo(-0.75)
        ->and($metering->stops(10_000.0 + 3 * 3600))
        ->toBe(0.0)
        ->and($metering->stops(4000.0 - 9 * 3600))
        ->toBe(0.0)
        ->and(Metering::of([], 3.0)->stops(0.0))
        ->toBe(0.0);
    $at = static fn (Day $day, string $time): float => $day->moments[(int) round(($day->outing->day->at($time) - $day->outing->window->fromS) / 300)]->evOpen;
    $plain = Outings::day(['rushes' => []]);
    $metered = Outings::day(['rushes' => [], 'metered' => [['at' => '07:40', 'ev100' => 11.3, 'spot' => 'bar']]]);
    expect($at($metered, '07:40'))
        ->toBeTo(11.3)
        ->and($at($metered, '10:40'))
        ->toBeTo($at($plain, '10:40'))
        ->and($at($metered, '09:10') - $at($plain, '09:10'))
        ->toBeTo((11.3 - $at($plain, '07:40')) / 2);
});

it('tells the hours in which a hold keeps its promise, and plans no more often than the light needs', function () {
    $day = Outings::day(['from' => '03:30', 'until' => '22:30', 'rushes' => [Outings::expected('terns', Documents::rush(['name' => 'Terns']), 'turf', '03:30', '22:30', 10)]]);
    $promise = $day->promise(0);
    $clock = $day->outing->day->clock(...);
    $rise = $day->sky->of(SunEventKind::Rise)[0]->unixS;
    $set = $day->sky->of(SunEventKind::Set)[0]->unixS;
    expect($promise['from'])
        ->toBeGreaterThan($rise)
        ->toBeLessThan($rise + 5400, $clock($promise['from']))
        ->and($promise['until'])
        ->toBeLessThan($set)
        ->toBeGreaterThan($set - 5400, $clock((float) $promise['until']));
    // nothing comes out at night, and something gives way on the way there
    expect($day->steps[0][0]->share)
        ->toBe(0.0)
        ->and($day->bands[0][0]->entered)
        ->toContain('light')
        ->and(count(array_unique(array_map(static fn ($step): int => spl_object_id((object) $step->planned), $day->steps[0]))))
        ->toBeLessThan(0.6 * count($day->steps[0]), 'plans');
    // the bands lie end to end, and each begins with a change or with something that gave way
    foreach (array_slice($day->bands[0], 1) as $number => $band) {
        expect($band->fromS())->toBe($day->bands[0][$number]->untilS());
    }
    expect(DayDocument::of($day)['rushes'][0]['says'])->toStartWith('Its hold keeps its promise from 0');
});

it('warns of the sun where the lens points, and tells from which side the light falls', function () {
    // towards the east at sunrise, with the sun at your back towards the west
    $day = Outings::day();
    $told = DayDocument::of($day, Units::Imperial);
    expect($told['blinding'])
        ->toHaveCount(1)
        ->and($told['blinding'][0]['spot'])
        ->toBe('turf')
        ->and(implode(' ', $told['cautions']))
        ->toContain('never look at it through a lens')
        ->and($told['rushes'][0]['along'][24]['light'])
        ->toBe('front')
        ->and($told['rushes'][1]['along'][24]['light'])
        ->toBe('back');
    // behind a cliff nobody is dazzled, and the light has no side
    $cliff = ['horizon' => [['azimuth_deg' => 0, 'altitude_deg' => 60]]];
    $shaded = DayDocument::of(Outings::day([], $cliff));
    expect($shaded['blinding'])
        ->toBe([])
        ->and(array_unique(array_column($shaded['rushes'][1]['along'], 'light')))
        ->toBe(['even'])
        ->and($shaded['moments'][48]['shaded'])
        ->toBeTrue();
});

it('goes on past midnight, works where the sun does not set and where it does not rise', function () {
    $north = ['latitude_deg' => 70.0, 'longitude_deg' => 25.0, 'zone' => 'Europe/Oslo', 'spots' => [Outings::spot('shore', 70.0, 25.0, 0)]];
    $rush = static fn (string $from, string $until): array => ['rushes' => [Outings::expected('gulls', Documents::rush(['name' => 'Gulls']), 'shore', $from, $until, 10)]];
    $summer = Outings::day(['date' => '2026-06-21', 'from' => '21:00', 'until' => '03:00'] + $rush('23:00', '02:00'), $north);
    $told = DayDocument::of($summer);
    expect($summer->outing->window->untilS - $summer->outing->window->fromS)
        ->toBe(6 * 3600.0)
        ->and($told['sun']['says'])
        ->toBe('The sun does not set.')
        ->and($told['rushes'][0]['first'])
        ->toBe(24)
        ->and(count($told['rushes'][0]['along']))
        ->toBe(36)
        ->and($told['rushes'][0]['promise'])
        ->not->toBeNull()
        // towards the north at midnight the sun stands in the frame
        ->and($told['blinding'])
        ->not->toBe([]);
    $winter = DayDocument::of(Outings::day(['date' => '2026-12-21', 'from' => '09:00', 'until' => '15:00'] + $rush('09:00', '15:00'), $north));
    expect($winter['sun']['says'])
        ->toStartWith('The sun does not rise; there is twilight from ')
        ->and($winter['moments'][36]['reach_m'])
        ->toBeNull();
    $south = Outings::day(['date' => '2026-12-21', 'from' => '08:00', 'until' => '17:00', 'rushes' => []], ['latitude_deg' => -45.0, 'longitude_deg' => 170.0, 'zone' => 'Pacific/Auckland']);
    $noon = $south->moments[(int) round(($south->sky->of(SunEventKind::Transit)[0]->unixS - $south->outing->window->fromS) / 300)];
    // there it stands in the north at noon
    expect(min($noon->sun->azimuthDeg, 360 - $noon->sun->azimuthDeg))->toBeLessThan(4.0);
});

it('says that a lens cannot focus so near, or that hours lie outside, rather than failing', function () {
    $near = Documents::rush(['name' => 'Too near', 'distance' => ['near_m' => 0.5, 'work_m' => 0.5, 'far_m' => 1]]);
    $day = DayDocument::of(Outings::day(['rushes' => [
        Outings::expected('near', $near, 'turf', '05:00', '11:00', 10),
        Outings::expected('late', Documents::rush(['name' => 'Late']), 'turf', '20:00', '21:00', 10),
    ]]));
    expect($day['rushes'][0]['says'])
        ->toBe('Nothing comes out at any hour of this day.')
        ->and($day['rushes'][0]['bands'][0]['hold'])
        ->toBeNull()
        ->and($day['rushes'][1]['says'])
        ->toBe('Its hours, 20:00–21:00, lie outside of yours, 04:30 to 12:00.')
        ->and($day['rushes'][1]['why'])
        ->toBe('Not in the order: its hours lie outside of yours.')
        ->and($day['order']['stays'])
        ->toBe([])
        ->and($day['order']['says'])
        ->toContain('Nothing expected can be worked in these hours');
});

it('lets what stands in light of its own be as it is, and what a rush says of its air go before the day', function () {
    $lit = Documents::rush(['name' => 'Floodlit', 'light' => ['ev100' => 9]]);
    $own = ['own_light' => true] + Outings::expected('lit', $lit, 'turf', '04:30', '12:00', 10);
    $low = Documents::rush(['name' => 'Low', 'air' => ['ground' => 'tarmac', 'height_m' => 0.3, 'wind_mps' => 0]]);
    $day = Outings::day(['rushes' => [$own, Outings::expected('low', $low, 'turf', '04:30', '12:00', 10)]]);
    expect(count($day->bands[0]))
        ->toBe(1)
        ->and($day->steps[0][0]->planned?->rush->ev100)
        ->toBe(9.0)
        // and told as it is: one truth
        ->and(array_unique(array_column(DayDocument::of($day)['rushes'][0]['along'], 'ev100')))
        ->toBe([9.0])
        ->and(array_unique(array_column(DayDocument::of($day)['rushes'][0]['along'], 'light')))
        ->toBe(['front'])
        ->and($day->steps[1][80]->planned?->rush->air->ground?->value)
        ->toBe('tarmac')
        ->and($day->steps[1][80]->planned?->shimmerMm)
        ->toBeGreaterThan($day->steps[0][80]->planned?->shimmerMm ?? INF);
});

it('writes a day that its schema knows, in either unit', function (Units $units) {
    $document = Outings::document(['until' => '07:00']);
    $outing = Outing::fromArray(Reader::plain($document));
    $day = DayDocument::of(Day::of($outing, RushHold\Planning\Planner::standard(), Assumptions::defaults()), $units);
    $checker = new App\Documents\SchemaChecker(dirname(__DIR__, 2).'/schemas');
    $checker->check(json_decode((string) json_encode(['day' => $day] + $document)), 'outing');
    expect($day['moments'])->toHaveCount(31);
})->with(['metric' => [Units::Metric], 'imperial' => [Units::Imperial]]);

it('stays within its bounds at the most an outing may hold', function () {
    $rushes = [];
    for ($at = 0; $at < 24; $at++) {
        $rush = Documents::rush(['name' => "Rush {$at}", 'motion' => ['speed_mps' => 1 + $at]]);
        $rushes[] = Outings::expected("r{$at}", $rush, 'bar', '00:00', '23:59', 5);
    }
    $sky = array_map(
        static fn (int $hour): array => [
            'hour' => $hour,
            'sky' => ['clear', 'hazy', 'bright'][$hour % 3],
            'wind_mps' => $hour / 10,
            'visibility_m' => 1000 + $hour,
        ],
        range(0, 47),
    );
    $before = memory_get_usage();
    $day = Outings::day(['from' => '00:00', 'until' => '00:00', 'rushes' => $rushes, 'sky' => $sky]);
    $text = (string) json_encode(DayDocument::of($day));
    expect(memory_get_usage() - $before)
        ->toBeLessThan(40_000_000)
        ->and(strlen($text))
        ->toBeLessThan(2_000_000)
        ->and($day->moments)
        ->toHaveCount(289);
});

it('says what to set before going to a rush: the hold that brings most of its turn, and what the day adds to look at', function () {
    $day = Outings::day([
        'waters' => [['at' => '05:10', 'kind' => 'low', 'height_m' => 0.6], ['at' => '11:20', 'kind' => 'high', 'height_m' => 4.1]],
    ]);
    foreach (array_keys($day->outing->expected) as $rush) {
        $set = $day->setFor($rush);
        $turns = array_map(static fn (Deed $deed) => $day->worked($deed), $day->turns($rush));
        expect($set['has_turn'])->toBe($turns !== []);
        foreach ($turns as $worked) {
            expect($set['from'])->toBeLessThanOrEqual($worked->fromS)->and($set['until'])->toBeGreaterThanOrEqual($worked->untilS);
        }
        $steps = array_filter($day->steps[$rush], static fn (HoldStep $step): bool => $step->moment->unixS === $set['at']);
        expect(array_values($steps)[0]->planned)->not->toBeNull();
    }
    $told = DayDocument::of($day)['rushes'];
    $bar = array_column($told, null, 'spot')['bar'];
    expect(array_column($bar['checks'], 'message')[0])
        ->toStartWith('Be off Bar by 0')
        ->and($bar['checks'][0]['why'])
        ->toContain('official table')
        ->toContain('free from 05:10')
        ->and($bar['bands'][0]['words'])
        ->toContain('f/')
        ->toContain('ISO');

    // what never comes out has nothing to set, and what may come without a turn is set for its best hours
    $dark = Outings::day(['from' => '00:00', 'until' => '01:00', 'rushes' => [Outings::expected('a', Documents::rush(), 'turf', '00:00', '01:00', 5)]]);
    $none = Outings::day(['rushes' => [Outings::expected('a', Documents::rush(), 'turf', '07:00', '09:00', 0)]]);
    expect($dark->setFor(0))
        ->toBeNull()
        ->and($none->order->deeds)
        ->toBe([])
        ->and($none->setFor(0)['has_turn'] ?? null)
        ->toBeFalse();
});

it('says beside a rush why it has no turn, or has it when fewer of its frames come out', function () {
    $dim = Documents::rush(['name' => 'Dim', 'iso_ceiling' => 400]);
    $day = Outings::day([
        'until' => '13:00',
        'sky' => [['hour' => 4, 'sky' => 'clear'], ['hour' => 10, 'sky' => 'overcast']],
        'rushes' => [
            Outings::expected('dim', $dim, 'turf', '04:30', '13:00', 10),
            Outings::expected('terns', Documents::rush(['name' => 'Terns']), 'turf', '04:30', '10:30', 10, 20),
            Outings::expected('never', Documents::rush(['name' => 'Never']), 'turf', '06:00', '09:00', 1),
            Outings::expected('none', Documents::rush(['name' => 'None']), 'turf', '06:00', '09:00', 0),
        ],
    ]);
    $why = array_column(DayDocument::of($day)['rushes'], 'why', 'id');
    // under heavy cloud fewer come out than in the morning, which belongs to the terns
    expect($why['dim'])
        ->toStartWith('It is worked 10:30 to 13:00, when fewer of its frames come out: at 0')
        ->toContain('when it would bring most, Terns brings ')
        ->and($why['terns'])
        ->toBeNull()
        ->and($why['never'])
        ->toMatch('/^Not in the order: at 0\d:\d\d, when it would bring most, Terns brings \d+ sharp frames an hour and this \d+ sharp frames\.$/')
        ->and($why['none'])
        ->toBe('Not in the order: it has no chances an hour, or counts for nothing.');
});

it('says where a rush is planned for a distance that a spot does not usually give', function () {
    $spots = static fn (array $more): array => ['spots' => [Outings::spot('bar', 53.301, -6.1, 270, $more)]];
    $rush = Outings::expected('a', Documents::rush(['distance' => ['near_m' => 12, 'work_m' => 20, 'far_m' => 40]]), 'bar', '07:00', '09:00', 5);
    $says = static fn (array $more, Units $units = Units::Metric): string => DayDocument::of(Outings::day(['rushes' => [$rush]], $spots($more)), $units)['rushes'][0]['says'];
    expect($says(['near_m' => 60, 'far_m' => 90]))
        ->toEndWith('It is planned for 20 m; Bar usually gives from 60 m to 90 m.')
        ->and($says(['far_m' => 15]))
        ->toEndWith('Bar usually gives to 15 m.')
        ->and($says(['near_m' => 60], Units::Imperial))
        ->toEndWith('It is planned for 66 ft; Bar usually gives from 200 ft.')
        ->and($says(['near_m' => 10, 'far_m' => 30]))
        ->not->toContain('usually');
});

it('learns how bright a place is from readings under a sky that somebody has said', function () {
    $assumptions = Assumptions::with([]);
    expect(LearntOffset::from([], $assumptions))
        ->toBeNull()
        ->and(LearntOffset::from([0.8], $assumptions)->stops)
        ->toBe(0.4) // one reading says half
        ->and(LearntOffset::from([0.8], $assumptions)->spreadStops)
        ->toBe(0.0);
    $many = LearntOffset::from([0.6, 1.0, 0.8, 0.8, 0.6, 1.0, 0.8, 0.8, 0.8], $assumptions);
    expect($many->stops)->toBeTo(0.72)->and($many->readings)->toBe(9)->and($many->spreadStops)->toBeTo(sqrt(0.16 / 8));

    $residuals = static function (array $own, array $place = []) use ($assumptions): array {
        return Outing::fromArray(Reader::plain(Outings::document(['rushes' => []] + $own, $place)))
            ->conditions($assumptions)
            ->residuals();
    };
    $reckoned = Outings::day(['rushes' => []])->moments[(int) ((7 * 60 + 40 - 270) / 5)]->evOpen;
    $reading = ['metered' => [['at' => '07:40', 'ev100' => $reckoned + 1, 'spot' => 'bar']]];
    expect($residuals($reading)[0])
        ->toBeTo(1.0)
        // what the place is known to add already does not hide what it was
        ->and($residuals($reading, ['offset_stops' => 0.7])[0])
        ->toBeTo(1.0)
        ->and($residuals(['sky' => [['hour' => 4, 'sky' => 'clear', 'made_up' => true]]] + $reading))
        ->toBe([])
        ->and($residuals(['sky' => []] + $reading))
        ->toBe([]);
});

it('reckons a day in which no frame that is too dark may be brought up, and walks that take no time', function () {
    $dark = ['from' => '03:00', 'until' => '05:30', 'walks' => [['from' => 'bar', 'to' => 'turf', 'minutes' => 0]]];
    $dark['rushes'] = [Outings::expected('terns', Documents::rush(), 'turf', '03:00', '05:30', 10)];
    $usual = Outings::day($dark);
    $none = Outings::day($dark, assumed: ['odds.dark' => 0.0]);
    // where nothing is brought up, what is too dark is lost, and what is lit well is not
    expect($usual->order->worth)->toBeGreaterThan(0.0)->and($none->order->worth)->toBeLessThan($usual->order->worth);
    $light = ['from' => '09:00', 'until' => '11:00', 'rushes' => [Outings::expected('terns', Documents::rush(), 'turf', '09:00', '11:00', 10)]];
    expect(Outings::day($light, assumed: ['odds.dark' => 0.0])->order->worth)->toBe(Outings::day($light)->order->worth);
    expect(fn () => Outings::day(['walks' => [['from' => 'bar', 'to' => 'turf', 'minutes' => -1]]]))->toThrow(Fault::class, 'walks');
});
