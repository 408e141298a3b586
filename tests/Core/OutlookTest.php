<?php

declare(strict_types=1);

use RushHold\Kit\Kit;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Outlook\Frontier;
use RushHold\Rehearsal\Outlook\Help;
use RushHold\Rehearsal\Outlook\HelpSearch;
use RushHold\Rehearsal\Outlook\OutlookDocument;
use RushHold\Rehearsal\Outlook\Touches;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;
use RushHold\Wording\Units;
use Tests\Support\Documents;
use Tests\Support\Situations;

/** @return array{Rehearsal, list<Take>} */
function takesOf(Plan $plan, int $passes = 40): array
{
    $rehearsal = Rehearsal::of($plan);
    $camera = $rehearsal->camera();

    return [
        $rehearsal,
        array_map(fn (int $seed): Take => Take::of($rehearsal->pass($seed), $camera), range(0, $passes - 1)),
    ];
}

/** @return list<Help> */
function helpsFor(array $rush, array $kit = [], array $others = []): array
{
    return HelpSearch::find(Planner::standard(), Documents::plan($rush, $kit), $others, 24);
}

it('draws sharp frames against ISO with this hold on it, more for more', function () {
    $plan = Documents::plan();
    $points = Frontier::of(...takesOf($plan));
    $isos = array_map(fn ($point): int => $point->settings->iso, $points);
    $here = array_values(array_filter($points, fn ($point): bool => $point->isHere));

    expect(count($points))
        ->toBeGreaterThanOrEqual(5)
        ->toBeLessThanOrEqual(9)
        ->and($isos)
        ->toBe(
            (function (array $sorted): array {
                sort($sorted);

                return $sorted;
            })($isos),
        )
        ->and(max($isos))
        ->toBeLessThanOrEqual(6400)
        ->and($here)
        ->toHaveCount(1)
        ->and($here[0]->settings->iso)
        ->toBe($plan->hold->iso)
        ->and(end($points)->tally->sharpAPass())
        ->toBeGreaterThan($points[0]->tally->sharpAPass() + 5);
});

it('promises by the formulas what the rehearsal keeps, within its interval', function (array $rush) {
    // nothing but movement parts them: an aim that never strays and clean ground
    $plan = Documents::plan(
        array_replace_recursive(['photographer' => ['support' => 'locked']], $rush),
        [],
        ['aim.locked' => 0, 'aim.late.settled' => 0, 'aim.bob' => 0],
    );
    [$rehearsal, $takes] = takesOf($plan, 60);
    $points = Frontier::of($rehearsal, $takes);
    // what is kept whatever the exposure shows where nothing moves too fast any more
    $fastest = end($points);
    $kept = $fastest->tally->keeperRate()->share / $fastest->stillShare;
    $off = array_filter($points, function ($point) use ($kept): bool {
        $keeper = $point->tally->keeperRate();

        return $kept * $point->stillShare < $keeper->least - 0.02 || $kept * $point->stillShare > $keeper->most + 0.02;
    });
    expect(count($points))->toBeGreaterThan(3)->and($fastest->stillShare)->toBeGreaterThan(0.95)->and($off)->toBe([]);
})->with([
    'crossing square, as far as it goes' => [
        ['motion' => ['bearing_deg' => 90], 'distance' => ['near_m' => 17.5, 'work_m' => 18, 'far_m' => 19]],
    ],
    'slower' => [
        [
            'motion' => ['bearing_deg' => 90, 'speed_mps' => 4],
            'distance' => ['near_m' => 17.5, 'work_m' => 18, 'far_m' => 19],
        ],
    ],
    'coming on' => [
        [
            'motion' => ['bearing_deg' => 30, 'speed_mps' => 5],
            'distance' => ['near_m' => 29, 'work_m' => 30, 'far_m' => 31],
        ],
    ],
]);

it('has no such choice where the background is to streak', function () {
    expect(Frontier::of(...takesOf(Documents::plan(['intent' => ['style' => 'pan-blur']]))))->toBe([]);
});

it('says what must not be touched, the dearest first, and where there is freedom', function () {
    $plan = Documents::plan();
    $touches = Touches::of(...takesOf($plan));
    $told = array_column((new OutlookDocument(Units::Metric))->touches($touches), null, 'field');

    expect(array_keys($told))
        ->toContain('shutter_s', 'f_number', 'area.pattern', 'tuning.stay', 'tuning.pace', 'focus_mode')
        ->and(count(array_filter($told, fn (array $one): bool => $one['matters'])))
        ->toBe(3)
        ->and($told['focus_mode']['matters'])
        ->toBeTrue()
        ->and($told['shutter_s']['words'])
        ->toMatch('/^1\/\d+ costs \d+ % of the sharp frames$/')
        ->and($told['tuning.stay']['words'])
        ->toBe('may be off as far as it goes'); // nothing hides it
    foreach ($touches as $touch) {
        expect($touch->off === null || $touch->lost >= Touches::TENTH)->toBeTrue();
    }
});

it('has nothing to say of touching where nothing comes out sharp', function () {
    $hopeless = Documents::plan([
        'subject' => ['limb_speed_mps' => 300],
        'intent' => ['limbs' => 'freeze'],
        'light' => ['ev100' => 4],
        'iso_ceiling' => 100,
    ]);
    expect(Touches::of(...takesOf($hopeless, 8)))->toBe([]);
});

it('finds what would help, by how much, and never sends anybody to a wild animal', function () {
    $helps = array_column(
        array_map(fn (Help $help): array => ['what' => $help->what, 'help' => $help], helpsFor([])),
        'help',
        'what',
    );
    expect($helps)
        ->not->toHaveKey(Help::NEARER)
        ->and($helps[Help::LET_IT_COME]->figures['distance_m'])
        ->toBeGreaterThanOrEqual(14.0)
        ->and($helps[Help::FARTHER]->change)
        ->toBe(['distance' => ['work_m' => 18 * 1.3]]);

    $runner = Situations::plan(
        Situations::rush('runner', [
            'photographer' => ['panning' => false],
            'motion' => ['bearing_deg' => 90],
            'light' => ['ev100' => 6],
            'distance' => ['near_m' => 9, 'work_m' => 10, 'far_m' => 14],
        ]),
        Situations::kit('zoom'),
    );
    $found = HelpSearch::find(Planner::standard(), $runner, [], 16);
    expect($found[0]->what)
        ->toBe(Help::PAN)
        ->and($found[0]->margin->isTelling())
        ->toBeTrue()
        ->and(array_map(fn (Help $help): string => $help->what, $found))
        ->toContain(Help::LIGHT, Help::NEARER);
});

it('tries the other lens and the converter off, and keeps quiet about a lens that does not focus there', function () {
    $others = [
        'short' => Kit::fromArray(
            Documents::kit([
                'lens' => ['focal_mm' => 300, 'focal_min_mm' => 300, 'focal_max_mm' => 300, 'widest_f' => 4],
            ]),
        ),
        'far' => Kit::fromArray(Documents::kit(['lens' => ['closest_m' => 20, 'limiter_m' => []]])),
    ];
    $found = helpsFor([], ['converter' => 1.4], $others);
    $lenses = array_filter($found, fn (Help $help): bool => $help->what === Help::LENS);

    expect(array_map(fn (Help $help): string => (string) $help->figures['kit'], array_values($lenses)))
        ->toBe(['short'])
        ->and(array_map(fn (Help $help): string => $help->what, $found))
        ->toContain(Help::CONVERTER);
});

it('counts a help by the very passes it is held against', function () {
    $again = fn (): array => array_map(fn (Help $help): array => [$help->what, $help->margin->toArray()], helpsFor([]));
    expect($again())->toBe($again());
});

it('writes it all down in words with its price', function () {
    $plan = Documents::plan();
    [$rehearsal, $takes] = takesOf($plan, 16);
    $told = (new OutlookDocument(Units::Imperial))->of(
        $plan,
        16,
        Frontier::of($rehearsal, $takes),
        Touches::of($rehearsal, $takes),
        helpsFor([]),
    );
    expect($told['poor'])
        ->toBeFalse()
        ->and(count($told['helps']))
        ->toBeGreaterThan(2)
        ->and(implode(' ', array_column($told['helps'], 'words')))
        ->toContain('ft');
    foreach ($told['helps'] as $help) {
        expect($help['cost'])->not->toBe('')->and($help['gain']['mean'])->toBeGreaterThan(0);
    }
});
