<?php

declare(strict_types=1);

use App\Documents\SchemaChecker;
use RushHold\Assumptions\Assumptions;
use RushHold\Faults\Fault;
use RushHold\Kit\Kit;
use RushHold\Planning\Explore\PlanMap;
use RushHold\Planning\Explore\SchoolComparison;
use RushHold\Planning\Explore\TippingPoint;
use RushHold\Planning\HoldWords;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rush\KindId;
use RushHold\Rush\Rush;
use RushHold\Rush\Schools;
use RushHold\Wording\Units;
use Tests\Support\Documents;

/** A plan for a drawn situation with some of it set. */
function drawnPlan(Random\Randomizer $dice, array $rush, array $kit = []): ?Plan
{
    $rush['photographer']['schools'] = (array) $rush['photographer']['schools'];
    try {
        return Planner::standard()->plan(Rush::fromArray($rush), Kit::fromArray($kit));
    } catch (Fault) {
        return null;
    }
}

/** A value between two others, evenly on a logarithmic scale. */
function between(Random\Randomizer $dice, float $least, float $most): float
{
    return $least * ($most / $least) ** ($dice->getInt(0, 10000) / 10000);
}

function oneOf(Random\Randomizer $dice, array $choices): mixed
{
    return $choices[$dice->getInt(0, count($choices) - 1)];
}

function someOf(Random\Randomizer $dice, array $choices): array
{
    return array_values(array_filter($choices, fn () => $dice->getInt(0, 1) === 1));
}

/** Any rush that the format allows, sensible or not. */
function drawnRush(Random\Randomizer $dice): array
{
    $near = between($dice, 0.2, 300);
    $work = $near * between($dice, 1, 4);
    $schools = [];
    foreach (Schools::answers() as $question => $answers) {
        if ($dice->getInt(0, 4) === 0) {
            $schools[$question] = oneOf($dice, $answers);
        }
    }

    return [
        'format' => 'rush/1', 'name' => 'drawn',
        'subject' => [
            'kind' => oneOf($dice, KindId::cases())->value, 'length_m' => between($dice, 0.005, 30), 'detection' => oneOf($dice, ['none', 'animal', 'bird', 'person', 'vehicle']),
            'detail' => oneOf($dice, ['low', 'medium', 'high']), 'limb_speed_mps' => between($dice, 0.01, 60), 'count' => $dice->getInt(1, 30), 'depth_spread_m' => oneOf($dice, [0, 0, between($dice, 0.01, 20)]),
        ],
        'motion' => [
            'speed_mps' => oneOf($dice, [0, between($dice, 0.01, 200)]), 'bearing_deg' => oneOf($dice, [0, 90, 180, $dice->getInt(0, 180)]),
            'pattern' => oneOf($dice, ['still', 'steady', 'accelerating', 'stop-start', 'erratic', 'sudden']), 'acceleration_mps2' => oneOf($dice, [0, -9, 12]), 'route' => oneOf($dice, ['known', 'unknown']),
        ],
        'distance' => ['near_m' => $near, 'work_m' => $work, 'far_m' => $work * between($dice, 1, 8)],
        'clutter' => [
            'foreground' => oneOf($dice, ['none', 'sparse', 'dense']), 'background' => oneOf($dice, ['clean', 'moderate', 'busy']), 'background_gap_m' => oneOf($dice, [0, between($dice, 0.1, 500)]),
            'foliage_moving' => $dice->getInt(0, 1) === 1, 'crossers' => oneOf($dice, ['none', 'occasional', 'frequent']), 'separation' => oneOf($dice, ['clear', 'similar']), 'obstacle_width_m' => oneOf($dice, [0, between($dice, 0.002, 5)]),
        ] + ($dice->getInt(0, 2) === 0 ? ['obstacle_distance_m' => between($dice, 0.1, 2000)] : []),
        'light' => ['ev100' => $dice->getInt(-60, 180) / 10, 'direction' => oneOf($dice, ['front', 'side', 'back'])],
        'intent' => ['follow' => oneOf($dice, ['this-one', 'nearest', 'whoever-enters']), 'limbs' => oneOf($dice, ['freeze', 'may-blur']), 'style' => oneOf($dice, ['freeze', 'freeze', 'pan-blur']), 'entry' => oneOf($dice, ['any', 'left', 'right', 'below'])],
        'photographer' => ['skill' => oneOf($dice, ['new', 'settled', 'expert']), 'support' => oneOf($dice, ['handheld', 'braced', 'monopod', 'gimbal', 'locked']), 'panning' => $dice->getInt(0, 1) === 1, 'manual_skill' => $dice->getInt(0, 10) / 10, 'schools' => (object) $schools],
        'standard' => oneOf($dice, ['share', 'detail', 'pixel']), 'iso_ceiling' => oneOf($dice, [100, 1600, 6400, 51200]),
    ];
}

/** Any kit that the format allows. */
function drawnKit(Random\Randomizer $dice): array
{
    $areas = ['spot', 'single-point', 'point-plus', 'zone-small', 'zone-wide', 'zone-tall', 'zone-large', 'whole-frame', 'lock-on'];
    $offered = someOf($dice, $areas) ?: [oneOf($dice, $areas)];
    $focal = round(between($dice, 14, 1200), 1);
    $zoom = $dice->getInt(0, 1) === 1;
    $closest = $focal / 1000 * between($dice, 2, 12);
    $small = $dice->getInt(0, 1) === 1;

    return [
        'format' => 'kit/1',
        'body' => [
            'sensor_width_mm' => $small ? 17.3 : 36, 'sensor_height_mm' => $small ? 13 : 24, 'pixels_wide' => $dice->getInt(2000, 12000), 'fps' => $dice->getInt(1, 60), 'af_lag_s' => $dice->getInt(0, 30) / 100,
            'shortest_shutter_s' => 1 / oneOf($dice, [1000, 4000, 8000, 32000]), 'af_sensor' => oneOf($dice, ['on-image', 'line', 'cross']), 'areas' => $offered,
            'modes' => array_values(array_unique([oneOf($dice, ['single', 'continuous', 'manual', 'single-with-override']), ...someOf($dice, ['single', 'continuous', 'auto-switch', 'manual', 'single-with-override'])])),
            'detects' => someOf($dice, ['animal', 'bird', 'person', 'vehicle']), 'eye_detection_areas' => someOf($dice, $offered), 'stay_levels_s' => oneOf($dice, [[], [0.2], [0, 0.5, 1], [0, 0.1, 0.3, 0.6, 1.2]]),
            'has_pace' => $dice->getInt(0, 1) === 1, 'has_pick' => $dice->getInt(0, 1) === 1,
        ],
        'lens' => [
            'focal_mm' => $focal, 'focal_min_mm' => $zoom ? $focal / 3 : $focal, 'focal_max_mm' => $focal, 'widest_f' => oneOf($dice, [1.4, 2.8, 4, 6.3, 11]), 'closest_m' => $closest,
            'stabiliser_stops' => $dice->getInt(0, 8), 'limiter_m' => oneOf($dice, [[], [[$closest, null]], [[$closest, null], [$closest * 3, null], [$closest, $closest * 3]]]), 'zoom' => $zoom,
        ],
        'converter' => oneOf($dice, [1, 1, 1.4, 2]),
    ];
}

function dice(int $seed): Random\Randomizer
{
    return new Random\Randomizer(new Random\Engine\Mt19937($seed));
}

it('gives a plan or a named fault for 5,000 random rushes and kits, never what the body cannot do', function () {
    $dice = dice(20261123);
    $checker = new SchemaChecker(dirname(__DIR__, 2).'/schemas');
    $planned = 0;
    for ($turn = 0; $turn < 5000; $turn++) {
        $rush = drawnRush($dice);
        $kit = drawnKit($dice);
        if ($turn % 5 === 0) { // every fifth is damaged: a number or a word out of place
            $part = oneOf($dice, ['subject', 'motion', 'distance', 'clutter', 'light', 'intent', 'photographer']);
            $rush[$part][oneOf($dice, array_keys($rush[$part]))] = oneOf($dice, [-1e9, 1e12, 'x', null, [], NAN, INF, true]);
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
        if (! in_array($hold->area->value, $body['areas'], true) || ! in_array($hold->focusMode->value, $body['modes'], true)
            || ($hold->detection->value !== 'none' && ! in_array($hold->detection->value, $body['detects'], true))
            || ($hold->eye && ! in_array($hold->area->value, $body['eye_detection_areas'], true))
            || ($hold->stay === null) !== ($body['stay_levels_s'] === []) || $hold->stay >= max(1, count($body['stay_levels_s']))
            || ($hold->pace === null) === $body['has_pace'] || ($hold->pick === null) === $body['has_pick']
            || $hold->fps > $body['fps'] || $hold->shutterS < $body['shortest_shutter_s'] * 0.999
            || ($hold->limiterM !== null && ! in_array($hold->limiterM, array_map(fn ($range) => [(float) $range[0], $range[1] === null ? null : (float) $range[1]], $kit['lens']['limiter_m']), true))
            || $hold->focalMm < $kit['lens']['focal_min_mm'] * 0.999 || $hold->focalMm > $kit['lens']['focal_max_mm'] * 1.001
            || ($hold->manualTechnique !== null && $hold->focusMode->value !== 'manual') || min($place) < 0 || max($place) > 1) {
            $this->fail("Turn {$turn}: ".json_encode([$hold->toArray(), $body, $kit['lens']]));
        }
        if (array_diff(array_keys(HoldWords::FIELDS), array_column($plan->draft->reasons, 'field')) !== []) {
            $this->fail("Turn {$turn} lacks a reason.");
        }
        if ($turn % 25 === 1) {
            $document = Documents::written($plan);
            array_walk_recursive($document, fn ($value, $key) => is_float($value) && ! is_finite($value) ? $this->fail("Turn {$turn}: {$key} has no end.") : null);
            $json = json_encode($document, JSON_THROW_ON_ERROR);
            $checker->read($json, 'plan');
            expect($json)->not->toContain('NAN');
        }
    }
    expect($planned)->toBeGreaterThan(2500);
});

it('never takes a larger area because more is in front', function () {
    $dice = dice(7);
    for ($turn = 0; $turn < 400; $turn++) {
        [$rush, $kit] = [drawnRush($dice), drawnKit($dice)];
        $rush['photographer']['schools'] = (object) [];
        $last = PHP_INT_MAX;
        foreach (['none', 'sparse', 'dense'] as $foreground) {
            $rush['clutter']['foreground'] = $foreground;
            $reach = drawnPlan($dice, $rush, $kit)?->hold->area->reach() ?? $last;
            if ($reach > $last) {
                $this->fail("{$foreground} in front enlarges the area: ".json_encode([$rush, $kit]));
            }
            $last = $reach;
        }
    }
    expect($turn)->toBe(400);
});

it('never takes a smaller area because it jinks more, on clean ground', function () {
    $dice = dice(8);
    for ($turn = 0; $turn < 400; $turn++) {
        [$rush, $kit] = [drawnRush($dice), drawnKit($dice)];
        $rush['photographer']['schools'] = (object) [];
        $rush['clutter'] = ['foreground' => 'none', 'background' => 'clean', 'crossers' => 'none', 'foliage_moving' => false] + $rush['clutter'];
        $last = -1;
        foreach (['steady', 'accelerating', 'stop-start', 'sudden', 'erratic'] as $pattern) {
            $rush['motion']['pattern'] = $pattern;
            $rush['motion']['speed_mps'] = max(1, $rush['motion']['speed_mps']);
            // at one focal length: a zoom would be set wider for it
            $kit['lens']['focal_min_mm'] = $kit['lens']['focal_mm'];
            $reach = drawnPlan($dice, $rush, $kit)?->hold->area->reach() ?? $last;
            if ($reach < $last) {
                $this->fail("{$pattern} shrinks the area: ".json_encode([$rush, $kit]));
            }
            $last = $reach;
        }
    }
    expect($turn)->toBe(400);
});

it('never waits less because something hides it longer', function () {
    $dice = dice(9);
    for ($turn = 0; $turn < 300; $turn++) {
        [$rush, $kit] = [drawnRush($dice), drawnKit($dice)];
        $last = 0;
        foreach ([0, 0.05, 0.2, 0.8, 3] as $width) {
            $rush['clutter']['obstacle_width_m'] = $width;
            $level = drawnPlan($dice, $rush, $kit)?->hold->stay ?? $last;
            expect($level)->toBeGreaterThanOrEqual($last);
            $last = $level;
        }
    }
});

it('speaks in two sentences at most, with a full stop', function () {
    $dice = dice(10);
    for ($turn = 0; $turn < 300; $turn++) {
        foreach (drawnPlan($dice, drawnRush($dice), drawnKit($dice))?->draft->reasons ?? [] as $reason) {
            $sentences = preg_split('/[.!?]\s+(?=[A-Z])/', $reason->why());
            if (count($sentences) > 2 || ! str_ends_with($reason->why(), '.') || preg_match('/NAN|INF|array|\bnan\b|  /', $reason->why())) {
                $this->fail("{$reason->field}: {$reason->why()}");
            }
        }
    }
    expect($turn)->toBe(300);
});

it('finds tipping points at which the planner itself changes its mind', function () {
    $plan = Documents::plan([], ['body' => ['areas' => ['single-point', 'zone-wide', 'zone-large', 'whole-frame', 'lock-on']]]);
    $planner = Planner::standard();
    $tips = $planner->tips($plan);
    $at = fn (TippingPoint $tip, float $value) => HoldWords::values($planner->again($plan, match ($tip->dimension) {
        'speed' => $plan->situation->rush->with(speedMps: $value),
        'distance' => $plan->situation->rush->with(workM: $value),
        'light' => $plan->situation->rush->with(ev100: $value),
    })->hold);
    $now = HoldWords::values($plan->hold);
    $numbers = array_filter($tips, fn (TippingPoint $tip): bool => is_float($tip->value));

    expect(array_unique(array_map(fn (TippingPoint $tip) => $tip->dimension, $tips)))
        ->toContain('speed', 'distance', 'light', 'front', 'behind', 'crossers', 'skill')
        ->and(count($numbers))->toBeGreaterThan(6);
    foreach ($numbers as $tip) {
        $beyond = $tip->direction === 'below' ? -1 : 1;
        foreach ($tip->fields as $field) {
            $step = $tip->dimension === 'light' ? [$tip->value + 0.02 * $beyond, $tip->value - 0.05 * $beyond] : [$tip->value * (1 + 0.004 * $beyond), $tip->value * (1 - 0.012 * $beyond)];
            expect($at($tip, $step[0])[$field])->not->toBe($now[$field], "{$tip->condition(Units::Metric)} {$field}")
                ->and($at($tip, $step[1])[$field])->toBe($now[$field], "before: {$tip->condition(Units::Metric)} {$field}");
        }
    }
});

it('tells the nearest flip of a field in a reason', function () {
    $document = Documents::written(Documents::plan());
    $flips = array_column($document['reasons'], 'flips', 'field');

    expect($flips['shutter_s'])->toMatch('/^(Faster|Slower|Nearer|Farther|Darker|Brighter) than .*: 1\/\d+\.$/')
        ->and($flips['area.pattern'])->not->toBeNull()
        ->and($flips['focal_mm'])->toBeNull();
});

it('answers other distances and speeds on a map that agrees with the planner', function () {
    $plan = Documents::plan();
    $planner = Planner::standard();
    $map = PlanMap::around($planner, $plan);
    $there = $planner->again($plan, $plan->situation->rush->with(speedMps: $map['speeds_mps'][4], workM: $map['distances_m'][9]))->hold;

    expect($map['cells'])->toHaveCount(count($map['speeds_mps']))
        ->and($map['cells'][0])->toHaveCount(count($map['distances_m']))
        ->and($map['cells'][4][9]['area'])->toBe($there->area->value)
        ->and($map['cells'][4][9]['shutter_s'])->toBe($there->shutterS)
        ->and($map['distances_m'][0])->toBeLessThan(18)
        ->and($map['speeds_mps'][count($map['speeds_mps']) - 1])->toBeGreaterThan(9)
        ->and(PlanMap::around($planner, Documents::plan(['distance' => ['near_m' => 3.6, 'work_m' => 5]]))['cells'][0][0])->toBeNull(); // inside closest focus
});

it('compares the schools of practice and prices each against the default', function () {
    $plan = Documents::plan(['photographer' => ['schools' => ['stabiliser' => 'off']]], ['body' => ['areas' => ['single-point', 'zone-wide', 'zone-large', 'whole-frame', 'lock-on']]]);
    $questions = array_column(SchoolComparison::of(Planner::standard(), $plan), null, 'question');
    $flight = array_column($questions['flight']['answers'], null, 'answer');

    expect(array_keys($questions))->toBe(array_keys(Schools::answers()))
        ->and($questions['stabiliser']['picked'])->toBe('off')
        ->and($questions['flight']['differ'])->toBeTrue()
        ->and($flight['single-point']['hold']['area']['pattern'])->toBe('single-point')
        ->and($flight['single-point']['differs'])->toContain('area.pattern')
        ->and($flight['single-point']['score'])->toBeLessThan($flight['']['score'])
        ->and($flight['']['differs'])->toBe([])
        ->and($questions['people']['differ'])->toBeFalse();
});

it('names the school in the reason and prices it', function () {
    $plan = Documents::plan(['photographer' => ['schools' => ['flight' => 'single-point']]]);
    $reason = array_column(Documents::written($plan)['reasons'], null, 'field')['area.pattern'];

    expect($reason['school'])->toBe('flight: single point')->and($reason['why'])->toContain('Your school takes the one point')->toMatch('/\d+ %.*\d+ %/');
});

it('lists the ways out for a group that is too deep, each with a number that holds', function () {
    $plan = Documents::plan([
        'subject' => ['count' => 3, 'depth_spread_m' => 0.9], 'motion' => ['speed_mps' => 0, 'pattern' => 'still'],
        'distance' => ['near_m' => 17.5, 'work_m' => 18, 'far_m' => 18.5],
    ]);
    $ways = array_column(Documents::written($plan)['ways_out'], null, 'way');
    $c = $plan->situation->limitMm($plan->situation->rush->standard);
    $covers = fn (float $focalMm, float $workM): float => RushHold\Optics\ThinLens::ofFocalLength($focalMm)->cover($workM - 0.45, $workM + 0.45, $c)->fNumber;

    expect(array_keys($ways))->toBe(['stop-down', 'shorter', 'step-back', 'fewer', 'line-up'])
        ->and($covers(((array) $ways['shorter']['numbers'])['focal_mm'], 18.0))->toEqualWithDelta($plan->settings->fNumber, 0.001)
        ->and($covers(500.0, ((array) $ways['step-back']['numbers'])['distance_m']))->toEqualWithDelta($plan->settings->fNumber, 0.001)
        ->and(((array) $ways['stop-down']['numbers'])['f_number'])->toEqualWithDelta($covers(500.0, 18.0), 0.001);
});

it('sets the trap where a known way gives most frames, and says when to press', function () {
    $plan = Documents::plan([
        'motion' => ['speed_mps' => 8, 'bearing_deg' => 40, 'route' => 'known'], 'clutter' => ['foreground' => 'dense', 'obstacle_width_m' => 0.01],
        'distance' => ['near_m' => 6, 'work_m' => 18, 'far_m' => 30], 'photographer' => ['manual_skill' => 0.8, 'schools' => ['clutter' => 'manual']],
    ]);
    $hand = Documents::written($plan)['hand'];

    expect($hand['best'])->toBe('trap')
        // it passes nearest at 18 m · sin 40°, where it crosses square and only the frame's width limits the time
        ->and($hand['trap']['distance_m'])->toEqualWithDelta(18 * sin(deg2rad(40)), 0.02)
        ->and($hand['trap']['frames'])->toBeGreaterThan($hand['trap']['here_frames'])
        ->and($hand['trap']['lead_m'])->toBeTo(8 * 0.30)
        ->and(array_column(Documents::written($plan)['reasons'], 'why', 'field')['manual_technique'])->toContain('Set the plane at');
});

it('zooms out for room and leaves a zoom alone that has been set', function () {
    $zoom = ['lens' => ['focal_mm' => 400, 'focal_min_mm' => 100, 'focal_max_mm' => 400, 'zoom' => true]];
    $far = Documents::plan(['distance' => ['work_m' => 60, 'far_m' => 80]], $zoom);
    $near = Documents::plan(['motion' => ['pattern' => 'erratic'], 'distance' => ['near_m' => 8, 'work_m' => 10, 'far_m' => 20]], $zoom);
    $set = Documents::plan(['motion' => ['pattern' => 'erratic'], 'distance' => ['near_m' => 8, 'work_m' => 10, 'far_m' => 20]], ['lens' => ['focal_mm' => 300, 'focal_min_mm' => 300, 'focal_max_mm' => 300, 'zoom' => true]]);

    expect($far->hold->focalMm)->toBe(400.0)
        ->and($near->hold->focalMm)->toBeLessThan(400.0)->toBeGreaterThanOrEqual(100.0)
        ->and($set->hold->focalMm)->toBe(300.0)
        ->and(Documents::written($set)['reasons'][18]['why'])->toContain('You have set the zoom to 300 mm');
});

it('lists the assumed figures that the area rests on, and follows a change of them', function () {
    $steady = Planner::standard()->plan(Documents::rushOf(), Kit::fromArray(Documents::kit()), Assumptions::with(['aim.late.settled' => 0.0, 'aim.handheld' => 0.0]));
    $plan = Documents::plan();

    expect(array_column(Documents::written($plan)['assumptions'], 'name'))->toContain('aim.late.settled', 'aim.handheld', 'person.reaction')
        ->and($steady->situation->wander->sidewaysM)->toBe(0.0)
        ->and($steady->draft->areaScore()->onTarget)->toBeGreaterThan($plan->draft->areaScore()->onTarget);
});
