<?php

declare(strict_types=1);

use RushHold\Document\Reader;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\BlurFound;
use RushHold\Sharpness\BlurMap;
use RushHold\Sharpness\Box;
use RushHold\Sharpness\FrameBlur;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Sharpness\Judge;
use RushHold\Sharpness\Turn;
use RushHold\Wording\Frames\JudgementWords;

it('turns a place, a box and a direction in a file to where they are seen, as EXIF numbers it', function (int $orientation, array $corner, float $along) {
    $turn = new Turn($orientation);
    // a corner patch of a picture of 400 × 200: 40 wide, 10 high
    $box = $turn->box(new Box(0, 0, 40, 10), 400, 200);
    [$wide, $high] = $turn->isOnItsSide() ? [10 / 200, 40 / 400] : [40 / 400, 10 / 200];
    expect($box['w'])->toEqualWithDelta($wide, 1e-9)->and($box['h'])->toEqualWithDelta($high, 1e-9);
    expect($box['x'] < 0.5 ? 'left' : 'right')->toBe($corner[0])->and($box['y'] < 0.5 ? 'top' : 'bottom')->toBe($corner[1]);
    expect($turn->direction(30))->toEqualWithDelta($along, 1e-9);
    // and back
    [$x, $y] = $turn->place(0.2, 0.7);
    [$backX, $backY] = $turn->back()->place($x, $y);
    expect($backX)->toEqualWithDelta(0.2, 1e-9)->and($backY)->toEqualWithDelta(0.7, 1e-9);
})->with([
    'as it lies' => [1, ['left', 'top'], 30.0],
    'mirrored left to right' => [2, ['right', 'top'], 150.0],
    'upside down' => [3, ['right', 'bottom'], 30.0],
    'mirrored top to bottom' => [4, ['left', 'bottom'], 150.0],
    'over the diagonal' => [5, ['left', 'top'], 60.0],
    'a quarter to the right' => [6, ['right', 'top'], 120.0],
    'over the other diagonal' => [7, ['right', 'bottom'], 60.0],
    'a quarter to the left' => [8, ['left', 'bottom'], 120.0],
    'what no camera writes' => [42, ['left', 'top'], 30.0],
]);

it('is judged the same from what was kept as from its picture, by any standard', function () {
    $discs = array_fill(0, BlurMap::COLUMNS * BlurMap::ROWS, 9.0);
    [$discs[50], $discs[51], $discs[3]] = [1.4, 1.6, null];
    $map = BlurMap::told(3000, 2000, $discs, [50 => new BlurFound(1.2, 0.3, 10.0), 51 => new BlurFound(1.5, 0.0, 0.0)]);
    $blur = new FrameBlur(new Box(200, 150, 300, 200), new BlurFound(9.1, 2.0, 33.0, 0.02, 0.01), new BlurFound(1.1, 0.0, 0.0), $map, 12, 210, 0.01);
    $kept = FrameBlur::kept(Reader::of(Reader::plain(json_decode((string) json_encode($blur->toArray())))), 3000, 2000);
    expect($kept->toArray())->toEqual($blur->toArray());
    foreach ([1.0, 1.5, 2.5, 8.0, 12.0] as $limit) {
        $one = (new Judge($limit))->of($blur);
        $other = (new Judge($limit))->of($kept);
        expect([$other->verdict, $other->confidence, $other->elsewhere])->toBe([$one->verdict, $one->confidence, $one->elsewhere]);
    }
    expect((new Judge(2.0))->of($kept)->verdict)->toBe(FrameVerdict::Elsewhere);
    // one of which little stood
    $empty = new FrameBlur(new Box(0, 0, 64, 64), null, null, null, 3, 5, 0.0);
    expect(FrameBlur::kept(Reader::of(Reader::plain(json_decode((string) json_encode($empty->toArray())))), 100, 100)->toArray())->toEqual($empty->toArray());
});

it('says along what a subject has moved, and where something else is sharp, as the frame is looked at', function () {
    $moved = new FrameBlur(new Box(100, 100, 50, 40), new BlurFound(2.0, 9.0, 0.0), null, null, 20, 200, 0.0);
    $judgement = (new Judge(2.5))->of($moved);
    $said = static fn (int $orientation): string => implode(' ', (new JudgementWords(0.006, new Turn($orientation)))->why($judgement));
    expect($said(1))->toContain('along the width of the frame')->and($said(6))->toContain('along the height of the frame');

    $discs = array_fill(0, BlurMap::COLUMNS * BlurMap::ROWS, 9.0);
    $discs[BlurMap::COLUMNS * 5 + 4] = $discs[BlurMap::COLUMNS * 5 + 3] = 1.0;
    $close = [BlurMap::COLUMNS * 5 + 4 => new BlurFound(1.0, 0.0, 0.0), BlurMap::COLUMNS * 5 + 3 => new BlurFound(1.0, 0.0, 0.0)];
    $map = BlurMap::told(3000, 2000, $discs, $close);
    $elsewhere = (new Judge(2.0))->of(new FrameBlur(new Box(1133, 300, 400, 200), new BlurFound(9.0, 0.0, 0.0), null, $map, 12, 210, 0.0));
    $where = static fn (int $orientation): string => implode(' ', (new JudgementWords(null, new Turn($orientation)))->why($elsewhere));
    expect($where(1))
        ->toContain('below it')
        ->and($where(3))
        ->toContain('above it')
        ->and($where(6))
        ->toContain('to the left of it')
        ->and($where(8))
        ->toContain('to the right of it');
});

it('reads what a file told again from what was kept of it', function () {
    $facts = new FrameFacts('2026-05-22T05:12:33.120', '+01:00', 0.0005, 5.6, 800, 500.0, 500.0, -0.3, 18.5, 6, ['x' => 1, 'y' => 2, 'width' => 3, 'height' => 4], 'Skerry One', 'Longshore', 3, ['least_mm' => 200.0, 'most_mm' => 600.0, 'widest_f' => 5.6, 'widest_long_f' => null], 36.0, ['a date of 1903']);
    $again = static fn (FrameFacts $one): FrameFacts => FrameFacts::kept(Reader::of(Reader::plain(json_decode((string) json_encode((object) $one->toArray())))));
    expect($again($facts))->toEqual($facts)->and($again(new FrameFacts()))->toEqual(new FrameFacts());
});
