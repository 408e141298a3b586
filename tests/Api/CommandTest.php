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
        ->toBe(['outing/1', 'Sunrise 05:23, sunset 21:19.'])
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
