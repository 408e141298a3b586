<?php

declare(strict_types=1);

// Makes small mistakes in a part of the craft, one at a time, runs the tests of that part on each, and tells how many were found:
// COPY PART COUNT SEED. The copy is of the whole repository; whatever is changed there is put back.

use Random\Engine\Mt19937;
use Random\Randomizer;

const TESTS = [
    'Optics' => ['OpticsTest', 'FramingTest', 'UnitsTest', 'PlanningTest', 'ScepticTest'],
    'Motion' => ['MotionTest', 'PlanningTest', 'TurnTest', 'ScepticTest', 'PassTest'],
    'Outing' => ['OutingTest', 'OrderTest', 'WaterTest', 'NightTest', 'TidalDaysTest', 'WeatherTest'],
    'Sharpness' => ['SharpnessTest', 'JudgeTest', 'TrackingTest'],
];

/** What is taken for what. */
const MISTAKES = [
    '+' => '-',
    '-' => '+',
    '*' => '/',
    '/' => '*',
    '<' => '<=',
    '>' => '>=',
    '<=' => '<',
    '>=' => '>',
    '===' => '!==',
    '!==' => '===',
    '&&' => '||',
    '||' => '&&',
    'min' => 'max',
    'max' => 'min',
    'floor' => 'ceil',
    'ceil' => 'floor',
    'sin' => 'cos',
    'cos' => 'sin',
    'true' => 'false',
    'false' => 'true',
];

/** A test that takes so long, in s, has found that something never ends. */
const PATIENCE_S = 400;

[, $copy, $part, $count, $seed] = $argv;
$tests = TESTS[$part] ?? exit("“{$part}” is not a part; it must be one of ".implode(', ', array_keys(TESTS))."\n");
$files = array_map(static fn (string $name): string => "tests/Core/{$name}.php", $tests);
$files = array_values(array_filter($files, static fn (string $file): bool => is_file("{$copy}/{$file}")));

/** @var list<array{string, int, string, string}> file, which token, what it is, what it becomes */
$places = [];
foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$copy}/core/{$part}")), '/\.php$/') as $file) {
    foreach (PhpToken::tokenize((string) file_get_contents((string) $file)) as $at => $token) {
        $becomes = MISTAKES[$token->text] ?? ($token->is([T_DNUMBER, T_LNUMBER]) ? '('.$token->text.' + 1)' : null);
        if ($becomes !== null && ! $token->is([T_CONSTANT_ENCAPSED_STRING, T_DOC_COMMENT, T_COMMENT])) {
            $places[] = [(string) $file, $at, $token->text, $becomes];
        }
    }
}
sort($places);
$places = array_slice((new Randomizer(new Mt19937((int) $seed)))->shuffleArray($places), 0, (int) $count);

$found = $left = 0;
$run = static function () use ($copy, $files): int {
    $command = ['timeout', (string) PATIENCE_S, dirname(__DIR__).'/serve/compiled', 'vendor/bin/pest', '--compact', '--bail', ...$files];
    exec('cd '.escapeshellarg($copy).' && '.implode(' ', array_map(escapeshellarg(...), $command)).' >/dev/null 2>&1', $said, $exit);

    return $exit;
};
if ($run() !== 0) {
    exit("The tests fail as it is.\n");
}
foreach ($places as [$file, $at, $was, $becomes]) {
    $text = (string) file_get_contents($file);
    $tokens = PhpToken::tokenize($text);
    $line = $tokens[$at]->line;
    $tokens[$at]->text = $becomes;
    unlink($file); // the link, not what others have by it
    file_put_contents($file, implode('', array_map(static fn (PhpToken $token): string => $token->text, $tokens)));
    exec('php -l '.escapeshellarg($file).' 2>&1', $said, $isNone);
    if ($isNone !== 0) {
        file_put_contents($file, $text); // no mistake that anybody could make

        continue;
    }
    $isFound = $run() !== 0;
    $isFound ? $found++ : $left++;
    if (! $isFound) {
        printf("left: %s:%d  %s → %s\n", substr($file, strlen($copy) + 1), $line, $was, $becomes);
    }
    file_put_contents($file, $text);
}
printf("%s: %d of %d found\n", $part, $found, $found + $left);
