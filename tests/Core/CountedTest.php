<?php

declare(strict_types=1);

use RushHold\Counts\AfterWords;
use RushHold\Counts\Bands;
use RushHold\Counts\BurstFacts;
use RushHold\Counts\Calibration;
use RushHold\Counts\Cell;
use RushHold\Counts\ComparisonWords;
use RushHold\Counts\CountWords;
use RushHold\Counts\Difference;
use RushHold\Counts\Dimension;
use RushHold\Counts\HoldKey;
use RushHold\Counts\Loss;
use RushHold\Counts\PairedDifference;
use RushHold\Counts\Promise;
use RushHold\Counts\Rate;
use RushHold\Counts\Suspect;
use RushHold\Document\Reader;
use RushHold\Log\FrameFacts;
use RushHold\Rehearsal\Verdict;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Wording\Units;
use Tests\Support\Documents;

/** What a plan promises of a tern, eight of fourteen frames. */
function promised(float $sharp = 8.0): Promise
{
    return Promise::of(
        Documents::plan(),
        Reader::of(Reader::plain([
            'frames' => 14.0,
            'sharp' => $sharp,
            'sharp_least' => 6,
            'sharp_most' => 10,
            'losses' => [['verdict' => 'motion', 'frames' => 4.0], ['verdict' => 'front', 'frames' => 2.0]],
        ])),
    );
}

/** @return array<string, string> what a burst is counted as that was shot so */
function countedAs(FrameFacts $frame, ?Promise $promise): array
{
    return BurstFacts::of('01rush', null, 'Skerry One', 'Sandbar 500', '2026-05-23T05:40:00', $frame, $promise)->values;
}

it('counts a burst as what it was shot with, and as what it was planned', function () {
    $promise = promised();
    $values = countedAs(new FrameFacts(shutterS: $promise->shutterS, fNumber: $promise->fNumber, distanceM: 11.9), $promise);
    expect($values)
        ->toMatchArray(['rush' => '01rush', 'outing' => '', 'month' => '2026-05', 'distance' => '3', 'promised' => '57', 'heeded' => 'yes', 'area' => $promise->area, 'support' => $promise->support])
        ->and(array_keys($values))
        ->toBe(array_column(Dimension::cases(), 'value'));
    // without a distance in the file the planned one counts; without a plan nothing does that only a plan could say
    expect(countedAs(new FrameFacts(), $promise)['distance'])->toBe((string) Bands::distance($promise->workM));
    expect(array_filter(countedAs(new FrameFacts(), null)))->toBe(['rush' => '01rush', 'body' => 'Skerry One', 'lens' => 'Sandbar 500', 'month' => '2026-05']);
    // and it is kept as it was
    expect(Promise::kept(Reader::of(Reader::plain(json_decode((string) json_encode($promise->toArray())))))->toArray())->toEqual($promise->toArray());
});

it('takes half a stop of shutter or aperture for the plan still, and no more', function (float $shutter, float $aperture, string $heeded) {
    $promise = promised();
    $frame = new FrameFacts(shutterS: $promise->shutterS * 2 ** $shutter, fNumber: $promise->fNumber * M_SQRT2 ** $aperture);
    expect(countedAs($frame, $promise)['heeded'])->toBe($heeded);
})->with(['as planned' => [0.0, 0.0, 'yes'], 'half a stop' => [0.5, -0.5, 'yes'], 'a third more' => [-0.84, 0.0, 'no'], 'aperture' => [0.0, 1.0, 'no']]);

it('counts shutters by stops and distances by doublings, at the ends of both too', function () {
    expect(array_map(Bands::shutter(...), [1 / 2000, 1 / 2500, 1 / 3200, 1 / 8000, 1.0, 30.0, 1e-9, 900.0]))->toBe([11, 11, 12, 13, 0, -5, 15, -6]);
    expect(array_map(Bands::distance(...), [8.0, 15.99, 16.0, 0.01, 1e6]))->toBe([3, 3, 4, -3, 12]);
    expect(countedAs(new FrameFacts(shutterS: 0.0, fNumber: 0.0, distanceM: 0.0), null))->toMatchArray(['shutter' => '', 'distance' => '', 'heeded' => '']);
});

it('is in one count alone and with each other thing, every time the same way round', function () {
    $cells = BurstFacts::kept(['area' => 'spot', 'body' => 'A'])->cells();
    $kinds = array_column($cells, 0);
    expect($kinds)
        ->toHaveCount(1 + 13 + 78)
        ->and(array_unique($kinds))
        ->toHaveCount(count($kinds));
    [$kind, $isFirst] = Dimension::Body->kindWith(Dimension::Area);
    expect($isFirst)
        ->toBeFalse()
        ->and(Dimension::Area->kindWith(Dimension::Body))
        ->toBe([$kind, true])
        ->and($cells)
        ->toContain([$kind, 'spot', 'A']);
});

it('says in words what is counted by', function () {
    $hold = Documents::plan()->hold;
    $key = HoldKey::of($hold);
    expect(HoldKey::read($key->text()))
        ->toEqual($key)
        ->and(array_map(HoldKey::read(...), ['', 'no hold at all', 'continuous spot 1/2/auto 0 0', 'continuous spot 1/2/auto 0.001 -4', 'continuous spot 1/2/auto 1e999 4']))
        ->toBe(array_fill(0, 5, null));
    // whatever somebody writes into an address is told as it is
    expect(CountWords::value(Dimension::Hold, 'continuous spot 1/2/auto 0 0', Units::Metric))->toBe('continuous spot 1/2/auto 0 0');
    $words = static fn (Dimension $of, string $value, Units $units = Units::Metric): string => CountWords::value($of, $value, $units);
    expect($words(Dimension::Hold, $key->text()))
        ->toContain($hold->area->words())
        ->toContain(Units::shutter($hold->shutterS))
        ->and($words(Dimension::Distance, '3'))
        ->toBe('8 – 16 m')
        ->and($words(Dimension::Distance, '-1'))
        ->toBe('50 cm – 1 m')
        ->and($words(Dimension::Distance, '3', Units::Imperial))
        ->toBe('26 – 52 ft')
        ->and($words(Dimension::Shutter, '11'))
        ->toBe('1/2000')
        ->and($words(Dimension::Shutter, '0'))
        ->toBe('1 s')
        ->and($words(Dimension::Tuning, '3/-/nearest'))
        ->toBe('stay 3, pick nearest')
        ->and($words(Dimension::Month, '2026-05'))
        ->toBe('May 2026')
        ->and($words(Dimension::Area, ''))
        ->toBe('not known')
        ->and($words(Dimension::Rush, ''))
        ->toBe('no rush yet');
});

it('has a loss for every verdict that is none of sharp', function () {
    foreach (Verdict::cases() as $verdict) {
        expect(Loss::promised($verdict) === null)->toBe($verdict === Verdict::Sharp);
    }
    foreach (FrameVerdict::cases() as $verdict) {
        expect($verdict->cause() === null)->toBe($verdict->isKeeper());
        expect($verdict->cause() === null || Loss::from($verdict->cause())->words() !== '')->toBeTrue();
    }
});

it('scores promises, and takes the score apart', function () {
    // promises that come true: all that is left is luck, less what telling them apart is worth
    $true = Calibration::of([20 => cell([[10, 2], [10, 2]]), 80 => cell([[10, 8], [10, 8]])]);
    expect($true->score)
        ->toEqualWithDelta(0.16, 1e-9)
        ->and($true->off)
        ->toEqualWithDelta(0, 1e-9)
        ->and($true->apart)
        ->toEqualWithDelta(0.09, 1e-9)
        ->and($true->luck)
        ->toEqualWithDelta(0.25, 1e-9)
        ->and($true->isOff())
        ->toBeFalse();
    // whoever promises nine of ten and brings half is off by the square of it
    $false = Calibration::of([90 => cell(array_fill(0, 60, [10, 5]))]);
    expect($false->off)
        ->toEqualWithDelta(0.16, 1e-9)
        ->and($false->score)
        ->toEqualWithDelta($false->off - $false->apart + $false->luck, 1e-9)
        ->and($false->isOff())
        ->toBeTrue();
    // what is promised for sure stands in the last tenth
    expect(Calibration::of([100 => cell([[4, 4]])])->tenths[0]->from)->toBe(0.9);
    expect(Calibration::of([40 => new Cell()]))->toBeNull();
});

it('ranks nothing that cannot be told apart, and says what would tell it', function () {
    $rate = static fn (int $frames, int $sharp): Rate => Rate::of(alone($frames, $sharp));
    $words = static fn (Rate $one, Rate $other): string => ComparisonWords::difference('zone', 'spot', Difference::between($one, $other));
    expect($words($rate(200, 160), $rate(200, 90)))
        ->toStartWith('“zone” brings 35 more sharp frames in a hundred than “spot”: between ')
        ->and($words($rate(200, 90), $rate(200, 160)))
        ->toStartWith('“spot” brings 35 more')
        ->and($words($rate(20, 11), $rate(20, 9)))
        ->toMatch('/^Not to be told apart yet: about \d+ more bursts each would tell 10 points\.$/')
        ->and($words($rate(20, 11), Rate::of(new Cell())))
        ->toBe('Of “spot” nothing has come home yet, so there is nothing to compare.')
        ->and(ComparisonWords::paired('zone', 'spot', PairedDifference::of([])))
        ->toBeNull()
        ->and(ComparisonWords::paired('zone', 'spot', PairedDifference::of([[$rate(100, 80), $rate(100, 40)]])))
        ->toStartWith('Within the one rush that has both, “zone” brings 40 more in a hundred');
});

it('suspects what a loss is drawn from, where it is far off', function () {
    $losses = [['loss' => 'motion', 'promised' => 0.1, 'found' => 0.3], ['loss' => 'focus', 'promised' => 0.2, 'found' => 0.1], ['loss' => 'unclear', 'promised' => 0.0, 'found' => 0.5]];
    expect(Suspect::furthest($losses))
        ->toBe(Loss::Motion)
        ->and(Suspect::furthest([['loss' => 'out', 'promised' => 0.1, 'found' => 0.12]]))
        ->toBeNull()
        ->and(Suspect::mayBe('panning.settled', Loss::Motion))
        ->toBeTrue()
        ->and(Suspect::mayBe('aim.handheld', Loss::Motion))
        ->toBeFalse();
});

it('tells a day out in words, whatever came home of it', function () {
    $words = static fn (array $expected, array $also, array $missed): string => AfterWords::went($expected, $also, $missed);
    expect($words(['Terns', 'Hares', 'Gannets'], [], []))
        ->toBe('You went for Terns, Hares and Gannets.')
        ->and($words(['Terns'], ['Otters'], []))
        ->toBe('You went for Terns. You also shot Otters.')
        ->and($words(['Terns', 'Hares'], [], ['Hares']))
        ->toBe('You went for Terns and Hares. Nothing came home of Hares.')
        ->and($words(['Terns'], [], ['Terns']))
        ->toBe('You went for Terns. Nothing of that came home yet.')
        ->and($words([], ['Otters'], []))
        ->toBe('You went without a plan for any rush. You also shot Otters.');
    expect(AfterWords::brought(Cell::ofBurst(1, 1), null))
        ->toBe('You brought 1 frame in 1 burst, 1 of them sharp.')
        ->and(AfterWords::brought(cell([[10, 4], [12, 6]]), 14.6))
        ->toBe('You brought 22 frames in 2 bursts, 10 of them sharp; of the bursts with a plan, rehearsals expected 15.')
        ->and(AfterWords::cost(Loss::Motion, 9, 12, 0.2))
        ->toBe('Most are lost to its motion: 9 of the 12 that are not sharp. Rehearsals expected none.')
        ->and(AfterWords::cost(Loss::Focus, 9, 12, 4.4))
        ->toContain('expected 4.')
        ->and(AfterWords::change('Terns', '1/4000', Loss::Motion, 2.34, 4.0))
        ->toBe('One change for next time, in “Terns”: 1/4000. By rehearsal it saves 2.3 of the 4 frames a pass that are lost so (its motion).')
        ->and(AfterWords::noChange('Terns', 'a smaller area'))
        ->toBe('No single dial would have saved them in “Terns”. What treats them: a smaller area.')
        ->and(AfterWords::learnt('Share your pan takes out', 0.6123, 0.85, '', 120, false))
        ->toBe('Share your pan takes out: 0.612, from 120 frames, where 0.85 is assumed. Plans do not use it yet.')
        ->and(AfterWords::learnt('How far your aim wanders', 0.004, 0.0025, 'rad', 120, true))
        ->toBe('How far your aim wanders: 0.004 rad, from 120 frames, where 0.0025 rad is assumed. Plans use yours.');
});

it('keeps two names apart that differ in a capital or a blank', function () {
    $cells = static fn (string $body): array => BurstFacts::kept(['body' => $body])->cells();
    expect($cells('Skerry One')[8])
        ->not->toBe($cells('skerry one')[8])
        ->and($cells('Skerry One '))
        ->not->toBe($cells('Skerry One'));
});
