<?php

declare(strict_types=1);

// Reads, looks at and makes the small pictures of one JPEG, as a worker would, and prints the most memory that took, in bytes.

use App\Images\RawPreview;
use App\Log\Intake\FrameReader;

require __DIR__.'/../../vendor/autoload.php';

(new FrameReader(new RawPreview()))->read((string) file_get_contents($argv[1]));
preg_match('/VmHWM:\s+(\d+) kB/', (string) file_get_contents('/proc/self/status'), $most);
echo 1024 * (int) $most[1];
