<?php

declare(strict_types=1);

use App\Documents\QuickCheck;
use App\Documents\SchemaChecker;
use App\Documents\Schemas;
use RushHold\Calculation\Calculations;
use RushHold\Document\Reader;
use RushHold\Faults\DistancesOutOfOrder;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\FocalOutsideZoom;
use RushHold\Faults\MissingField;
use RushHold\Faults\NoUsableFocusMode;
use RushHold\Faults\UnknownCalculation;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\UnknownField;
use RushHold\Faults\WrongType;
use RushHold\Hold\Burst;
use RushHold\Hold\Pick;
use RushHold\Hold\Scheme;
use RushHold\Hold\StabiliserUse;
use RushHold\Kit\AfArea;
use RushHold\Kit\BundlePart;
use RushHold\Kit\ControlUse;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Kit;
use RushHold\Kit\Orientation;
use RushHold\Rehearsal\Verdict;
use RushHold\Rush\Catalogue;
use RushHold\Rush\Ground;
use RushHold\Rush\KindId;
use RushHold\Rush\Posture;
use RushHold\Rush\Rush;
use RushHold\Rush\Schools;
use RushHold\Rush\Sky;
use Tests\Support\Documents;

function checker(): SchemaChecker
{
    return new SchemaChecker(__DIR__.'/../../schemas');
}

/** @return list<string> */
function faultsOf(string $schema, mixed $document): array
{
    try {
        checker()->read((string) json_encode($document), $schema);
    } catch (FaultyDocument $faulty) {
        return array_map(fn (Fault $fault): string => $fault->field.' | '.$fault->range, $faulty->faults);
    }

    return [];
}

it('accepts whole documents', function () {
    expect(faultsOf('rush', rush()))->toBe([])->and(faultsOf('kit', kit()))->toBe([]);
});

it('names every fault at once, with field and range', function () {
    $bad = rush([
        'name' => '',
        'motion' => ['speed_mps' => -3],
        'light' => ['ev100' => 'bright'],
        'standard' => 'soft',
        'subject' => ['lenth_m' => 1],
    ]);
    unset($bad['distance']['near_m']);

    expect(faultsOf('rush', $bad))->toEqualCanonicalizing([
        'name | 1 to 120 characters',
        'motion.speed_mps | 0 to 400',
        'light.ev100 | a number from -6 to 20',
        'standard | share, detail, pixel',
        'subject.lenth_m | one of kind, length_m, detection, detail, limb_speed_mps, count, depth_spread_m, called',
        'distance.near_m | required',
    ]);
});

it('names faults inside lists, and wrong formats', function () {
    expect(faultsOf('kit', kit(['body' => ['areas' => ['spot', 'corner']]])))
        ->toBe([
            'body.areas.1 | spot, single-point, point-plus, zone-small, zone-wide, zone-tall, zone-large, whole-frame, lock-on',
        ])
        ->and(faultsOf('kit', kit(['lens' => ['limiter_m' => [[3, 0.001]]]])))
        ->toHaveCount(1)
        ->and(faultsOf('rush', ['format' => 'kit/1'] + rush()))
        ->toBe(['format | rush/1'])
        ->and(faultsOf('rush', [1, 2]))
        ->toHaveCount(1);
});

it('says yes at a glance only to what the schema library would pass, over thousands of damaged documents', function (
    string $schema,
    array $good,
) {
    $root = json_decode((string) file_get_contents(__DIR__.'/../../schemas/'.$schema.'.json'));
    $schemas = new Schemas(__DIR__.'/../../schemas');
    $paths = [];
    $walk = function (mixed $node, array $path) use (&$walk, &$paths): void {
        foreach (is_object($node) ? get_object_vars($node) : (is_array($node) ? $node : []) as $key => $child) {
            $paths[] = [...$path, $key];
            $walk($child, [...$path, $key]);
        }
    };
    $fresh = fn () => json_decode((string) json_encode($good));
    $walk($fresh(), []);
    $wrong = [null, true, 'x', '', -1, 0, 3.5, 1e9, [], new stdClass(), [1], (object) ['a' => 1], str_repeat('é', 130)];
    $yes = $no = 0;
    foreach ($paths as $path) {
        foreach ([...$wrong, 'remove', 'add'] as $damage) {
            $document = $fresh();
            $at = &$document;
            foreach (array_slice($path, 0, -1) as $step) {
                is_object($at) ? $at = &$at->{$step} : $at = &$at[$step];
            }
            $last = $path[array_key_last($path)];
            if ($damage === 'remove' && is_object($at)) {
                unset($at->{$last});
            } elseif ($damage === 'add' && is_object($at)) {
                $at->surplus = 1;
            } elseif (is_object($at)) {
                $at->{$last} = $damage;
            } else {
                $at[$last] = $damage;
            }
            unset($at);
            if (QuickCheck::certainlyKeeps($document, $root, $root, $schemas)) {
                $yes++;
                expect(checker()->faultsOf($document, $schema.'.json'))->toBe([], json_encode([$path, $damage]));
            } else {
                $no++;
            }
        }
    }
    expect(QuickCheck::certainlyKeeps($fresh(), $root, $root, $schemas))
        ->toBeTrue()
        ->and($yes)
        ->toBeGreaterThan(20)
        ->and($no)
        ->toBeGreaterThan(200);
})->with(['rush' => ['rush', rush()], 'kit' => ['kit', kit()]]);

it('says what is wrong with text that is no JSON', function () {
    expect(fn () => checker()->read('{"format": ', 'rush', 'terns.json'))->toThrow(
        FaultyDocument::class,
        'terns.json cannot be read as JSON',
    );
});

it('keeps what a single field cannot tell', function (callable $read, string $fault) {
    expect($read)->toThrow($fault);
})->with([
    'work before near' => [fn () => Documents::rushOf(['distance' => ['work_m' => 10]]), DistancesOutOfOrder::class],
    'far before near' => [
        fn () => Documents::rushOf(['distance' => ['far_m' => 3, 'work_m' => 3]]),
        DistancesOutOfOrder::class,
    ],
    'zoom outside its range' => [fn () => Kit::fromArray(kit(['lens' => ['focal_mm' => 600]])), FocalOutsideZoom::class],
    'only a guessing mode' => [
        fn () => Kit::fromArray(kit(['body' => ['modes' => ['auto-switch']]])),
        NoUsableFocusMode::class,
    ],
    'an unknown school' => [
        fn () => Documents::rushOf(['photographer' => ['schools' => ['clutter' => 'hope']]]),
        UnknownChoice::class,
    ],
    'an unknown question' => [
        fn () => Documents::rushOf(['photographer' => ['schools' => ['luck' => 'good']]]),
        UnknownField::class,
    ],
    'an unknown kind' => [fn () => Documents::rushOf(['subject' => ['kind' => 'dragon']]), UnknownChoice::class],
    'half a dozen and a half' => [fn () => Documents::rushOf(['subject' => ['count' => 6.5]]), WrongType::class],
    'no motion at all' => [fn () => Rush::fromArray(['distance' => []]), MissingField::class],
    'text for a number' => [fn () => Reader::of(['a' => 'x'])->number('a'), WrongType::class],
]);

/** @return array<string, list<string>> the words that stand in more than one format, by what they are */
function schemaWords(): array
{
    $words = json_decode((string) file_get_contents(__DIR__.'/../../schemas/words.json'), true);

    return array_map(static fn (array $one): array => $one['enum'], $words['$defs']);
}

it('says each word that stands in several formats once, and as the craft says it', function () {
    $of = static fn (string $enum): array => array_column($enum::cases(), 'value');
    expect(schemaWords())->toBe([
        'kind' => $of(KindId::class),
        'detection' => $of(Detection::class),
        'area' => $of(AfArea::class),
        'verdict' => $of(Verdict::class),
        'ground' => $of(Ground::class),
        'sky' => $of(Sky::class),
        'posture' => $of(Posture::class),
        'focus_mode' => $of(FocusMode::class),
        'pick' => $of(Pick::class),
        'burst' => $of(Burst::class),
        'stabiliser' => $of(StabiliserUse::class),
        'control_use' => $of(ControlUse::class),
        'bundle_part' => $of(BundlePart::class),
        'scheme' => $of(Scheme::class),
        'orientation' => $of(Orientation::class),
    ]);
    // and nowhere once more
    $lists = array_map(static fn (array $words): string => (string) json_encode($words), schemaWords());
    foreach (glob(__DIR__.'/../../schemas/*.json') ?: [] as $path) {
        $text = (string) json_encode(json_decode((string) file_get_contents($path)));
        foreach (basename($path) === 'words.json' ? [] : $lists as $name => $list) {
            expect(str_contains($text, '"enum":'.$list))->toBeFalse(
                "{$name} stands in ".basename($path).' again',
            );
        }
    }
});

it('knows the same kinds and schools as the schema', function () {
    $schema = json_decode((string) file_get_contents(__DIR__.'/../../schemas/rush.json'), true);
    $asked = $schema['properties']['photographer']['properties']['schools']['properties'];

    expect(array_keys(Catalogue::all()))
        ->toEqualCanonicalizing(array_column(KindId::cases(), 'value'))
        ->and(array_keys($asked))
        ->toEqualCanonicalizing(array_keys(Schools::answers()));
    foreach (Schools::answers() as $question => $answers) {
        $enum = $asked[$question]['enum'] ?? schemaWords()[basename($asked[$question]['$ref'])];
        expect($enum)->toBe($answers);
    }
});

it('gives every kind a usual size and speed inside the allowed range', function (string $id) {
    $kind = Catalogue::all()[$id];
    foreach ([$kind->lengthM, $kind->speedMps, $kind->limbMps] as $span) {
        expect($span->typical)
            ->toBeGreaterThanOrEqual($span->least)
            ->toBeLessThanOrEqual($span->most)
            ->and($span->origin)
            ->not->toBe('');
    }
    expect(
        faultsOf(
            'rush',
            rush([
                'subject' => [
                    'kind' => $id,
                    'length_m' => $kind->lengthM->most,
                    'limb_speed_mps' => $kind->limbMps->most,
                ],
                'motion' => ['speed_mps' => $kind->speedMps->most],
            ]),
        ),
    )->toBe([]);
})->with(array_column(KindId::cases(), 'value'));

it('answers by name with the published values', function (string $name, array $in, array $out) {
    $found = Calculations::named($name)->of($in);
    foreach ($out as $key => $expected) {
        $expected === null
            ? expect($found[$key])->toBeNull()
            : expect($found[$key])->toBeTo($expected[0], $expected[1]);
    }
    expect(array_keys($found))->toContain(...array_keys($out));
})->with([
    [
        'depth-of-field',
        ['focal_mm' => 24, 'f_number' => 8, 'distance_m' => 3, 'coc_mm' => 0.03],
        ['near_m' => [1.33929, 6], 'far_m' => null, 'depth_m' => null, 'hyperfocal_m' => [2.424, 4]],
    ],
    [
        'cover',
        ['focal_mm' => 500, 'near_m' => 17.6, 'far_m' => 18.5, 'coc_mm' => 0.015],
        ['f_number' => [23.691, 5], 'focus_m' => [18.0388, 6]],
    ],
    [
        'blur-disc',
        ['focal_mm' => 600, 'f_number' => 4, 'subject_m' => 20, 'focus_m' => 20.3],
        ['blur_mm' => [0.068528, 5]],
    ],
    ['exposure', ['ev100' => 12, 'f_number' => 5.6, 'shutter_s' => 0.0005], ['iso' => [1531.25, 6]]],
    [
        'motion-blur',
        ['focal_mm' => 600, 'distance_m' => 25, 'speed_mps' => 1.8, 'shutter_s' => 0.0005],
        ['blur_mm' => [0.022131, 5]],
    ],
    ['shake-blur', ['focal_mm' => 600, 'omega_rad_s' => 0.03, 'shutter_s' => 1 / 600], ['blur_mm' => [0.03, 6]]],
    ['diffraction', ['f_number' => 8], ['fwhm_mm' => [0.004532, 6]]],
    [
        'lag',
        [
            'closing_mps' => 8,
            'crossing_mps' => 0,
            'distance_m' => 20,
            'acceleration_mps2' => 0,
            'lag_s' => 0.06,
            'prediction' => 0.9,
        ],
        ['error_m' => [0.048, 6]],
    ],
    [
        'lag',
        [
            'closing_mps' => 0,
            'crossing_mps' => 15,
            'distance_m' => 12,
            'acceleration_mps2' => 0,
            'lag_s' => 0.06,
            'prediction' => 0.9,
        ],
        ['error_m' => [0.03375, 6]],
    ],
    [
        'trap',
        [
            'focal_mm' => 500,
            'f_number' => 5.6,
            'distance_m' => 14,
            'coc_mm' => 0.015,
            'speed_mps' => 9,
            'bearing_deg' => 20,
            'fps' => 20,
            'sensor_width_mm' => 36,
        ],
        [
            'depth_m' => [0.12701, 5],
            'time_s' => [0.015018, 5],
            'frames' => [0.30036, 5],
            'p_one' => [0.30036, 5],
        ],
    ],
    [
        'break-even',
        ['af_s' => 0.25, 'af_recover_s' => 2.2, 'hand_s' => 0.55, 'hand_correct_s' => 0.4, 'hand_hit' => 0.8],
        ['af_hit' => [0.82727, 5]],
    ],
    [
        'occlusion',
        [
            'obstacle_m' => 0.12,
            'obstacle_distance_m' => 8,
            'target_m' => 0.25,
            'distance_m' => 20,
            'crossing_mps' => 9,
        ],
        ['time_s' => [0.0611111, 6]],
    ],
]);

it('refuses a calculation nobody knows', function () {
    expect(fn () => Calculations::named('guess'))->toThrow(UnknownCalculation::class, 'depth-of-field');
});
