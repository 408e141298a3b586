<?php

declare(strict_types=1);

// Makes small mistakes in a part of the craft, one at a time, runs the tests of that part on each, and tells how many were found:
// COPY PART COUNT SEED [EARLIER]. The copy is of the whole repository; whatever is changed there is put back. EARLIER is one of an earlier
// state: what is left now is tried there too, with the tests of that time, so that it is seen whether they would have found it.

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
const PATIENCE_S = 900;

[, $copy, $part, $count, $seed] = $argv;
$earlier = $argv[5] ?? null;
$tests = TESTS[$part] ?? exit("“{$part}” is not a part; it must be one of ".implode(', ', array_keys(TESTS))."\n");

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

/** Whether the tests of the part fail in a copy. */
$fails = static function (string $in) use ($tests): bool {
    $files = array_filter(array_map(static fn (string $name): string => "tests/Core/{$name}.php", $tests), static fn (string $file): bool => is_file("{$in}/{$file}"));
    $command = ['timeout', (string) PATIENCE_S, dirname(__DIR__).'/serve/compiled', 'vendor/bin/pest', '--compact', '--bail', ...$files];
    exec('cd '.escapeshellarg($in).' && '.implode(' ', array_map(escapeshellarg(...), $command)).' >/dev/null 2>&1', $said, $exit);

    return $exit !== 0;
};

/** Whether they fail with this instead of that token; null where nobody could make that mistake. */
$finds = static function (string $in, string $file, int $at, string $becomes) use ($fails): ?bool {
    $text = (string) file_get_contents($file);
    $tokens = PhpToken::tokenize($text);
    $tokens[$at]->text = $becomes;
    unlink($file); // the link, not what others have by it
    file_put_contents($file, implode('', array_map(static fn (PhpToken $token): string => $token->text, $tokens)));
    exec('php -l '.escapeshellarg($file).' 2>&1', $said, $isNone);
    $isFound = $isNone === 0 ? $fails($in) : null;
    file_put_contents($file, $text);

    return $isFound;
};

/** Where the same stood earlier, by what stood around it; null where it did not, or where that cannot be told. */
$then = static function (string $file, string $old, int $at): ?int {
    $plain = static fn (string $of): array => array_map(
        static fn (PhpToken $token): string => $token->is([T_WHITESPACE, T_COMMENT, T_DOC_COMMENT]) ? ' ' : $token->text,
        PhpToken::tokenize((string) file_get_contents($of)),
    );
    [$now, $before] = [$plain($file), is_file($old) ? $plain($old) : []];
    for ($around = 12; $around >= 4; $around -= 2) {
        $mine = array_slice($now, max(0, $at - $around), 2 * $around);
        $places = array_filter(array_keys($before), static fn (int $from): bool => array_slice($before, $from, 2 * $around) === $mine);
        if (count($places) === 1) {
            return reset($places) + min($at, $around);
        }
    }

    return null;
};

foreach (array_filter([$copy, $earlier]) as $in) {
    $fails($in) && exit("The tests fail as it is in {$in}.\n");
}
$found = $left = $lost = 0;
foreach ($places as [$file, $at, $was, $becomes]) {
    $isFound = $finds($copy, $file, $at, $becomes);
    if ($isFound !== false) {
        $found += $isFound === true ? 1 : 0;

        continue;
    }
    $left++;
    $name = substr($file, strlen($copy) + 1);
    $before = $earlier === null ? null : $then($file, "{$earlier}/{$name}", $at);
    $wasFound = $before === null ? null : $finds($earlier, "{$earlier}/{$name}", $before, $becomes);
    $lost += $wasFound === true ? 1 : 0;
    $line = PhpToken::tokenize((string) file_get_contents($file))[$at]->line;
    $told = match (true) {
        $earlier === null => '',
        $before === null => ', which was not there',
        default => $wasFound === true ? ', FOUND BEFORE' : ', left before too',
    };
    printf("left%s: %s:%d  %s → %s\n", $told, $name, $line, $was, $becomes);
}
printf("%s: %d of %d found%s\n", $part, $found, $found + $left, $earlier === null ? '' : "; {$lost} of those left were found before");
