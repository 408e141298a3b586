<?php

declare(strict_types=1);

// Writes down the plans that are kept: php tests/Support/golden-plans.php, whenever the planner is meant to answer differently.

require __DIR__.'/../../vendor/autoload.php';

$plans = Tests\Support\GoldenPlans::make();
$lines = array_map(
    static fn (string $name, array $plan): string => json_encode($name).
        ': '.
        json_encode($plan, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
    array_keys($plans),
    $plans,
);
file_put_contents(__DIR__.'/../Core/cases/golden-plans.json', "{\n".implode(",\n", $lines)."\n}\n");
echo count($plans), " plans written\n";
