<?php

declare(strict_types=1);

// Prints how long a worker takes for each part of reading one JPEG, in ms, the middle of some turns once it is warm: FILE.

use App\Images\ExifReader;
use App\Images\JpegMaker;
use App\Images\JpegPicture;
use App\Log\Intake\Look;
use RushHold\Sharpness\Box;

require __DIR__.'/../../vendor/autoload.php';

$bytes = (string) file_get_contents($argv[1]);
$times = [];
$timed = static function (string $part, Closure $do) use (&$times): mixed {
    $from = hrtime(true);
    $made = $do();
    $times[$part][] = (hrtime(true) - $from) / 1e6;

    return $made;
};
for ($turn = 0; $turn < 14; $turn++) {
    $whole = $timed('reduced', static fn (): string => (new JpegMaker())->reduced($bytes));
    $picture = $timed('decode', static function () use ($bytes): JpegPicture {
        $picture = JpegPicture::read($bytes, true);
        $picture->piece(0, 0, 1, 1);

        return $picture;
    });
    $looked = $timed('look', static fn () => (new Look())->look($picture, ExifReader::read($bytes)));
    $timed('piece', static fn (): array => (new JpegMaker())->piece($picture, new Box(1600, 1200, 1200, 1000)));
    $timed('close', static fn (): string => (string) json_encode($looked->measured()));
}
echo json_encode(array_map(static function (array $part): float {
    $warm = array_slice($part, 3);
    sort($warm);

    return round($warm[intdiv(count($warm), 2)], 1);
}, $times)), "\n";
