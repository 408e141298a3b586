<?php

declare(strict_types=1);

use RushHold\Outing\Day;
use RushHold\Wording\Outing\DayDocument;
use Tests\Support\Documents;
use Tests\Support\Outings;

/**
 * A night or a day of one rush at one dry spot, wherever it may be.
 *
 * @param  array<string, mixed>  $own
 * @param  array<string, mixed>  $place
 */
function outThere(array $own, array $place, string $from, string $until): Day
{
    return Outings::day(
        $own + ['rushes' => [['own_light' => true] + Outings::expected('owl', Documents::rush(['name' => 'Owl']), 'post', $from, $until, 4)]],
        $place + ['spots' => [Outings::spot('post', (float) ($place['latitude_deg'] ?? 53.3), (float) ($place['longitude_deg'] ?? -6.1), 0)]],
    );
}

const CIRCLE = ['latitude_deg' => 69.94, 'longitude_deg' => 15.2, 'zone' => 'Europe/Oslo'];

it('gives rush hours, readings and waters past midnight the next day', function () {
    $night = ['date' => '2026-06-21', 'from' => '20:00', 'until' => '04:00', 'metered' => [['at' => '00:30', 'ev100' => 9, 'spot' => 'post'], ['at' => '19:40', 'ev100' => 12, 'spot' => 'post']]];
    $told = DayDocument::of(outThere($night, CIRCLE, '00:30', '03:30'));
    expect($told['rushes'][0]['first'])
        ->toBe(54)
        ->and($told['rushes'][0]['hours'][0]['from'])
        ->toBe('2026-06-22T00:30:00+02:00')
        ->and(count($told['rushes'][0]['along']))
        ->toBe(36)
        ->and($told['order']['stays'][0]['until'])
        ->toBe('2026-06-22T03:30:00+02:00')
        ->and($told['order']['says'])
        ->toBe('00:30 to 03:30 next day Owl from Post.')
        // a reading before one begins stays before it, one of the night is of the night
        ->and($told['metered'])
        ->toBe(['2026-06-22T00:30:00+02:00', '2026-06-21T19:40:00+02:00'])
        ->and($told['moments'][54]['ev100'])
        ->toBeTo(9.0);
    // hours that began before, that come again at the other end, and that lie outside
    expect(DayDocument::of(outThere($night, CIRCLE, '18:00', '22:00'))['rushes'][0]['along'])
        ->toHaveCount(24)
        ->and(DayDocument::of(outThere(['from' => '20:00', 'until' => '19:00'] + $night, CIRCLE, '18:00', '22:00'))['rushes'][0]['hours'])
        ->toHaveCount(2);
    $outside = DayDocument::of(outThere($night, CIRCLE, '05:00', '12:00'))['rushes'][0];
    expect($outside['says'])
        ->toBe('Its hours, 05:00–12:00, lie outside of yours, 20:00 to 04:00 next day.')
        ->and($outside['first'])
        ->toBeNull()
        ->and($outside['why'])
        ->toContain('lie outside');
});

it('leaves a gap between the hours of both ends of a long night, and counts no step twice', function () {
    $told = DayDocument::of(outThere(['date' => '2026-12-05', 'from' => '20:00', 'until' => '19:00'], [], '18:00', '21:00'));
    $along = $told['rushes'][0]['along'];
    expect(count(array_filter($along)))
        ->toBe(24)
        ->and($along[0])
        ->not->toBeNull()
        ->and($along[12])
        ->toBeNull()
        ->and($told['rushes'][0]['bands'])
        ->toHaveCount(2);
});

it('counts the last step as what it is', function (string $from, string $until, string $rushUntil, float $hours) {
    $day = outThere(['from' => $from, 'until' => $until], [], $from, $rushUntil);
    $step = $day->steps[0][0];
    $told = DayDocument::of($day);
    expect($told['order']['worth'])
        ->toEqualWithDelta($step->worth * $hours, 1e-6)
        ->and($told['order']['stays'][0]['until'])
        ->toContain("T{$rushUntil}:00")
        ->and($told['rushes'][0]['bands'][0]['until'])
        ->toContain("T{$rushUntil}:00");
})->with([
    'on the hour' => ['05:00', '12:00', '09:00', 4.0],
    'a window of 20 minutes' => ['05:00', '05:20', '05:20', 1 / 3],
    'of 7 minutes' => ['05:00', '05:07', '05:07', 7 / 60],
    'between two steps' => ['05:03', '12:00', '09:00', 3.95],
]);

it('tells sun and moon of the hours that are worked, by night, in polar day and night, behind a ridge', function (array $own, array $place, string $says) {
    expect(DayDocument::of(outThere($own, $place, '00:00', '00:00'))['sun']['says'])->toBe($says);
})->with([
    // the set and the rise of the night that is worked, not those of the date
    'a night' => [['date' => '2026-06-02', 'from' => '22:00', 'until' => '06:00'], CIRCLE, 'The sun does not set.'],
    'a night with a short sunset' => [['date' => '2026-05-21', 'from' => '22:00', 'until' => '04:00'], ['latitude_deg' => 67.5] + CIRCLE, 'Sunset 23:32, sunrise 02:18 next day.'],
    'an evening' => [['date' => '2026-05-16', 'from' => '18:00', 'until' => '20:00'], [], 'Sunrise 05:23, before you begin, sunset 21:19, after your day.'],
    'polar night' => [['date' => '2026-12-21', 'from' => '06:00', 'until' => '18:00'], CIRCLE, 'The sun does not rise; there is twilight from 09:52 to 14:02. The moon, 88 % lit, is up all the while.'],
    'polar night, evening' => [['date' => '2026-12-21', 'from' => '18:00', 'until' => '20:00'], CIRCLE, 'The sun does not rise; and there is no twilight to work in. The moon, 92 % lit, is up all the while.'],
    'a ridge' => [['date' => '2026-03-29', 'from' => '06:00', 'until' => '20:30'], ['latitude_deg' => 45.92, 'longitude_deg' => 6.87, 'zone' => 'Europe/Paris', 'horizon' => [['azimuth_deg' => 60, 'altitude_deg' => 25], ['azimuth_deg' => 150, 'altitude_deg' => 18], ['azimuth_deg' => 300, 'altitude_deg' => 18]]], 'Sunrise 07:18, sunset 19:56. The sun comes over what stands around at 09:26, goes behind it at 18:07. The moon, 84 % lit, rises 16:05.'],
]);

it('goes over changes of the clocks and the date line', function () {
    // an hour less in spring, one more in autumn
    expect(outThere(['date' => '2026-03-28', 'from' => '22:00', 'until' => '06:00'], [], '22:00', '06:00')->order->worth)
        ->toBeGreaterThan(0.0)
        ->and(count(outThere(['date' => '2026-03-28', 'from' => '22:00', 'until' => '06:00'], [], '22:00', '06:00')->moments))
        ->toBe(7 * 12 + 1)
        ->and(count(outThere(['date' => '2026-10-24', 'from' => '22:00', 'until' => '06:00'], [], '22:00', '06:00')->moments))
        ->toBe(9 * 12 + 1);
    $line = Outings::day(
        ['date' => '2026-07-01', 'from' => '06:00', 'until' => '18:00', 'rushes' => []],
        ['latitude_deg' => -17.0, 'longitude_deg' => 180.0, 'zone' => 'Pacific/Fiji', 'spots' => [Outings::spot('a', -17.0, 179.995, 0, ['cut_off_m' => 1.0]), Outings::spot('b', -17.0, -179.995, 0)]],
    );
    // 1063 m over the line, on sand
    expect($line->waters['a']->wayOff->minutes)->toEqualWithDelta(1063.4 / (1.1 * 0.75) / 60, 0.1);
});
