<?php

declare(strict_types=1);

use RushHold\Document\Reader;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Light\Observer;
use RushHold\Outing\MadeUpWeather;
use RushHold\Outing\Weather;

it('makes up weather that is the same for a place and a day, and likely for season and hour', function () {
    $at = static fn (float $latitude): Observer => Observer::at($latitude, -6.1);
    expect(MadeUpWeather::of($at(53.3), '2026-07-21'))
        ->toEqual(MadeUpWeather::of($at(53.3), '2026-07-21'))
        ->not->toEqual(MadeUpWeather::of($at(53.3), '2026-07-22'))
        ->not->toEqual(MadeUpWeather::of($at(53.4), '2026-07-21'));
    $days = static fn (float $latitude, string $month): array => array_merge(
        ...array_map(
            static fn (int $day): array => MadeUpWeather::of($at($latitude), sprintf('2026-%s-%02d', $month, $day)),
            range(1, 28),
        ),
    );
    $mean = static fn (array $hours): float => array_sum(array_column($hours, 'temperatureC')) / count($hours);
    [$summer, $winter, $south, $tropics] = [$days(53.3, '07'), $days(53.3, '01'), $days(-53.3, '01'), $days(2.0, '07')];
    expect($mean($summer))->toBeBetween(13, 17)
        ->and($mean($winter))->toBeBetween(-6, -2)
        ->and($mean($south))->toBeBetween(13, 17)
        ->and($mean($tropics))->toBeBetween(24, 29);
    $hour = static fn (int $of): array => array_values(array_filter($summer, static fn (int $at): bool => $at % 24 === $of, ARRAY_FILTER_USE_KEY));
    // warmest in the afternoon, by so much as the sky lets it
    expect($mean($hour(14)) - $mean($hour(2)))->toBeBetween(3, 9)
        ->and(array_sum(array_column($hour(14), 'windMps')))->toBeGreaterThan(array_sum(array_column($hour(2), 'windMps')));
    foreach ($summer as $at => $one) {
        expect($one->isMadeUp)->toBeTrue()->and($one->windMps)->toBeBetween(0, 12);
        $isMist = $one->visibilityM < 20_000;
        expect($isMist ? $at % 24 > 2 && $at % 24 < 9 && $one->visibilityM >= 800 && $one->visibilityM <= 4000 : $one->visibilityM <= 40_000)->toBeTrue();
    }
    $misty = count(array_filter($hour(5), static fn (Weather $one): bool => $one->visibilityM < 20_000));
    expect($misty)->toBeBetween(4, 26);
});

it('takes weather as far as there is any, and no further', function (string $field, float $least, float $most, float $beyond) {
    $read = static fn (float $value): Weather => Weather::read(Reader::of(['sky' => 'overcast', $field => $value]));
    expect($read($least))->toBeInstanceOf(Weather::class)->and($read($most))->toBeInstanceOf(Weather::class);
    foreach ([$least - $beyond, $most + $beyond] as $value) {
        expect(static fn (): Weather => $read($value))->toThrow(NumberOutOfRange::class, $field);
    }
})->with([['temperature_c', -60, 60, 0.5], ['wind_mps', 0, 60, 0.5], ['visibility_m', 10, 200_000, 0.5]]);
