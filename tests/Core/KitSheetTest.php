<?php

declare(strict_types=1);

use RushHold\Faults\NotAKitFile;
use RushHold\Kit\AfArea;
use RushHold\Kit\Kit;
use RushHold\Planning\AreaScorer;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;
use RushHold\Rush\Background;
use RushHold\Rush\Foreground;
use Tests\Support\Documents;

it('opens a zoom as wide as its sheet says at both ends, and evenly between', function () {
    $kit = Kit::fromArray(
        Documents::kit([
            'lens' => [
                'focal_mm' => 150,
                'focal_min_mm' => 150,
                'focal_max_mm' => 600,
                'widest_f' => 6.3,
                'widest_f_short' => 5,
                'zoom' => true,
            ],
        ]),
    );
    expect($kit->widestF())
        ->toBe(5.0)
        ->and($kit->at(600)->widestF())
        ->toEqualWithDelta(6.3, 1e-9)
        // half way by the logarithm: √(5 · 6.3)
        ->and($kit->at(300)->widestF())
        ->toEqualWithDelta(sqrt(5 * 6.3), 1e-9);
    // where it says one, it is that everywhere
    $same = Kit::fromArray(
        Documents::kit(['lens' => ['focal_mm' => 150, 'focal_min_mm' => 150, 'focal_max_mm' => 600, 'zoom' => true]]),
    );
    expect($same->at(600)->widestF())->toBe($same->widestF());
});

it('takes an area to be as large as its share of the points, inside of what they cover', function () {
    $points = ['count' => 51, 'width' => 0.53, 'height' => 0.44, 'areas' => ['zone-small' => 9, 'zone-large' => 51]];
    $scorer = fn (array $body): AreaScorer => new AreaScorer(
        Documents::plan([], $body === [] ? [] : ['body' => $body])->situation,
    );
    $said = $scorer(['points' => $points]);
    expect($said->extent(AfArea::ZoneSmall))
        ->toEqualWithDelta([0.53 * sqrt(9 / 51), 0.44 * sqrt(9 / 51)], 1e-9)
        ->and($said->extent(AfArea::ZoneLarge))
        ->toEqualWithDelta([0.53, 0.44], 1e-9)
        // no area reaches beyond the points, reflex or not
        ->and($said->extent(AfArea::WholeFrame)[0])
        ->toEqualWithDelta(0.53, 1e-9)
        // what nobody has counted is as assumed
        ->and($said->extent(AfArea::SinglePoint))
        ->toEqual($scorer([])->extent(AfArea::SinglePoint));
});

it('tells what was taken in for a kit file', function (string $content, string $says) {
    expect(NotAKitFile::of($content)->getMessage())->toBe("This is no kit file: it is {$says}.");
})->with([
    'a photograph' => ["\xff\xd8\xff\xe0 a photograph", 'no text: it may be a picture, or another program\'s file'],
    'nothing' => ['', 'empty'],
    'half of one' => ['{"format": "kit/1"', 'a text, but not one a kit file begins with, or it is cut off before its end'],
]);

it('fires no more frames than the body says it takes in one go', function () {
    $frames = function (array $body): int {
        $plan = Documents::plan(['motion' => ['pattern' => 'sudden']], $body === [] ? [] : ['body' => $body]);
        $rehearsal = Rehearsal::of($plan);
        $take = Take::of($rehearsal->pass(7), $rehearsal->camera($plan->hold));

        return array_sum($take->counts());
    };
    expect($frames(['buffer_frames' => 5]))->toBeLessThanOrEqual(5)->and($frames([]))->toBeGreaterThan(5);
});

it('sees what was said to stand in front behind the subject, where it stands there', function () {
    $reeds = ['clutter' => ['foreground' => 'dense', 'background' => 'clean', 'obstacle_distance_m' => 22]];
    $near = Documents::rushOf($reeds + ['distance' => ['near_m' => 8, 'work_m' => 12, 'far_m' => 40]]);
    expect($near->clutter->foreground)
        ->toBe(Foreground::None)
        ->and($near->clutter->background)
        ->toBe(Background::Busy)
        ->and($near->clutter->backgroundGapM)
        ->toBe(10.0);
    // farther away, it stands in front again
    expect($near->with(workM: 30.0)->clutter->foreground)
        ->toBe(Foreground::Dense)
        ->and($near->with(workM: 30.0)->with(workM: 12.0)->clutter->foreground)
        ->toBe(Foreground::None);
});
