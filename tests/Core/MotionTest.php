<?php

declare(strict_types=1);

use RushHold\Assumptions\Assumptions;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\UnknownField;
use RushHold\Motion\FocusLag;
use RushHold\Motion\FrameSpread;
use RushHold\Motion\Gait;
use RushHold\Motion\MotionBlur;
use RushHold\Motion\Occlusion;
use RushHold\Motion\Pattern;
use RushHold\Motion\ResidualSpeed;
use RushHold\Motion\Skill;
use RushHold\Motion\Support;
use RushHold\Motion\Travel;
use RushHold\Optics\ThinLens;
use RushHold\Rehearsal\Scene\Dice;
use RushHold\Technique\BreakEven;
use RushHold\Technique\HandFollow;
use RushHold\Technique\Trap;

it('splits speed by bearing', function () {
    expect(Travel::of(10, 0)->closingMps())
        ->toBe(10.0)
        ->and(Travel::of(10, 0)->crossingMps())
        ->toBe(0.0)
        ->and(Travel::of(10, 90)->closingMps())
        ->toBe(0.0)
        ->and(Travel::of(10, 90)->crossingMps())
        ->toBe(10.0)
        ->and(Travel::of(10, 180)->closingMps())
        ->toBe(-10.0)
        ->and(Travel::of(10, 180)->crossingMps())
        ->toBe(0.0)
        ->and(Travel::of(9, 60)->closingMps())
        ->toBeTo(4.5);
    foreach ([0, 17, 45, 88, 120, 175] as $bearing) {
        $travel = Travel::of(7, $bearing);
        expect(hypot($travel->closingMps(), $travel->crossingMps()))->toBeTo(7.0);
    }
});

it('gives the published blur of motion and shake', function () {
    expect(MotionBlur::ofSubjectMm(ThinLens::ofFocalLength(600)->magnification(25), 1.8, 1 / 2000))
        ->toBeTo(0.022131, 5)
        ->and(MotionBlur::ofShakeMm(600, 0.03, 1 / 600))
        ->toBeTo(0.03);
});

it('restates one over the focal length for a steady hand', function (float $focalMm) {
    expect(MotionBlur::ofShakeMm($focalMm, Assumptions::defaults()->shake(Support::Handheld), 1 / $focalMm))->toBeTo(
        0.03,
    );
})->with([24, 135, 500, 1200]);

it('gives the published focus error', function () {
    expect(FocusLag::errorM(Travel::of(8, 0), 20, 0.06, 0.9))
        ->toBeTo(0.048)
        ->and(FocusLag::errorM(Travel::of(15, 90), 12, 0.06, 0.9))
        ->toBeTo(0.03375)
        ->and(FocusLag::errorM(Travel::of(0, 30), 12, 0.06, 0.9))
        ->toBe(0.0);
});

it('leaves the crossing speed of a subject nobody pans with', function () {
    $still = ResidualSpeed::after(Travel::of(10, 90), 0, 0.3, 0);
    $panned = ResidualSpeed::after(Travel::of(10, 90), 0.85, 0.2, 0.08);

    expect($still->totalMps())
        ->toBe(10.0)
        ->and($panned->panMps)
        ->toBeTo(10 * (1 - 0.85 * 0.8))
        ->and($panned->bobMps)
        ->toBeTo(0.8)
        ->and($panned->totalMps())
        ->toBeTo(hypot(3.2, 0.8));
});

it('never blurs less for a more erratic subject or a less practised hand', function () {
    $assumed = Assumptions::defaults();
    $of = fn (Skill $skill, Pattern $pattern): float => ResidualSpeed::after(
        Travel::of(9, 70),
        $assumed->panning($skill),
        $assumed->erraticness($pattern),
        $assumed->bob(Gait::Flap),
    )->totalMps();

    foreach (Skill::cases() as $skill) {
        $speeds = array_map(fn (Pattern $pattern): float => $of($skill, $pattern), [
            Pattern::Steady,
            Pattern::Accelerating,
            Pattern::StopStart,
            Pattern::Sudden,
            Pattern::Erratic,
        ]);
        expect($speeds)->toBe(
            (function () use ($speeds) {
                sort($speeds);

                return $speeds;
            })(),
        );
    }
    expect($of(Skill::Expert, Pattern::Steady))
        ->toBeLessThan($of(Skill::Settled, Pattern::Steady))
        ->and($of(Skill::Settled, Pattern::Steady))
        ->toBeLessThan($of(Skill::New, Pattern::Steady));
});

it('times an occlusion', function () {
    expect(Occlusion::timeS(0.12, 8, 0.25, 20, 9))
        ->toBeTo(0.0611, 3)
        ->and(Occlusion::timeS(0.12, 8, 0.25, 20, 0))
        ->toBe(INF)
        ->and(Occlusion::timeS(0, 8, 0, 20, 9))
        ->toBe(0.0);
});

it('counts the frames of a trap', function (array $in, float $depth, float $time, float $frames) {
    [$f, $n, $s, $c, $v, $bearing, $fps, $width] = $in;
    $trap = Trap::at(ThinLens::ofFocalLength($f), $n, $s, $c, Travel::of($v, $bearing), $fps, $width);

    expect($trap->depthM)
        ->toBeTo($depth, 5)
        ->and($trap->timeS)
        ->toBeTo($time, 5)
        ->and($trap->frames)
        ->toBeTo($frames, 5)
        ->and($trap->pOne())
        ->toBeTo($frames, 5);
})->with([
    [[500, 5.6, 14, 0.015, 9, 20, 20, 36], 0.12701, 0.015018, 0.30036],
    [[500, 8, 14, 0.03, 9, 60, 12, 23.5], 0.36294, 0.080654, 0.96784],
]);

it('lets a trap end where the subject leaves the frame, when that is sooner', function () {
    // straight across: only the frame's width bounds it; 36 mm at f / (s − f) of a 500 mm lens at 14 m, taken at 9 m/s
    $across = Trap::at(ThinLens::ofFocalLength(500), 5.6, 14, 0.015, Travel::of(9, 90), 20, 36);
    $frameM = (0.036 * (14 - 0.5)) / 0.5;
    // slowly, and nearly straight across: depth would last longer than the frame does
    $slow = Trap::at(ThinLens::ofFocalLength(500), 5.6, 14, 0.015, Travel::of(0.8, 89), 20, 36);

    expect($across->timeS)
        ->toBeTo($frameM / 9, 9)
        ->and($across->frames)
        ->toBeTo((20 * $frameM) / 9, 9)
        ->and($slow->timeS)
        ->toBeTo($frameM / (0.8 * sin(deg2rad(89))), 9);
});

it('never promises more than certainty from a trap', function () {
    $standing = Trap::at(ThinLens::ofFocalLength(500), 8, 14, 0.03, Travel::of(0, 0), 10, 36);

    expect($standing->timeS)
        ->toBe(INF)
        ->and($standing->pOne())
        ->toBe(1.0);
});

it('finds the break-even of hand and camera', function () {
    expect(BreakEven::afHit(0.25, 2.2, 0.55, 0.4, 0.8))->toBeTo(0.82727, 5);
});

it('keeps a still subject sharp by hand and loses a fast one', function () {
    expect(HandFollow::sharpShare(0.05, 0, 0.1))
        ->toBe(1.0)
        ->and(HandFollow::sharpShare(0.1, 1, 0.1))
        ->toEqualWithDelta(0.6826895, 1e-6)
        ->and(HandFollow::sharpShare(0.05, 20, 0.15))
        ->toBeLessThan(0.02)
        ->and(HandFollow::sharpShare(INF, 5, 0.1))
        ->toBe(1.0);
});

it('refuses motion that cannot be', function (callable $wrong, string $field) {
    expect($wrong)->toThrow(NumberOutOfRange::class, $field);
})->with([
    [fn () => Travel::of(-1, 0), 'motion.speed_mps'],
    [fn () => Travel::of(1, 181), 'motion.bearing_deg'],
    [fn () => Travel::of(1, 10, NAN), 'motion.acceleration_mps2'],
    [fn () => FocusLag::errorM(Travel::of(1, 0), 10, 0.06, 1.2), 'prediction'],
    [fn () => Travel::of(1, -0.5), 'motion.bearing_deg'],
    [fn () => Travel::of(1, 90)->panRateRadS(0), 'distance_m'],
    [fn () => Travel::of(1, 90)->panRateRadS(-0.5), 'distance_m'],
    [fn () => Travel::of(1, 90)->closingChangeMps2(-0.5), 'distance_m'],
    [fn () => FocusLag::errorM(Travel::of(1, 0), 10, 0.06, -0.2), 'prediction'],
    [fn () => FocusLag::errorM(Travel::of(1, 0), 10, -0.01, 0.9), 'lag_s'],
    [fn () => MotionBlur::ofSubjectMm(0.01, 3, -0.5), 'shutter_s'],
    [fn () => MotionBlur::ofShakeMm(-0.5, 0.03, 0.01), 'focal_mm'],
    [fn () => MotionBlur::ofShakeMm(50, 0.03, -0.5), 'shutter_s'],
    [fn () => Occlusion::timeS(1, 0, 1, 10, 1), 'obstacle_distance_m'],
    [fn () => Occlusion::timeS(1, 5, 1, -0.5, 1), 'distance_m'],
    [fn () => Trap::at(ThinLens::ofFocalLength(50), 4, 10, 0.03, Travel::of(1, 0), 0, 36), 'fps'],
    [fn () => Trap::at(ThinLens::ofFocalLength(50), 4, 10, 0.03, Travel::of(1, 0), -0.5, 36), 'fps'],
    [fn () => Trap::at(ThinLens::ofFocalLength(50), 4, 10, 0.03, Travel::of(1, 0), 10, -0.5), 'sensor_width_mm'],
    [fn () => BreakEven::afHit(-0.1, 2.2, 0.55, 0.4, 0.8), 'af_s'],
    [fn () => BreakEven::afHit(0.25, -0.5, 0.55, 0.4, 0.8), 'af_recover_s'],
    [fn () => BreakEven::afHit(0.25, 2.2, 0.55, 0.4, -0.1), 'hand_hit'],
    [fn () => BreakEven::afHit(0.25, 2.2, 0.55, 0.4, 1.1), 'hand_hit'],
]);

it('reckons with small numbers as with large ones', function () {
    expect(Travel::of(2, 90)->panRateRadS(0.5))
        ->toBeTo(4.0)
        ->and(Travel::of(2, 90, -3)->closingChangeMps2(0.5))
        ->toBeTo(11.0) // v²/s and what it brakes add up
        ->and(Travel::of(0.5, 0)->closingMps())
        ->toBeTo(0.5)
        ->and(MotionBlur::ofShakeMm(0.5, 0.03, 0.5))
        ->toBeTo(0.0075)
        ->and(Occlusion::timeS(0.1, 0.5, 0.1, 0.8, 1))
        ->toBeTo((0.1 / 0.5 + 0.1 / 0.8) * 0.8)
        ->and(Occlusion::timeS(0, 8, 0, 20, 0))
        ->toBe(0.0)
        ->and(BreakEven::afHit(0.25, 0.5, 0.55, 0.4, 0.8))
        ->toBeTo(1 - 0.38 / 0.5)
        ->and(Trap::at(ThinLens::ofFocalLength(50), 4, 10, 0.03, Travel::of(0.5, 0), 0.5, 0.5)->frames)
        ->toBeGreaterThan(0.0);
});

it('lets every assumed figure be changed inside its range, and no other', function () {
    foreach (Assumptions::all() as $name => $one) {
        expect($one->default)
            ->toBeGreaterThanOrEqual($one->least)
            ->toBeLessThanOrEqual($one->most)
            ->and($one->meaning)
            ->not->toBe('')
            ->and($one->origin)
            ->not->toBe('')
            ->and(Assumptions::with([$name => $one->most])->value($name))
            ->toBe((float) $one->most);
    }
    expect(Assumptions::with(['panning.settled' => 0.5])->panning(Skill::Settled))
        ->toBe(0.5)
        ->and(Assumptions::with(['panning.settled' => 0.5])->panning(Skill::Expert))
        ->toBe(0.93)
        ->and(fn () => Assumptions::with(['panning.settled' => 1.5]))
        ->toThrow(NumberOutOfRange::class, 'panning.settled')
        ->and(fn () => Assumptions::with(['panning.good' => 0.5]))
        ->toThrow(UnknownField::class, 'panning.good');
});

it('knows in how many frames the movement stays under a rate, as drawing them tells', function (
    float $pan,
    float $own,
    float $shake,
) {
    $spread = new FrameSpread($pan, $own, $shake, 0.35);
    $dice = Dice::ofSeed(11);
    $drawn = [];
    foreach (array_map(null, $dice->normals(20000), $dice->normals(20000), $dice->evens(20000)) as [$n, $y, $phase]) {
        $drawn[] = sqrt(
            ($pan * $n) ** 2 +
                ($own * M_SQRT2 * cos(2 * M_PI * $phase)) ** 2 +
                ($shake * exp(0.35 * $y - 0.35 ** 2)) ** 2,
        );
    }
    $share = fn (float $rate): float => count(array_filter($drawn, fn (float $one): bool => $one <= $rate)) / 20000;

    expect(sqrt(array_sum(array_map(fn (float $one): float => $one ** 2, $drawn)) / 20000))
        ->toEqualWithDelta($spread->usualMmS(), 0.03 * $spread->usualMmS())
        ->and($spread->share($spread->usualMmS()))
        ->toEqualWithDelta($share($spread->usualMmS()), 0.03);
    // what swings or strays alone jumps at its end: of two that meet, the share is even
    if (min($pan + $shake, $own + $shake, $own + $pan) > 0) {
        foreach ([0.5, 0.75, 1.3, 1.8] as $times) {
            $rate = $times * $spread->usualMmS();
            expect($spread->share($rate))->toEqualWithDelta($share($rate), 0.035);
        }
    }
    foreach ([0.8, 0.95] as $wanted) {
        expect($share($spread->reachedBy($wanted)))
            ->toBeGreaterThan($wanted - 0.02)
            ->toBeLessThan($wanted + 0.04);
    }
})->with([
    'the pan alone' => [10, 0, 0],
    'its bob alone' => [0, 10, 0],
    'hands alone' => [0, 0, 10],
    'all alike' => [5, 5, 5],
    'mostly hands' => [1, 2, 9],
    'hands and a bob' => [0, 7, 9],
    'a pan and a bob' => [9, 4, 1],
]);

it('moves nothing where nothing moves it', function () {
    $still = new FrameSpread(0, 0, 0, 0.35);
    expect($still->share(0.001))->toBeTo(1.0)->and($still->reachedBy(0.95))->toBe(0.0);
});
