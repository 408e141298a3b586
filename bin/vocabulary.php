<?php

declare(strict_types=1);

// Writes for TypeScript what is stated once in PHP: bin/vocabulary.php [--check]

use App\Documents\Vocabulary;

require __DIR__.'/../vendor/autoload.php';

$json = static fn (mixed $value, int $how = JSON_PRETTY_PRINT): string => (string) json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | $how);
$text = "/* Written by bin/vocabulary.php from PHP; change it there. */\n";
foreach (Vocabulary::all() as $name => [$meaning, $value]) {
    $rows = is_array($value) && array_is_list($value) && is_array($value[0] ?? null);
    $written = $rows ? "[\n".implode('', array_map(static fn (mixed $row): string => '  '.$json($row, 0).",\n", $value)).']' : $json($value, is_array($value) && array_is_list($value) ? 0 : JSON_PRETTY_PRINT);
    $text .= "\n/** {$meaning} */\nexport const {$name} = {$written} as const;\n";
}
$samples = "{\n".implode(",\n", array_map(
    static fn (string $name, array $rows): string => '  "'.$name.'": ['."\n".implode(",\n", array_map(static fn (array $row): string => '    '.$json($row, 0), $rows))."\n  ]",
    array_keys($all = Vocabulary::samples()), $all,
))."\n}\n";
foreach (['resources/js/generated/vocabulary.ts' => $text, 'tests/Js/samples.json' => $samples] as $file => $wanted) {
    $path = __DIR__.'/../'.$file;
    if (! in_array('--check', $argv, true)) {
        file_put_contents($path, $wanted);
    } elseif (! is_file($path) || file_get_contents($path) !== $wanted) {
        fwrite(STDERR, "{$file} is out of date with PHP. Run npm run types.\n");
        exit(1);
    }
}
