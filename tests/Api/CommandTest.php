<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Support\Documents;
use Tests\Support\Outings;

/** @return array{int, string, string} exit, standard output, standard error */
function hold(array $arguments, ?string $input = null): array
{
    $process = new Process([PHP_BINARY, 'artisan', ...$arguments], base_path(), null, $input);
    $process->run();

    return [$process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
}

it('prints a calculation', function () {
    [$exit, $out, $error] = hold(['hold:calc', 'exposure', '{"ev100": 12, "f_number": 5.6, "shutter_s": 0.0005}']);

    expect($exit)->toBe(0)->and(json_decode($out, true)['iso'])->toBeTo(1531.25)->and($error)->toBe('');
});

it('ends with 2 and a line per fault for bad input', function (array $arguments, array $lines) {
    [$exit, $out, $error] = hold($arguments);

    expect($exit)->toBe(2)->and($out)->toBe('')->and(explode("\n", trim($error)))->toBe($lines);
})->with([
    [['hold:calc', 'diffraction', '{"f_number": "x"}'], ['f_number is "x"; it must be a number.']],
    [
        ['hold:calc', 'diffraction', '{"f_number": 0, "lens": 1}'],
        ['lens is not a known field; known here: f_number.', 'f_number is 0; it must be 0.5 to 256.'],
    ],
    [['hold:calc', 'diffraction', '[8]'], ['The document is [8]; it must be a JSON object.']],
    [['hold:calc', 'diffraction', '{'], ['The input cannot be read as JSON: syntax error.']],
    [
        ['hold:plan', '/nowhere.json', '--kit=/nothing.json'],
        [
            '/nowhere.json cannot be read as JSON: there is no such file, or it may not be read.',
            '/nothing.json cannot be read as JSON: there is no such file, or it may not be read.',
        ],
    ],
]);

it('prints the day of an outing, and says what is amiss with one', function () {
    [$exit, $out] = hold(['hold:outing', '-'], (string) json_encode(Outings::document(['until' => '08:00'])));
    $told = json_decode($out, true);
    expect($exit)
        ->toBe(0)
        ->and([$told['format'], $told['day']['sun']['says']])
        ->toBe(['outing/1', 'Sunrise 05:23, sunset 21:19, after your day. The moon is new and gives no light.'])
        ->and(array_column($told['day']['rushes'], 'name'))
        ->toBe(['Terns', 'Hare']);

    [$exit, $out, $error] = hold(
        ['hold:outing', '-'],
        (string) json_encode(Outings::document(['date' => '2026-02-30', 'until' => '26:00'])),
    );
    expect([$exit, $out])->toBe([2, ''])->and($error)->toContain('until');
    [$exit, , $error] = hold(['hold:outing', '-'], (string) json_encode(Outings::document(['date' => '2026-02-30'])));
    expect($exit)->toBe(2)->and($error)->toStartWith('date is "2026-02-30"; it must be a day of the calendar');
});

it('prints a plan from files and from standard input', function () {
    $kit = tempnam(sys_get_temp_dir(), 'kit');
    file_put_contents($kit, json_encode(Documents::kit()));
    [$exit, $out] = hold(['hold:plan', '-', "--kit={$kit}"], (string) json_encode(Documents::rush()));
    expect($exit)
        ->toBe(0)
        ->and(json_decode($out, true)['hold']['iso'])
        ->toBe(1600)
        ->and(json_decode($out, true)['hold']['area']['pattern'])
        ->toBe('whole-frame')
        ->and(array_column(json_decode($out, true)['reasons'], 'field'))
        ->toContain('tuning.stay');

    [$exit, $out, $error] = hold(
        ['hold:plan', '-', "--kit={$kit}"],
        (string) json_encode(Documents::rush(['motion' => ['speed_mps' => -1], 'light' => ['ev100' => 99]])),
    );
    expect($exit)->toBe(2)->and($out)->toBe('')->and(substr_count($error, "\n"))->toBe(2);
    unlink($kit);
});

it('takes the frames of a pass, and judges them', function () {
    $folder = sys_get_temp_dir().'/'.bin2hex(random_bytes(6));
    foreach (['rush' => Documents::rush(['motion' => ['speed_mps' => 2]]), 'kit' => Documents::kit(['body' => ['fps' => 6]])] as $name => $document) {
        file_put_contents("{$folder}.{$name}", json_encode($document));
    }
    $papers = ["{$folder}.rush", "--kit={$folder}.kit"];
    [$exit, $out] = hold(['hold:shoot', ...$papers, '--seed=4', "--out={$folder}", '--megapixels=1', '--subject-area']);
    $truth = json_decode(file_get_contents("{$folder}/truth.json"), true);
    expect($exit)
        ->toBe(0)
        ->and(json_decode($out, true)['frames'])
        ->toBe(count($truth['frames']))
        ->and(array_sum(json_decode($out, true)['verdicts']))
        ->toBe(count($truth['frames']));
    $seen = array_values(array_filter($truth['frames'], static fn (array $frame): bool => $frame['patch'] !== null));
    ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height] = $seen[0]['patch'];
    $files = array_map(static fn (array $frame): string => "{$folder}/{$frame['file']}", array_slice($seen, 0, 2));
    [$exit, $out] = hold(['hold:look', ...$files, "{$folder}/truth.json", '/nowhere.jpg', "--subject={$x},{$y},{$width},{$height}", "--rush={$papers[0]}", $papers[1]]);
    $lines = array_map(static fn (string $line): array => json_decode($line, true), explode("\n", trim($out)));
    expect($exit)->toBe(0)->and($lines)->toHaveCount(4);
    foreach ([0, 1] as $at) {
        expect($lines[$at])
            ->toHaveKeys(['file', 'exif', 'subject', 'blur', 'around', 'verdict', 'confidence', 'why'])
            ->and($lines[$at]['subject']['by'])
            ->toBe($at === 0 ? 'touch' : 'found')
            ->and($lines[$at]['exif']['body'])
            ->toBe('Simulated body 36 × 24 mm')
            ->and($lines[$at]['limit_px'])
            ->toEqualWithDelta($truth['limit_px'], 0.01);
    }
    expect($lines[2]['fault'])->toBe('It is no JPEG.')->and($lines[3]['fault'])->toBe('There is no such file, or it may not be read.');
    // without a word the file's own subject area counts
    expect(json_decode(hold(['hold:look', $files[0]])[1], true)['subject'])->toBe(['x' => $x, 'y' => $y, 'w' => $width, 'h' => $height, 'by' => 'file']);
    expect(hold(['hold:look', '/nowhere.jpg'])[0])->toBe(2);
    // the same seed takes the same frames
    hold(['hold:shoot', ...$papers, '--seed=4', "--out={$folder}.again", '--megapixels=1', '--subject-area']);
    foreach ($truth['frames'] as $frame) {
        expect(md5_file("{$folder}.again/{$frame['file']}"))->toBe(md5_file("{$folder}/{$frame['file']}"));
    }
    array_map(unlink(...), [...glob("{$folder}*/*"), "{$folder}.rush", "{$folder}.kit"]);
    array_map(rmdir(...), [$folder, "{$folder}.again"]);
});

it('says what is amiss with what the simulated camera is asked for', function (array $options, string $line) {
    $folder = sys_get_temp_dir().'/'.bin2hex(random_bytes(6));
    file_put_contents("{$folder}.rush", json_encode(Documents::rush()));
    file_put_contents("{$folder}.kit", json_encode(Documents::kit()));
    [$exit, $out, $error] = hold(['hold:shoot', "{$folder}.rush", ...array_map(static fn (string $one): string => str_replace('FOLDER', $folder, $one), $options)]);
    expect([$exit, $out])->toBe([2, ''])->and(trim($error))->toBe(str_replace('FOLDER', $folder, $line));
    array_map(unlink(...), ["{$folder}.rush", "{$folder}.kit"]);
})->with([
    'no kit' => [['--out=FOLDER'], '--kit is missing; it is required.'],
    'no folder' => [['--kit=FOLDER.kit'], '--out is missing; it is required.'],
    'a fault nobody knows' => [['--kit=FOLDER.kit', '--out=FOLDER', '--fault=dust'], '--fault is "dust"; it must be one of single, tuning, shutter, obstacle, shaken, out, dark.'],
    'too many pixels' => [['--kit=FOLDER.kit', '--out=FOLDER', '--megapixels=900'], '--megapixels is 900; it must be 1 to 50.'],
    'no number' => [['--kit=FOLDER.kit', '--out=FOLDER', '--seed=two'], '--seed is "two"; it must be one of a number from 0 to 1000000.'],
    'no moment' => [['--kit=FOLDER.kit', '--out=FOLDER', '--at=dawn'], '--at is "dawn"; it must be one of a moment such as 2026-05-23T05:40:00+01:00.'],
    'no place for it' => [['--kit=FOLDER.kit', '--out=/proc/nowhere'], '--out is "/proc/nowhere"; it must be one of a folder that can be made.'],
]);

it('asks for a subject as four numbers, and for a rush to a kit', function () {
    expect(trim(hold(['hold:look', 'x.jpg', '--subject=1,2'])[2]))
        ->toBe('--subject is "1,2"; it must be one of x,y,w,h in whole pixels.')
        ->and(trim(hold(['hold:look', 'x.jpg', '--kit=k'])[2]))
        ->toBe('--rush is missing; it is required.');
});
