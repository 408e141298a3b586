<?php

declare(strict_types=1);

use RushHold\Assumptions\Assumptions;
use RushHold\Controls\Assignment;
use RushHold\Controls\ButtonWords;
use RushHold\Controls\Switching;
use RushHold\Controls\SwitchingOptimiser;
use RushHold\Controls\SwitchingProblem;
use RushHold\Dialect\Scale;
use RushHold\Dialect\SettingLocation;
use RushHold\Dialect\Tuning;
use RushHold\Dialect\TuningPoint;
use RushHold\Dialect\Words;
use RushHold\Document\Reader;
use RushHold\Hold\Pick;
use RushHold\Kit\ControlUse;
use Tests\Support\Days;

/**
 * What must hold for any body, whatever it calls things: hundreds of made-up scales, presets and days.
 */
function seeded(int $seed): Random\Randomizer
{
    return new Random\Randomizer(new Random\Engine\Mt19937($seed));
}

it('comes back to the nearest step from every word of any scale', function () {
    for ($seed = 1; $seed <= 200; $seed++) {
        $dice = seeded($seed);
        $count = $dice->getInt(1, 9);
        $steps = array_map(
            fn (int $at): array => ['word' => 'w'.$at, 'at' => $dice->getInt(0, 40) / 10],
            range(1, $count),
        );
        $scale = Scale::read(Reader::of(['name' => 's', 'where' => ['turn' => 'a dial'], 'steps' => $steps]));
        foreach ($steps as $step) {
            // the word stands for a point, and the nearest word to that point stands for the same point
            expect($scale->understand($step['word']))
                ->toBe((float) $step['at'])
                ->and($scale->nearest($step['at'])['at'])
                ->toBe((float) $step['at']);
        }
        $wanted = $dice->getInt(0, 40) / 10;
        $least = min(array_map(fn (array $step): float => abs($step['at'] - $wanted), $steps));
        expect(abs($scale->nearest($wanted)['at'] - $wanted))
            ->toEqualWithDelta($least, 1e-9)
            ->and($scale->clicks($wanted, $wanted))
            ->toBe(0);
    }
});

it('keeps the distance of points a distance', function () {
    $assumptions = Assumptions::defaults();
    for ($seed = 1; $seed <= 300; $seed++) {
        $dice = seeded($seed);
        $point = fn (): TuningPoint => new TuningPoint(
            $dice->getInt(0, 4),
            $dice->getInt(0, 2),
            Pick::cases()[$dice->getInt(0, 2)],
        );
        [$a, $b, $c] = [$point(), $point(), $point()];
        $ab = $a->distanceTo($b, $assumptions);
        expect($a->distanceTo($a, $assumptions))
            ->toBe(0.0)
            ->and($b->distanceTo($a, $assumptions))
            ->toBe($ab)
            ->and($ab)
            ->toBeLessThanOrEqual($a->distanceTo($c, $assumptions) + $c->distanceTo($b, $assumptions) + 1e-9)
            ->and($a->otherwise($b) === '')
            ->toBe($ab === 0.0);
    }
});

it('finds no preset where there is none, and counts only the axes there are', function () {
    expect(Tuning::none()->nearest(new TuningPoint(2, 1, Pick::Auto), Assumptions::defaults()))
        ->toBeNull()
        ->and(
            (new TuningPoint(null, 1, null))->distanceTo(new TuningPoint(4, 1, Pick::Nearest), Assumptions::defaults()),
        )
        ->toBe(0.0)
        ->and((new TuningPoint(2, 1.5, Pick::Auto))->otherwise(new TuningPoint(2, 1, Pick::Auto)))
        ->toBe('pace 0.5 lower');
});

it('reads words as they are typed', function (string $a, string $b, bool $same) {
    expect(Words::alike($a, $b))->toBe($same);
})->with([
    ['−2', '-2', true],
    ['–2', '−2', true],
    ['  Long   net ', 'long net', true],
    ['Långt Nät', 'långt nät', true],
    ['+1', '1', false],
    ['I', 'II', false],
]);

it('says where a setting lives', function (array $where, string $says) {
    expect(SettingLocation::read(Reader::of($where))->words(['net' => 'the net key']))->toBe($says);
})->with([
    [['menu' => ['Focus', 'Lookout']], 'menu: Focus › Lookout'],
    [['press' => 'net', 'turn' => 'the rear dial'], 'hold the net key, turn the rear dial'],
    [['press' => 'ISO'], 'press ISO'],
    [['turn' => 'the ring'], 'turn the ring'],
    [['lever' => 'switch on the lens'], 'switch on the lens'],
    [[], ''],
]);

it('never costs more with more controls, nor less with slower fingers', function () {
    for ($seed = 1; $seed <= 60; $seed++) {
        $problem = Days::random($seed, 4, 4);
        $fewer = new SwitchingProblem(
            4,
            3,
            array_map(fn (array $b) => array_map(fn (array $row) => array_slice($row, 0, 3), $b), $problem->recall),
            $problem->move,
            $problem->hand,
            $problem->times,
        );
        $slower = new SwitchingProblem(
            4,
            4,
            array_map(
                fn (array $b) => array_map(fn (array $row) => array_map(fn (float $s) => $s + 0.3, $row), $b),
                $problem->recall,
            ),
            $problem->move,
            $problem->hand,
            $problem->times,
        );
        $best = SwitchingOptimiser::solve($problem)['total'];
        expect(SwitchingOptimiser::solve($fewer)['total'])
            ->toBeGreaterThanOrEqual($best - 1e-9)
            ->and(SwitchingOptimiser::solve($slower)['total'])
            ->toBeGreaterThanOrEqual($best - 1e-9);
    }
});

it('has nothing to find on a day of one hold or none', function () {
    expect((new Switching(Days::laid([], ['holds' => ['flight']])))->best()['saved_s'])
        ->toBe(0.0)
        ->and((new Switching(Days::laid([], ['holds' => [], 'base' => null])))->best()['saved_s'])
        ->toBe(0.0)
        ->and((new Switching(Days::laid([], ['holds' => [], 'base' => null])))->matrix())
        ->toBe([]);
});

it('tells how to set each kind of use', function (ControlUse $use, string $says) {
    expect(ButtonWords::of(Days::laid(), new Assignment('thumb', $use)))->toBe(
        'menu: Keys › What they do › the thumb key: '.$says,
    );
})->with([[ControlUse::Focus, 'Start focus'], [ControlUse::Stop, 'Rest focus'], [ControlUse::Point, 'Move the net']]);
