<?php

declare(strict_types=1);

// Shoots the first frames of a usual pass with 24 megapixels into a folder, each with where the subject is: FRAMES FOLDER.

use App\Shoot\FrameFolder;
use RushHold\Kit\Kit;
use RushHold\Planning\Planner;
use RushHold\Shoot\Shooting;
use Tests\Support\Documents;

require __DIR__.'/../../vendor/autoload.php';

$plan = Planner::standard()->plan(Documents::rushOf([]), Kit::fromArray(Documents::kit()));
$shooting = Shooting::of($plan, 1, 24.0, null);
$folder = new FrameFolder($shooting, 1, null, new DateTimeImmutable('2026-05-23T05:40:00+01:00'), true);
@mkdir($argv[2]);
foreach (array_slice($shooting->shots(), 0, (int) $argv[1]) as $shot) {
    file_put_contents($argv[2].'/'.FrameFolder::name($shot), $folder->file($shot));
}
