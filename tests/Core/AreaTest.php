<?php

declare(strict_types=1);

use RushHold\Kit\AfArea;
use RushHold\Planning\AreaScore;
use RushHold\Wording\AreaWords;
use RushHold\Wording\Share;
use Tests\Support\Documents;

const WHOLE_BODY = [
    'body' => [
        'areas' => [
            'spot',
            'single-point',
            'point-plus',
            'zone-small',
            'zone-wide',
            'zone-tall',
            'zone-large',
            'whole-frame',
            'lock-on',
        ],
        'eye_detection_areas' => ['single-point', 'point-plus', 'whole-frame', 'lock-on'],
    ],
];

/** Scores by area for a rush on a body that has them all. */
function scores(array $rush, array $kit = []): array
{
    $found = [];
    foreach (Documents::plan($rush, array_replace_recursive(WHOLE_BODY, $kit))->draft->areaScores as $score) {
        $found[$score->area->value] = $score;
    }

    return $found;
}

/** Which causes cost an area something. */
function causes(array $scores, string $area): array
{
    return array_keys($scores[$area]->hazards);
}

it('is a chance: what is on target, and nothing takes it', function () {
    foreach (scores(['clutter' => ['foreground' => 'sparse', 'background' => 'busy']]) as $score) {
        expect($score->score)
            ->toBeTo($score->onTarget * exp(-array_sum($score->hazards)))
            ->toBeGreaterThan(0.0)
            ->toBeLessThanOrEqual(1.0);
    }
});

it('lists areas best first and scores every one the body has', function () {
    $plan = Documents::plan([], WHOLE_BODY);
    $listed = array_map(fn (AreaScore $score): float => $score->score, $plan->draft->areaScores);
    $sorted = $listed;
    rsort($sorted);

    expect($listed)
        ->toBe($sorted)
        ->toHaveCount(count(AfArea::cases()))
        ->and($plan->hold->area)
        ->toBe($plan->draft->areaScores[0]->area);
});

it('makes a larger area hit more often, and meet more that is wrong', function () {
    $scores = scores(['clutter' => ['foreground' => 'dense']]);
    $order = ['single-point', 'point-plus', 'zone-small', 'zone-large', 'whole-frame'];

    foreach (array_slice($order, 1) as $at => $larger) {
        expect($scores[$larger]->onTarget)
            ->toBeGreaterThanOrEqual($scores[$order[$at]]->onTarget)
            ->and($scores[$larger]->hazards['front'])
            ->toBeGreaterThan($scores[$order[$at]]->hazards['front']);
    }
});

it('finds what each kind of clutter does', function (array $rush, string $area, string $cause) {
    expect(causes(scores($rush), $area))->toContain($cause);
})->with([
    'twigs' => [['clutter' => ['foreground' => 'sparse']], 'zone-large', 'front'],
    'a wood behind' => [['clutter' => ['background' => 'busy', 'background_gap_m' => 5]], 'whole-frame', 'behind'],
    'players' => [['clutter' => ['crossers' => 'frequent']], 'lock-on', 'pass'],
    'leaves' => [['clutter' => ['foliage_moving' => true]], 'lock-on', 'foliage'],
    'its own wing at shallow depth' => [['distance' => ['near_m' => 4, 'work_m' => 5]], 'zone-large', 'self'],
    'others of the flock' => [['subject' => ['count' => 6]], 'whole-frame', 'group'],
    'not there yet' => [['intent' => ['follow' => 'whoever-enters']], 'lock-on', 'unseen'],
    'a known side' => [['intent' => ['entry' => 'left']], 'whole-frame', 'side'],
    'a plain flank' => [['subject' => ['detail' => 'low']], 'single-point', 'plain'],
    'a pinpoint on a mover' => [[], 'spot', 'pinpoint'],
    'zones without eyes' => [[], 'zone-wide', 'no-eye'],
    'a speck' => [['distance' => ['work_m' => 400, 'far_m' => 500]], 'whole-frame', 'tiny'],
    'starting it' => [[], 'lock-on', 'start'],
]);

it('finds nothing wrong on clean ground with one point', function () {
    expect(
        causes(
            scores(['motion' => ['speed_mps' => 0, 'pattern' => 'still'], 'distance' => ['work_m' => 30]]),
            'single-point',
        ),
    )->toBe([]);
});

it('leaves moving leaves to lock-on and whole frame, not to points', function () {
    $scores = scores([
        'clutter' => [
            'background' => 'busy',
            'background_gap_m' => 2,
            'foliage_moving' => true,
            'separation' => 'similar',
        ],
    ]);

    expect(causes($scores, 'single-point'))
        ->not->toContain('foliage')
        ->and($scores['lock-on']->score)
        ->toBeLessThan($scores['zone-small']->score);
});

it('keeps a reflex body to its field, and half of it behind a dim lens', function () {
    $reflex = ['body' => ['af_sensor' => 'cross', 'detects' => [], 'eye_detection_areas' => []]];
    $bright = scores([], $reflex)['whole-frame'];
    $dim = scores(['distance' => ['work_m' => 30]], $reflex + ['converter' => 2])['whole-frame'];

    expect([$bright->width, $bright->height])
        ->toBe([0.55, 0.45])
        ->and([$dim->width, $dim->height])
        ->toBe([0.275, 0.225])
        ->and(scores([], ['body' => ['af_sensor' => 'line']])['single-point']->hazards['sensor'])
        ->toBeGreaterThan(0.0);
});

it('detects only what the body knows, where the area allows, and large enough', function () {
    $near = scores([]);
    $far = scores(['distance' => ['work_m' => 300, 'far_m' => 300]]);

    expect($near['whole-frame']->detection)
        ->toBeGreaterThan($far['whole-frame']->detection)
        ->and($near['spot']->detection)
        ->toBe(0.0)
        ->and(scores(['subject' => ['detection' => 'vehicle']])['whole-frame']->detection)
        ->toBe(0.0)
        ->and(scores(['clutter' => ['foreground' => 'dense']])['whole-frame']->detection)
        ->toBeLessThan($near['whole-frame']->detection);
});

it('says in words what is against an area', function () {
    $scores = scores(['clutter' => ['foreground' => 'dense']]);

    expect(AreaWords::weakness(...$scores['whole-frame']->weakness()))
        ->toMatch('/^something in front takes it .* of the time$/')
        ->and(AreaWords::weakness(...$scores['spot']->weakness()))
        ->toContain('your aim is off it')
        ->and(Share::percent(0.004))
        ->toBe('under 1 %')
        ->and(Share::percent(0.996))
        ->toBe('over 99 %')
        ->and(Share::percent(0.514))
        ->toBe('51 %');
});

it('gives a body without areas one point in the middle', function () {
    $plan = Documents::plan([], ['body' => ['areas' => []]]);

    expect($plan->hold->area)->toBe(AfArea::SinglePoint)->and($plan->hold->eye)->toBeFalse();
});
