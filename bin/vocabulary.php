<?php

declare(strict_types=1);

// Writes for TypeScript what is stated once in PHP: bin/vocabulary.php [--check]

use App\Documents\Vocabulary;
use App\OpenApi\Operations;

require __DIR__.'/../vendor/autoload.php';

$json = static fn (mixed $value, int $how = JSON_PRETTY_PRINT): string => (string) json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | $how);
$typed = ['starterBody' => 'import("./kit").Body'];
$text = "/* Written by bin/vocabulary.php from PHP; change it there. */\n";
foreach (Vocabulary::all() as $name => [$meaning, $value]) {
    $rows = is_array($value) && array_is_list($value) && is_array($value[0] ?? null);
    $written = $rows ? "[\n".implode('', array_map(static fn (mixed $row): string => '  '.$json($row, 0).",\n", $value)).']' : $json($value, is_array($value) && array_is_list($value) ? 0 : JSON_PRETTY_PRINT);
    // a document is of its type; all else is just what it is
    $text .= "\n/** {$meaning} */\nexport const {$name}".(isset($typed[$name]) ? ": {$typed[$name]} = {$written}" : " = {$written} as const").";\n";
}
$samples = "{\n".implode(",\n", array_map(
    static fn (string $name, array $rows): string => '  "'.$name.'": ['."\n".implode(",\n", array_map(static fn (array $row): string => '    '.$json($row, 0), $rows))."\n  ]",
    array_keys($all = Vocabulary::samples()), $all,
))."\n}\n";
$names = "/* Written by bin/vocabulary.php from core/Rush/EverydayNames.php; change it there. */\n\n/** Everyday names of subjects: name, kind, length in m, speed in m/s, other words for it. */\nexport const names: readonly (readonly [string, string, number, number, readonly string[]])[] = [\n".implode('', array_map(static fn (array $row): string => '  '.$json($row, 0).",\n", Vocabulary::names()))."];\n";
$answers = (array) json_decode((string) file_get_contents(__DIR__.'/../schemas/answers.json'), true)['$defs'];
$asked = '';
foreach (Operations::asked() as $at => $operation) {
    $answer = isset($answers[(string) $operation->answer]) ? 'answers.'.ucfirst((string) $operation->answer) : 'unknown';
    $answer = $operation->answer === null ? 'null' : $answer.($operation->orNothing ? ' | null' : '');
    $asked .= '  "'.$at.'": '.$answer.";\n";
}
$operations = "/* Written by bin/vocabulary.php from app/OpenApi/Operations.php; change it there. */\nimport type * as answers from \"./answers\";\n\n/** What comes back of everything the API can be asked, by verb and address below /api/. */\nexport type Operations = {\n{$asked}};\n";
foreach (['resources/js/generated/vocabulary.ts' => $text, 'resources/js/generated/operations.d.ts' => $operations, 'resources/js/generated/names.ts' => $names, 'tests/Js/samples.json' => $samples] as $file => $wanted) {
    $path = __DIR__.'/../'.$file;
    if (! in_array('--check', $argv, true)) {
        file_put_contents($path, $wanted);
    } elseif (! is_file($path) || file_get_contents($path) !== $wanted) {
        fwrite(STDERR, "{$file} is out of date with PHP. Run npm run types.\n");
        exit(1);
    }
}
