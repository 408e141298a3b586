<?php

declare(strict_types=1);

use RushHold\Assumptions\Assumptions;
use RushHold\Calculation\Calculations;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Light\Angle;
use RushHold\Light\Cover;
use RushHold\Light\Daylight;
use RushHold\Light\Fog;
use RushHold\Light\Horizon;
use RushHold\Light\LightSide;
use RushHold\Light\Moon;
use RushHold\Light\MoonEvent;
use RushHold\Light\Observer;
use RushHold\Light\SkyDay;
use RushHold\Light\Sun;
use RushHold\Light\SunDay;
use RushHold\Light\SunEventKind;
use RushHold\Light\Turbulence;
use RushHold\Rush\Ground;
use RushHold\Rush\Sky;

/** Seconds since 1970 of a moment. */
function moment(string $text): float
{
    return (float) (new DateTimeImmutable($text))->getTimestamp();
}

it('finds the sun where an independent ephemeris has it, at 500 places and moments', function () {
    // latitude, longitude, moment, altitude without and with refraction, azimuth, what the sun does in the next day
    $cases = json_decode((string) file_get_contents(__DIR__.'/cases/sun.json'), true);
    $events = 0;
    foreach ($cases as [$latitude, $longitude, $at, $altitude, $apparent, $azimuth, $expected]) {
        $observer = Observer::at($latitude, $longitude);
        $sun = Sun::at($observer, $at);
        $case = "{$latitude} {$longitude} {$at}";
        expect(abs($sun->altitudeDeg - $altitude))
            ->toBeLessThan(0.02, $case)
            ->and(Angle::between($sun->azimuthDeg, $azimuth) * cos(deg2rad($altitude)))
            ->toBeLessThan(0.02, $case);
        if ($apparent > 0) {
            expect(abs($sun->apparentDeg() - $apparent))->toBeLessThan(0.02, $case);
        }
        $found = array_values(
            array_filter(
                SunDay::between($observer, $at, $at + 86_400)->events,
                static fn ($event): bool => $event->kind !== SunEventKind::Lowest,
            ),
        );
        expect(array_map(static fn ($event): string => $event->kind->value, $found))->toBe(
            array_column($expected, 0),
            $case,
        );
        foreach ($expected as $number => [, $when]) {
            expect(abs($found[$number]->unixS - $when))->toBeLessThan(15.0, $case);
            $events++;
        }
    }
    expect(count($cases))->toBe(500)->and($events)->toBeGreaterThan(2000);
});

it('finds the moon where an independent ephemeris has it, how much of it is lit, and when it rises and sets', function () {
    // latitude, longitude, moment, altitude, azimuth, share lit, rises and sets of the next day
    $cases = json_decode((string) file_get_contents(__DIR__.'/cases/moon.json'), true);
    $events = 0;
    foreach ($cases as [$latitude, $longitude, $at, $altitude, $azimuth, $lit, $expected]) {
        $observer = Observer::at($latitude, $longitude);
        $moon = Moon::at($observer, $at);
        $case = "{$latitude} {$longitude} {$at}";
        expect(abs($moon->altitudeDeg - $altitude))
            ->toBeLessThan(0.05, $case)
            ->and(Angle::between($moon->azimuthDeg, $azimuth) * cos(deg2rad($altitude)))
            ->toBeLessThan(0.05, $case)
            ->and(abs($moon->lit - $lit))
            ->toBeLessThan(0.002, $case);
        $found = SkyDay::around($observer, Horizon::flat(), $at, $at + 86_400)->moon;
        expect(array_map(static fn (MoonEvent $event): bool => $event->rises, $found))->toBe(array_column($expected, 0), $case);
        foreach ($expected as $number => [, $when]) {
            expect(abs($found[$number]->unixS - $when))->toBeLessThan(60.0, $case);
            $events++;
        }
    }
    expect(count($cases))->toBe(80)->and($events)->toBeGreaterThan(140);
});

it('knows when the sun comes over a ridge and goes behind it, and what it did before and does after the hours one is out', function () {
    $valley = Observer::at(45.92, 6.87);
    $ridge = Horizon::through([[60, 25], [150, 18], [210, 18], [300, 25]]);
    [$from, $until] = [moment('2026-03-20T05:00Z'), moment('2026-03-20T19:00Z')];
    $day = SkyDay::around($valley, $ridge, $from, $until);
    [$over] = $day->of(SunEventKind::Over);
    [$behind] = $day->of(SunEventKind::Behind);
    [$rise] = $day->of(SunEventKind::Rise);
    foreach ([$over, $behind] as $event) {
        $sun = Sun::at($valley, $event->unixS);
        expect($sun->apparentDeg())->toEqualWithDelta($ridge->altitudeDeg($sun->azimuthDeg), 0.01)->toBeGreaterThan(17.0);
    }
    expect($over->unixS - $rise->unixS)
        ->toBeGreaterThan(1.5 * 3600)
        ->and($ridge->hides(Sun::at($valley, $over->unixS - 120)))
        ->toBeTrue()
        ->and($ridge->hides(Sun::at($valley, $over->unixS + 120)))
        ->toBeFalse()
        ->and($ridge->hides(Sun::at($valley, $behind->unixS + 120)))
        ->toBeTrue()
        // over a flat horizon it rises, and nothing else
        ->and(SkyDay::around($valley, Horizon::flat(), $from, $until)->of(SunEventKind::Over))
        ->toBe([]);
    $noon = SkyDay::around($valley, $ridge, moment('2026-03-20T10:00Z'), moment('2026-03-20T12:00Z'));
    expect([$noon->before?->kind, $noon->after?->kind])->toBe([SunEventKind::Rise, SunEventKind::Set])
        ->and($noon->of(SunEventKind::Over))
        ->toBe([]);
});

it('knows days on which the sun does not set, or does not rise', function () {
    $north = Observer::at(70.0, 25.0);
    $summer = SunDay::between($north, moment('2026-06-21T00:00Z'), moment('2026-06-22T00:00Z'));
    $winter = SunDay::between($north, moment('2026-12-21T00:00Z'), moment('2026-12-22T00:00Z'));
    $spring = SunDay::between($north, moment('2026-03-21T00:00Z'), moment('2026-03-22T00:00Z'));

    expect([$summer->neverSets(), $summer->neverRises(), $summer->first(SunEventKind::Rise)])
        ->toBe([true, false, null])
        ->and([$winter->neverSets(), $winter->neverRises(), $winter->first(SunEventKind::Set)])
        ->toBe([false, true, null])
        ->and([$spring->neverSets(), $spring->neverRises()])
        ->toBe([false, false])
        ->and($winter->first(SunEventKind::Transit))
        ->not->toBeNull()
        // even then there is some twilight at noon
        ->and($winter->first(SunEventKind::Dawn))
        ->not->toBeNull();
    foreach ([90.0, -90.0] as $pole) {
        $day = SunDay::between(Observer::at($pole, 0.0), moment('2026-06-21T00:00Z'), moment('2026-06-22T00:00Z'));
        expect([$day->neverSets(), $day->neverRises()])->toBe([$pole > 0, $pole < 0]);
    }
});

it('lifts what is seen over the horizon, smoothly across it and never far', function () {
    $observer = Observer::at(0.0, 0.0);
    $before = null;
    for ($at = moment('2026-03-20T05:30Z'); $at < moment('2026-03-20T12:10Z'); $at += 20) {
        $sun = Sun::at($observer, $at);
        $lift = $sun->apparentDeg() - $sun->altitudeDeg;
        expect($lift)->toBeGreaterThan(-0.001)->toBeLessThan(0.62);
        if ($before !== null) {
            expect(abs($lift - $before))->toBeLessThan(0.09);
        }
        $before = $lift;
    }
    expect(Sun::refractionDeg(0.0) * 60)
        ->toEqualWithDelta(34.5, 0.1)
        ->and(Sun::refractionDeg(90.0))
        ->toEqualWithDelta(0.0, 0.002);
});

it('has the reference values of shimmer and fog to six figures', function () {
    foreach (
        [
            [1e-13, 100, 40.7752, 13.2188, 7.9313e-3],
            [1e-13, 30, 83.9699, 6.419, 3.8514e-3],
            [1e-12, 100, 10.2423, 52.625, 31.575e-3],
            [1e-14, 200, 107.0973, 5.0328, 3.0197e-3],
        ] as [$cn2, $distance, $r0, $angle, $blur]
    ) {
        $found = Calculations::named('shimmer')->of(['cn2' => $cn2, 'distance_m' => $distance, 'focal_mm' => 600]);
        expect($found['r0_mm'])
            ->toEqualWithDelta($r0, 6e-5)
            ->and($found['angle_urad'])
            ->toEqualWithDelta($angle, 6e-5)
            ->and($found['blur_mm'])
            ->toEqualWithDelta($blur, 6e-7);
    }
    $air = Turbulence::of(1e-13);
    expect($air->reachM(600, $air->blurMm(600, 140)))
        ->toBeTo(140.0)
        ->and(Calculations::named('fog')->of(['visibility_m' => 1000, 'distance_m' => 1000])['contrast'])
        ->toBeTo(exp(-3.912))
        ->and(Fog::contrast(50.0, 0.0))
        ->toBe(1.0)
        ->and(Fog::contrast(1000.0, Fog::reachM(1000.0, 0.4)))
        ->toBeTo(0.4);
});

it('says what is amiss with a moment or a place', function (array $input, string $message) {
    try {
        Calculations::named('sun')->of($input + ['latitude_deg' => 10, 'longitude_deg' => 10]);
        $told = '';
    } catch (FaultyDocument $faulty) {
        $told = implode(' ', array_map(static fn ($fault): string => $fault->getMessage(), $faulty->faults));
    }
    expect($told)->toContain($message);
})->with([
    'no day' => [['time_utc' => '2026-06-31T12:00:00Z'], 'time_utc is "2026-06-31T12:00:00Z"; it must be a moment'],
    'no zone' => [['time_utc' => '2026-06-30T12:00:00'], 'it must be a moment'],
    'a number' => [['time_utc' => 12], 'time_utc is 12; it must be a moment in universal time'],
    'too long ago' => [['time_utc' => '0001-01-01T00:00:00Z'], 'years 1800 to 2300'],
    'off the earth' => [['time_utc' => '2026-06-30T12:00:00Z', 'latitude_deg' => 91], 'latitude_deg is 91; it must be -90 to 90'],
]);

it('takes light away in the order people expect, and finds the sun again from the light', function () {
    $light = new Daylight(Assumptions::defaults());
    expect(array_map($light->clear(...), [-6.0, -3.0, 0.0, 3.0, 6.0, 10.0, 20.0, 30.0, 45.0, 90.0]))
        ->toBe([3.0, 6.0, 9.5, 11.5, 12.5, 13.3, 14.3, 14.7, 15.0, 15.0])
        ->and($light->clear(1.5))
        ->toBeTo(10.5)
        ->and($light->clear(-8.0))
        ->toBeTo(1.0)
        ->and($light->clear(-50.0))
        ->toBe($light->clear(-12.0));
    foreach ([-20.0, -5.0, 1.0, 25.0, 60.0] as $altitude) {
        $skies = array_map(static fn (Sky $sky): float => $light->ev100($altitude, $sky), Sky::cases());
        $sorted = $skies;
        rsort($sorted);
        expect($skies)->toBe($sorted);
        foreach (Sky::cases() as $sky) {
            $shade = $light->ev100($altitude, $sky, Cover::Shade);
            // a cliff takes direct light, and only where there is any
            expect($shade)
                ->toBeLessThanOrEqual($light->ev100($altitude, $sky))
                ->and($light->ev100($altitude, $sky) - $shade)
                ->toBeLessThanOrEqual($altitude > 0 ? 2.5 : 0.0);
            expect($light->altitudeDeg($light->ev100($altitude, $sky), $sky))->toBeTo(
                max(-12.0, min(45.0, $altitude)),
            );
        }
    }
});

it('goes straight between the points of a horizon, all round', function () {
    $horizon = Horizon::through([[350, 10], [10, 20], [180, 0], [180, 4], [-90, 6]]);
    expect(array_map($horizon->altitudeDeg(...), [350.0, 0.0, 10.0, 95.0, 180.0, 270.0, 310.0, 359.999]))
        ->each->toBeFloat()
        ->and($horizon->altitudeDeg(0.0))
        ->toBeTo(15.0)
        ->and($horizon->altitudeDeg(180.0))
        ->toBe(4.0)
        ->and($horizon->altitudeDeg(95.0))
        ->toBeTo(12.0)
        ->and($horizon->altitudeDeg(310.0))
        ->toBeTo(8.0)
        ->and(Horizon::through([[40, 7]])->altitudeDeg(200.0))
        ->toBe(7.0)
        ->and(Horizon::flat()->altitudeDeg(12.0))
        ->toBe(0.0);

    // a sun at 20° in the south stands behind a cliff of 25° and over one of 15°
    $sun = Sun::at(Observer::at(50.0, 0.0), moment('2026-11-10T12:00Z'));
    expect(Horizon::through([[$sun->azimuthDeg, $sun->apparentDeg() + 1]])->hides($sun))
        ->toBeTrue()
        ->and(Horizon::through([[$sun->azimuthDeg, $sun->apparentDeg() - 1]])->hides($sun))
        ->toBeFalse();
});

it('tells from which side the light comes, and when the sun stands where the lens points', function () {
    $sun = Sun::at(Observer::at(50.0, 0.0), moment('2026-06-21T05:00Z')); // low in the east-north-east
    $side = static fn (float $from, ?Horizon $horizon = null): LightSide => LightSide::of(
        $sun,
        $sun->azimuthDeg + $from,
        $horizon ?? Horizon::flat(),
    );
    expect([$side(180)->isFront, $side(180)->isBack, $side(136)->isFront, $side(134)->isFront])
        ->toBe([true, false, true, false])
        ->and([$side(90)->isFront, $side(90)->isBack, $side(46)->isBack, $side(44)->isBack])
        ->toBe([false, false, false, true])
        ->and([$side(11)->isDangerous, $side(-11)->isDangerous, $side(13)->isDangerous])
        ->toBe([true, true, false])
        // behind a cliff nobody sees it
        ->and($side(0, Horizon::through([[0, 60]]))->isDangerous)
        ->toBeFalse();
    $night = Sun::at(Observer::at(50.0, 0.0), moment('2026-06-21T00:00Z'));
    expect(LightSide::of($night, $night->azimuthDeg, Horizon::flat())->isDangerous)->toBeFalse();
});

it('trembles more over warmer ground, under a higher sun, nearer to it, in less wind, and hardly at night', function () {
    $over = static fn (
        Ground $ground = Ground::Sand,
        float $sun = 40,
        Sky $sky = Sky::Clear,
        float $wind = 2,
        float $height = 1.5,
    ): float => Turbulence::over($ground, $sun, $sky, $wind, $height, Assumptions::defaults())->cn2;
    $by = static fn (string $name, array $values): array => array_map(
        static fn (mixed $value): float => $over(...[$name => $value]),
        $values,
    );
    $sorted = static function (array $list, bool $down = false): array {
        $down ? rsort($list) : sort($list);

        return $list;
    };
    foreach (
        [
            [$by('ground', [Ground::Water, Ground::Snow, Ground::Marsh, Ground::Grass, Ground::Stone, Ground::Sand, Ground::Tarmac]), false],
            [$by('sun', [-40, 0, 5.7, 8, 20, 60, 90]), false],
            [$by('sky', Sky::cases()), true],
            [$by('wind', [0, 1, 4, 20]), true],
            [$by('height', [0.2, 1.5, 5, 50]), true],
        ] as [$values, $down]
    ) {
        expect($values)->toBe($sorted($values, $down));
    }
    expect($over(sun: 0))
        ->toBe(1e-16)
        ->and($over(Ground::Tarmac, 90.0, wind: 0))
        ->toBeTo(1e-12)
        ->and($over(Ground::Tarmac, 90.0, wind: 4))
        ->toBeTo(5e-13);
    expect(fn () => $over(height: 0.0))->toThrow(NumberOutOfRange::class);
});

it('measures ways and bearings between two places', function () {
    $here = Observer::at(50.0, 1.0);
    expect($here->distanceM(Observer::at(50.001, 1.0)))
        ->toEqualWithDelta(111.19, 0.02)
        ->and($here->bearingDeg(Observer::at(50.001, 1.0)))
        ->toEqualWithDelta(0.0, 1e-6)
        ->and($here->bearingDeg(Observer::at(50.0, 1.001)))
        ->toEqualWithDelta(90.0, 0.01)
        ->and($here->bearingDeg(Observer::at(50.0, 0.999)))
        ->toEqualWithDelta(270.0, 0.01)
        ->and($here->distanceM($here))
        ->toBe(0.0)
        // across the line where the date changes
        ->and(Observer::at(0.0, 179.999)->distanceM(Observer::at(0.0, -179.999)))
        ->toEqualWithDelta(222.4, 0.1);
});
