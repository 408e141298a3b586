<?php

declare(strict_types=1);

use RushHold\Assumptions\Assumptions;
use RushHold\Dialect\BodyProfile;
use RushHold\Dialect\Translated;
use RushHold\Dialect\Translation;
use RushHold\Dialect\TuningPoint;
use RushHold\Faults\HiddenCharacters;
use RushHold\Faults\NotADay;
use RushHold\Faults\TwoOfOneName;
use RushHold\Hold\Pick;
use RushHold\Kit\AfArea;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Kit;
use RushHold\Kit\KitAssembly;
use RushHold\Wording\Reach;
use Tests\Support\Documents;

/**
 * @param  array<string, mixed>  $hold
 * @return array<string, Translated> what a body says of a hold, by field
 */
function saidOn(string $name, array $hold = []): array
{
    $said = (new Translation(Documents::demoSheet($name), Assumptions::defaults()))->say(Documents::hold($hold));

    return array_combine(array_map(fn (Translated $one) => $one->field, $said), $said);
}

const DEMO_BODIES = ['skerry_one', 'skerry_half', 'brackwater_d', 'pebble_3'];

it('reads one hold in the words of four bodies', function () {
    $hold = ['area' => AfArea::ZoneWide, 'stay' => 3, 'pace' => 2, 'pick' => Pick::Auto];
    $one = saidOn('skerry_one', $hold);
    expect($one['focus_mode']->word)
        ->toBe('Running')
        ->and($one['area']->word)
        ->toBe('Long net')
        ->and($one['detection']->word)
        ->toBe('Wings')
        ->and($one['stay']->name.' '.$one['stay']->word)
        ->toBe('Patience +1')
        ->and($one['pace']->word)
        ->toBe('+2')
        ->and($one['pick']->word)
        ->toBe('The first')
        ->and($one['stay']->where->words())
        ->toBe('menu: Focus › Following › Patience');

    $half = saidOn('skerry_half', $hold);
    expect($half['focus_mode']->word)
        ->toBe('Going')
        ->and($half['area']->word)
        ->toBe('Patch')
        ->and($half['area']->note)
        ->toBe('It has no wide zone; this is the nearest.')
        ->and($half['tuning']->word)
        ->toBe('Restless')
        ->and($half['tuning']->note)
        ->toBeNull();

    $brack = saidOn('brackwater_d', $hold);
    expect($brack['focus_mode']->word)
        ->toBe('Pursue')
        ->and($brack['tuning']->word)
        ->toBe('Program 5')
        ->and($brack['detection']->note)
        ->toBe('It detects nothing: the area alone decides.');

    $pebble = saidOn('pebble_3', $hold);
    expect($pebble['focus_mode']->word)
        ->toBe('Moving subject')
        ->and($pebble['area']->word)
        ->toBe('Wide')
        ->and($pebble['tuning']->note)
        ->toBe('It has none: keep the area on the subject yourself.')
        ->and($pebble['detection']->note)
        ->toBe('It does not know birds.');
});

it('understands every word it says, on every body', function (string $name) {
    $profile = Documents::demoSheet($name);
    $translation = new Translation($profile, Assumptions::defaults());
    foreach ($profile->body->modes as $mode) {
        $word = saidOn($name, ['focusMode' => $mode])['focus_mode']->word;
        expect($translation->understand('focus_mode', $word))->toBe(['focus_mode' => $mode->value]);
    }
    foreach ($profile->body->areas as $area) {
        expect($translation->understand('area', saidOn($name, ['area' => $area])['area']->word))->toBe([
            'area' => $area->value,
        ]);
    }
    foreach ($profile->body->detects as $kind) {
        expect($translation->understand('detection', saidOn($name, ['detection' => $kind])['detection']->word))->toBe([
            'detection' => $kind->value,
        ]);
    }
})->with(DEMO_BODIES);

it('comes back to the same preset from the point a preset stands for', function (string $name) {
    $tuning = Documents::demoSheet($name)->dialect->tuning;
    expect($tuning->presets)->not->toBe([]);
    foreach ($tuning->presets as $preset) {
        $nearest = $tuning->nearest($preset['point'], Assumptions::defaults());
        expect($nearest['word'])
            ->toBe($preset['word'])
            ->and($nearest['distance'])
            ->toBe(0.0)
            ->and($tuning->understand(mb_strtoupper($preset['word'])))
            ->toEqual($preset['point']);
    }
})->with(['skerry_half', 'brackwater_d']);

it('goes through sliders both ways for every point of the axes', function () {
    $translation = new Translation(Documents::demoSheet('skerry_one'), Assumptions::defaults());
    foreach (range(0, 4) as $stay) {
        foreach (range(0, 2) as $pace) {
            foreach (Pick::cases() as $pick) {
                $said = saidOn('skerry_one', compact('stay', 'pace', 'pick'));
                expect($translation->understand('stay', $said['stay']->word))
                    ->toBe(['stay' => (float) $stay])
                    ->and($translation->understand('pace', $said['pace']->word))
                    ->toBe(['pace' => (float) $pace])
                    ->and($translation->understand('pick', $said['pick']->word))
                    ->toBe(['pick' => $pick->value]);
            }
        }
    }
    // a minus is typed with a hyphen
    expect($translation->understand('stay', '-2'))
        ->toBe(['stay' => 0.0])
        ->and($translation->understand('stay', '+7'))
        ->toBe([]);
});

it('tells how far the nearest preset is, and in what', function () {
    $said = saidOn('brackwater_d', ['stay' => 1, 'pace' => 2, 'pick' => Pick::Centre])['tuning'];
    // program 4 (2, 2, auto): one level of stay and another pick, √(1² + 1²)
    expect($said->word)
        ->toBe('Program 4')
        ->and($said->note)
        ->toBe('The nearest it has, 1.4 away: stay 1 higher, picks auto instead of centre.');

    $heavy = Assumptions::with(['dialect.pick' => 5]);
    $tuning = Documents::demoSheet('brackwater_d')->dialect->tuning;
    expect($tuning->nearest(new TuningPoint(1, 2, Pick::Centre), $heavy)['word'])->toBe('Program 6');
});

it('finds the nearest preset as a search over all of them does', function (float $stay, float $pace, Pick $pick) {
    $tuning = Documents::demoSheet('brackwater_d')->dialect->tuning;
    $wanted = new TuningPoint($stay, $pace, $pick);
    $least = min(
        array_map(
            fn (array $preset) => sqrt(
                ($preset['point']->stay - $stay) ** 2 +
                    (1.5 * ($preset['point']->pace - $pace)) ** 2 +
                    ($preset['point']->pick === $pick ? 0 : 1),
            ),
            $tuning->presets,
        ),
    );
    expect($tuning->nearest($wanted, Assumptions::defaults())['distance'])->toEqualWithDelta($least, 1e-12);
})->with([[0, 0, Pick::Auto], [1, 1, Pick::Nearest], [4, 2, Pick::Centre], [2, 0, Pick::Auto], [3, 1, Pick::Auto]]);

it('carries a level of stay over to a body that waits other times', function () {
    [$one, $half] = [Documents::demoSheet('skerry_one')->body, Documents::demoSheet('skerry_half')->body];
    // 0, 0.1, 0.3, 0.6 and 1.2 s against 0, 0.2, 0.5 and 1 s; of two as near the shorter
    expect(array_map(fn (int $level) => Translation::level($level, $one, $half), range(0, 4)))
        ->toBe([0, 0, 1, 2, 3])
        ->and(Translation::level(3, null, $half))
        ->toBe(3)
        ->and(Translation::level(2, $one, $one))
        ->toBe(2);
});

it('uses our own words for a body that has told none', function () {
    $profile = BodyProfile::read(Documents::kit()['body'], 'My body');
    $said = (new Translation($profile, Assumptions::defaults()))->say(Documents::hold(['area' => AfArea::SinglePoint]));
    expect($said[0]->word)
        ->toBe('continuous')
        ->and($said[0]->own)
        ->toBeFalse()
        ->and($said[1]->word)
        ->toBe('one point')
        ->and($said[1]->where->words())
        ->toBe('');
});

it('chooses the nearest mode for one that is lacking', function (FocusMode $wanted, FocusMode $found) {
    expect((new Translation(Documents::demoSheet('pebble_3'), Assumptions::defaults()))->mode($wanted))->toBe($found);
})->with([
    [FocusMode::AutoSwitch, FocusMode::Continuous],
    [FocusMode::SingleWithOverride, FocusMode::Single],
    [FocusMode::Manual, FocusMode::Manual],
]);

it('refuses two things of one name, days that are none, and text that hides', function () {
    $body = Documents::demoBody('skerry_one');
    $body['controls'][1]['id'] = 'thumb';
    expect(fn () => BodyProfile::read($body))->toThrow(TwoOfOneName::class, 'body.controls.1.id is "thumb"');

    $body = Documents::demoBody('brackwater_d');
    $body['dialect']['tuning']['presets'][1]['word'] = 'program 1';
    expect(fn () => BodyProfile::read($body))->toThrow(
        TwoOfOneName::class,
        'body.dialect.tuning.presets.1 is "program 1"',
    );

    $body = Documents::demoBody('pebble_3') + ['care' => ['firmware_on' => '2026-02-30']];
    expect(fn () => BodyProfile::read($body))->toThrow(NotADay::class, 'body.care.firmware_on is "2026-02-30"');

    expect(fn () => HiddenCharacters::refuse(['body' => ['name' => "a\u{202E}b"]]))->toThrow(
        HiddenCharacters::class,
        // what turns the text round is not said back
        'body.name is "a�b"; it must be plain text on one line',
    );
    HiddenCharacters::refuse([
        'name' => 'Løvenskiold’s “Ærø” – ×1.4 海',
        'list' => [1, null, true],
    ]);
});

it('adds up what body, lens and converter can do together', function () {
    $kit = fn (array $body, float $converter) => Kit::fromArray(
        ['body' => $body, 'converter' => $converter] + Documents::kit(),
    );
    $brack = Documents::demoBody('brackwater_d');
    $lines = array_column((new Reach($kit($brack, 1.4)))->lines(8), null, 'name');
    expect($lines['focal length']['value'])
        ->toBe('700 mm')
        ->and($lines['widest aperture']['value'])
        ->toBe('f/7.8')
        ->and($lines['widest aperture']['note'])
        ->toContain('0.97 stops')
        ->and($lines['AF points']['value'])
        ->toBe('the centre only');
    // 1.4 · 0.5 / (3.6 − 0.5) = 0.226
    expect((new Reach($kit($brack, 1.4)))->closestMagnification())
        ->toEqualWithDelta(0.2258, 1e-4)
        ->and((new Reach($kit($brack, 1)))->points(8))
        ->toBe('centre')
        ->and((new Reach($kit($brack, 2)))->points(8))
        ->toBe('none')
        ->and((new Reach($kit(Documents::demoBody('skerry_one'), 2)))->points(8))
        ->toBe('all')
        // 2·atan(36 / 1000)
        ->and((new Reach($kit(Documents::demoBody('skerry_one'), 1)))->acrossDeg(500))
        ->toEqualWithDelta(4.1236, 1e-3);
});

it('leaves the hand to focus where the body cannot', function () {
    $plan = Documents::plan([], ['body' => Documents::demoBody('brackwater_d'), 'converter' => 2.0]);
    expect($plan->hold->focusMode)
        ->toBe(FocusMode::Manual)
        ->and($plan->hold->manualTechnique)
        ->not->toBeNull()
        ->and(Documents::written($plan)['cautions'])
        ->toContain('Your body does not focus through f/11: the hand has to.');
});

it('works through an adapter', function () {
    [$body, $lens] = KitAssembly::through(
        ['af' => 'none', 'slows' => 2, 'stabiliser' => false],
        ['modes' => ['continuous', 'manual'], 'af_lag_s' => 0.06],
        ['stabiliser_stops' => 4],
    );
    expect($body['modes'])
        ->toBe(['manual'])
        ->and($body['af_lag_s'])
        ->toBe(0.12)
        ->and($lens['stabiliser_stops'])
        ->toBe(0);
    [$body] = KitAssembly::through(['af' => 'none', 'slows' => 5], ['modes' => ['continuous'], 'af_lag_s' => 0.9], []);
    expect($body['modes'])
        ->toBe(['continuous'])
        ->and($body['af_lag_s'])
        ->toBe(1.0);
});

it('keeps the stabiliser off in a pan that it cannot leave alone', function () {
    $plan = Documents::plan([], ['lens' => ['stabiliser_modes' => ['on']]]);
    expect($plan->hold->stabiliser->value)
        ->toBe('off')
        ->and(Documents::plan([], ['lens' => ['stabiliser_modes' => ['on', 'panning']]])->hold->stabiliser->value)
        ->toBe('panning');
});
