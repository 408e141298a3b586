<?php

declare(strict_types=1);

// Writes for TypeScript what is stated once in PHP: bin/vocabulary.php [--check]

use App\Cards\Paper;
use RushHold\Assumption;
use RushHold\Assumptions;
use RushHold\Optics\StopScale;

require __DIR__.'/../vendor/autoload.php';

$file = __DIR__.'/../resources/js/generated/vocabulary.ts';
$json = static fn (mixed $value): string => (string) json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT);
// figures that a room must know before the plan has answered
$early = ['obstacle.place'];
$parts = [
    'isoScale: readonly number[]' => ['The engraved series of ISO.', StopScale::isos()],
    'papers: readonly { value: string; words: string; size: string; scale: number }[]' => [
        'Papers a card is printed on, and how much larger than on the smallest its type is.',
        array_map(static fn (Paper $paper): array => ['value' => $paper->value, 'words' => $paper->words(), 'size' => $paper->size(), 'scale' => $paper->scale()], Paper::cases()),
    ],
    'assumed: Readonly<Record<string, number>>' => ['Assumed figures that nobody has changed.', array_map(static fn (Assumption $one): float => $one->default, array_intersect_key(Assumptions::all(), array_flip($early)))],
];
$text = "/* Written by bin/vocabulary.php from PHP; change it there. */\n";
foreach ($parts as $name => [$says, $value]) {
    $text .= "\n/** {$says} */\nexport const {$name} = {$json($value)};\n";
}
if (! in_array('--check', $argv, true)) {
    file_put_contents($file, $text);
} elseif (! is_file($file) || file_get_contents($file) !== $text) {
    fwrite(STDERR, "resources/js/generated/vocabulary.ts is out of date with PHP. Run npm run types.\n");
    exit(1);
}
