<?php

declare(strict_types=1);

use RushHold\Assumptions\Assumption;
use RushHold\Assumptions\Assumptions;
use RushHold\Faults\Fault;
use RushHold\Kit\AfArea;
use RushHold\Kit\Kit;
use RushHold\Planning\Explore\PlanMap;
use RushHold\Planning\Explore\SchoolComparison;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Estimate\EstimateDocument;
use RushHold\Rehearsal\Estimate\RemedySearch;
use RushHold\Rehearsal\Estimate\Tally;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Sweep\Grid;
use RushHold\Rehearsal\Sweep\Sweep;
use RushHold\Rehearsal\Sweep\SweepDocument;
use RushHold\Rehearsal\Take;
use RushHold\Rehearsal\TakeDocument;
use RushHold\Rush\Catalogue;
use RushHold\Rush\KindId;
use RushHold\Rush\Rush;
use RushHold\Wording\Plan\PlanDocument;
use RushHold\Wording\Plan\SchoolsDocument;
use RushHold\Wording\Units;
use Tests\Support\Documents;
use Tests\Support\Long;

/** Numbers and choices from a seed, the same on every run. */
final class Draw
{
    private Random\Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    }

    public function share(): float
    {
        return $this->randomizer->getInt(0, 1_000_000_000) / 1e9;
    }

    /** @param  non-empty-list<mixed>  $of */
    public function one(array $of): mixed
    {
        return $of[$this->randomizer->getInt(0, count($of) - 1)];
    }

    /** Evenly by its logarithm; one time in five an end. */
    public function between(float $least, float $most): float
    {
        return $this->share() < 0.2 ? $this->one([$least, $most]) : $least * ($most / $least) ** $this->share();
    }

    public function whole(int $least, int $most): int
    {
        return $this->randomizer->getInt($least, $most);
    }
}

/** Any rush of a kind that the format allows. */
function anyRush(Draw $draw, KindId $kind): array
{
    $near = $draw->between(11, 2000);
    $work = min(20_000.0, $near * $draw->between(1, 4));

    return Documents::rush([
        'subject' => [
            'kind' => $kind->value,
            'length_m' => $draw->between(0.001, 100),
            'detection' => Catalogue::kind($kind)->detection->value,
            'detail' => $draw->one(['low', 'medium', 'high']),
            'limb_speed_mps' => $draw->one([0, 5, 100]),
            'count' => $draw->whole(1, 40),
            'depth_spread_m' => $draw->one([0, 0, 1, 100]),
        ],
        'motion' => [
            'speed_mps' => $draw->one([0, 5e-324, 1e-310, 1e-9, $draw->between(0.01, 400)]),
            'bearing_deg' => $draw->one([0, 90, 180, 180 * $draw->share()]),
            'pattern' => $draw->one(['still', 'steady', 'accelerating', 'stop-start', 'erratic', 'sudden']),
            'acceleration_mps2' => $draw->one([-100, -3, 0, 3, 100]),
            'route' => $draw->one(['known', 'unknown']),
        ],
        'distance' => ['near_m' => $near, 'work_m' => $work, 'far_m' => min(20_000.0, $work * $draw->between(1, 10))],
        'clutter' => [
            'foreground' => $draw->one(['none', 'sparse', 'dense']),
            'background' => $draw->one(['clean', 'moderate', 'busy']),
            'background_gap_m' => $draw->one([0, 1, 50, 20_000]),
            'foliage_moving' => $draw->one([true, false]),
            'crossers' => $draw->one(['none', 'occasional', 'frequent']),
            'separation' => $draw->one(['clear', 'similar']),
            'obstacle_width_m' => $draw->one([0, 0.001, 0.1, 10]),
        ],
        'light' => ['ev100' => $draw->one([-6, 5, 13, 20]), 'direction' => $draw->one(['front', 'side', 'back'])],
        'intent' => [
            'follow' => $draw->one(['this-one', 'nearest', 'whoever-enters']),
            'limbs' => $draw->one(['freeze', 'may-blur']),
            'style' => $draw->one(['freeze', 'pan-blur']),
            'entry' => $draw->one(['any', 'left', 'below']),
        ],
        'photographer' => [
            'skill' => $draw->one(['new', 'settled', 'expert']),
            'support' => $draw->one(['handheld', 'braced', 'monopod', 'gimbal', 'locked']),
            'panning' => $draw->one([true, false]),
            'manual_skill' => $draw->share(),
            'schools' => $draw->one([[], ['button' => 'two-thumbs'], ['clutter' => 'manual'], ['sport' => 'zone']]),
        ],
        'standard' => $draw->one(['share', 'detail', 'pixel']),
        'iso_ceiling' => $draw->one([50, 6400, 3_276_800]),
    ]);
}

/** Any kit that can focus by itself or by hand. */
function anyKit(Draw $draw): array
{
    $focal = $draw->one([2, 24, 200, 500, 1200, 2500]);

    return Documents::kit([
        'body' => [
            'af_sensor' => $draw->one(['on-image', 'line', 'cross']),
            'fps' => $draw->one([0.5, 5, 20, 240]),
            'has_pace' => $draw->one([true, false]),
            'has_pick' => $draw->one([true, false]),
            'stay_levels_s' => $draw->one([[], [0], [0, 0.1, 0.3, 0.6, 1.2]]),
            'detects' => $draw->one([[], ['animal', 'bird', 'person', 'vehicle']]),
            'modes' => $draw->one([
                ['single', 'continuous', 'auto-switch', 'manual', 'single-with-override'],
                ['manual', 'continuous'],
                ['continuous'],
            ]),
            'areas' => $draw->one([
                ['spot'],
                ['whole-frame'],
                ['lock-on', 'zone-wide'],
                AfArea::all(),
            ]),
        ],
        'lens' => [
            'focal_mm' => $focal,
            'focal_min_mm' => $focal,
            'focal_max_mm' => $focal,
            'widest_f' => $draw->one([0.7, 2.8, 5.6, 32]),
            'closest_m' => max(($focal * 4.04) / 1000, $draw->one([0.05, 1, 3.6])),
            'limiter_m' => [],
            'stabiliser_stops' => $draw->one([0, 4, 8]),
        ],
        'converter' => $draw->one([1, 1.4, 2]),
    ]);
}

/**
 * Plans and rehearses; now and then everything else that rests on a plan.
 *
 * @return ?string the fault that stands in the way
 */
function reckoned(array $rush, array $kit, Assumptions $figures, int $turn): ?string
{
    $rush['photographer']['schools'] = (array) $rush['photographer']['schools'];
    $planner = Planner::standard();
    $number = static fn (array $document): string => json_encode($document, JSON_THROW_ON_ERROR);
    try {
        $plan = $planner->plan(Rush::fromArray($rush), Kit::fromArray($kit), $figures);
        $number(PlanDocument::of($plan, []));
        $rehearsal = Rehearsal::of($plan);
        $take = Take::of($rehearsal->pass($turn), $rehearsal->camera());
        $number(TakeDocument::of($turn, $take));
        $tally = new Tally();
        $tally->add($take->counts());
        $number(EstimateDocument::of($tally, false));
        if ($turn % Long::of(40, 100) === 0) {
            $number(PlanDocument::tips($planner->tips($plan), Units::Metric));
            $number(PlanMap::around($planner, $plan));
            $number(SchoolsDocument::of(SchoolComparison::of($planner, $plan), Units::Metric));
            $number(EstimateDocument::remedies($plan, RemedySearch::find($rehearsal, $plan->hold, 1)));
            $sweep = Sweep::over($rehearsal, $plan->hold, Grid::of('exposure', $plan, $plan->hold), 2);
            $sweep->go(1);
            $number(SweepDocument::of($sweep));
        }
    } catch (Fault $fault) {
        return $fault->getMessage();
    }

    return null;
}

it('plans and rehearses, or says what is in the way, with every figure at either end of its range', function () {
    $draw = new Draw(11);
    $kinds = KindId::cases();
    $turn = $faults = 0;
    foreach (Assumptions::all() as $name => $one) {
        foreach ([$one->least, $one->most] as $value) {
            $fault = reckoned(
                anyRush($draw, $kinds[$turn % count($kinds)]),
                anyKit($draw),
                Assumptions::with([$name => $value]),
                $turn,
            );
            // a usual rush of the same figure too, at one of its ends: extremes of one hide those of another
            if (in_array($turn % 4, Long::of([0, 1, 2, 3], [0, 3]), true)) {
                $usual = reckoned(
                    Documents::rush(Documents::DARTING),
                    Documents::kit(),
                    Assumptions::with([$name => $value]),
                    $turn,
                );
                expect($usual)->toBeNull("{$name} = {$value}: {$usual}");
            }
            $faults += $fault === null ? 0 : 1;
            $turn++;
        }
    }
    expect($turn)
        ->toBe(2 * count(Assumptions::all()))
        ->and($faults)
        ->toBeLessThan($turn / 4);
});

it('plans and rehearses any rush on any body with all figures at once anywhere in their ranges', function () {
    $draw = new Draw(12);
    $kinds = KindId::cases();
    $faults = 0;
    $turns = Long::of(500, 200);
    for ($turn = 0; $turn < $turns; $turn++) {
        $set = array_map(
            static fn (Assumption $one): float => $draw->share() < 0.5
                ? $draw->one([$one->least, $one->most])
                : $one->least + ($one->most - $one->least) * $draw->share(),
            Assumptions::all(),
        );
        $faults +=
            reckoned(anyRush($draw, $kinds[$turn % count($kinds)]), anyKit($draw), Assumptions::with($set), $turn) ===
            null
                ? 0
                : 1;
    }
    // what is refused is refused for what it says, and is the lesser part
    expect($faults)->toBeLessThan($turns / 4);
});

it('goes on with figures somebody chose when ranges were wider, or that are gone', function () {
    $kept = Assumptions::kept([
        'pull.tiny' => 0,
        'area.reflex.dim_left' => 0.0,
        'gone.long.ago' => 3,
        'panning.settled' => 'much',
        'rehearse.pass' => INF,
        'pace.horizon' => 0.3,
    ]);

    expect($kept->value('pull.tiny'))
        ->toBe(Assumptions::all()['pull.tiny']->least)
        ->and($kept->value('area.reflex.dim_left'))
        ->toBeGreaterThan(0.0)
        ->and($kept->value('rehearse.pass'))
        ->toBe(Assumptions::defaults()->value('rehearse.pass'))
        ->and($kept->value('pace.horizon'))
        ->toBe(0.3);
});

it('reckons single frames beyond what a buffer of one would hold', function () {
    $figures = Assumptions::with(['rehearse.buffer' => 1, 'rehearse.pass' => 10]);
    $plan = Planner::standard()->plan(
        Documents::rushOf(['motion' => ['pattern' => 'still', 'speed_mps' => 0]]),
        Kit::fromArray(Documents::kit()),
        $figures,
    );
    $rehearsal = Rehearsal::of($plan);
    $take = Take::of($rehearsal->pass(3), $rehearsal->camera($plan->hold->with(burst: RushHold\Hold\Burst::Single)));

    expect(count($take->frames()))->toBeGreaterThan(3);
});

it('lists every assumed figure a plan rests on: no other changes it', function () {
    $moved = [];
    $tried = 0;
    foreach (
        [
            [[], []],
            [Documents::DARTING, []],
            [['intent' => ['style' => 'pan-blur'], 'light' => ['ev100' => -2], 'iso_ceiling' => 400], []],
            [
                [
                    'subject' => ['kind' => 'wader', 'count' => 6, 'depth_spread_m' => 0.9],
                    'motion' => ['pattern' => 'still', 'speed_mps' => 0.1],
                    'intent' => ['follow' => 'nearest'],
                ],
                [],
            ],
            [
                Documents::DARTING,
                [
                    'body' => ['af_sensor' => 'line', 'areas' => ['spot', 'single-point', 'zone-small', 'whole-frame']],
                    'converter' => 1.4,
                ],
            ],
        ] as [$own, $kitOwn]
    ) {
        $rush = Documents::rushOf($own);
        $kit = Kit::fromArray(Documents::kit($kitOwn));
        $plan = Planner::standard()->plan($rush, $kit);
        $says = static fn (RushHold\Planning\Plan $of): string => (string) json_encode(
            array_intersect_key(PlanDocument::of($of, []), [
                'hold' => 1,
                'numbers' => 1,
                'areas' => 1,
                'concessions' => 1,
                'reasons' => 1,
            ]),
            JSON_PARTIAL_OUTPUT_ON_ERROR,
        );
        $before = $says($plan);
        $listed = array_column(PlanDocument::of($plan, [])['assumptions'], 'name');
        foreach (array_diff_key(Assumptions::all(), array_flip($listed)) as $one) {
            foreach ([$one->least, $one->most] as $value) {
                $tried++;
                if (
                    $says(Planner::standard()->plan($rush, $kit, Assumptions::with([$one->name => $value]))) !== $before
                ) {
                    $moved[] = "{$one->name} at {$value}";
                }
            }
        }
        // and it is a list of what was read, not of all there are
        expect(count($listed))->toBeLessThan(count(Assumptions::all()) / 2);
    }
    expect($moved)->toBe([])->and($tried)->toBeGreaterThan(800);
});
