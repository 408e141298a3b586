<?php

declare(strict_types=1);

use RushHold\Log\FrameFacts;
use RushHold\Log\RushCandidate;
use RushHold\Log\RushGuess;

/** A frame of a body and a lens at twenty to six on a morning in May. */
function taken(array $own = []): FrameFacts
{
    return new FrameFacts(...($own + [
        'takenAt' => '2026-05-23T05:40:00.000',
        'offset' => '+01:00',
        'shutterS' => 1 / 3200,
        'fNumber' => 5.6,
        'focalMm' => 500.0,
        'body' => 'Skerry One',
        'lens' => 'Sandbar 500',
    ]));
}

function candidate(string $id, array $own = []): RushCandidate
{
    return new RushCandidate(...($own + [
        'id' => $id,
        'body' => 'Skerry One',
        'lens' => 'Sandbar 500',
        'focalLeastMm' => 500.0,
        'focalMostMm' => 500.0,
        'shutterS' => 1 / 3200,
        'fNumber' => 5.6,
    ]));
}

const MORNING = [1_779_510_000.0, 1_779_513_600.0];

const EVENING = [1_779_552_000.0, 1_779_555_600.0];

it('proposes the rush that was due, with what speaks for it', function () {
    $ranked = RushGuess::ranked(taken(), [
        candidate('hare', ['turns' => [EVENING], 'shutterS' => 1 / 1000]),
        candidate('terns', ['turns' => [EVENING, MORNING]]),
    ]);
    expect(array_column($ranked, 'rush'))
        ->toBe(['terns', 'hare'])
        ->and(RushGuess::clearly($ranked)?->rush)
        ->toBe('terns')
        ->and($ranked[0]->because)
        ->toBe(['its body and lens', 'taken when it was due', 'set as planned'])
        ->and($ranked[1]->because)
        ->toBe(['its body and lens', 'taken on a day it was due']);
});

it('leaves two that are as likely to the person, and proposes nothing out of nothing', function () {
    $alike = RushGuess::ranked(taken(), [candidate('one'), candidate('other')]);
    expect($alike)->toHaveCount(2)->and(RushGuess::clearly($alike))->toBeNull();
    // a file that says nothing
    $nothing = RushGuess::ranked(new FrameFacts(), [candidate('one', ['turns' => [MORNING]])]);
    expect($nothing)->toBe([])->and(RushGuess::clearly($nothing))->toBeNull()->and(RushGuess::ranked(taken(), []))->toBe([]);
});

it('weighs each thing a file tells', function (array $rush, array $frame, ?string $says) {
    $guess = RushGuess::clearly(RushGuess::ranked(taken($frame), [candidate('one', $rush)]));
    expect($guess === null ? null : implode(', ', $guess->because))->toBe($says);
})->with([
    'another body' => [['body' => 'Pebble 3'], [], null],
    'another lens' => [['lens' => 'Sandbar 300'], [], null],
    'out of reach of its lens' => [['lens' => null, 'focalLeastMm' => 100.0, 'focalMostMm' => 400.0], [], null],
    'a focal length that was rounded' => [['lens' => null, 'focalLeastMm' => 100.0, 'focalMostMm' => 490.0], [], 'its body, set as planned'],
    'names nobody has matched, but due and as set' => [['body' => null, 'lens' => null, 'turns' => [MORNING]], [], 'taken when it was due, set as planned'],
    'nothing but settings' => [['body' => null, 'lens' => null], [], null],
    'its lens alone' => [['body' => null, 'turns' => [MORNING]], [], 'its lens, taken when it was due, set as planned'],
    'one stop off' => [['shutterS' => 1 / 1600], [], 'its body and lens, set nearly as planned'],
    'one stop of aperture off' => [['fNumber' => 8.0], [], 'its body and lens, set nearly as planned'],
    'four stops off, but its kit' => [['shutterS' => 1 / 200], [], 'its body and lens'],
    'settings nobody wrote' => [[], ['shutterS' => null], 'its body and lens'],
    'no time' => [['turns' => [MORNING]], ['takenAt' => null], 'its body and lens, set as planned'],
]);
