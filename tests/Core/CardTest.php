<?php

declare(strict_types=1);

use RushHold\Assumptions\Assumptions;
use RushHold\Card\CameraState;
use RushHold\Card\CardPage;
use RushHold\Card\Change;
use RushHold\Card\Changes;
use RushHold\Card\PreFlight;
use RushHold\Dialect\BodyProfile;
use RushHold\Document\Reader;
use RushHold\Faults\UnknownChoice;
use RushHold\Hold\Pick;
use RushHold\Hold\StabiliserUse;
use RushHold\Kit\AfArea;
use RushHold\Kit\Care;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Planning\Planner;
use RushHold\Wording\Units;
use Tests\Support\Documents;

/** @return list<Change> */
function changesFrom(
    CameraState $left,
    array $hold = [],
    string $body = 'skerry_one',
    Units $units = Units::Metric,
): array {
    return (new Changes(Documents::demoSheet($body), Assumptions::defaults(), $units))->between(
        $left,
        Documents::hold($hold),
    );
}

/** @param  list<Change>  $changes */
function fieldsOf(array $changes): array
{
    return array_map(fn (Change $change) => $change->field, $changes);
}

it('has nothing to change on a camera that is set', function (string $body) {
    expect(changesFrom(CameraState::setTo(Documents::hold()), [], $body))->toBe([]);
})->with(['skerry_one', 'brackwater_d', 'pebble_3']);

it('names only what differs, in the body\'s words, from what it was', function () {
    $changes = changesFrom(CameraState::setTo(Documents::hold(['stay' => 4, 'iso' => 1600])), [
        'stay' => 2,
    ]);
    expect(array_map(fn (Change $change) => [$change->name, $change->from, $change->to], $changes))->toBe([
        ['ISO', '1600', '800'],
        ['Patience', '+2', '0'],
    ]);
});

it('calls out first what ruins the frames, then goes as the hand meets it', function () {
    $left = CameraState::setTo(
        Documents::hold([
            'focusMode' => FocusMode::Single,
            'detection' => Detection::Person,
            'area' => AfArea::WholeFrame,
            'stabiliser' => StabiliserUse::On,
            'limiterM' => [12.0, null],
            'iso' => 100,
            'shutterS' => 1 / 60,
            'pick' => Pick::Nearest,
        ]),
    );
    $changes = changesFrom($left);
    expect(fieldsOf($changes))->toBe([
        'limiter',
        'stabiliser',
        'focus_mode',
        'area',
        'detection',
        'iso',
        'shutter',
        'pick',
    ]);
    $danger = array_column(array_map(fn (Change $change) => [$change->field, $change->danger], $changes), 1, 0);
    expect($danger['limiter'])
        ->toBe('It cannot focus nearer than 12 m.')
        ->and($danger['stabiliser'])
        ->toBe('It fights your pan.')
        ->and($danger['focus_mode'])
        ->toBe('It locks once and stays: the first frame sharp, the rest soft.')
        ->and($danger['area'])
        ->toBe('The whole frame takes what is nearer, or what is behind.')
        ->and($danger['detection'])
        ->toBe('It goes on looking for people and passes over yours.')
        ->and($danger['iso'])
        ->toBeNull();
});

it('tells what else was left wrong', function (array $left, array $hold, string $field, string $says) {
    $found = array_values(
        array_filter(
            changesFrom(CameraState::setTo(Documents::hold($left)), $hold),
            fn (Change $change) => $change->field === $field,
        ),
    );
    expect($found[0]->danger)->toBe($says);
})->with([
    [['detection' => Detection::None], [], 'detection', 'Detection is off: it will not look for yours.'],
    [['limiterM' => null], [], 'limiter', 'The lens may run through its whole range before it comes back.'],
    [
        ['limiterM' => [3.6, null]],
        [],
        'limiter',
        'The lens may run farther than it has to, or cannot reach far enough.',
    ],
    [['stabiliser' => StabiliserUse::Off], [], 'stabiliser', 'Nothing steadies your hands.'],
    [
        ['area' => AfArea::WholeFrame, 'eye' => false],
        ['area' => AfArea::WholeFrame, 'eye' => true],
        'eye',
        'It is left to look at the body: the eye goes soft where depth is shallow.',
    ],
    [['area' => AfArea::Spot], [], 'area', 'The pinpoint is too small to keep on it.'],
    [[], ['focusMode' => FocusMode::Single], 'focus_mode', 'It goes on focusing, and leaves the plane you set.'],
]);

it('asks to check what nobody knows, and sets compensation back', function () {
    $changes = changesFrom(
        CameraState::fromArray(['format' => 'camera-state/1', 'iso' => 800, 'compensation_ev' => -1.0]),
    );
    $byField = array_column(array_map(fn (Change $change) => [$change->field, $change], $changes), 1, 0);
    expect($byField)
        ->not->toHaveKey('iso')
        ->and($byField['area']->from)
        ->toBeNull()
        ->and($byField['area']->danger)
        ->toBeNull()
        ->and($byField['compensation']->from)
        ->toBe('−1')
        ->and($byField['compensation']->danger)
        ->toBe('Every frame comes out 1 stops too dark.')
        ->and($changes[0]->field)
        ->toBe('compensation');
});

it('reads back how a camera was left', function () {
    $hold = Documents::hold(['limiterM' => null]);
    $written = CameraState::setTo($hold)->toArray();
    expect($written['limiter_m'])
        ->toBe([])
        ->and(CameraState::fromArray($written)->toArray())
        ->toEqual($written)
        ->and(CameraState::fromArray($written)->over(Documents::hold(['iso' => 6400]))->iso)
        ->toBe(800);
    expect(fn () => CameraState::fromArray(['format' => 'camera-state/1', 'area' => 'everywhere']))->toThrow(
        UnknownChoice::class,
        'area is "everywhere"',
    );
});

it('leaves tuning alone where the focus does not follow', function () {
    $left = CameraState::setTo(Documents::hold(['stay' => 4, 'pace' => 2, 'focusMode' => FocusMode::Single]));
    expect(changesFrom($left, ['focusMode' => FocusMode::Single, 'stay' => 0, 'pace' => 0]))->toBe([]);
});

/** @return list<string> ids of what is to be looked at */
function lookAt(string $body, array $care, array $glass = [], ?string $tuned = null): array
{
    $document = ['care' => $care] + Documents::demoBody($body);
    $glass = array_map(fn (array $one) => Care::read(Reader::of(['care' => $one])), $glass);
    $list = (new PreFlight(BodyProfile::read($document), $glass, $tuned, Assumptions::defaults(), '2026-11-24'))->kit();

    return array_column($list, 'id');
}

it('reminds of what is due and of nothing else', function () {
    $fresh = ['firmware_on' => '2026-10-01', 'contacts_on' => '2026-11-01'];
    expect(lookAt('skerry_one', $fresh))
        ->toBe([])
        ->and(lookAt('skerry_one', ['contacts_on' => '2026-09-25'] + $fresh))
        ->toBe([])
        ->and(lookAt('skerry_one', ['contacts_on' => '2026-09-24'] + $fresh))
        ->toBe(['contacts-skerry-one-2026-09-24'])
        ->and(lookAt('skerry_one', []))
        ->toBe(['firmware', 'contacts-skerry-one'])
        ->and(lookAt('skerry_one', $fresh, ['Long one' => []]))
        ->toBe(['contacts-long-one'])
        // a reflex body is fine-tuned with each lens
        ->and(lookAt('brackwater_d', $fresh))
        ->toBe(['tuned'])
        ->and(lookAt('brackwater_d', $fresh, [], '2026-01-10'))
        ->toBe([])
        ->and(lookAt('brackwater_d', $fresh, [], '2025-01-10'))
        ->toBe(['tuned-2025-01-10']);
});

it('writes a card from a plan: words, aim, technique, what changes it', function () {
    $profile = Documents::demoSheet('skerry_one');
    $kit = ['body' => Documents::demoBody('skerry_one')];
    $plan = Documents::plan([], $kit);
    $card = (new CardPage($profile, new PreFlight($profile, [], null, Assumptions::defaults(), '2026-11-24')))->of(
        'r1',
        'Terns',
        $plan,
        Planner::standard()->tips($plan),
        [['name' => 'shutter', 'words' => '1/2500 costs 14 % of the sharp frames']],
        CameraState::unknown(),
        null,
        Units::Metric,
    );
    expect(array_column($card['settings'], 'name'))
        ->toBe(['Shutter', 'Aperture', 'ISO', 'Focus gait'])
        ->and($card['settings'][0]['word'])
        ->toBe(Units::shutter($plan->hold->shutterS))
        ->and(array_column($card['lines'], 'name'))
        ->toContain('Net', 'Lookout', 'Patience', 'Steady', 'Range')
        ->and($card['trap_m'])
        ->toBeNull()
        ->and(count($card['tips']))
        ->toBeLessThanOrEqual(4)
        ->and($card['tips'])
        ->not->toBe([])
        ->and($card['state_once_set'])
        ->toBe(CameraState::setTo($plan->hold)->toArray())
        ->and($card['figure']['aim_at'])
        ->toBe($plan->hold->aim->value)
        ->and($card['frame'])
        ->toBe('landscape')
        ->and($card['fast'][0]['name'])
        ->toBe('shutter')
        ->and($card['routine']['before'][0])
        ->toContain('Pre-focus at 27 m');
    foreach ($card['tips'] as $tip) {
        expect($tip['then'])->not->toBe([]);
    }

    // by hand on a known route: where to set the plane
    $trap = Documents::plan(
        [
            'motion' => ['route' => 'known', 'bearing_deg' => 40],
            'clutter' => ['foreground' => 'dense', 'obstacle_width_m' => 0.01],
            'photographer' => ['manual_skill' => 0.8, 'schools' => ['clutter' => 'manual']],
        ],
        $kit,
    );
    $card = (new CardPage($profile, new PreFlight($profile, [], null, Assumptions::defaults(), '2026-11-24')))->of(
        'r2',
        'Trap',
        $trap,
        [],
        [],
        CameraState::unknown(),
        null,
        Units::Metric,
    );
    expect($card['technique'])
        ->toBe('trap')
        ->and($card['trap_m'])
        ->toBeGreaterThan(5)
        ->and(array_column($card['pre_flight'], 'id'))
        ->toContain('plane');
});
