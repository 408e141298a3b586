<?php

declare(strict_types=1);

use RushHold\Kit\FocusMode;
use RushHold\Optics\Sensor;
use RushHold\Rush\Posture;
use RushHold\Sharpness\BlurMeter;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Shoot\Film;
use RushHold\Shoot\Outline;
use RushHold\Shoot\ShootFault;
use RushHold\Shoot\Shooting;
use RushHold\Shoot\Shot;
use RushHold\Shoot\Smear;
use RushHold\Shoot\Surface;
use RushHold\Shoot\Texture;
use RushHold\Shoot\Truth;
use Tests\Support\Documents;

/** @return array{Shooting, list<Shot>, list<string>} with the verdict of each */
function pass(?ShootFault $fault = null, array $rush = [], int $seed = 3): array
{
    $plan = Documents::plan($rush + ['clutter' => ['background' => 'busy', 'background_gap_m' => 9]]);
    $shooting = Shooting::of($plan, $seed, 24, $fault);
    $truth = new Truth($shooting);
    $shots = $shooting->shots();

    return [$shooting, $shots, array_map(static fn (Shot $shot): string => $truth->verdict($shot)->value, $shots)];
}

it('photographs a surface through any blur, as wide as it says', function () {
    $leaves = Surface::of(Texture::leaves(512, 512, 31, 3.0, 60.0), 1.0, 120.0);
    $plain = Surface::of(Texture::leaves(512, 512, 32, 3.0, 60.0), 0.5, 120.0);
    foreach ([[new Smear(6.0, 0.2, []), new Smear(0.0, 0.2, [[12.0, 150.0]])], [new Smear(4.0, 0.3, [[9.0, 30.0]]), new Smear(0.0, 0.0, [])]] as [$one, $other]) {
        foreach ([[$one, 0], [$other, 1]] as [$smear, $which]) {
            $seen = BlurMeter::of(Surface::photographed($leaves, $one, $plain, $other)[$which]);
            $true = $smear->found();
            if ($true->totalPx() < 1) {
                expect($seen->totalPx())->toBeLessThan(1.9);
            } else {
                expect($seen->totalPx() / $true->totalPx())->toBeBetween(1 / 1.3, 1.3);
            }
        }
    }
});

it('adds lines up as their spreads do', function () {
    $square = (new Smear(0.0, 0.0, [[6.0, 20.0], [6.0, 110.0]]))->found();
    // two lines across each other blur alike in all directions: 4σ, σ² = 36/12
    expect($square->motionPx)->toBeLessThan(1e-6)->and($square->isoPx)->toBeTo(4 * sqrt(3));
    $along = (new Smear(0.0, 0.0, [[3.0, 70.0], [4.0, 70.0]]))->found();
    expect($along->motionPx)->toBeTo(5.0)->and($along->motionDeg)->toBeTo(70.0)->and($along->isoPx)->toBeLessThan(1e-6);
    $all = new Smear(7.0, 0.5, [[9.0, 40.0]]);
    expect($all->keeps(0.0, 0.0))->toBeTo(1.0)->and(abs($all->keeps(0.2, 0.1)))->toBeLessThan(0.2);
});

it('has as many pixels as asked for, on the whole sensor', function () {
    $film = Film::of(Sensor::of(36.0, 24.0, 8256), 24);
    expect([$film->width, $film->height])->toBe([6000, 4000])->and($film->px(0.015))->toBeTo(2.5);
    $small = Film::of(Sensor::of(17.3, 13.0, 5184), 8);
    expect($small->width * $small->height / 1e6)->toEqualWithDelta(8.0, 0.2);
});

it('draws an outline for every posture, its patch well inside', function () {
    foreach (Posture::cases() as $posture) {
        $outline = Outline::of($posture);
        [$x, $y, $half, $halfHigh] = $outline->patch;
        expect($outline->inside($x, $y))->toBeGreaterThan(0.02, $posture->value);
        foreach ([[-1, 0], [1, 0], [0, -1], [0, 1]] as [$right, $down]) {
            expect($outline->inside($x + 0.9 * $right * $half, $y + 0.9 * $down * $halfHigh))->toBeGreaterThan(0.0, $posture->value);
        }
        expect($outline->inside(0.7, 0.0))->toBeLessThan(0.0);
    }
});

it('takes the same pass again for the same seed', function () {
    expect(pass()[1])->toEqual(pass()[1])->and(pass(seed: 4)[1])->not->toEqual(pass()[1]);
});

it('makes each mistake it is asked for', function () {
    $count = static fn (array $verdicts, FrameVerdict $of): int => count(array_keys($verdicts, $of->value, true));
    [$shooting, $shots, $clean] = pass();
    expect($count($clean, FrameVerdict::Sharp) + $count($clean, FrameVerdict::Panned))->toBeGreaterThan(count($shots) / 3);

    [, $dark, $verdicts] = pass(ShootFault::Dark);
    expect($count($verdicts, FrameVerdict::Dark))->toBe(count($verdicts) - $count($verdicts, FrameVerdict::Out))->and($dark[0]->stops)->toBeLessThan(-4.0);
    [, , $verdicts] = pass(ShootFault::Out);
    expect($count(array_slice($verdicts, intdiv(count($verdicts), 2)), FrameVerdict::Out))->toBe(count($verdicts) - intdiv(count($verdicts), 2));
    [, , $verdicts] = pass(ShootFault::Obstacle);
    expect($count($verdicts, FrameVerdict::Out))->toBeGreaterThan($count($clean, FrameVerdict::Out));
    [, $shaken] = pass(ShootFault::Shaken);
    expect(array_map(static fn (Shot $shot): float => $shot->subject->lines[0][0], $shaken)[0])->toBeTo(10 * $shots[0]->subject->lines[0][0]);
    [$slow, , $verdicts] = pass(ShootFault::Shutter);
    expect($slow->hold->shutterS)->toBeGreaterThan(3.9 * $shooting->hold->shutterS)->and($count($verdicts, FrameVerdict::Sharp))->toBeLessThan($count($clean, FrameVerdict::Sharp) + 1);
    [$locked] = pass(ShootFault::Single);
    expect($locked->hold->focusMode)->toBe(FocusMode::Single);
    [$tuned] = pass(ShootFault::Tuning);
    expect($tuned->hold->stay)->not->toBe($shooting->hold->stay);
});

it('lets what is behind streak by as much as the camera turns, and the hands blur all alike', function () {
    [$shooting, $shots, $verdicts] = pass(rush: ['motion' => ['speed_mps' => 9, 'bearing_deg' => 90, 'pattern' => 'steady']]);
    $shot = $shots[array_search('sharp', $verdicts, true)];
    $focal = $shooting->plan->situation->optic->focalMm;
    // f·v/s·t over the pitch, nearly all of it panned
    $all = ($focal * 9 * $shooting->hold->shutterS) / $shot->frame->distanceM / $shooting->film->pitchMm;
    $streak = $shot->around->lines[1][0] ?? 0.0;
    expect($streak)->toBeBetween(0.5 * $all, 1.05 * $all)->and($shot->around->lines[0])->toBe($shot->subject->lines[0]);
    // and is further out of focus than what the focus is on
    expect($shot->around->discPx)->toBeGreaterThan($shot->subject->discPx);
});
