<?php

declare(strict_types=1);

use RushHold\Assumptions\Assumptions;
use RushHold\Framing\AimWander;
use RushHold\Framing\Framing;
use RushHold\Kit\Kit;
use RushHold\Rush\KindId;
use RushHold\Rush\Posture;
use RushHold\Statistics\ErrorFunction;
use Tests\Support\Documents;

/** The framing of a rush with the standard kit, under way or not. */
function framed(array $rush, bool $onTheMove = true): Framing
{
    $of = Documents::rushOf($rush);
    $kit = Kit::fromArray(Documents::kit());

    return Framing::of($of, $kit, Assumptions::defaults(), $kit->optic()->magnification($of->workM), $onTheMove);
}

function wandering(array $rush, bool $arrived = false, array $changed = []): AimWander
{
    return AimWander::of(Documents::rushOf($rush), Assumptions::with($changed), framed($rush), $arrived);
}

it('knows how much the frame takes in at the subject: W·(s−f)/f', function () {
    $framing = framed(['distance' => ['work_m' => 18]]);

    expect($framing->frameWidthM)
        ->toBeTo((36 * (18000 - 500)) / 500 / 1000)
        ->and($framing->frameHeightM)
        ->toBeTo((24 * (18000 - 500)) / 500 / 1000)
        ->and($framing->frameWidthM / $framing->frameHeightM)
        ->toBeTo(1.5);
});

it('foreshortens what comes head-on, and only that', function () {
    $crossing = framed([
        'subject' => ['kind' => 'running-mammal', 'length_m' => 0.6],
        'motion' => ['bearing_deg' => 90],
    ]);
    $headOn = framed(['subject' => ['kind' => 'running-mammal', 'length_m' => 0.6], 'motion' => ['bearing_deg' => 0]]);
    [$along, $across, $upwards] = Posture::FourLegged->shares();

    expect($crossing->widthM)
        ->toBeTo(0.6 * $along)
        ->and($crossing->depthM)
        ->toBeTo(0.6 * $across)
        ->and($headOn->widthM)
        ->toBeTo(0.6 * $across)
        ->and($headOn->depthM)
        ->toBeTo(0.6 * $along)
        ->and($headOn->heightM)
        ->toBe($crossing->heightM)
        ->toBeTo(0.6 * $upwards)
        ->and($headOn->headX)
        ->toBeLessThan($crossing->headX);
});

it('takes another posture for what rests', function (string $kind, Posture $moving, Posture $resting) {
    expect(framed(['subject' => ['kind' => $kind]])->posture)
        ->toBe($moving)
        ->and(framed(['subject' => ['kind' => $kind]], false)->posture)
        ->toBe($resting);
})->with([
    'a tall wader' => ['tall-wader', Posture::Flying, Posture::Stalking],
    'a duck' => ['waterfowl', Posture::Flying, Posture::Afloat],
    'a diver' => ['diver', Posture::Tumbling, Posture::Upright],
    'a paddler' => ['paddler', Posture::Seated, Posture::Seated],
]);

it('gives every kind a body and a patch inside it', function () {
    foreach (KindId::cases() as $kind) {
        foreach ([true, false] as $moves) {
            $framing = framed(['subject' => ['kind' => $kind->value, 'length_m' => 1.0]], $moves);
            expect($framing->widthM)
                ->toBeGreaterThan(0.0)
                ->and($framing->targetM)
                ->toBeGreaterThan(0.0)
                ->toBeLessThan(1.0)
                ->and(abs($framing->headY))
                ->toBeLessThanOrEqual($framing->heightM / 2 + 1e-9);
        }
    }
});

it('adds what makes the aim stray as squares', function () {
    $rush = [
        'motion' => ['speed_mps' => 9, 'bearing_deg' => 90, 'pattern' => 'erratic'],
        'distance' => ['work_m' => 18],
    ];
    $wander = wandering($rush);
    $hold = 0.0025 * 18;
    $follow = 9 * 0.03;
    $jink = 0.3 * 9 * 0.25;
    $bob = 0.08 * 9 * 0.08;

    expect($wander->sidewaysM)
        ->toBeTo(sqrt($hold ** 2 + $follow ** 2 + $jink ** 2))
        ->and($wander->upwardsM)
        ->toBeTo(sqrt($hold ** 2 + ($follow * 0.35) ** 2 + $jink ** 2 + $bob ** 2));
});

it('lets what cannot fly jink mostly sideways', function () {
    $own = ['motion' => ['speed_mps' => 9, 'pattern' => 'erratic']];
    $ratio = fn (string $kind): float => (fn (AimWander $w) => $w->upwardsM / $w->sidewaysM)(
        wandering(['subject' => ['kind' => $kind]] + $own),
    );

    expect($ratio('field-player'))->toBeLessThan($ratio('seabird'));
});

it('strays more for a beginner, less on a tripod, and most without a pan', function () {
    $sideways = fn (array $person): float => wandering(['photographer' => $person])->sidewaysM;

    expect($sideways(['skill' => 'new']))
        ->toBeGreaterThan($sideways(['skill' => 'settled']))
        ->and($sideways(['skill' => 'settled']))
        ->toBeGreaterThan($sideways(['skill' => 'expert']))
        ->and($sideways(['panning' => false]))
        ->toBeGreaterThan($sideways(['skill' => 'new']))
        ->and($sideways(['support' => 'locked']))
        ->toBeLessThan($sideways(['support' => 'handheld']));
});

it('counts where it will come in only until it has come in', function () {
    $rush = ['intent' => ['follow' => 'whoever-enters']];

    expect(wandering($rush)->sidewaysM)
        ->toBeGreaterThan(wandering($rush, arrived: true)->sidewaysM)
        ->and(wandering($rush, arrived: true)->sidewaysM)
        ->toBe(wandering([])->sidewaysM);
});

it('turns reach into a chance by the error function', function () {
    $wander = wandering([]);
    $one = $wander->within($wander->sidewaysM, $wander->upwardsM);

    expect($one)
        ->toEqualWithDelta(0.6826895 ** 2, 1e-5)
        ->and($wander->within(INF, INF))
        ->toBe(1.0)
        ->and(wandering([], changed: ['aim.handheld' => 0.0, 'aim.late.settled' => 0.0])->within(0.001, INF))
        ->toBe(1.0);
});

it('knows the error function to seven places', function (float $x, float $erf) {
    expect(ErrorFunction::of($x))->toEqualWithDelta($erf, 2e-7);
})->with([[0.0, 0.0], [0.5, 0.5204998778], [1.0, 0.8427007929], [2.0, 0.995322265], [INF, 1.0]]);
