<?php

declare(strict_types=1);

use RushHold\Faults\MissingField;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\TwoOfOneName;
use RushHold\Faults\UnknownChoice;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Tables\DayOrder;
use RushHold\Tables\FrameColumn;
use RushHold\Tables\FrameRow;
use RushHold\Tables\RowReader;
use RushHold\Tables\TableField;
use RushHold\Tables\TableMatch;

it('reads what stands in a field as people and programs write it', function (string $kind, string $text, mixed $value) {
    $read = $kind === 'metres' ? TableField::metres($text, false) : TableField::{$kind}($text);
    is_float($value) ? expect($read)->toEqualWithDelta($value, abs($value) * 1e-9) : expect($read)->toBe($value);
})->with([
    'a shutter' => ['shutter', '1/2000', 1 / 2000],
    'one with its unit' => ['shutter', '1/2000 s', 1 / 2000],
    'one in decimals' => ['shutter', '0,0005', 0.0005],
    'a long one' => ['shutter', '2"', 2.0],
    'no shutter' => ['shutter', 'fast', null],
    'one over nothing' => ['shutter', '1/0', null],
    'an aperture' => ['aperture', 'f/5.6', 5.6],
    'one with a comma' => ['aperture', 'F 5,6', 5.6],
    'a focal length' => ['millimetres', '400.0 mm', 400.0],
    'thousands' => ['number', '1,234,567', 1234567.0],
    'thousands and a fraction' => ['number', '1.234,5', 1234.5],
    'one comma is a fraction' => ['number', '1,234', 1.234],
    'a narrow blank between thousands' => ['number', "12\u{202f}800", 12800.0],
    'ISO' => ['whole', 'ISO 12,800', 12800],
    'half an ISO' => ['whole', '100.5', null],
    'thirds of a stop' => ['stops', '-1 1/3', -4 / 3],
    'a minus as printed' => ['stops', '−0.7 EV', -0.7],
    'metres' => ['metres', '12,5 m', 12.5],
    'feet' => ['metres', '40 ft', 12.192],
    'no distance' => ['metres', '∞', null],
    'a tick' => ['isYes', ' X ', true],
    'a rejected one' => ['isYes', '-1', false],
    'neither' => ['isYes', 'perhaps', null],
    'a time' => ['time', '2026-05-22T05:12:33.120+01:00', '05:12:33.120'],
    'one after noon' => ['time', '5/22/2026 12:05 pm', '12:05:00'],
    'one after midnight' => ['time', '12:05:09 AM', '00:05:09'],
    'no time' => ['time', '25:00', null],
    'thirteen in the afternoon' => ['time', '13:00 pm', null],
    'a zone' => ['offset', '2026-05-22 05:12:33 -0230', '-02:30'],
    'its own zone' => ['offset', '2026-05-22T05:12:33Z', '+00:00'],
    'a day is no zone' => ['offset', '2026-05-22', null],
    'a verdict in words' => ['verdict', 'Focus elsewhere', FrameVerdict::Elsewhere],
    'six stars' => ['stars', '6', null],
]);

it('finds out in which order days are written, and says when they do not tell', function (array $texts, DayOrder $order, bool $sure) {
    expect(DayOrder::of($texts))->toBe([$order, $sure]);
})->with([
    'year first' => [['2026-05-22', '2026:05:03'], DayOrder::YearMonthDay, true],
    'a day past the twelfth' => [['03/05/2026', '22/05/2026'], DayOrder::DayMonthYear, true],
    'a month that cannot be one' => [['05/22/2026'], DayOrder::MonthDayYear, true],
    'either' => [['03/05/2026', '04/05/2026'], DayOrder::DayMonthYear, false],
    'one that is none stands in nobody’s way' => [['soon', '13.05.2026'], DayOrder::DayMonthYear, true],
]);

it('knows no day of a month that has not as many', function () {
    expect(TableField::day('2026-02-30', DayOrder::YearMonthDay))
        ->toBeNull()
        ->and(TableField::day('29/02/2028', DayOrder::DayMonthYear))
        ->toBe('2028-02-29')
        ->and(TableField::day('22.05.26', DayOrder::DayMonthYear))
        ->toBeNull()
        ->and(TableField::day('1889-05-22', DayOrder::YearMonthDay))
        ->toBeNull();
});

it('takes columns for what their names say, where what stands in them agrees', function () {
    $names = ['File Name', 'Date', 'Exposure Time', 'Aperture', 'Speed', 'Sharp', 'Distance (ft)', 'Notes', 'ISO', 'iso'];
    $rows = [
        ['A_1.jpg', '22/05/2026 05:12', '1/2000', 'f/5.6', '12 m/s', 'yes', '40', 'a tern', '800', '1'],
        ['A_2.jpg', '22/05/2026 05:13', '1/2500', '5,6', '9 m/s', '', '0', '', '1600', '2'],
    ];
    $match = TableMatch::guess($names, $rows);
    expect($match->toArray())
        ->toBe(['file', 'taken_at', 'shutter_s', 'f_number', '', 'kept', 'distance_m', '', 'iso', ''])
        ->and($match->isWhole())
        ->toBeTrue()
        ->and($match->tellsVerdicts())
        ->toBeTrue()
        ->and($match->areDaysSure($rows))
        ->toBeTrue();
    $frame = (new RowReader($match))->read($rows[0], 2);
    expect($frame->facts->takenAt)
        ->toBe('2026-05-22T05:12:00')
        ->and($frame->facts->distanceM)
        ->toEqualWithDelta(12.192, 1e-9)
        ->and($frame->eye)
        ->toBe(FrameVerdict::Sharp)
        ->and($frame->facts->leftOut)
        ->toBe([]);
    // not kept says nothing of why, and 0 is what cameras write for what they do not know
    $other = (new RowReader($match))->read($rows[1], 3);
    expect($other->eye)
        ->toBeNull()
        ->and($other->verdict)
        ->toBe(FrameVerdict::Unclear)
        ->and($other->confidence)
        ->toBe(0.0)
        ->and($other->facts->distanceM)
        ->toBeNull()
        ->and($other->facts->leftOut)
        ->toBe([]);
});

it('parts the day from the time where they stand in columns of their own', function () {
    $match = TableMatch::guess(['Captured', 'Time', 'verdict'], [['2026-05-22', '05:12:33', 'soft']]);
    expect($match->toArray())
        ->toBe(['day', 'time', 'verdict'])
        ->and((new RowReader($match))->read(['2026-05-22', '05:12:33', 'soft'], 2)->facts->takenAt)
        ->toBe('2026-05-22T05:12:33');
    expect(TableMatch::guess(['Captured'], [['2026-05-22']])->isWhole())->toBeFalse();
});

it('holds what is chosen to one column for each thing', function () {
    $match = TableMatch::chosen(['a', 'b', 'c'], ['taken_at', '', 'eye'], 'dmy');
    expect($match->toArray())
        ->toBe(['taken_at', '', 'eye'])
        ->and(fn () => TableMatch::chosen(['a', 'b'], ['eye', 'eye'], 'dmy'))
        ->toThrow(TwoOfOneName::class)
        ->and(fn () => TableMatch::chosen(['a'], ['colour'], 'dmy'))
        ->toThrow(UnknownChoice::class, 'columns.0')
        ->and(fn () => TableMatch::chosen(['a'], ['eye'], 'stardate'))
        ->toThrow(UnknownChoice::class, 'days')
        ->and(TableMatch::withoutMoment())
        ->toBeInstanceOf(MissingField::class);
});

it('leaves out what cannot be read and says so, and refuses only what has no moment', function () {
    $match = TableMatch::chosen(['file', 'when', 'shutter', 'eye', 'stars', 'iso'], ['file', 'taken_at', 'shutter_s', 'eye', 'rating', 'iso'], 'ymd');
    $read = static fn (array $cells): FrameRow => (new RowReader($match))->read($cells, 7);
    $frame = $read(['/Volumes/card/A_1.jpg', '2026:05:22 05:12:33.5', 'quick', 'lovely', '9', '99999999999']);
    expect($frame->name)
        ->toBe('A_1.jpg')
        ->and($frame->facts->takenAt)
        ->toBe('2026-05-22T05:12:33.5')
        ->and($frame->facts->leftOut)
        ->toHaveCount(4)
        ->and($frame->facts->leftOut[0])
        ->toBe('Its ISO is “99999999999” in the table, which cannot be read.');
    expect(fn () => $read(['A', 'yesterday', '', '', '', '']))
        ->toThrow(TextOutOfBounds::class, 'line 7, day and time is "yesterday"')
        ->and(fn () => $read(['A', '2026-05-22', '', '', '', '']))
        ->toThrow(TextOutOfBounds::class)
        // a row that is shorter than the others
        ->and(fn () => $read([]))
        ->toThrow(TextOutOfBounds::class);
    expect($read(['', '2026-05-22 05:12:33'])->name)->toBe('line 7');
});

it('knows a frame again by its file, or else by all that is told of it', function () {
    $match = TableMatch::chosen(['file', 'when', 'sha'], ['file', 'taken_at', 'sha256'], 'ymd');
    $key = static fn (string ...$cells): string => (new RowReader($match))->read($cells, 2)->key();
    $hash = str_repeat('AB', 32);
    expect($key('a.jpg', '2026-05-22 05:12:33', $hash))
        ->toBe(strtolower($hash))
        ->and($key('a.jpg', '2026-05-22 05:12:33', ''))
        ->toBe($key('a.jpg', '2026-05-22 05:12:33', 'nothing of the kind'))
        ->not->toBe($key('b.jpg', '2026-05-22 05:12:33', ''));
    foreach (FrameColumn::cases() as $column) {
        // what our own tables call them is known again
        expect(FrameColumn::called($column->value))->toBe($column);
    }
});
