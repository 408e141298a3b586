<?php

declare(strict_types=1);

use RushHold\Hold\Burst;
use RushHold\Hold\ManualTechnique;
use RushHold\Kit\AfArea;
use RushHold\Kit\FocusMode;
use RushHold\Motion\Pattern;
use RushHold\Planning\AreaScorer;
use RushHold\Planning\Plan;
use RushHold\Rehearsal\Estimate\Tally;
use RushHold\Rehearsal\Focus\FocusTarget;
use RushHold\Rehearsal\Focus\Gains;
use RushHold\Rehearsal\Frame;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Scene\Dice;
use RushHold\Rehearsal\Scene\Noise;
use RushHold\Rehearsal\Scene\Scene;
use RushHold\Rehearsal\Take;
use RushHold\Rehearsal\Verdict;
use Tests\Support\Documents;

/** A straight pass of this speed, bearing and distance with room on both sides. */
function straightPass(float $speed, float $bearing, float $distance, array $more = []): Plan
{
    return Documents::plan(
        array_replace_recursive(
            [
                'motion' => ['speed_mps' => $speed, 'bearing_deg' => $bearing],
                'distance' => [
                    'near_m' => $distance * 0.7,
                    'work_m' => $distance,
                    'far_m' => $distance * 2,
                ],
            ],
            $more,
        ),
    );
}

/** The frame taken nearest to the moment it is at the working distance. */
function frameAtMeeting(Rehearsal $rehearsal, array $frames): Frame
{
    usort(
        $frames,
        fn (Frame $a, Frame $b) => abs($a->atS - $rehearsal->scene->meetS) <=> abs($b->atS - $rehearsal->scene->meetS),
    );

    return $frames[0];
}

/** @return list<int> what the focus holds, each as often as it changes */
function heldInTurn(array $held): array
{
    $changes = [];
    foreach ($held as $now) {
        if (end($changes) !== $now) {
            $changes[] = $now;
        }
    }

    return $changes;
}

it('throws the same dice for the same seed, of the right mean and spread', function () {
    expect(Dice::ofSeed(7)->normals(50))
        ->toBe(Dice::ofSeed(7)->normals(50))
        ->and(Dice::ofSeed(7)->normals(50))
        ->not->toBe(Dice::ofSeed(8)->normals(50))
        ->and(Dice::ofSeed(7)->normals(0))
        ->toBe([]);
    $normals = Dice::ofSeed(1)->normals(40000);
    $mean = array_sum($normals) / 40000;
    $spread = sqrt(array_sum(array_map(fn ($one) => $one ** 2, $normals)) / 40000);
    expect($mean)
        ->toEqualWithDelta(0.0, 0.02)
        ->and($spread)
        ->toEqualWithDelta(1.0, 0.01)
        ->and(max($normals))
        ->toBeLessThan(4.0);
    $evens = Dice::ofSeed(1)->evens(40000);
    expect(min($evens))
        ->toBeGreaterThan(0.0)
        ->and(max($evens))
        ->toBeLessThan(1.0)
        ->and(array_sum($evens) / 40000)
        ->toEqualWithDelta(0.5, 0.01);
});

it('lets chance wander with the spread it is given', function () {
    $spread = fn (array $all) => sqrt(array_sum(array_map(fn ($one) => $one ** 2, $all)) / count($all));
    $normals = Dice::ofSeed(3)->normals(60000);
    expect($spread(Noise::rough(2.0, 0.2, $normals)))
        ->toEqualWithDelta(2.0, 0.1)
        ->and($spread(Noise::smooth(2.0, 0.2, $normals)))
        ->toEqualWithDelta(2.0, 0.15);
    // with this spread a jink carries it ε·v·reaction in the time the hand needs to answer
    $carried = Noise::carried(1.27, 0.25, 1, $normals);
    $moved = [];
    for ($at = 30; $at < 60000; $at++) {
        $moved[] = $carried[$at] - $carried[$at - 30];
    }
    expect($spread($moved))->toEqualWithDelta(0.25, 0.02);
    // and it comes back to its way, so that it never wanders off
    expect($spread($carried))->toBeLessThan(0.9);
});

it('agrees with the plan on a straight pass with a perfect aim', function (
    float $speed,
    float $bearing,
    float $distance,
) {
    $plan = straightPass($speed, $bearing, $distance);
    $rehearsal = Rehearsal::perfect($plan);
    $hold = $plan->hold->with(pace: 2, burst: Burst::Long);
    $frame = frameAtMeeting($rehearsal, $rehearsal->take(1, $hold)->frames());
    expect($frame->motionMm)
        ->toEqualWithDelta($plan->blur->motionMm, $plan->blur->motionMm * 0.02)
        ->and($frame->shakeMm)
        ->toEqualWithDelta($plan->blur->shakeMm, 1e-9)
        ->and($frame->defocusMm)
        ->toEqualWithDelta($plan->blur->defocusMm, 0.0006)
        ->and($frame->totalMm)
        ->toEqualWithDelta($plan->blur->totalMm(), $plan->blur->totalMm() * 0.03);
})->with([
    'straight at the camera' => [8, 0, 30],
    'crossing' => [9, 90, 18],
    'crossing, close and fast' => [15, 90, 12],
    'away' => [8, 180, 25],
    'going away across' => [9, 135, 18],
]);

it('is never worse than the plan where the terms of the lag work against each other', function () {
    // coming on across, the speed it closes with and the change of it have opposite signs; the plan adds them
    $plan = straightPass(9, 45, 18);
    $rehearsal = Rehearsal::perfect($plan);
    $frame = frameAtMeeting($rehearsal, $rehearsal->take(1, $plan->hold->with(pace: 2, burst: Burst::Long))->frames());
    expect($frame->defocusMm)->toBeLessThan($plan->blur->defocusMm);
});

it('keeps an area on the target as often as the area scores say', function (array $rush) {
    $plan = Documents::plan($rush);
    $rehearsal = Rehearsal::of($plan);
    $scorer = new AreaScorer($plan->situation);
    foreach ([AfArea::SinglePoint, AfArea::WholeFrame, AfArea::LockOn] as $area) {
        $looking = $rehearsal->camera($plan->hold->with(area: $area))->looking;
        $on = 0;
        $at = $rehearsal->scene->stepAt($rehearsal->scene->meetS);
        for ($seed = 0; $seed < 400; $seed++) {
            $pass = $rehearsal->pass($seed);
            $on += $looking->isOn($pass->asideM[$at], $pass->aboveM[$at], $pass->distanceM[$at]) ? 1 : 0;
        }
        expect($on / 400)->toEqualWithDelta($scorer->of($area)->onTarget, 0.08);
    }
})->with([
    'steady' => [[]],
    'jinking' => [
        [
            'motion' => ['pattern' => 'erratic'],
            'distance' => ['near_m' => 20, 'work_m' => 30, 'far_m' => 60],
        ],
    ],
    'new to it' => [['photographer' => ['skill' => 'new']]],
]);

it('plays the same pass for the same seed, and another for another', function () {
    $rehearsal = Rehearsal::of(
        Documents::plan([
            'motion' => ['pattern' => 'erratic'],
            'clutter' => ['foreground' => 'sparse', 'crossers' => 'occasional'],
        ]),
    );
    $again = Rehearsal::of($rehearsal->plan);
    expect($rehearsal->take(5)->frames())
        ->toEqual($again->take(5)->frames())
        ->and($rehearsal->take(5)->plane->dioptres)
        ->toBe($again->take(5)->plane->dioptres)
        ->and($rehearsal->take(6)->plane->dioptres)
        ->not->toBe($rehearsal->take(5)->plane->dioptres);
    // a dial changes neither the subject nor the hand
    $other = $rehearsal->take(5, $rehearsal->plan->hold->with(area: AfArea::SinglePoint, stay: 4));
    expect($other->pass->distanceM)
        ->toBe($rehearsal->pass(5)->distanceM)
        ->and($other->pass->asideM)
        ->toBe($rehearsal->pass(5)->asideM);
});

it('loses the subject at every post with stay 0, and at none that it waits out', function () {
    $plan = straightPass(9, 90, 20, [
        'clutter' => [
            'foreground' => 'sparse',
            'obstacle_width_m' => 0.12,
            'obstacle_distance_m' => 8,
        ],
    ]);
    $rehearsal = Rehearsal::perfect($plan);
    $pass = $rehearsal->pass(2);
    $touch =
        $rehearsal->scene->strips->halfRad + $plan->situation->framing->targetM / 2 / $plan->situation->rush->workM;
    $posts = count(array_filter(heldInTurn(array_map(fn (float $gap) => $gap < $touch ? 1 : 0, $pass->gapRad))));
    // t = (w/d + z/s)/Ω, docs/model.md: within a step of what the pass shows
    $hidden = array_filter($pass->gapRad, fn (float $gap) => $gap < $touch);
    $reckoned = (0.12 / 8 + $plan->situation->framing->targetM / 20) / ($rehearsal->scene->going->crossingMps / 20);
    expect($posts)
        ->toBeGreaterThan(3)
        ->and((count($hidden) * Scene::STEP_S) / $posts)
        ->toEqualWithDelta($reckoned, Scene::STEP_S * 1.5);
    $held = fn (int $hold) => $rehearsal->take(2, $plan->hold->with(area: AfArea::SinglePoint, stay: $hold))->plane
        ->held;
    $through = fn (array $held) => array_unique(
        array_intersect_key($held, array_filter($hidden, fn ($gap, $at) => $at > 60, ARRAY_FILTER_USE_BOTH)),
    );
    expect($through($held(0)))
        ->not->toContain(FocusTarget::SUBJECT)
        ->and(array_values($through($held(4))))
        ->toBe([FocusTarget::SUBJECT]);
});

it('is late by its waiting time when something else is to be taken', function () {
    $plan = Documents::plan([
        'motion' => ['speed_mps' => 1, 'bearing_deg' => 90],
        'intent' => ['follow' => 'whoever-enters'],
        'clutter' => ['background' => 'busy', 'background_gap_m' => 4],
    ]);
    $rehearsal = Rehearsal::perfect($plan);
    $takes = fn (int $hold): float => array_search(
        FocusTarget::SUBJECT,
        $rehearsal->take(3, $plan->hold->with(area: AfArea::WholeFrame, stay: $hold))->plane->held,
        true,
    ) * Scene::STEP_S;
    foreach ([1 => 0.1, 2 => 0.3, 3 => 0.6, 4 => 1.2] as $hold => $waits) {
        expect($takes($hold) - $takes(0))->toEqualWithDelta($waits, 3 * Scene::STEP_S);
    }
});

it('gets fps·T frames from a trap, on average', function () {
    // the reference of docs/model.md: depth 0.12701 m, T 0.015018 s at 9 m/s and 20°
    $plan = Documents::plan([
        'subject' => ['kind' => 'small-bird', 'length_m' => 0.13],
        'motion' => ['speed_mps' => 9, 'bearing_deg' => 20, 'route' => 'known'],
        'distance' => ['near_m' => 14, 'work_m' => 14, 'far_m' => 14],
        'clutter' => ['foreground' => 'dense', 'background' => 'busy'],
        'photographer' => [
            'panning' => false,
            'manual_skill' => 0.8,
            'schools' => ['clutter' => 'manual'],
        ],
    ]);
    expect($plan->hold->manualTechnique)->toBe(ManualTechnique::Trap);
    $rehearsal = Rehearsal::perfect($plan);
    $camera = $rehearsal->camera($plan->hold->with(fNumber: 5.6));
    $in = 0;
    for ($seed = 0; $seed < 1500; $seed++) {
        foreach (Take::of($rehearsal->pass($seed), $camera)->frames() as $frame) {
            $in += $frame->defocusMm <= 0.015 ? 1 : 0;
        }
    }
    expect($in / 1500)->toEqualWithDelta(0.30036, 0.03);
});

it('shutters a trap for the plane it is set on, not for the working distance', function () {
    $rush = [
        'subject' => ['kind' => 'small-bird', 'length_m' => 0.12],
        'motion' => ['speed_mps' => 8, 'bearing_deg' => 40, 'route' => 'known'],
        'distance' => ['near_m' => 6, 'work_m' => 11, 'far_m' => 20],
        'light' => ['ev100' => 16],
        'clutter' => ['foreground' => 'dense', 'background' => 'busy'],
        'photographer' => ['manual_skill' => 0.7, 'schools' => ['clutter' => 'manual']],
    ];
    $plan = Documents::plan($rush);
    $trap = $plan->draft->hand->trap;
    expect($trap->distanceM)
        ->toBeLessThan(8.0)
        ->and($plan->frameBlur->magnification)
        ->toEqualWithDelta($plan->situation->optic->magnification($trap->distanceM), 1e-9)
        ->and($plan->blur->used())
        ->toBeLessThanOrEqual(1.0);
    $frames = array_filter(
        Rehearsal::perfect($plan)->take(1)->frames(),
        fn (Frame $frame) => abs($frame->distanceM - $trap->distanceM) < 0.01,
    );
    expect($frames)->not->toBe([]);
    foreach ($frames as $frame) {
        expect($frame->motionMm)->toBeLessThan($plan->blur->limitMm);
    }
});

it('never keeps more with a longer lag', function (array $rush) {
    $rush += ['standard' => 'share']; // which cannot soften, whatever the lag
    $before = INF;
    foreach ([0.02, 0.05, 0.1, 0.2] as $lag) {
        $plan = Documents::plan($rush, ['body' => ['af_lag_s' => 0.06]]);
        $hold = $plan->hold;
        $rehearsal = Rehearsal::of(Documents::plan($rush, ['body' => ['af_lag_s' => $lag]]));
        $tally = new Tally();
        for ($seed = 0; $seed < 150; $seed++) {
            $tally->add($rehearsal->take($seed, $hold)->counts());
        }
        expect($tally->keeperRate()->share)->toBeLessThanOrEqual($before + 0.002);
        $before = $tally->keeperRate()->share;
    }
})->with([
    'closing' => [['motion' => ['bearing_deg' => 20]]],
    'crossing close' => [['distance' => ['near_m' => 8, 'work_m' => 10, 'far_m' => 20]]],
    'jinking' => [['motion' => ['pattern' => 'erratic', 'bearing_deg' => 50]]],
]);

it('locks once with single: the first frame sharp, the rest soft', function () {
    $plan = straightPass(9, 10, 30);
    $rehearsal = Rehearsal::perfect($plan);
    $frames = $rehearsal->take(1, $plan->hold->with(focusMode: FocusMode::Single, burst: Burst::Short))->frames();
    $first = array_slice($frames, 0, 3);
    expect($first[0]->defocusMm)->toBeLessThan($first[1]->defocusMm)->and($first[2]->verdict)->toBe(Verdict::Back);
});

it('does not take what the limiter shuts out', function () {
    $rush = [
        'clutter' => [
            'foreground' => 'dense',
            'background' => 'clean',
            'obstacle_width_m' => 0.03,
            'obstacle_distance_m' => 5,
        ],
    ];
    $plan = Documents::plan($rush, ['lens' => ['limiter_m' => [[3.6, null]]]]);
    $limited = Documents::plan($rush, ['lens' => ['limiter_m' => [[8, null]]]]);
    $inFront = fn (Plan $plan): int => array_sum(
        array_map(
            fn (int $seed) => count(
                array_filter(
                    Rehearsal::of($plan)->take($seed, $plan->hold->with(area: AfArea::WholeFrame, stay: 0))->plane
                        ->held,
                    fn (int $held) => $held === FocusTarget::FRONT,
                ),
            ),
            range(1, 10),
        ),
    );
    expect($inFront($plan))->toBeGreaterThan(100)->and($inFront($limited))->toBe(0);
});

it('follows a change of speed without trailing only at pace 2', function () {
    // s = 20 − 5t + 4t²: an even change
    $trail = function (float $memory, bool $changing): float {
        $gains = Gains::of($memory, $changing);
        [$x, $v, $a] = [0.0, 0.0, 0.0];
        $step = Scene::STEP_S;
        for ($at = 0; $at < 200; $at++) {
            $time = $at * $step;
            $known = min($at, Gains::FULL - 1);
            $place = $x + $step * ($v + 0.5 * $step * $a);
            $v += $step * $a;
            $off = 20 - 5 * $time + 4 * $time ** 2 - $place;
            $x = $place + $gains->place[$known] * $off;
            $v += ($gains->speed[$known] * $off) / $step;
            $a += ($gains->change[$known] * $off) / $step ** 2;
        }

        return abs(20 - 5 * $time + 4 * $time ** 2 - $x);
    };
    expect($trail(0.05, true))
        ->toBeLessThan(1e-6)
        // a·memory²: 8 · 0.12²
        ->and($trail(0.12, false))
        ->toEqualWithDelta(8 * 0.12 ** 2, 0.02)
        ->and($trail(0.05, false))
        ->toBeLessThan($trail(0.12, false) / 4);
});

it('rehearses every pattern, technique and edge without a number going wrong', function (array $rush) {
    $plan = Documents::plan($rush);
    $rehearsal = Rehearsal::of($plan);
    for ($seed = 0; $seed < 12; $seed++) {
        $take = $rehearsal->take($seed);
        foreach ($take->frames() as $frame) {
            expect(is_finite($frame->totalMm) && $frame->distanceM > 0 && $frame->focusM > 0)->toBeTrue();
        }
        expect(count($take->plane->dioptres))->toBe($rehearsal->scene->steps);
    }
    expect($rehearsal->scene->durationS())
        ->toBeGreaterThanOrEqual(1.0)
        ->toBeLessThanOrEqual(3.0 + Scene::STEP_S);
})->with(function () {
    foreach (Pattern::cases() as $pattern) {
        yield $pattern->value => [['motion' => ['pattern' => $pattern->value]]];
    }
    yield 'nothing moves' => [['motion' => ['speed_mps' => 0, 'pattern' => 'still']]];
    yield 'no speed yet steady' => [['motion' => ['speed_mps' => 0]]];
    yield 'one place only' => [['distance' => ['near_m' => 18, 'work_m' => 18, 'far_m' => 18]]];
    yield 'very far' => [['distance' => ['near_m' => 4000, 'work_m' => 5000, 'far_m' => 20000]]];
    yield 'as near as the lens goes' => [
        [
            'distance' => ['near_m' => 3.6, 'work_m' => 3.6, 'far_m' => 4],
            'motion' => ['bearing_deg' => 0],
        ],
    ];
    yield 'in the dark' => [['light' => ['ev100' => -6]]];
    yield 'braking hard' => [
        [
            'motion' => [
                'acceleration_mps2' => -9,
                'pattern' => 'accelerating',
                'bearing_deg' => 0,
            ],
        ],
    ];
    yield 'a crowd' => [
        [
            'subject' => ['count' => 6, 'depth_spread_m' => 1],
            'clutter' => ['crossers' => 'frequent', 'background' => 'busy'],
        ],
    ];
    yield 'by hand' => [
        [
            'clutter' => ['foreground' => 'dense'],
            'photographer' => ['schools' => ['clutter' => 'manual']],
        ],
    ];
    yield 'by hand, bursting' => [
        [
            'motion' => ['pattern' => 'sudden'],
            'clutter' => ['foreground' => 'dense'],
            'photographer' => ['schools' => ['clutter' => 'manual']],
        ],
    ];
});

it('plays one kept pass as it always has', function () {
    // The trace is explained in docs/model.md. A change here is a change of the model: say so there, and make it anew with
    // php tests/Support/golden-pass.php
    $kept = json_decode((string) file_get_contents(__DIR__.'/cases/golden-pass.json'), true);
    $now = json_decode((string) json_encode(Tests\Support\GoldenPass::play()), true);
    expect(array_keys($now))->toBe(array_keys($kept));
    foreach ($kept['frames'] as $at => $frame) {
        expect($now['frames'][$at]['verdict'])->toBe($frame['verdict']);
        foreach (['at_s', 'distance_m', 'focus_m', 'total_mm'] as $field) {
            expect($now['frames'][$at][$field])->toEqualWithDelta($frame[$field], abs($frame[$field]) * 1e-6);
        }
    }
    expect($now['held'])->toEqual($kept['held']);
});
