<?php

declare(strict_types=1);

// Prints how many times as long as plain C the core takes for one take: FOLDER to build in. Run with the worker's own settings.

use RushHold\Hold\Burst;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;
use Tests\Support\Documents;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/Yardstick.php';

$plan = Documents::plan(Documents::DARTING);
$rehearsal = Rehearsal::of($plan);
$camera = $rehearsal->camera($plan->hold->with(burst: Burst::Long));
$ratios = array_map(static fn (int $seed): float => Yardstick::ratio(Take::of($rehearsal->pass($seed), $camera), $argv[1]), [1, 2, 3, 5, 8]);
sort($ratios);
echo $ratios[2], "\n";
