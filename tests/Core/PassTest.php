<?php

declare(strict_types=1);

use RushHold\Hold\Burst as BurstLength;
use RushHold\Hold\Dials;
use RushHold\Hold\ManualTechnique;
use RushHold\Hold\Pick;
use RushHold\Kit\AfArea;
use RushHold\Kit\FocusMode;
use RushHold\Motion\MotionBlur;
use RushHold\Motion\Pattern;
use RushHold\Optics\Diffraction;
use RushHold\Planning\Plan;
use RushHold\Rehearsal\Estimate\EstimateDocument;
use RushHold\Rehearsal\Estimate\Tally;
use RushHold\Rehearsal\Focus\FocusTarget;
use RushHold\Rehearsal\Frame;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Scene\Scene;
use RushHold\Rehearsal\Shutter;
use RushHold\Rehearsal\Take;
use RushHold\Rehearsal\TakeDocument;
use RushHold\Rehearsal\Verdict;
use Tests\Support\Documents;

/** A plan by hand among stems. */
function byHand(array $own = []): Plan
{
    return Documents::plan(
        array_replace_recursive(
            [
                'clutter' => ['foreground' => 'dense', 'background' => 'busy'],
                'photographer' => ['manual_skill' => 0.8, 'schools' => ['clutter' => 'manual']],
            ],
            $own,
        ),
    );
}

/** Spread of a list about zero. */
function spreadOf(array $all): float
{
    return sqrt(array_sum(array_map(fn (float $one): float => $one ** 2, $all)) / count($all));
}

it('goes straight past where nothing jinks', function (float $bearing) {
    $plan = Documents::plan(['motion' => ['speed_mps' => 6, 'bearing_deg' => $bearing]]);
    $pass = Rehearsal::of($plan)->pass(1);
    $meet = (int) round($pass->scene->meetS / Scene::STEP_S);
    foreach ([0, intdiv($meet, 2), $meet, $pass->scene->steps - 1] as $at) {
        $time = $at * Scene::STEP_S - $pass->scene->meetS;
        $x = 6 * sin(deg2rad($bearing)) * $time;
        $z = 18 - 6 * cos(deg2rad($bearing)) * $time;
        expect($pass->distanceM[$at])
            ->toEqualWithDelta(hypot($x, $z), 1e-9)
            ->and($pass->azimuthRad[$at])
            ->toEqualWithDelta(atan2($x, $z), 1e-9);
    }
    // within its range, and no longer than a pass is
    expect(min($pass->distanceM))
        ->toBeGreaterThanOrEqual(min(14, 18 * sin(deg2rad($bearing))) - 0.5)
        ->and(max($pass->distanceM))
        ->toBeLessThan(40.5)
        ->and($pass->scene->durationS())
        ->toBeLessThanOrEqual(3.001);
})->with([0, 30, 90, 150, 180]);

it('crosses as fast as the geometry has it, all along the way', function () {
    $plan = Documents::plan(['motion' => ['speed_mps' => 8, 'bearing_deg' => 50]]);
    $pass = Rehearsal::of($plan)->pass(1);
    for ($at = 10; $at < $pass->scene->steps - 10; $at += 25) {
        $closing = ($pass->distanceM[$at - 1] - $pass->distanceM[$at + 1]) / (2 * Scene::STEP_S);
        expect($pass->crossingMps[$at])->toEqualWithDelta(sqrt(64 - $closing ** 2), 0.01);
    }
});

it('moves by its pattern', function () {
    $passes = fn (Pattern $pattern, array $own = []) => array_map(
        fn (int $seed) => Rehearsal::of(
            Documents::plan(
                array_replace_recursive(
                    ['motion' => ['pattern' => $pattern->value, 'bearing_deg' => 0]],
                    ['distance' => ['near_m' => 10, 'work_m' => 40, 'far_m' => 90]],
                    $own,
                ),
            ),
        )->pass($seed),
        range(1, 6),
    );
    $speeds = function ($pass): array {
        $found = [];
        for ($at = 1; $at < $pass->scene->steps; $at++) {
            $found[] = ($pass->distanceM[$at - 1] - $pass->distanceM[$at]) / Scene::STEP_S;
        }

        return $found;
    };
    foreach ($passes(Pattern::Steady) as $pass) {
        expect(max($speeds($pass)) - min($speeds($pass)))->toBeLessThan(0.01);
    }
    foreach ($passes(Pattern::StopStart) as $pass) {
        expect(max($speeds($pass)) - min($speeds($pass)))->toBeGreaterThan(2.0);
    }
    // what is typed keeps its sign: it brakes, and stops rather than turn round
    foreach ($passes(Pattern::Accelerating, ['motion' => ['acceleration_mps2' => -8]]) as $pass) {
        $first = array_sum(array_slice($speeds($pass), 0, 20)) / 20;
        $last = array_sum(array_slice($speeds($pass), -20)) / 20;
        expect($last)->toBeLessThan($first);
    }
    // what sits leans, and never leaves
    $plan = Documents::plan(['motion' => ['pattern' => 'still', 'speed_mps' => 1]]);
    foreach (range(1, 4) as $seed) {
        $off = array_map(fn (float $distance): float => $distance - 18, Rehearsal::of($plan)->pass($seed)->distanceM);
        expect(max(array_map(abs(...), $off)))->toBeGreaterThan(0.005)->toBeLessThan(0.4);
    }
});

it('lets come late what bursts in, and what is awaited', function (array $own) {
    $rehearsal = Rehearsal::of(Documents::plan($own));
    expect($rehearsal->scene->arrives)->toBeGreaterThan(10);
    $take = $rehearsal->take(3, $rehearsal->plan->hold->with(burst: BurstLength::Long));
    $arrives = $rehearsal->scene->arrives * Scene::STEP_S;
    $held = array_slice($take->plane->held, 0, $rehearsal->scene->arrives);
    expect($held)->not->toContain(FocusTarget::SUBJECT);
    foreach ($take->frames() as $frame) {
        expect($frame->atS)->toBeGreaterThan($arrives);
    }
})->with([
    'sudden' => [['motion' => ['pattern' => 'sudden']]],
    'awaited' => [['intent' => ['follow' => 'whoever-enters', 'entry' => 'left']]],
]);

it('spreads what stands about evenly, and leaves a gap before what sits', function () {
    $rush = ['clutter' => ['foreground' => 'dense', 'obstacle_width_m' => 0.01]];
    $rehearsal = Rehearsal::of(Documents::plan($rush));
    $strips = $rehearsal->scene->strips;
    expect((2 * $rehearsal->scene->following->halfFrameRad) / $strips->gridRad)->toEqualWithDelta(7.0, 1e-9);
    $pass = $rehearsal->pass(4);
    $azimuths = array_map(fn ($one) => $one->azimuthRad, $pass->obstacles);
    foreach (array_slice($azimuths, 1) as $at => $azimuth) {
        expect($azimuth - $azimuths[$at])
            ->toBeGreaterThan(0.19 * $strips->gridRad)
            ->toBeLessThan(1.81 * $strips->gridRad);
    }
    // the gap told is the gap to the nearest of them
    foreach ([0, 100, 200] as $at) {
        $nearest = min(array_map(fn (float $one) => abs($one - $pass->azimuthRad[$at]), $azimuths));
        expect($pass->gapRad[$at])->toEqualWithDelta($nearest, 1e-9);
    }
    $sitting = Rehearsal::of(Documents::plan($rush + ['motion' => ['pattern' => 'still', 'speed_mps' => 0]]));
    foreach (range(1, 20) as $seed) {
        expect($sitting->pass($seed)->gapRad[0])->toBeGreaterThan(0.5 * $sitting->scene->strips->gridRad);
    }
    $clear = Rehearsal::of(Documents::plan());
    expect($clear->scene->strips->areNone())
        ->toBeTrue()
        ->and($clear->pass(1)->gapRad[50])
        ->toBe(INF)
        ->and($clear->pass(1)->obstacles)
        ->toBe([]);
});

it('lets others pass before the subject by chance, more of them where they are frequent', function () {
    $passers = fn (string $crossers): int => array_sum(
        array_map(
            fn (int $seed) => count(
                Rehearsal::of(Documents::plan(['clutter' => ['crossers' => $crossers]]))->pass($seed)->obstacles,
            ),
            range(1, 40),
        ),
    );
    $occasional = $passers('occasional') / 40;
    $frequent = $passers('frequent') / 40;
    // 0.8 and 2.6 in two seconds, over three
    expect($occasional)->toEqualWithDelta(1.2, 0.5)->and($frequent)->toEqualWithDelta(3.9, 0.9);
});

it('presses as the burst says', function () {
    $rehearsal = Rehearsal::of(Documents::plan());
    $bursts = fn (BurstLength $burst) => Shutter::bursts(
        $rehearsal->pass(2),
        $rehearsal->camera($rehearsal->plan->hold->with(burst: $burst)),
    );
    $short = $bursts(BurstLength::Short);
    expect(count($short))
        ->toBeGreaterThan(2)
        ->and(array_unique(array_map(fn ($one) => $one->frames, $short)))
        ->toBe([3]);
    foreach (array_slice($short, 1) as $at => $one) {
        // three frames at twenty a second, then half a second of rest
        expect($one->startS - $short[$at]->startS)->toBeGreaterThanOrEqual(0.65 - 1e-9);
    }
    $long = $bursts(BurstLength::Long);
    expect($long)
        ->toHaveCount(1)
        ->and($long[0]->frames)
        ->toEqualWithDelta((3 - $long[0]->startS) * 20, 1.01)
        ->and(array_map(fn ($one) => $one->frames, $bursts(BurstLength::Single)))
        ->toBe([1, 1, 1]);
    // a full buffer ends it
    $fast = Rehearsal::of(Documents::plan([], ['body' => ['fps' => 60]]));
    $frames = Take::of($fast->pass(1), $fast->camera($fast->plan->hold->with(burst: BurstLength::Long)))->frames();
    expect(count($frames))->toBe(60);
});

it('focuses by hand as each technique does', function () {
    $pull = byHand(['motion' => ['pattern' => 'sudden', 'bearing_deg' => 20]]);
    expect($pull->hold->manualTechnique)->toBe(ManualTechnique::Pull);
    $dioptres = Rehearsal::of($pull)->take(1)->plane->dioptres;
    // one way through the whole range, against a subject that comes on
    expect(1 / $dioptres[0])
        ->toEqualWithDelta(14.0, 1e-6)
        ->and(
            array_values(
                array_filter(
                    $dioptres,
                    fn ($one, $at) => $at > 0 && $one > $dioptres[$at - 1] + 1e-12,
                    ARRAY_FILTER_USE_BOTH,
                ),
            ),
        )
        ->toBe([]);

    $follow = byHand(['motion' => ['bearing_deg' => 20]]);
    $hold = $follow->hold;
    if ($hold->manualTechnique === ManualTechnique::Follow) {
        $rehearsal = Rehearsal::of($follow);
        $off = [];
        foreach (range(1, 30) as $seed) {
            $take = $rehearsal->take($seed);
            for ($at = 20; $at < $rehearsal->scene->steps - 20; $at += 40) {
                $off[] = 1 / $take->plane->dioptres[$at] - $take->pass->distanceM[$at];
            }
        }
        // σ = |v_r|·h, h = 0.15·(1 − 0.7·0.8)
        expect(spreadOf($off))->toEqualWithDelta(9 * cos(deg2rad(20)) * 0.15 * 0.44, 0.12);
    }

    $trap = byHand(['motion' => ['bearing_deg' => 40, 'route' => 'known']]);
    $take = Rehearsal::of($trap)->take(1);
    expect(array_unique($take->plane->dioptres))
        ->toHaveCount(1)
        ->and(1 / $take->plane->dioptres[0])
        ->toEqualWithDelta($trap->draft->hand->trap->distanceM, 1e-6)
        ->and(array_unique($take->plane->held))
        ->toBe([FocusTarget::PLANE]);
    // the frames lie round the moment it crosses the plane
    $off = array_map(
        fn (float $distance): float => abs($distance - $trap->draft->hand->trap->distanceM),
        $take->pass->distanceM,
    );
    $nearest = array_search(min($off), $off, true);
    $times = array_map(fn (Frame $frame) => $frame->atS, $take->frames());
    expect(min($times))
        ->toBeLessThan($nearest * Scene::STEP_S)
        ->and(max($times))
        ->toBeGreaterThan($nearest * Scene::STEP_S);
});

it('turns a wrong lock back where the ring is at hand', function () {
    $plan = Documents::plan([
        'motion' => ['pattern' => 'still', 'speed_mps' => 0.2],
        'clutter' => [
            'foreground' => 'dense',
            'background' => 'busy',
            'background_gap_m' => 5,
            'obstacle_width_m' => 0.05,
        ],
    ]);
    $rehearsal = Rehearsal::of($plan);
    $wrong = function (FocusMode $mode) use ($rehearsal, $plan): int {
        $found = 0;
        foreach (range(1, 15) as $seed) {
            $hold = $plan->hold->with(area: AfArea::WholeFrame, focusMode: $mode);
            $found += $rehearsal->take($seed, $hold)->counts()[Verdict::WrongThing->value] ?? 0;
        }

        return $found;
    };
    expect($wrong(FocusMode::Single))->toBeGreaterThan(5)->and($wrong(FocusMode::SingleWithOverride))->toBe(0);
});

it('loses more to what stands in a zone when the nearest is to win', function () {
    $rush = [
        'clutter' => ['foreground' => 'sparse', 'background' => 'busy', 'obstacle_width_m' => 0.05],
    ];
    $plan = Documents::plan($rush, ['body' => ['areas' => ['zone-large', 'single-point']]]);
    $rehearsal = Rehearsal::of($plan);
    $sharp = function (Pick $pick) use ($rehearsal, $plan): float {
        $own = $plan->hold->with(area: AfArea::ZoneLarge, stay: 1)->toArray();
        $hold = Documents::hold([
            'area' => AfArea::ZoneLarge,
            'stay' => 1,
            'pace' => 2,
            'pick' => $pick,
            'shutterS' => $own['shutter_s'],
            'fNumber' => $own['f_number'],
            'fps' => 20.0,
        ]);
        $tally = new Tally();
        foreach (range(1, 60) as $seed) {
            $tally->add($rehearsal->take($seed, $hold)->counts());
        }

        return $tally->sharpAPass();
    };
    expect($sharp(Pick::Nearest))->toBeLessThan($sharp(Pick::Auto));
});

it('blurs a frame by the formulas of the plan', function () {
    $plan = Documents::plan(['subject' => ['count' => 3, 'depth_spread_m' => 0.3]]);
    $exposing = Rehearsal::of($plan)->camera()->exposing;
    $lens = $plan->situation->optic;
    foreach ([[14.0, 14.2, 3.0], [18.0, 17.1, 8.5], [60.0, 200.0, 0.0]] as [$s, $q, $crossing]) {
        [$motion, $shake, $defocus, $shimmer, $total] = $exposing->blur($s, 1 / $q, $crossing, 1.3, 0.8);
        $speed = hypot($crossing * $exposing->panLeft * 1.3, $exposing->ownMps);
        $disc = $lens->blurDiscMm($plan->hold->fNumber, $s, $q);
        $diffraction = Diffraction::fwhmMm($plan->hold->fNumber);
        expect($motion)
            ->toEqualWithDelta(MotionBlur::ofSubjectMm($lens->magnification($s), $speed, $plan->hold->shutterS), 1e-12)
            ->and($shake)
            ->toEqualWithDelta(0.8 * $plan->blur->shakeMm, 1e-12)
            ->and($defocus)
            ->toEqualWithDelta(hypot($disc, $plan->frameBlur->groupMm($plan->hold->fNumber)), 1e-12)
            ->and($total)
            ->toEqualWithDelta(sqrt($motion ** 2 + $shake ** 2 + $defocus ** 2 + $shimmer ** 2 + $diffraction ** 2), 1e-12);
    }
});

it('slows in the dark and on a plain subject', function () {
    $times = fn (array $rush) => Rehearsal::of(Documents::plan($rush))->camera()->tracking;
    $usual = $times([]);
    // two EV below the limit: twice as long
    $dark = $times(['light' => ['ev100' => 3]]);
    $plain = $times(['subject' => ['detail' => 'low']]);
    expect($dark->glimpseS)
        ->toEqualWithDelta(2 * $usual->glimpseS, 1e-9)
        ->and($plain->recoverS + $plain->acquireS + $plain->glimpseS)
        ->toEqualWithDelta(1.6 * 2.2, 1e-9)
        ->and($dark->scatter)
        ->toBeGreaterThan($usual->scatter);
});

it('writes a take that can be played, with whole numbers where a drawing needs no more', function () {
    $plan = Documents::plan(Documents::DARTING);
    $rehearsal = Rehearsal::of($plan);
    $written = TakeDocument::of(3, $rehearsal->take(3));
    $json = (string) json_encode($written);
    expect(strlen($json))
        ->toBeLessThan(60000)
        ->and(array_keys($written))
        ->toContain('pass', 'scene', 'choices', 'frames', 'held', 'focus_m')
        ->and($written['choices']['shutters_s'][0])
        ->toBe($plan->situation->kit->body->shortestShutterS)
        ->and($written['scene']['obstacle_m'])
        ->toEqualWithDelta(24 * 0.8, 1e-9);
    // the plane as the frames meet it
    foreach ($written['frames'] as $frame) {
        $at = (int) round($frame['at_s'] / Scene::STEP_S);
        if ($at < $rehearsal->scene->steps - 1) {
            expect($written['focus_m'][$at])->toEqualWithDelta($frame['focus_m'], 0.02 * $frame['focus_m'] + 0.3);
        }
    }
    expect(EstimateDocument::words($plan, new Dials(AfArea::LockOn, 3)))
        ->toBe('lock-on, stay 3')
        ->and(EstimateDocument::words($plan, Dials::none()))
        ->toBe('');
});
