<?php

declare(strict_types=1);

use RushHold\Planning\Concession;
use RushHold\Planning\Explore\TippingPoints;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;
use RushHold\Rehearsal\Verdict;
use RushHold\Rush\Ground;
use Tests\Support\Documents;

/** A plan with a bird at a distance in air that somebody has told of. */
function inAir(array $air, float $distanceM = 60.0, float $ev = 15.0): Plan
{
    return Documents::plan([
        'distance' => ['near_m' => min(20.0, $distanceM), 'work_m' => $distanceM, 'far_m' => max(80.0, $distanceM)],
        'light' => ['ev100' => $ev],
        'air' => $air,
    ]);
}

it('leaves shimmer and haze at nought until somebody tells of the air, and says so', function () {
    $plan = Documents::plan([]);
    $told = Documents::written($plan);
    $total = array_values(
        array_filter($told['workings'], static fn (array $one): bool => $one['figure'] === 'blur_mm.total'),
    )[0];
    expect($plan->blur->shimmerMm)
        ->toBe(0.0)
        ->and($told['numbers']['shimmer_reach_m'])
        ->toBeNull()
        ->and($told['numbers']['contrast'])
        ->toBe(1.0)
        ->and(array_column($total['inputs'], 'name'))
        ->toContain('shimmer, 0 until you say what the light runs over')
        ->and(array_filter($plan->restsOn, static fn (string $name): bool => str_starts_with($name, 'air.')))
        ->toBe([]);
});

it('takes shimmer from the budget, so that the shutter must be faster over warm ground and the reach is told', function () {
    $before = INF;
    foreach ([Ground::Water, Ground::Grass, Ground::Sand, Ground::Tarmac] as $ground) {
        $plan = inAir(['ground' => $ground->value, 'sun_deg' => 40]);
        $needed = $plan->frameBlur->requiredShutterS($plan->hold->fNumber, $plan->blur->limitMm) ?? 0.0;
        expect($needed)->toBeLessThan($before, $ground->value);
        $before = $needed;
        $seeing = $plan->situation->seeing;
        expect($seeing->shimmerMm($seeing->reachM($plan->blur->limitMm)))
            ->toBeTo($plan->blur->limitMm)
            ->and(Documents::written($plan)['numbers']['shimmer_reach_m'])
            ->toBeTo($seeing->reachM($plan->blur->limitMm));
    }
    // nothing is left for motion over tarmac at noon: the standard gives way and the air is named
    $words = json_encode(Documents::written(inAir(['ground' => 'tarmac', 'sun_deg' => 60, 'wind_mps' => 0], 80.0)));
    expect($words)->toContain('trembling of warm air alone blurs');
});

it('reckons the sun from light and sky where nobody has said how high it stands', function () {
    $sun = static fn (array $air, float $ev): ?float => inAir(['ground' => 'sand'] + $air, ev: $ev)->situation->seeing
        ->sunDeg;
    expect($sun([], 15.0))
        ->toBe(45.0)
        ->and($sun([], 13.3))
        ->toBeTo(10.0)
        ->and($sun(['sky' => 'overcast'], 11.3))
        ->toBeTo(20.0)
        ->and($sun(['sun_deg' => 33], 8.0))
        ->toBe(33.0)
        // at dusk nothing warms the sand
        ->and(inAir(['ground' => 'sand'], ev: 6.0)->blur->shimmerMm)
        ->toBeLessThan(0.0005);
});

it('slows and hunts in haze, and says when no setting helps', function () {
    $contrast = static fn (float $metres): float => inAir(['visibility_m' => $metres])->situation->contrast;
    expect($contrast(1000.0))->toBeTo(exp(-3.912 * 0.06));
    $found = [];
    foreach ([10_000, 200, 100, 60] as $metres) {
        $plan = inAir(['visibility_m' => $metres]);
        $air = array_filter($plan->draft->concessions, static fn (Concession $one): bool => $one->step === 'air');
        $found[$metres] = [
            array_column($air, 'cause')[0] ?? null,
            $plan->situation->focusSlower(),
            $plan->draft->areaScore()->score,
        ];
    }
    expect(array_column($found, 0))
        ->toBe([null, Concession::HUNTS, Concession::HOPELESS, Concession::HOPELESS])
        ->and($found[10_000][1])
        ->toBeLessThan($found[200][1])
        ->and($found[200][1])
        ->toBeLessThan($found[60][1])
        ->and($found[60][2])
        ->toBeLessThan($found[10_000][2]);
    $words = Documents::written(inAir(['visibility_m' => 100]))['concessions'];
    expect(array_column($words, 'what'))
        ->toContain('haze leaves 9.6 % of the contrast')
        ->and(implode(' ', array_column($words, 'why')))
        ->toContain('No setting helps at 60 m: go nearer than 23.4 m');
});

it('loses frames to trembling air in a rehearsal, more of them far away than near', function () {
    $lost = static function (float $distanceM): float {
        $plan = Documents::plan([
            'motion' => ['speed_mps' => 1, 'pattern' => 'steady'],
            'distance' => ['near_m' => $distanceM, 'work_m' => $distanceM, 'far_m' => $distanceM + 1],
            'light' => ['ev100' => 15],
            'air' => ['ground' => 'tarmac', 'sun_deg' => 60, 'wind_mps' => 0],
        ]);
        $rehearsal = Rehearsal::of($plan);
        $counts = Take::of($rehearsal->pass(3), $rehearsal->camera())->counts();

        return ($counts[Verdict::Air->value] ?? 0) / max(1, array_sum($counts));
    };
    expect($lost(8.0))->toBe(0.0)->and($lost(400.0))->toBeGreaterThan(0.5);
});

it('tells under which sky the answer would be another', function () {
    $plan = inAir(['ground' => 'sand', 'sky' => 'clear', 'sun_deg' => 50], 60.0);
    $points = (new TippingPoints(Planner::standard(), $plan))->all();
    $skies = array_filter($points, static fn ($point): bool => $point->dimension === 'sky');
    expect(array_column($skies, 'value'))->toContain('heavy')->not->toContain('clear');
    $still = (new TippingPoints(Planner::standard(), Documents::plan([])))->all();
    expect(array_filter($still, static fn ($point): bool => $point->dimension === 'sky'))->toBe([]);
});
