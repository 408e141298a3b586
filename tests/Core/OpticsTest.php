<?php

declare(strict_types=1);

use RushHold\Faults\NumberOutOfRange;
use RushHold\Optics\BlurBudget;
use RushHold\Optics\Diffraction;
use RushHold\Optics\Exposure;
use RushHold\Optics\Sensor;
use RushHold\Optics\SharpnessStandard;
use RushHold\Optics\StopScale;
use RushHold\Optics\ThinLens;

function lens(float $mm): ThinLens
{
    return ThinLens::ofFocalLength($mm);
}

it('gives the published depths of field', function (
    float $f,
    float $n,
    float $s,
    float $c,
    float $near,
    ?float $far,
    ?float $depth,
    float $h,
) {
    $field = lens($f)->depthOfField($n, $s, $c);

    expect($field->nearM)->toBeTo($near)->and($field->hyperfocalM)->toBeTo($h);
    if ($far === null) {
        expect($field->farM)
            ->toBe(INF)
            ->and($field->depthM())
            ->toBe(INF);
    } else {
        expect($field->farM)->toBeTo($far)->and($field->depthM())->toBeTo($depth, 5);
    }
})->with([
    '400 mm' => [400, 5.6, 15, 0.015, 14.8859, 15.1159, 0.22996, 1905.16],
    '840 mm' => [840, 8, 30, 0.015, 29.852, 30.1495, 0.29756, 5880.84],
    'beyond hyperfocal' => [24, 8, 3, 0.03, 1.33929, null, null, 2.424],
]);

it('covers a spread', function () {
    $cover = lens(500)->cover(17.6, 18.5, 0.015);

    expect($cover->fNumber)->toBeTo(23.691, 5)->and($cover->focusM)->toBeTo(18.0388);
    // both ends are then exactly as blurred as allowed
    expect(lens(500)->blurDiscMm($cover->fNumber, 17.6, $cover->focusM))
        ->toBeTo(0.015)
        ->and(lens(500)->blurDiscMm($cover->fNumber, 18.5, $cover->focusM))
        ->toBeTo(0.015);
});

it('gives blur disc, magnification and diffraction', function () {
    expect(lens(600)->blurDiscMm(4, 20, 20.3))
        ->toBeTo(0.068528, 5)
        ->and(lens(600)->blurDiscMm(4, 20, 20))
        ->toBe(0.0)
        ->and(lens(600)->magnification(20))
        ->toBeTo(0.0309278)
        ->and(Diffraction::fwhmMm(8))
        ->toBeTo(0.004532, 4);
});

it('ends the sharp zone where the blur disc reaches the limit', function (float $f, float $n, float $s, float $c) {
    $field = lens($f)->depthOfField($n, $s, $c);

    expect(lens($f)->blurDiscMm($n, $field->nearM, $s))->toBeTo($c);
    if (is_finite($field->farM)) {
        expect(lens($f)->blurDiscMm($n, $field->farM, $s))->toBeTo($c);
    }
})->with([
    [10, 2.8, 0.5, 0.03],
    [50, 1.4, 2, 0.03],
    [200, 2.8, 1.5, 0.015],
    [600, 4, 20, 0.0087],
    [1200, 8, 300, 0.015],
]);

it('never deepens the field with a longer focal length, nor thins it by stopping down', function () {
    foreach ([1.5, 6, 20, 90, 400] as $s) {
        $last = INF;
        foreach ([10, 24, 50, 135, 200, 400, 600, 840, 1200] as $f) {
            if ($f / 1000 < $s) {
                $depth = lens($f)->depthOfField(5.6, $s, 0.015)->depthM();
                expect($depth)->toBeLessThanOrEqual($last);
                $last = $depth;
                expect(lens($f)->depthOfField(8, $s, 0.015)->depthM())->toBeGreaterThanOrEqual($depth);
            }
        }
    }
});

it('scales the standards with the sensor', function (float $width, float $height, int $pixels) {
    $sensor = Sensor::of($width, $height, $pixels);

    expect(SharpnessStandard::Share->limitMm($sensor))
        ->toBeTo(2 * SharpnessStandard::Detail->limitMm($sensor))
        ->and(SharpnessStandard::Detail->limitMm($sensor))
        ->toBeTo((0.015 * hypot($width, $height)) / 43.27)
        ->and(SharpnessStandard::Pixel->limitMm($sensor))
        ->toBeTo((2 * $width) / $pixels)
        ->and(SharpnessStandard::Share->softer($sensor))
        ->toBeNull();
    // softer is always truly softer
    for ($now = SharpnessStandard::Pixel; ($next = $now->softer($sensor)) !== null; $now = $next) {
        expect($next->limitMm($sensor))->toBeGreaterThan($now->limitMm($sensor));
    }
})->with([
    '1-inch' => [13.2, 8.8, 5472],
    'smaller' => [23.5, 15.6, 6192],
    'full' => [36, 24, 8256],
    'medium' => [53.4, 40, 11648],
    'coarse' => [36, 24, 1200],
]);

it('adds blur as squares and says what each part took', function () {
    $budget = new BlurBudget(0.015, 0.003, 0.004, 0.012, 0, 0);

    expect($budget->totalMm())
        ->toBeTo(0.013)
        ->and($budget->used())
        ->toBeTo(0.013 / 0.015)
        ->and($budget->shares()['defocus'])
        ->toBeTo(144 / 169)
        ->and(array_sum($budget->shares()))
        ->toBeTo(1.0)
        ->and((new BlurBudget(0.015, 0, 0, 0, 0, 0))->shares()['motion'])
        ->toBe(0.0);
});

it('exposes', function () {
    expect(Exposure::iso(12, 5.6, 1 / 2000))->toBeTo(1531.25)->and(Exposure::iso(9, 4, 1 / 1250))->toBeTo(3906.25);
    foreach ([-6, 0, 9.5, 20] as $ev) {
        $iso = Exposure::iso($ev, 5.6, 1 / 800);
        expect(Exposure::shutterS($ev, 5.6, $iso))
            ->toBeTo(1 / 800)
            ->and(Exposure::iso($ev + 1, 5.6, 1 / 800))
            ->toBeTo($iso / 2);
    }
});

it('knows the stops a camera has', function () {
    expect(StopScale::shutterAtMost(1 / 2646, 1 / 8000))
        ->toBe(1 / 3200)
        ->and(StopScale::shutterAtMost(1 / 3200, 1 / 8000))
        ->toBe(1 / 3200)
        ->and(StopScale::shutterAtMost(1e-9, 1 / 8000))
        ->toBe(1 / 8000)
        ->and(StopScale::shutterAtMost(INF, 1 / 8000))
        ->toBe(30.0)
        ->and(StopScale::isoNear(1225))
        ->toBe(1250)
        ->and(StopScale::isoNear(13000))
        ->toBe(12800)
        ->and(StopScale::isoAtMost(7000, 100))
        ->toBe(6400)
        ->and(StopScale::isoAtMost(50, 100))
        ->toBe(100)
        ->and(StopScale::fNumbers(5.6, 22))
        ->toStartWith5Point6()
        ->and(StopScale::fNumbers(5.6 * 1.4, 22 * 1.4)[0])
        ->toBe(8.0)
        ->and(StopScale::fNumbers(3.7, 22)[0])
        ->toBe(3.7)
        ->and(StopScale::fNumbers(4, 22))
        ->each->toBeLessThanOrEqual(22.5);
});

expect()->extend(
    'toStartWith5Point6',
    fn () => $this->sequence(
        fn ($first) => $first->toBe(5.6),
        ...array_fill(0, count($this->value) - 1, fn ($next) => $next->toBeGreaterThan(5.6)),
    ),
);

it('calls shutters and ISO by numbers that are engraved on cameras', function () {
    // tenths of a decade as preferred numbers have them, rounded as cameras round them; the slowest shutters count in seconds
    $digits = [1.0, 1.25, 1.3, 1.5, 1.6, 2.0, 2.5, 3.0, 3.2, 4.0, 5.0, 6.0, 6.4, 8.0];
    $isEngraved = static function (float $number) use ($digits): bool {
        $of = $number / 10 ** floor(log10($number) + 1e-9);

        // beyond ten thousand they count by doubling
        return $number > 10_000 || min(array_map(static fn (float $digit): float => abs($digit - $of), $digits)) < 1e-6;
    };
    foreach (StopScale::shutters(1 / 32000) as $shutter) {
        $number = $shutter < 0.29 ? 1 / $shutter : $shutter;
        expect($isEngraved(round($number, 3)))->toBeTrue("1/{$number}");
    }
    foreach (range(1.3, 16.0, 0.1) as $power) {
        $iso = StopScale::isoNear(20 * 2 ** ($power - 1));
        expect($isEngraved((float) $iso))->toBeTrue("ISO {$iso}");
    }
});

it('keeps the third-stops about a third apart', function () {
    $shutters = StopScale::shutters(1 / 64000);
    for ($at = 1; $at < count($shutters); $at++) {
        expect(log($shutters[$at] / $shutters[$at - 1], 2))->toBeGreaterThan(0.18)->toBeLessThan(0.46);
    }
});

it('refuses what no formula can mean, with field, value and range', function (callable $wrong, string $field) {
    try {
        $wrong();
    } catch (NumberOutOfRange $fault) {
        expect($fault->field)
            ->toBe($field)
            ->and($fault->range)
            ->not->toBe('')
            ->and($fault->getMessage())
            ->toContain($field);

        return;
    }
    throw new Exception('It was accepted.');
})->with([
    'no focal length' => [fn () => lens(0), 'focal_mm'],
    'endless focal length' => [fn () => lens(INF), 'focal_mm'],
    'subject inside the focal length' => [fn () => lens(400)->magnification(0.4), 'distance_m'],
    'nothing as f-number' => [fn () => lens(50)->hyperfocalM(0, 0.03), 'f_number'],
    'no blur allowed' => [fn () => lens(50)->hyperfocalM(4, 0.0), 'coc_mm'],
    'far before near' => [fn () => lens(50)->cover(5, 4, 0.03), 'far_m'],
    'no number' => [fn () => lens(50)->depthOfField(4, NAN, 0.03), 'distance_m'],
    'a shutter of no time' => [fn () => Exposure::iso(12, 4, 0), 'shutter_s'],
    'a sensor without pixels' => [fn () => Sensor::of(36, 24, 0), 'body.pixels_wide'],
]);

it('takes what is small and refuses nothing of it, and less, in every formula', function (
    callable $formula,
    string $field,
) {
    expect(is_finite($formula(0.5)))->toBeTrue();
    foreach ([0.0, -0.5, NAN, INF] as $wrong) {
        try {
            $formula($wrong);
            $this->fail("{$field} {$wrong} was accepted");
        } catch (NumberOutOfRange $fault) {
            expect($fault->field)->toBe($field);
        }
    }
})->with([
    'light, by f-number' => [fn (float $n) => Exposure::iso(12, $n, 1 / 500), 'f_number'],
    'light, by shutter' => [fn (float $s) => Exposure::iso(12, 4, $s), 'shutter_s'],
    'shutter, by f-number' => [fn (float $n) => Exposure::shutterS(12, $n, 400), 'f_number'],
    'shutter, by ISO' => [fn (float $iso) => Exposure::shutterS(12, 4, $iso), 'iso'],
    'diffraction' => [fn (float $n) => Diffraction::fwhmMm($n), 'f_number'],
    'focal length' => [fn (float $f) => lens($f)->magnification(10), 'focal_mm'],
    'hyperfocal, by f-number' => [fn (float $n) => lens(50)->hyperfocalM($n, 0.03), 'f_number'],
    'sensor, by width' => [fn (float $mm) => Sensor::of($mm, 24, 6000)->pitchMm(), 'body.sensor_width_mm'],
    'sensor, by height' => [fn (float $mm) => Sensor::of(36, $mm, 6000)->diagonalMm(), 'body.sensor_height_mm'],
]);

it('refuses light that is no number', function (callable $formula) {
    expect(fn () => $formula(NAN))->toThrow(NumberOutOfRange::class, 'ev100');
})->with([[fn (float $ev) => Exposure::iso($ev, 4, 1 / 500)], [fn (float $ev) => Exposure::shutterS($ev, 4, 400)]]);

it('tells the shorter way out of the sharp zone', function () {
    $depth = lens(500)->depthOfField(5.6, 14, 0.015);

    expect($depth->nearSideM(14))
        ->toBeTo(14 - $depth->nearM)
        ->and($depth->nearSideM($depth->farM - 0.01))
        ->toBeTo(0.01, 6)
        ->and($depth->depthM())
        ->toBeTo($depth->farM - $depth->nearM);
});

it('counts shimmer among the blur, and tells the part of each', function () {
    $budget = new BlurBudget(0.015, 0.001, 0.002, 0.003, 0.004, 0.005);

    expect($budget->totalMm())
        ->toBeTo(sqrt(55) / 1000)
        ->and(array_map(fn (float $share): float => round($share * 55), $budget->shares()))
        ->toBe(['motion' => 1.0, 'shake' => 4.0, 'defocus' => 9.0, 'diffraction' => 16.0, 'shimmer' => 25.0]);
});

it('has every engraved ISO, doubling exactly from 12,800 on, and holds to the ends of its scales', function () {
    $isos = StopScale::isos();

    expect($isos[0])
        ->toBe(25)
        ->and(array_slice($isos, -3))
        ->toBe([6_553_600, 8_192_000, 10_240_000])
        ->and(count($isos))
        ->toBe(count(array_unique($isos)));
    foreach (array_filter($isos, fn (int $iso): bool => $iso >= 12_800 && $iso * 2 <= 10_240_000) as $iso) {
        expect($isos)->toContain($iso * 2);
    }
    expect(StopScale::isoNear(1))
        ->toBe(25)
        ->and(StopScale::isoNear(1e9))
        ->toBe(10_240_000)
        ->and(StopScale::isoAtMost(100, 100))
        ->toBe(100)
        ->and(StopScale::isoAtMost(125, 100))
        ->toBe(125)
        ->and(StopScale::shutters(60))
        ->toBe([30.0])
        ->and(StopScale::shutters(1 / 8000)[0])
        ->toBe(1 / 8000)
        ->and(StopScale::fNumbers(4, 22))
        ->toContain(22.0)
        ->not->toContain(25.0);
    // every shutter of the scale is found again as itself, and just under it as the next faster
    $shutters = StopScale::shutters(1 / 8000);
    foreach ($shutters as $at => $shutter) {
        expect(StopScale::shutterAtMost($shutter, 1 / 8000))
            ->toBe($shutter)
            ->and(StopScale::shutterAtMost($shutter * 0.999, 1 / 8000))
            ->toBe($shutters[max(0, $at - 1)]);
    }
});

it('engraves thirds of a stop, without a gap and none twice', function () {
    for ($third = -36; $third <= 14; $third++) {
        $shutter = 2 ** ($third / 3);
        // engraved values are rounded as cameras round them, by 7 % at the most
        expect(StopScale::shutterAtMost(1.075 * $shutter, 1 / 8000) / $shutter)
            ->toBeGreaterThan(0.93, "1/{$third}")
            ->toBeLessThan(1.075, "1/{$third}");
    }
    foreach (array_slice(StopScale::fNumbers(0.99, 32), 0, 31) as $third => $fNumber) {
        expect($fNumber / 2 ** ($third / 6))->toBeGreaterThan(0.94, "f/{$fNumber}")->toBeLessThan(1.06, "f/{$fNumber}");
    }
    for ($third = 0; $third <= 27; $third++) {
        $iso = 100 * 2 ** ($third / 3);
        expect(StopScale::isoNear($iso) / $iso)->toBeGreaterThan(0.96, "ISO {$iso}")->toBeLessThan(1.04, "ISO {$iso}");
    }
});
