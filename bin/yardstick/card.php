<?php

declare(strict_types=1);

// Shoots the first frames of a usual pass with 24 megapixels into a folder, each with where the subject is, and the same pass again a
// minute later, and again: FRAMES TIMES FOLDER PART PARTS. What a file is taken for goes by its bytes, and no two are alike.

use App\Shoot\FrameFolder;
use RushHold\Kit\Kit;
use RushHold\Planning\Planner;
use RushHold\Shoot\Shooting;
use Tests\Support\Documents;

require __DIR__.'/../../vendor/autoload.php';

[, $frames, $times, $to, $part, $parts] = $argv;
$plan = Planner::standard()->plan(Documents::rushOf([]), Kit::fromArray(Documents::kit()));
$shooting = Shooting::of($plan, 1, 24.0, null);
$folder = new FrameFolder($shooting, 1, null, new DateTimeImmutable('2026-05-23T05:40:00+01:00'), true);
foreach (array_slice($shooting->shots(), 0, (int) $frames) as $shot) {
    if ($shot->number % (int) $parts !== (int) $part) {
        continue;
    }
    $file = $folder->file($shot);
    for ($time = 0; $time < (int) $times; $time++) {
        $later = str_replace(' 05:40:', sprintf(' %02d:%02d:', 5 + intdiv(40 + $time, 60), (40 + $time) % 60), $file);
        file_put_contents(sprintf('%s/%02d-%s', $to, $time, FrameFolder::name($shot)), $later);
    }
}
