<?php

declare(strict_types=1);

// Prints the time to read, map and judge one JPEG of 24 megapixels whose file says where the subject is, in ms, and how many times as long
// as only decoding it that takes: FILE. The first turns only warm the machine.

use App\Images\JpegPicture;
use App\Log\Frames\FrameStandard;
use App\Log\Intake\Look;

require __DIR__.'/../../vendor/autoload.php';

$bytes = (string) file_get_contents($argv[1]);
$times = $ratios = [];
for ($turn = 0; $turn < 14; $turn++) {
    $from = hrtime(true);
    JpegPicture::read($bytes)->piece(0, 0, 1, 1);
    $decoded = hrtime(true);
    $looked = (new Look())->at($bytes);
    $standard = FrameStandard::of($looked->facts, $looked->width, $looked->height, null);
    $looked->why($looked->judged($standard), $standard);
    $done = hrtime(true);
    if ($turn >= 3) {
        $times[] = ($done - $decoded) / 1e6;
        $ratios[] = ($done - $decoded) / ($decoded - $from);
    }
}
sort($times);
sort($ratios);
echo json_encode([$times[5], $ratios[5]]), "\n";
