<?php

declare(strict_types=1);

use RushHold\Document\Reader;
use RushHold\Faults\TurnsOutOfOrder;
use RushHold\Faults\WaterMissing;
use RushHold\Outing\Day;
use RushHold\Outing\LocalDay;
use RushHold\Outing\SpotState;
use RushHold\Outing\TideRule;
use RushHold\Outing\TurnKind;
use RushHold\Outing\Water;
use RushHold\Outing\WaterStretch;
use RushHold\Outing\WaterTurn;
use RushHold\Outing\Window;
use RushHold\Wording\Outing\DayDocument;
use RushHold\Wording\Units;
use Tests\Support\Documents;
use Tests\Support\Outings;

/** @return array{at: string, kind: string, height_m: float} */
function turn(string $at, string $kind, float $heightM, ?int $day = null): array
{
    return ['at' => $at, 'kind' => $kind, 'height_m' => $heightM] + ($day === null ? [] : ['day' => $day]);
}

/**
 * A day of gulls at a bar that is cut off at 3 m, and a dyke beside it.
 *
 * @param  list<array<string, mixed>>  $waters
 * @param  array<string, mixed>  $own
 * @param  array<string, mixed>  $bar
 */
function atTheBar(string $from, string $until, array $waters, array $own = [], array $bar = [], bool $withDyke = true): Day
{
    $spots = [Outings::spot('bar', 53.301, -6.1, 270, $bar + ['cut_off_m' => 3.0])];
    if ($withDyke) {
        $spots[] = Outings::spot('dyke', 53.305, -6.11, 90);
    }

    return Outings::day(
        $own + ['from' => $from, 'until' => $until, 'waters' => $waters, 'rushes' => [Outings::expected('gull', Documents::rush(['name' => 'Gull']), 'bar', $from, $until, 10)]],
        ['spots' => $spots],
    );
}

/** @return list<string> what is worked: 06:25–08:30 bar */
function stood(array $told): array
{
    return array_map(static fn (array $stay): string => substr($stay['from'], 11, 5).'–'.substr($stay['until'], 11, 5).' '.$stay['spot'], $told['order']['stays']);
}

const LOW = ['05:50', 'low', 0.5];
const HIGH = ['12:00', 'high', 5.2];

it('rises and falls by either rule between two waters, and knows nothing before the first and after the last', function () {
    $turns = [new WaterTurn(0.0, TurnKind::Low, 1.0), new WaterTurn(6 * 3600.0, TurnKind::High, 4.0), new WaterTurn(12 * 3600.0, TurnKind::Low, 0.5)];
    foreach (TideRule::cases() as $rule) {
        $water = Water::through($turns, $rule);
        expect([$water->heightM(0.0), $water->heightM(6 * 3600.0), $water->heightM(12 * 3600.0)])
            ->toBe([1.0, 4.0, 0.5])
            ->and($water->heightM(3 * 3600.0))
            ->toBeTo(2.5)
            ->and($water->heightM(-1.0))
            ->toBeNull()
            ->and($water->heightM(12 * 3600.0 + 1))
            ->toBeNull();
        // unknown, open, shut from half way up to half way down (2.25 m), open, unknown
        $stretches = $water->stretches(2.5);
        expect(array_map(static fn (WaterStretch $one): string => $one->state->value, $stretches))
            ->toBe(['unknown', 'open', 'shut', 'open', 'unknown'])
            ->and($stretches[2]->stretch->fromS)
            ->toEqualWithDelta(3 * 3600.0, 1.0)
            ->and($water->heightM($stretches[2]->stretch->untilS))
            ->toEqualWithDelta(2.5, 1e-6)
            ->and($stretches[0]->stretch->fromS)
            ->toBe(-INF)
            ->and($stretches[4]->stretch->untilS)
            ->toBe(INF);
    }
    // a twelfth in the first hour, three in the third
    $twelfths = Water::through($turns, TideRule::Twelfths);
    expect($twelfths->heightM(3600.0))
        ->toBeTo(1.25)
        ->and($twelfths->heightM(2 * 3600.0))
        ->toBeTo(1.75)
        // water that just comes up to it shuts, were it for a moment
        ->and($twelfths->stretches(4.0)[2]->state)
        ->toBe(SpotState::Shut)
        ->and(count($twelfths->stretches(4.01)))
        ->toBe(3)
        // one water says nothing, and none neither
        ->and(Water::through([$turns[0]])->stretches(9.0)[0]->state)
        ->toBe(SpotState::Unknown)
        ->and(Water::none()->heightM(0.0))
        ->toBeNull();
});

it('goes on as tides usually do only where that is asked for: each kind half a lunar day on, a little higher', function () {
    $turns = [new WaterTurn(0.0, TurnKind::Low, 1.0), new WaterTurn(18_000.0, TurnKind::High, 4.0)];
    expect(Water::through($turns)->goneOn(0.1)->turns)->toHaveCount(2);
    $on = Water::through($turns, goesOn: true)->goneOn(0.1);
    // a flood of five hours is followed by an ebb of seven and a half, not by one of five
    expect(array_map(static fn (WaterTurn $turn): array => [$turn->atS, $turn->kind->value, round($turn->heightM, 3), $turn->isReckoned], $on->turns))
        ->toBe([
            [-44_714.0, 'low', 1.3, true],
            [-26_714.0, 'high', 4.3, true],
            [0.0, 'low', 1.0, false],
            [18_000.0, 'high', 4.0, false],
            [44_714.0, 'low', 1.3, true],
            [62_714.0, 'high', 4.3, true],
        ])
        ->and($on->isReckonedAt(9000.0))
        ->toBeFalse()
        ->and($on->isReckonedAt(20_000.0))
        ->toBeTrue();
    // one high water a day comes again a day later
    $daily = Water::through([new WaterTurn(0.0, TurnKind::Low, 1.0), new WaterTurn(43_200.0, TurnKind::High, 2.0)], goesOn: true)->goneOn(0.0);
    expect($daily->turns[4]->atS)->toBe(89_428.0)
        // and one water alone goes nowhere
        ->and(Water::through([$turns[0]], goesOn: true)->goneOn(0.1)->turns)
        ->toHaveCount(1);
});

it('gives each water its day: the next time after the one before, from the date on, or where the series touches the hours', function (string $from, string $until, array $waters, array $days) {
    $day = LocalDay::of('2026-05-16', 'Europe/Dublin');
    $entries = array_map(static fn (array $one): Reader => Reader::of($one, 'waters'), $waters);
    $water = Water::read($entries, Window::of($day, $from, $until), TideRule::Cosine);
    expect(array_map(static fn (WaterTurn $turn): int => $day->daysUntil($turn->atS), $water->turns))->toBe($days);
})->with([
    'in the day' => ['05:00', '12:00', [turn(...LOW), turn(...HIGH)], [0, 0]],
    'over midnight' => ['20:00', '07:00', [turn('19:20', 'low', 1), turn('01:40', 'high', 4), turn('08:00', 'low', 1)], [0, 1, 1]],
    'all of it after midnight' => ['20:00', '07:00', [turn('01:40', 'high', 4), turn('07:50', 'low', 1)], [1, 1]],
    'one alone after midnight' => ['20:00', '03:00', [turn('00:40', 'high', 4)], [1]],
    'from the evening before' => ['04:30', '12:00', [turn('23:10', 'high', 4), turn('05:20', 'low', 1), turn('11:30', 'high', 4)], [-1, 0, 0]],
    // the table of the date stays of the date, though tomorrow's times would lie in the night
    'the whole date before a night' => ['20:00', '04:00', [turn('01:00', 'high', 4), turn('07:10', 'low', 1), turn('13:20', 'high', 4), turn('19:30', 'low', 1)], [0, 0, 0, 0]],
    'said' => ['20:00', '04:00', [turn('01:00', 'high', 4, 1), turn('07:10', 'low', 1)], [1, 1]],
    'said of the day before' => ['05:00', '12:00', [turn('22:00', 'high', 4, -1), turn('04:10', 'low', 1)], [-1, 0]],
    'none' => ['05:00', '12:00', [], []],
]);

it('refuses waters that do not follow each other, and names the first that does not', function (array $waters, string $fault, string $says) {
    expect(fn () => atTheBar('05:00', '12:00', $waters))->toThrow($fault, $says);
})->with([
    'one missing between' => [[turn('10:00', 'high', 4), turn('09:00', 'low', 1)], WaterMissing::class, '23.0 hours after the water before it'],
    'the same time again, so of the next day' => [[turn('05:00', 'low', 1), turn('05:00', 'high', 4)], WaterMissing::class, '24.0 hours after the water before it'],
    'two high ones' => [[turn('05:00', 'high', 4), turn('11:00', 'high', 5)], TurnsOutOfOrder::class, 'waters.1.at'],
    'a high lower than the low' => [[turn('05:00', 'low', 2), turn('11:00', 'high', 1)], TurnsOutOfOrder::class, 'waters.1.at'],
    'a day before the one before' => [[turn('05:00', 'low', 2, 0), turn('11:00', 'high', 4, -1)], TurnsOutOfOrder::class, 'waters.1.at'],
    'no day of the outing' => [[turn('05:00', 'low', 2, 9)], RushHold\Faults\Fault::class, 'waters.0.day'],
]);

// each of these sent somebody into the water
it('takes water that no typed waters cover for high, and says what to type', function () {
    $day = atTheBar('05:00', '23:55', [turn(...LOW), turn(...HIGH)]);
    $told = DayDocument::of($day);
    // from low water on, with a quarter of an hour to spare and the way, until both are left before the cut
    expect(stood($told))
        ->toBe(['06:25–08:30 bar'])
        ->and($told['rushes'][0]['water'])
        ->toBe('Not known before 05:50, and so taken as cut off: type the high water before it; free from 05:50 to 09:02: be there from 06:22, be off by 08:31; cut off 09:02 to 12:00; not known after 12:00, and so taken as cut off: type the low water after it.')
        ->and(array_column($told['spots'][0]['states'], 'state'))
        ->toBe(['unknown', 'open', 'shut', 'unknown'])
        ->and($told['rushes'][0]['says'])
        ->toBe('Its hold keeps its promise from 06:25 to 08:30.')
        ->and($told['moments'][200]['water_m'])
        ->toBeNull();
});

it('says that one water alone, or none, tells nothing, and leaves the spot out', function (array $waters, string $water, string $caution) {
    $told = DayDocument::of(atTheBar('06:00', '20:00', $waters));
    expect($told['order']['stays'])
        ->toBe([])
        ->and($told['rushes'][0]['water'])
        ->toContain($water)
        ->and($told['rushes'][0]['why'])
        ->toBe('Not in the order: nobody has said whether the water cuts off Bar while something would come out.')
        ->and($told['rushes'][0]['set'])
        ->toBeNull()
        ->and($told['rushes'][0]['checks'][0]['message'])
        ->toBe('Do not go to Bar: it is cut off, or nobody knows')
        ->and(implode(' ', $told['cautions']))
        ->toContain($caution)
        ->toContain('Wind, low pressure and a river in flood');
})->with([
    'one' => [[turn(...HIGH)], 'only the high water at 12:00 (5.2 m) is typed', 'Of the waters only the high water at 12:00 (5.2 m) is typed.'],
    'none' => [[], 'type the high and low waters of the day', 'No high or low water is typed for this day'],
]);

it('looks beyond the day, and counts the walk off', function () {
    $walk = ['walks' => [['from' => 'bar', 'to' => 'dyke', 'minutes' => 30]]];
    // cut off at 09:02, two minutes after the day: off by 09:02 less a quarter of an hour and the half hour of the way
    $told = DayDocument::of(atTheBar('06:00', '09:00', [turn(...LOW), turn(...HIGH)], $walk));
    expect($told['order']['stays'][0]['be_off'])
        ->toBe('2026-05-16T08:17:00+01:00')
        ->and(stood($told))
        ->toBe(['06:35–08:15 bar'])
        ->and($told['rushes'][0]['water'])
        ->toBe('Free until 09:02, after your day: be there from 06:35, be off by 08:17.')
        ->and($told['cut_off'][0])
        ->toBe(['spot' => 'bar', 'from' => '2026-05-16T09:02:00+01:00', 'until' => '2026-05-16T12:00:00+01:00'])
        // on to it and off it, both over ground the water takes
        ->and(array_map(static fn (array $way): array => [$way['from_spot'], $way['to_spot'], substr($way['leaves'], 11, 5), substr($way['arrives'], 11, 5)], $told['order']['ways']))
        ->toBe([['dyke', 'bar', '06:05', '06:35'], ['bar', 'dyke', '08:15', '08:45']]);

    // a walk of 75 minutes leaves next to nothing of three hours
    $far = DayDocument::of(atTheBar('05:00', '12:00', [turn(...LOW), turn(...HIGH)], ['walks' => [['from' => 'bar', 'to' => 'dyke', 'minutes' => 75]]]));
    expect(stood($far))->toBe(['07:20–07:30 bar'])->and($far['order']['stays'][0]['be_off'])->toContain('T07:32');
    $farther = DayDocument::of(atTheBar('05:00', '12:00', [turn(...LOW), turn(...HIGH)], ['walks' => [['from' => 'bar', 'to' => 'dyke', 'minutes' => 85]]]));
    expect($farther['order']['stays'])
        ->toBe([])
        ->and($farther['rushes'][0]['why'])
        ->toContain('free for too short a while to walk there and back');
});

it('says that a spot is cut off when one begins, and when it is free, and goes there only when the way is free', function () {
    $waters = [turn(...LOW), turn(...HIGH), turn('18:10', 'low', 0.4), turn('00:25', 'high', 5.0)];
    $told = DayDocument::of(atTheBar('10:00', '19:00', $waters, ['walks' => [['from' => 'bar', 'to' => 'dyke', 'minutes' => 75]]]));
    expect($told['rushes'][0]['water'])
        ->toStartWith('Cut off when you begin, free from 14:56 to 21:33, after your day: be there from 16:26, be off by 20:03.')
        ->and(stood($told))
        ->toBe(['16:30–19:00 bar'])
        ->and($told['order']['ways'][0]['leaves'])
        ->toContain('T15:15')
        ->and(implode(' ', $told['cautions']))
        ->not->toContain('leave by 09:30')
        ->toContain('high water at 00:25 next day (5 m)');
});

it('waits for the water at both spots, and says what that buys', function () {
    $spots = ['spots' => [Outings::spot('bar', 53.301, -6.1, 270, ['cut_off_m' => 3.0]), Outings::spot('spit', 53.303, -6.1, 270, ['cut_off_m' => 3.2])]];
    $rush = static fn (string $id, string $spot, string $from, string $until): array => Outings::expected($id, Documents::rush(['name' => ucfirst($id)]), $spot, $from, $until, 10);
    $waters = [turn('00:10', 'high', 4.8), turn(...LOW), turn(...HIGH), turn('18:10', 'low', 0.4), turn('00:25', 'high', 5.0)];
    $both = DayDocument::of(Outings::day(['from' => '05:00', 'until' => '19:00', 'waters' => $waters, 'rushes' => [$rush('gull', 'bar', '06:00', '09:00'), $rush('tern', 'spit', '15:30', '19:00')]], $spots));
    expect(stood($both))->toBe(['06:00–08:25 bar', '15:30–19:00 spit']);
    $wait = $both['order']['stays'][0]['wait'];
    expect($wait['spot'])
        ->toBeNull()
        ->and($wait['for'])
        ->toBe('hours')
        ->and($wait['gain'])
        ->toEqualWithDelta($both['order']['stays'][1]['worth'], 1e-6);

    // and at one spot with the tide in the middle of its hours
    $one = DayDocument::of(Outings::day(['from' => '06:00', 'until' => '19:00', 'waters' => $waters, 'rushes' => [$rush('gull', 'bar', '06:00', '19:00')]], $spots));
    expect(stood($one))
        ->toBe(['06:00–08:25 bar', '15:35–19:00 bar'])
        ->and($one['order']['stays'][0]['wait']['for'])
        ->toBe('water')
        ->and($one['order']['stays'][1]['wait'])
        ->toBeNull();
});

it('goes on beyond the last water only when asked, says so, and keeps wider margins', function () {
    $waters = [turn(...LOW), turn(...HIGH)];
    $told = DayDocument::of(atTheBar('05:00', '21:00', $waters, ['waters_go_on' => true]));
    expect(stood($told))
        ->toHaveCount(2)
        ->and($told['rushes'][0]['water'])
        ->toContain('(reckoned)')
        ->and(implode(' ', $told['cautions']))
        ->toContain('before and after as tides usually do')
        ->toContain('45 min where a water is only reckoned')
        ->and($told['waters'][5])
        ->toMatchArray(['kind' => 'high', 'reckoned' => true])
        ->and($told['moments'][180]['water_reckoned'])
        ->toBeTrue();
    // three quarters of an hour and the way, after the water that is reckoned has gone
    $free = array_values(array_filter($told['spots'][0]['states'], static fn (array $one): bool => $one['state'] === 'open'));
    expect((strtotime($told['spots'][0]['stands'][1]['from']) - strtotime($free[1]['from'])) / 60)
        ->toBeGreaterThan(45 + 16)
        ->toBeLessThan(45 + 18);
});

it('knows the way off: typed, to the nearest dry spot, over slower ground, or assumed where there is none', function () {
    $of = static fn (Day $day): array => [round($day->waters['bar']->wayOff->minutes, 1), $day->waters['bar']->wayOff->spot, $day->waters['bar']->wayOff->known->value];
    $waters = [turn(...LOW), turn(...HIGH)];
    // 799 m at 1.1 m/s and three quarters of that on sand
    expect($of(atTheBar('06:00', '09:00', $waters)))
        ->toBe([16.2, 'dyke', 'reckoned'])
        ->and($of(atTheBar('06:00', '09:00', $waters, [], ['way_off_minutes' => 8])))
        ->toBe([8.0, null, 'typed'])
        ->and($of(atTheBar('06:00', '09:00', $waters, ['walks' => [['from' => 'dyke', 'to' => 'bar', 'minutes' => 40]]])))
        ->toBe([40.0, 'dyke', 'typed'])
        // the place itself is 111 m away, and whether it is dry nobody has said
        ->and($of(atTheBar('06:00', '09:00', $waters, withDyke: false)))
        ->toBe([20.0, null, 'assumed'])
        ->and(implode(' ', DayDocument::of(atTheBar('06:00', '09:00', $waters, withDyke: false))['cautions']))
        ->toContain('which nobody has said: an assumed while, type the way');
    $mud = Outings::day(['rushes' => []], ['ground' => 'marsh', 'spots' => [Outings::spot('bar', 53.301, -6.1, 270, ['cut_off_m' => 3.0]), Outings::spot('dyke', 53.305, -6.11, 90)]]);
    expect($mud->waters['bar']->wayOff->minutes)->toEqualWithDelta(16.15 * 1.5, 0.1);
});

it('warns of a high water that stays only a little lower, and of a time that comes twice', function () {
    $near = DayDocument::of(atTheBar('06:00', '12:00', [turn(...LOW), turn('12:00', 'high', 2.9)]), Units::Imperial);
    expect(implode(' ', $near['cautions']))
        ->toContain('stays only 3.9 in under what cuts off Bar: wind or low pressure can lift it so far')
        ->and($near['rushes'][0]['water'])
        ->toStartWith('Free until 12:00 at the least');
    $twice = atTheBar('22:00', '08:00', [turn('18:50', 'low', 0.5), turn('01:20', 'high', 5.2), turn('07:30', 'low', 0.5)], ['date' => '2026-10-24']);
    $once = atTheBar('22:00', '08:00', [turn('18:50', 'low', 0.5), turn('01:20', 'high', 5.2), turn('07:30', 'low', 0.5)], ['date' => '2026-10-17']);
    $kept = static fn (Day $day): float => $day->waters['bar']->stands[1]->fromS - $day->waters['bar']->stands[0]->untilS;
    expect(implode(' ', DayDocument::of($twice)['cautions']))
        ->toContain('The clocks go back that night and 01:20 comes twice: both are kept out of.')
        ->and($kept($twice))
        ->toBeGreaterThan($kept($once) + 1000);
});

it('keeps a walk from one bar to another off the ground of both, all the way', function () {
    $rush = static fn (string $id, string $spot, string $from, string $until, float $perHour): array => Outings::expected($id, Documents::rush(['name' => ucfirst($id)]), $spot, $from, $until, $perHour);
    $day = DayDocument::of(Outings::day(
        ['from' => '06:00', 'until' => '11:00', 'waters' => [turn(...LOW), turn(...HIGH)], 'walks' => [['from' => 'bar', 'to' => 'spit', 'minutes' => 60]], 'rushes' => [$rush('gull', 'bar', '06:00', '09:00', 10), $rush('tern', 'spit', '09:00', '10:00', 30)]],
        // dry ground is near either of them, and between them one walks an hour over the flats
        ['spots' => [Outings::spot('bar', 53.301, -6.1, 270, ['cut_off_m' => 3.0, 'way_off_minutes' => 5]), Outings::spot('spit', 53.303, -6.1, 270, ['cut_off_m' => 6.0, 'way_off_minutes' => 55])]],
    ));
    expect(stood($day))->toContain('09:00–10:00 spit');
    $leaves = array_values(array_filter($day['order']['ways'], static fn (array $way): bool => $way['from_spot'] === 'bar'))[0];
    // the bar is cut off at 09:02: the hour from it to the spit is over by then, or one goes ashore first
    expect(substr($leaves['arrives'], 11, 5))->toBeLessThanOrEqual('08:47', (string) json_encode($day['order']['ways']));
});
