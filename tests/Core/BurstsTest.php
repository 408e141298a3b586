<?php

declare(strict_types=1);

use RushHold\Log\Bursts;
use RushHold\Log\FrameFacts;

function frame(?string $clock, array $own = []): FrameFacts
{
    return new FrameFacts(...($own + [
        'takenAt' => $clock === null ? null : '2026-05-23T'.$clock,
        'offset' => '+01:00',
        'shutterS' => 0.0005,
        'fNumber' => 5.6,
        'iso' => 800,
        'focalMm' => 500.0,
        'body' => 'Skerry One',
        'lens' => 'Sandbar 500',
    ]));
}

/** @return list<list<int>> */
function bursts(array $frames, ?float $fps = 20.0): array
{
    return Bursts::of($frames, static fn (?string $body): ?float => $fps);
}

it('takes frames for one burst that follow each other closely', function () {
    $frames = [frame('05:40:01.000'), frame('05:40:01.050'), frame('05:40:01.500'), frame('05:40:02.050'), frame('05:40:02.100')];
    expect(bursts($frames))
        ->toBe([[0, 1, 2], [3, 4]])
        // a slow body leaves more time: three frames at 4 a second
        ->and(bursts($frames, 4.0))
        ->toBe([[0, 1, 2, 3, 4]])
        // nobody knows how fast it is
        ->and(bursts($frames, null))
        ->toBe([[0, 1, 2], [3, 4]])
        ->and(bursts([]))
        ->toBe([]);
});

it('puts frames into order by themselves, two bodies apart', function () {
    $frames = [
        frame('05:40:01.200'),
        frame('05:40:01.100', ['body' => 'Pebble 3']),
        frame('05:40:01.000'),
        frame('05:40:01.300', ['body' => 'Pebble 3']),
        frame('05:40:01.400'),
    ];
    expect(bursts($frames))->toBe([[2, 0, 4], [1, 3]]);
});

it('parts what was set otherwise', function (array $own, bool $parts) {
    expect(bursts([frame('05:40:01.000'), frame('05:40:01.100', $own)]))->toBe($parts ? [[0], [1]] : [[0, 1]]);
})->with([
    'another lens' => [['lens' => 'Sandbar 300'], true],
    'zoomed' => [['focalMm' => 400.0], true],
    'hardly zoomed' => [['focalMm' => 470.0], false],
    'two stops of shutter' => [['shutterS' => 0.002], true],
    'one stop of shutter' => [['shutterS' => 0.001], false],
    'two stops of aperture' => [['fNumber' => 11.0], true],
    'one stop of aperture' => [['fNumber' => 8.0], false],
    'another ISO' => [['iso' => 6400], false],
    'an aperture nobody wrote' => [['fNumber' => null], false],
]);

it('leaves a second of doubt where the camera wrote no fractions, and stands what has no time by itself', function () {
    expect(bursts([frame('05:40:01'), frame('05:40:02'), frame('05:40:04'), frame(null), frame(null)]))->toBe([[0, 1], [2], [3], [4]]);
});

it('reads a clock with its zone', function () {
    expect(Bursts::atS(frame('05:40:01.250')))
        ->toBe(1_779_511_201.25)
        ->and(Bursts::atS(frame('05:40:01.250', ['offset' => null])))
        ->toBe(1_779_514_801.25)
        // the same moment in two zones is one burst
        ->and(bursts([frame('05:40:01.000'), frame('06:40:01.100', ['offset' => '+02:00'])]))
        ->toBe([[0, 1]]);
});
