<?php

declare(strict_types=1);

use App\Documents\SchemaChecker;
use RushHold\Assumptions\Assumptions;
use RushHold\Faults\Fault;
use RushHold\Hold\HoldFields;
use RushHold\Kit\Kit;
use RushHold\Planning\Explore\PlanMap;
use RushHold\Planning\Explore\SchoolComparison;
use RushHold\Planning\Explore\TippingPoint;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush;
use RushHold\Rush\Schools;
use RushHold\Wording\Plan\SchoolsDocument;
use RushHold\Wording\Reasons\ReasonWords;
use RushHold\Wording\TippingWords;
use RushHold\Wording\Units;
use Tests\Support\Documents;
use Tests\Support\Drawn;
use Tests\Support\GoldenPlans;
use Tests\Support\Long;

/** A plan for a drawn situation, or null where the format or the lens does not allow one. */
function drawnPlan(array $rush, array $kit): ?Plan
{
    $rush['photographer']['schools'] = (array) $rush['photographer']['schools'];
    try {
        return Planner::standard()->plan(Rush::fromArray($rush), Kit::fromArray($kit));
    } catch (Fault) {
        return null;
    }
}

it('gives a plan or a named fault for thousands of random rushes and kits, never what the body cannot do', function () {
    $dice = Drawn::dice(20261123);
    $checker = new SchemaChecker(dirname(__DIR__, 2).'/schemas');
    $planned = 0;
    for ($turn = 0; $turn < Long::of(5000, 2000); $turn++) {
        $rush = Drawn::rush($dice);
        $kit = Drawn::kit($dice);
        if ($turn % 5 === 0) {
            // every fifth is damaged: a number or a word out of place
            $part = Drawn::oneOf($dice, [
                'subject',
                'motion',
                'distance',
                'clutter',
                'light',
                'intent',
                'photographer',
            ]);
            $rush[$part][Drawn::oneOf($dice, array_keys($rush[$part]))] = Drawn::oneOf($dice, [
                -1e9,
                1e12,
                'x',
                null,
                [],
                NAN,
                INF,
                true,
            ]);
        }
        try {
            $rush['photographer']['schools'] = (array) $rush['photographer']['schools'];
            $plan = Planner::standard()->plan(Rush::fromArray($rush), Kit::fromArray($kit));
        } catch (Fault $fault) {
            expect($fault->getMessage())->not->toBe('');

            continue;
        }
        $planned++;
        $hold = $plan->hold;
        $body = $kit['body'];
        $place = [$hold->place->x, $hold->place->y];
        if (
            ! in_array($hold->area->value, $body['areas'], true) ||
            ! in_array($hold->focusMode->value, $body['modes'], true) ||
            ($hold->detection->value !== 'none' && ! in_array($hold->detection->value, $body['detects'], true)) ||
            ($hold->eye && ! in_array($hold->area->value, $body['eye_detection_areas'], true)) ||
            ($hold->stay === null) !== ($body['stay_levels_s'] === []) ||
            $hold->stay >= max(1, count($body['stay_levels_s'])) ||
            ($hold->pace === null) === $body['has_pace'] ||
            ($hold->pick === null) === $body['has_pick'] ||
            $hold->fps > $body['fps'] ||
            $hold->shutterS < $body['shortest_shutter_s'] * 0.999 ||
            ($hold->limiterM !== null &&
                ! in_array(
                    $hold->limiterM,
                    array_map(
                        fn ($range) => [(float) $range[0], $range[1] === null ? null : (float) $range[1]],
                        $kit['lens']['limiter_m'],
                    ),
                    true,
                )) ||
            $hold->focalMm < $kit['lens']['focal_min_mm'] * 0.999 ||
            $hold->focalMm > $kit['lens']['focal_max_mm'] * 1.001 ||
            ($hold->manualTechnique !== null && $hold->focusMode->value !== 'manual') ||
            min($place) < 0 ||
            max($place) > 1
        ) {
            $this->fail("Turn {$turn}: ".json_encode([$hold->toArray(), $body, $kit['lens']]));
        }
        if (array_diff(array_keys(HoldFields::FIELDS), array_column($plan->draft->reasons, 'field')) !== []) {
            $this->fail("Turn {$turn} lacks a reason.");
        }
        if ($turn % 25 === 1) {
            $document = Documents::written($plan);
            array_walk_recursive(
                $document,
                fn ($value, $key) => is_float($value) && ! is_finite($value)
                    ? $this->fail("Turn {$turn}: {$key} has no end.")
                    : null,
            );
            $json = json_encode($document, JSON_THROW_ON_ERROR);
            $checker->read($json, 'plan');
            expect($json)->not->toContain('NAN');
        }
    }
    expect($planned)->toBeGreaterThan(Long::of(2500, 1000));
});

it('never takes a larger area because more is in front', function () {
    $dice = Drawn::dice(7);
    $planned = 0;
    for ($turn = 0; $turn < 400; $turn++) {
        [$rush, $kit] = [Drawn::rush($dice), Drawn::kit($dice)];
        $rush['photographer']['schools'] = (object) [];
        $last = PHP_INT_MAX;
        foreach (['none', 'sparse', 'dense'] as $foreground) {
            $rush['clutter']['foreground'] = $foreground;
            $plan = drawnPlan($rush, $kit);
            if ($plan === null) {
                break; // closer than the lens focuses, whatever else is so
            }
            $planned++;
            $reach = $plan->hold->area->reach();
            if ($reach > $last) {
                $this->fail("{$foreground} in front enlarges the area: ".json_encode([$rush, $kit]));
            }
            $last = $reach;
        }
    }
    expect($planned)->toBeGreaterThan(800);
});

it('never takes an area inside the one before because it jinks more, on clean ground', function () {
    $dice = Drawn::dice(8);
    $planned = 0;
    for ($turn = 0; $turn < 400; $turn++) {
        [$rush, $kit] = [Drawn::rush($dice), Drawn::kit($dice)];
        $rush['photographer']['schools'] = (object) [];
        $rush['clutter'] =
            ['foreground' => 'none', 'background' => 'clean', 'crossers' => 'none', 'foliage_moving' => false] +
            $rush['clutter'];
        $last = [0.0, 0.0];
        foreach (['steady', 'accelerating', 'stop-start', 'sudden', 'erratic'] as $pattern) {
            $rush['motion']['pattern'] = $pattern;
            // as fast as typed in every pattern, the camera level, at one focal length: a zoom would be set wider for it
            $rush['motion']['burst_mps'] = 0;
            $rush['motion']['speed_mps'] = max(1, $rush['motion']['speed_mps']);
            $rush['intent']['frame'] = 'landscape';
            $kit['lens']['focal_min_mm'] = $kit['lens']['focal_mm'];
            $plan = drawnPlan($rush, $kit);
            if ($plan === null) {
                break; // closer than the lens focuses, whatever else is so
            }
            $planned++;
            // what cannot fly jinks sideways: a wide zone for it is not smaller than a large one, which is narrower
            $now = [$plan->draft->areaScore()->width, $plan->draft->areaScore()->height];
            if ($now !== $last && $now[0] <= $last[0] && $now[1] <= $last[1]) {
                $this->fail("{$pattern} shrinks the area: ".json_encode([$rush, $kit]));
            }
            $last = $now;
        }
    }
    expect($planned)->toBeGreaterThan(800);
});

it('never waits less because something hides it longer', function () {
    $dice = Drawn::dice(9);
    $planned = 0;
    for ($turn = 0; $turn < 300; $turn++) {
        [$rush, $kit] = [Drawn::rush($dice), Drawn::kit($dice)];
        $last = 0;
        // 0 says nothing of the width
        foreach ([0.05, 0.2, 0.8, 3] as $width) {
            $rush['clutter']['obstacle_width_m'] = $width;
            $plan = drawnPlan($rush, $kit);
            if ($plan === null) {
                break; // closer than the lens focuses, whatever else is so
            }
            $planned++;
            $level = $plan->hold->stay ?? 0;
            expect($level)->toBeGreaterThanOrEqual($last);
            $last = $level;
        }
    }
    expect($planned)->toBeGreaterThan(800);
});

it('speaks in two sentences at most, with a full stop', function () {
    $dice = Drawn::dice(10);
    $words = new ReasonWords(Units::Metric);
    $told = [];
    for ($turn = 0; $turn < 300; $turn++) {
        foreach (drawnPlan(Drawn::rush($dice), Drawn::kit($dice))?->draft->reasons ?? [] as $reason) {
            $why = $words->why($reason);
            $told["{$reason->field} {$reason->code}"] = true;
            $sentences = preg_split('/[.!?]\s+(?=[A-Z])/', $why);
            if (count($sentences) > 2 || ! str_ends_with($why, '.') || preg_match('/NAN|INF|array|\bnan\b|  /', $why)) {
                $this->fail("{$reason->field}: {$why}");
            }
        }
    }
    expect(count($told))->toBeGreaterThan(60); // of the reasons there are
});

it('finds tipping points at which the planner itself changes its mind', function () {
    $plan = Documents::plan(
        [],
        ['body' => ['areas' => ['single-point', 'zone-wide', 'zone-large', 'whole-frame', 'lock-on']]],
    );
    $planner = Planner::standard();
    $tips = $planner->tips($plan);
    $at = fn (TippingPoint $tip, float $value) => HoldFields::values(
        $planner->again(
            $plan,
            match ($tip->dimension) {
                'speed' => $plan->situation->rush->with(speedMps: $value),
                'distance' => $plan->situation->rush->with(workM: $value),
                'light' => $plan->situation->rush->with(ev100: $value),
            },
        )->hold,
    );
    $words = new TippingWords(Units::Metric);
    $now = HoldFields::values($plan->hold);
    $numbers = array_filter($tips, fn (TippingPoint $tip): bool => is_float($tip->value));

    expect(array_unique(array_map(fn (TippingPoint $tip) => $tip->dimension, $tips)))
        ->toContain('speed', 'distance', 'light', 'front', 'behind', 'crossers', 'skill')
        ->and(count($numbers))
        ->toBeGreaterThan(6);
    foreach ($numbers as $tip) {
        $beyond = $tip->direction === 'below' ? -1 : 1;
        foreach ($tip->fields as $field) {
            $step =
                $tip->dimension === 'light'
                    ? [$tip->value + 0.02 * $beyond, $tip->value - 0.05 * $beyond]
                    : [$tip->value * (1 + 0.004 * $beyond), $tip->value * (1 - 0.012 * $beyond)];
            expect($at($tip, $step[0])[$field])
                ->not->toBe($now[$field], "{$words->condition($tip)} {$field}")
                ->and($at($tip, $step[1])[$field])
                ->toBe($now[$field], "before: {$words->condition($tip)} {$field}");
        }
    }
});

it('tells the nearest flip of a field in a reason', function () {
    $document = Documents::written(Documents::plan());
    $flips = array_column($document['reasons'], 'flips', 'field');

    expect($flips['shutter_s'])
        ->toMatch('/^(Faster|Slower|Nearer|Farther|Darker|Brighter) than .*: 1\/\d+\.$/')
        ->and($flips['area.pattern'])
        ->not->toBeNull()
        ->and($flips['focal_mm'])
        ->toBeNull();
});

it('answers other distances and speeds on a map that agrees with the planner', function () {
    $plan = Documents::plan();
    $planner = Planner::standard();
    $map = PlanMap::around($planner, $plan);
    $there = $planner->again(
        $plan,
        $plan->situation->rush->with(speedMps: $map['speeds_mps'][4], workM: $map['distances_m'][9]),
    )->hold;

    expect($map['cells'])
        ->toHaveCount(count($map['speeds_mps']))
        ->and($map['cells'][0])
        ->toHaveCount(count($map['distances_m']))
        ->and($map['cells'][4][9]['area'])
        ->toBe($there->area->value)
        ->and($map['cells'][4][9]['shutter_s'])
        ->toBe($there->shutterS)
        ->and($map['distances_m'][0])
        ->toBeLessThan(18)
        ->and($map['speeds_mps'][count($map['speeds_mps']) - 1])
        ->toBeGreaterThan(9)
        ->and(
            PlanMap::around($planner, Documents::plan(['distance' => ['near_m' => 3.6, 'work_m' => 5]]))['cells'][0][0],
        )
        ->toBeNull(); // inside closest focus
});

it('compares the schools of practice and prices each against the default', function () {
    $plan = Documents::plan(
        ['photographer' => ['schools' => ['stabiliser' => 'off']]],
        ['body' => ['areas' => ['single-point', 'zone-wide', 'zone-large', 'whole-frame', 'lock-on']]],
    );
    $questions = array_column(
        SchoolsDocument::of(SchoolComparison::of(Planner::standard(), $plan), Units::Metric),
        null,
        'question',
    );
    $flight = array_column($questions['flight']['answers'], null, 'answer');

    expect(array_keys($questions))
        ->toBe(array_keys(Schools::answers()))
        ->and($questions['stabiliser']['picked'])
        ->toBe('off')
        ->and($questions['flight']['differ'])
        ->toBeTrue()
        ->and($flight['single-point']['hold']['area']['pattern'])
        ->toBe('single-point')
        ->and($flight['single-point']['differs'])
        ->toContain('area.pattern')
        ->and($flight['single-point']['score'])
        ->toBeLessThan($flight['']['score'])
        ->and($flight['']['differs'])
        ->toBe([])
        ->and($questions['people']['differ'])
        ->toBeFalse();
});

it('names the school in the reason and prices it', function () {
    $plan = Documents::plan(['photographer' => ['schools' => ['flight' => 'single-point']]]);
    $reason = array_column(Documents::written($plan)['reasons'], null, 'field')['area.pattern'];

    expect($reason['school'])
        ->toBe('flight: single point')
        ->and($reason['why'])
        ->toContain('Your school takes the one point')
        ->toMatch('/\d+ %.*\d+ %/');
});

it('lists the ways out for a group that is too deep, each with a number that holds', function () {
    $plan = Documents::plan([
        'subject' => ['count' => 3, 'depth_spread_m' => 0.9],
        'motion' => ['speed_mps' => 0, 'pattern' => 'still'],
        'distance' => ['near_m' => 17.5, 'work_m' => 18, 'far_m' => 18.5],
    ]);
    $ways = array_column(Documents::written($plan)['ways_out'], null, 'way');
    $c = $plan->situation->limitMm($plan->situation->rush->standard);
    $covers = fn (float $focalMm, float $workM): float => RushHold\Optics\ThinLens::ofFocalLength($focalMm)->cover(
        $workM - 0.45,
        $workM + 0.45,
        $c,
    )->fNumber;

    expect(array_keys($ways))
        ->toBe(['stop-down', 'shorter', 'step-back', 'fewer', 'line-up'])
        ->and($covers(((array) $ways['shorter']['numbers'])['focal_mm'], 18.0))
        ->toEqualWithDelta($plan->settings->fNumber, 0.001)
        ->and($covers(500.0, ((array) $ways['step-back']['numbers'])['distance_m']))
        ->toEqualWithDelta($plan->settings->fNumber, 0.001)
        ->and(((array) $ways['stop-down']['numbers'])['f_number'])
        ->toEqualWithDelta($covers(500.0, 18.0), 0.001);
});

it('sets the trap where a known way gives most frames, and says when to press', function () {
    $plan = Documents::plan([
        'motion' => ['speed_mps' => 8, 'bearing_deg' => 40, 'route' => 'known'],
        'clutter' => ['foreground' => 'dense', 'obstacle_width_m' => 0.01],
        'distance' => ['near_m' => 6, 'work_m' => 18, 'far_m' => 30],
        'photographer' => ['manual_skill' => 0.8, 'schools' => ['clutter' => 'manual']],
    ]);
    $hand = Documents::written($plan)['hand'];

    expect($hand['best'])
        ->toBe('trap')
        // it passes nearest at 18 m · sin 40°, where it crosses square and only the frame's width limits the time
        ->and($hand['trap']['distance_m'])
        ->toEqualWithDelta(18 * sin(deg2rad(40)), 0.02)
        ->and($hand['trap']['frames'])
        ->toBeGreaterThan($hand['trap']['here_frames'])
        ->and($hand['trap']['lead_m'])
        ->toBeTo(8 * 0.3)
        ->and(array_column(Documents::written($plan)['reasons'], 'why', 'field')['manual_technique'])
        ->toContain('Set the plane at');
});

it('zooms out for room and leaves a zoom alone that has been set', function () {
    $zoom = ['lens' => ['focal_mm' => 400, 'focal_min_mm' => 100, 'focal_max_mm' => 400, 'zoom' => true]];
    $far = Documents::plan(['distance' => ['work_m' => 60, 'far_m' => 80]], $zoom);
    $near = Documents::plan(
        ['motion' => ['pattern' => 'erratic'], 'distance' => ['near_m' => 8, 'work_m' => 10, 'far_m' => 20]],
        $zoom,
    );
    $set = Documents::plan(
        ['motion' => ['pattern' => 'erratic'], 'distance' => ['near_m' => 8, 'work_m' => 10, 'far_m' => 20]],
        ['lens' => ['focal_mm' => 300, 'focal_min_mm' => 300, 'focal_max_mm' => 300, 'zoom' => true]],
    );

    expect($far->hold->focalMm)
        ->toBe(400.0)
        ->and($near->hold->focalMm)
        ->toBeLessThan(400.0)
        ->toBeGreaterThanOrEqual(100.0)
        ->and($set->hold->focalMm)
        ->toBe(300.0)
        ->and(array_column(Documents::written($set)['reasons'], 'why', 'field')['focal_mm'])
        ->toContain('You have set the zoom to 300 mm');
});

it('lists the assumed figures that the area rests on, and follows a change of them', function () {
    $steady = Planner::standard()->plan(
        Documents::rushOf(),
        Kit::fromArray(Documents::kit()),
        Assumptions::with(['aim.late.settled' => 0.0, 'aim.handheld' => 0.0]),
    );
    $plan = Documents::plan();

    expect(array_column(Documents::written($plan)['assumptions'], 'name'))
        ->toContain('aim.late.settled', 'aim.handheld', 'person.reaction')
        ->and($steady->situation->wander->sidewaysM)
        ->toBe(0.0)
        ->and($steady->draft->areaScore()->onTarget)
        ->toBeGreaterThan($plan->draft->areaScore()->onTarget);
});

it('plans the situations that are kept as it did when they were written down', function () {
    $kept = json_decode((string) file_get_contents(__DIR__.'/cases/golden-plans.json'), true);
    $now = json_decode((string) json_encode(GoldenPlans::make()), true);
    expect(array_keys($now))->toBe(array_keys($kept));
    foreach ($kept as $name => $plan) {
        $changed = array_keys(
            array_filter(
                $plan,
                static fn (mixed $part, string $of): bool => ($now[$name][$of] ?? null) !== $part,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        expect($changed)->toBe(
            [],
            "{$name} differs; if that is meant, run tests/Support/golden-plans.php and say so in docs/judgement.md",
        );
    }
});
