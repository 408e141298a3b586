<?php

declare(strict_types=1);

use RushHold\Rehearsal\Scene\Dice;
use RushHold\Sharpness\BlurFound;
use RushHold\Sharpness\BlurMeter;
use RushHold\Sharpness\BodyFloor;
use RushHold\Sharpness\Box;
use RushHold\Sharpness\Finder;
use RushHold\Sharpness\Fourier;
use RushHold\Sharpness\Luminance;
use RushHold\Sharpness\Rings;
use RushHold\Sharpness\Sighting;
use RushHold\Sharpness\Spectrum;
use RushHold\Sharpness\Template;
use RushHold\Shoot\Texture;
use Tests\Support\BlurKernel;

/** A surface as a sensor would have it, blurred and with noise. */
function photographed(int $seed, float $disc, float $line = 0.0, float $degrees = 0.0, float $noise = 2.5): Luminance
{
    static $surfaces = [];
    static $grains = [];
    $picture = $surfaces[$seed] ??= Texture::leaves(640, 640, $seed, 3.0 + $seed % 4, 60.0 + 20 * ($seed % 5));
    $picture = $disc > 0 ? BlurKernel::disc($disc)->blur($picture) : $picture;
    $picture = $line > 0 ? BlurKernel::line($line, $degrees)->blur($picture) : $picture;
    $grain = $grains[$seed] ??= Dice::ofSeed($seed + 1000)->normals(count($picture->values));
    $values = [];
    foreach ($picture->values as $at => $value) {
        $values[] = max(0, min(255, (int) round($value + $noise * $grain[$at])));
    }

    return Luminance::of($picture->width, $picture->height, $values);
}

function apart(float $one, float $other): float
{
    $apart = fmod(abs($one - $other), 180);

    return min($apart, 180 - $apart);
}

it('measures how wide a lens that is focused elsewhere has blurred, on surfaces nothing was tuned with', function (int $seed) {
    $last = -1.0;
    foreach ([0.0, 2.0, 4.0, 7.0, 10.0] as $disc) {
        $found = BlurMeter::of(photographed($seed, $disc));
        expect($found)->toBeInstanceOf(BlurFound::class)->and($found->isoPx)->toBeGreaterThan($last, "{$disc} px");
        if ($disc >= 4) {
            expect($found->totalPx() / $disc)->toBeBetween(1 / 1.4, 1.4, "{$disc} px measured as {$found->totalPx()}");
        }
        $last = $found->isoPx;
    }
})->with(['small leaves' => [71], 'middling leaves' => [72], 'large leaves' => [74]]);

it('tells which way something moved, and how far', function (int $seed) {
    foreach ([[3.0, 25.0], [6.0, 80.0], [9.0, 130.0], [13.0, 165.0]] as [$line, $degrees]) {
        $found = BlurMeter::of(photographed($seed, 0.0, $line, $degrees));
        expect($found->motionPx / $line)->toBeBetween(1 / 1.4, 1.4, "{$line} px measured as {$found->motionPx}");
        if ($line >= 6) {
            expect(apart($found->motionDeg, $degrees))->toBeLessThan(15.0, "{$line} px at {$degrees}°: {$found->motionDeg}°");
        }
    }
    // both at once are both told
    $both = BlurMeter::of(photographed($seed, 4.0, 8.0, 40.0));
    expect($both->isoPx)
        ->toBeBetween(2.8, 5.6)
        ->and($both->motionPx)
        ->toBeBetween(5.7, 11.2)
        ->and(apart($both->motionDeg, 40.0))
        ->toBeLessThan(15.0);
})->with(['small leaves' => [81], 'middling leaves' => [82], 'large leaves' => [84]]);

it('takes no long movement for a short one', function (int $seed, float $disc, float $line) {
    $found = BlurMeter::of(photographed($seed, $disc, $line, 65.0));
    expect($found->motionPx / $line)
        ->toBeBetween(1 / 1.4, 1.4, "{$line} px beside {$disc} px measured as {$found->motionPx}")
        ->and(apart($found->motionDeg, 65.0))
        ->toBeLessThan(15.0);
    // where a short one is all there is, none is made up
    expect(BlurMeter::of(photographed($seed, $disc, 8.0, 65.0))->motionPx)->toBeLessThan(12.0);
})->with([
    'beside hardly any blur' => [81, 2.0, 34.0],
    'beside some' => [82, 6.0, 34.0],
    'beside more' => [84, 8.0, 44.0],
]);

it('takes no movement for what blurs in all directions, and finds little blur where there is none', function () {
    foreach ([91, 92] as $seed) {
        $sharp = BlurMeter::of(photographed($seed, 0.0));
        expect($sharp->totalPx())->toBeLessThan(2.6)->and($sharp->motionPx)->toBeLessThan(1.5);
        expect(BlurMeter::of(photographed($seed, 5.0))->motionPx)->toBeLessThan(3.0);
    }
});

it('says nothing where there is nothing to say', function () {
    $flat = Luminance::of(200, 200, array_fill(0, 40_000, 90));
    $grain = Luminance::of(200, 200, array_map(static fn (float $one): int => (int) round(120 + 3 * $one), Dice::ofSeed(4)->normals(40_000)));
    $stripes = Luminance::of(200, 200, array_map(static fn (int $at): int => intdiv($at % 200, 25) % 2 === 0 ? 40 : 200, range(0, 39_999)));
    $small = Luminance::of(20, 20, array_map(static fn (int $at): int => ($at * 37) % 256, range(0, 399)));
    foreach (compact('flat', 'grain', 'stripes', 'small') as $name => $picture) {
        expect(BlurMeter::of($picture))->toBeNull($name);
    }
});

it('adds up the power of waves, two squares at a time', function () {
    $wave = static fn (int $across, int $down, float $strong): array => array_map(
        static fn (int $at): float => $strong * cos((2 * M_PI * ($across * ($at % 16) + $down * intdiv($at, 16))) / 16),
        range(0, 255),
    );
    $power = Fourier::power($wave(3, 0, 1.0), $wave(2, 5, 2.0), 16);
    // columns, then rows; a wave and its opposite share it: (256 / 2)² each
    expect($power[3 * 16])
        ->toEqualWithDelta(128 ** 2, 1e-6)
        ->and($power[13 * 16])
        ->toEqualWithDelta(128 ** 2, 1e-6)
        ->and($power[2 * 16 + 5])
        ->toEqualWithDelta(256 ** 2, 1e-6)
        ->and(array_sum($power))
        ->toEqualWithDelta(2 * 128 ** 2 + 2 * 256 ** 2, 1e-6);
    [$first, $second] = Fourier::powers($wave(3, 0, 1.0), $wave(2, 5, 2.0), 16);
    expect([$first[3 * 16], $first[2 * 16 + 5], $second[2 * 16 + 5], $second[14 * 16 + 11], $second[3 * 16]])
        ->toEqualWithDelta([128 ** 2, 0.0, 256 ** 2, 256 ** 2, 0.0], 1e-6);
});

it('finds the power of noise where there is only noise, in every direction', function () {
    $grain = Luminance::of(320, 320, array_map(static fn (float $one): float => 100 + 5 * $one, Dice::ofSeed(9)->normals(320 * 320)));
    $spectrum = Spectrum::of($grain, 64);
    $bins = count($spectrum->power);
    expect(array_sum($spectrum->power) / $bins / $spectrum->grain)->toEqualWithDelta(25.0, 1.5);
    $rings = count($spectrum->rings->waves);
    expect($bins)->toBe(Rings::SECTORS * $rings)->and($spectrum->rings->waves)->each->toBeBetween(3 / 64, 0.5);
});

it('measures a small piece too, and one whose noise has been smoothed away', function () {
    $smooth = static fn (Luminance $picture): Luminance => BlurKernel::disc(2.0)->blur($picture);
    foreach ([[6.0, 0.0], [0.0, 9.0]] as [$disc, $line]) {
        $small = BlurMeter::of(photographed(71, $disc, $line, 130.0)->crop(200, 220, 90, 90));
        expect($small->totalPx() / ($disc + $line))->toBeBetween(1 / 1.4, 1.4);
        $noisy = BlurMeter::of($smooth(photographed(71, $disc, $line, 130.0, 9.0)));
        expect($noisy->totalPx() / ($disc + $line))->toBeBetween(1 / 1.4, 1.4, "{$disc} {$line}: {$noisy->isoPx} {$noisy->motionPx}");
    }
    // wide blur asks for a smaller picture
    expect(BlurMeter::of(photographed(72, 24.0))->isoPx / 24)->toBeBetween(1 / 1.4, 1.4);
});

it('blurs by as much as it says, and keeps what is even as it is', function () {
    $point = array_fill(0, 41 * 41, 0.0);
    $point[20 * 41 + 20] = 1.0;
    $spread = static function (BlurKernel $kernel) use ($point): array {
        $across = $down = $all = 0.0;
        foreach ($kernel->blur(Luminance::of(41, 41, $point))->values as $at => $value) {
            $across += $value * ($at % 41 - 20) ** 2;
            $down += $value * (intdiv($at, 41) - 20) ** 2;
            $all += $value;
        }

        return [$all, $across, $down];
    };
    [$all, $across, $down] = $spread(BlurKernel::disc(12.0));
    expect($all)->toBeTo(1.0)->and($across)->toEqualWithDelta(12 ** 2 / 16, 0.2)->and($down)->toBeTo($across);
    [$all, $across, $down] = $spread(BlurKernel::line(18.0, 0.0));
    expect($all)->toBeTo(1.0)->and($across)->toEqualWithDelta(18 ** 2 / 12, 0.3)->and($down)->toBeLessThan(0.01);
    [, $across, $down] = $spread(BlurKernel::line(18.0, 60.0));
    expect($down / $across)->toEqualWithDelta(3.0, 0.15);
    $even = Luminance::of(30, 20, array_fill(0, 600, 77));
    expect(BlurKernel::line(7.0, 33.0)->blur($even)->values)->each->toBeTo(77.0);
    expect(BlurKernel::disc(0.0)->blur($even)->values)->toEqual($even->values);
});

it('cuts, halves and reads pictures, and tells their noise', function () {
    $picture = Luminance::fromBytes(4, 4, implode('', array_map(chr(...), range(0, 15))));
    expect($picture->crop(1, 2, 2, 2)->values)
        ->toBe([9, 10, 13, 14])
        ->and($picture->middle(2)->values)
        ->toBe([5, 6, 9, 10])
        ->and($picture->middle(9))
        ->toBe($picture)
        ->and($picture->halved()->values)
        ->toEqual([2.5, 4.5, 10.5, 12.5]);
    $grain = array_map(static fn (float $one): float => 128 + 6 * $one, Dice::ofSeed(7)->normals(90_000));
    expect(Luminance::of(300, 300, $grain)->noise())->toEqualWithDelta(6.0, 0.15);
});

it('finds a piece again, brighter, with less contrast, blurred and in noise', function () {
    $frame = Texture::leaves(160, 120, 5, 3.0, 30.0);
    $template = Template::of($frame->crop(60, 40, 24, 20));
    $itself = $template->find($frame, 60, 40, 12);
    expect([$itself->left, $itself->top])->toBe([60, 40])->and($itself->likeness)->toBeTo(1.0);
    $grain = Dice::ofSeed(3)->normals(160 * 120);
    $dim = Luminance::of(160, 120, array_map(static fn (float|int $value, float $one): float => 90 + 0.3 * $value + 4 * $one, BlurKernel::disc(3.0)->blur($frame)->values, $grain));
    $found = $template->find($dim, 48, 52, 20);
    expect([$found->left, $found->top])->toBe([60, 40])->and($found->isSure())->toBeTrue();
    // where it is not, it is less alike by far
    expect($template->find(Texture::leaves(160, 120, 6, 3.0, 30.0), 60, 40, 20)->likeness)->toBeLessThan(0.5)->and($itself->isClear())->toBeTrue();
});

it('relies on what is hardly alike only where it stands out from all else that is', function () {
    $sure = static fn (float $likeness, float $elsewhere): bool => (new Sighting(0, 0, $likeness, $elsewhere))->isSure();
    expect($sure(0.45, 0.45))
        ->toBeTrue()
        ->and($sure(0.4, 0.28))
        ->toBeTrue()
        ->and($sure(0.4, 0.32))
        ->toBeFalse()
        ->and($sure(0.27, 0.0))
        ->toBeFalse();
    // a subject that has gone on, and other ground where it is not
    $ground = Texture::leaves(1280, 800, 11, 24.0, 60.0);
    $subject = Texture::leaves(240, 160, 12, 24.0, 90.0);
    $with = static function (int $left, int $top) use ($ground, $subject): Luminance {
        $values = $ground->values;
        for ($y = 0; $y < 160; $y++) {
            for ($x = 0, $at = ($top + $y) * 1280 + $left; $x < 240; $x++, $at++) {
                $values[$at] = $subject->values[$y * 240 + $x];
            }
        }

        return Luminance::of(1280, 800, $values)->halved()->halved()->halved();
    };
    $finder = Finder::of($with(400, 300), new Box(400, 300, 240, 160));
    [$box, $there] = $finder->find($with(640, 400));
    expect($there->isSure())->toBeTrue()->and($box->x)->toBeBetween(632, 648)->and($box->y)->toBeBetween(392, 408);
    foreach ([14 => 24.0, 15 => 40.0, 16 => 6.0] as $seed => $largest) {
        [, $nowhere] = $finder->find(Texture::leaves(1280, 800, $seed, $largest, 60.0)->halved()->halved()->halved());
        expect($nowhere->isSure())->toBeFalse("{$seed}: {$nowhere->likeness} against {$nowhere->elsewhere}");
    }
});

it('learns what a body blurs at its sharpest, slowly, and never calls softness its own', function () {
    $spread = static fn (float $least, int $count): array => array_map(static fn (int $at): float => $least + 0.1 * $at, range(0, $count - 1));
    expect(BodyFloor::of([])->px)
        ->toBe(0.0)
        ->and(BodyFloor::of([0.8])->px)
        ->toBeTo(0.8 / 41)
        // of 400 the twentieth sharpest, nine tenths believed
        ->and(BodyFloor::of($spread(0.5, 400))->px)
        ->toBeTo((1.5 * 400) / 440)
        ->and(BodyFloor::of(array_fill(0, 160, 0.9))->px)
        ->toBeTo(0.72)
        // one lucky frame tells nothing
        ->and(BodyFloor::of([0.0, ...array_fill(0, 159, 0.9)])->px)
        ->toBeTo(0.72)
        // who has only soft frames
        ->and(BodyFloor::of(array_fill(0, 4000, 9.0))->px)
        ->toBeLessThan(1.5);
});

it('looks nowhere where there is no room or nothing to look for', function () {
    $frame = Texture::leaves(60, 40, 5, 3.0, 20.0);
    expect(Template::of(Luminance::of(5, 5, array_fill(0, 25, 80))))
        ->toBeNull()
        ->and(Template::of($frame)->find(Luminance::of(20, 20, array_fill(0, 400, 80)), 0, 0, 5))
        ->toBeNull()
        ->and(Template::of($frame->crop(0, 0, 8, 8))->find($frame, 100, 100, 5))
        ->toBeNull()
        ->and(Template::of($frame->crop(0, 0, 8, 8))->find(Luminance::of(20, 20, array_fill(0, 400, 80)), 5, 5, 5)->likeness)
        ->toBe(0.0);
});
