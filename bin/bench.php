<?php

declare(strict_types=1);

// The measuring part of bin/bench: [--json] [--whole] [--only NAME]. Each measure of bin/measures gives its figures by name; one that rests
// on a sample comes with its 95 % interval.

use RushHold\Statistics\WilsonInterval;
use Tests\Support\Bench;

require __DIR__.'/../vendor/autoload.php';

const MEASURES = ['requests', 'craft', 'agreement', 'sweep', 'pages', 'strangers', 'intake', 'looks', 'log'];

$given = getopt('', ['json', 'whole', 'only:']);
$bench = new Bench(isset($given['whole']));
$results = $intervals = [];
foreach (isset($given['only']) ? [(string) $given['only']] : MEASURES as $name) {
    // while a figure is measured nothing else works
    $bench->whenIdle();
    $from = hrtime(true);
    foreach ((require __DIR__."/measures/{$name}.php")($bench) as $figure => $found) {
        [$results[$figure], $least, $most] = match (true) {
            $found instanceof WilsonInterval => [$found->share, $found->least, $found->most],
            is_array($found) => $found,
            default => [(float) $found, null, null],
        };
        if ($least !== null) {
            $intervals[$figure] = [$least, $most];
        }
    }
    fprintf(STDERR, "· %s, %.0f s\n", $name, (hrtime(true) - $from) / 1e9);
}
if (isset($given['json'])) {
    echo json_encode(array_map(static fn (float $number): float => round($number, 3), $results)), "\n";
    exit;
}
$goals = [
    'look_right_share' => 'goal over 0.85',
    'look_sharp_share' => 'goal over 0.93',
    'look_width_share' => 'goal over 0.8',
    'look_direction_share' => 'goal over 0.9',
    'look_ratio' => 'goal under 4',
    'intake_fps' => 'goal over 5',
    'intake_beside_ratio' => 'goal under 3',
    'log_fill_s' => 'goal under 900',
    'log_stats_ratio' => 'goal under 1.5',
    'log_page_ratio' => 'goal under 1.5',
    'outing_ms' => 'goal under 1000',
    'outing_hand_ms' => 'goal under 100',
    'outing_day_ms' => 'goal under 1500',
    'answer_after_key_ms' => 'goal under 200',
    'list_ms' => 'goal under 40',
    'pass_ms' => 'goal under 3',
    'hold200_ms' => 'goal under 600',
    'sweep_s' => 'goal under 6',
    'rehearsal_c_ratio' => 'goal under 25',
    'optimiser_ms' => 'goal under 1000',
    'plan_request_ratio' => 'goal under 3',
    'first_screen_kb_gzip' => 'goal under 300',
    'plans_per_second' => 'goal over 2000',
    'agree_best' => 'goal over 0.9',
    'agree_rank' => 'goal over 0.8',
    'outlook_ms' => 'goal under 2000',
    'map_ms' => 'goal under 500',
    'save_request_ms' => 'goal under 150',
    'worst_body_ms' => 'goal under 500',
    'demo_copy_ms' => 'goal under 500',
    'beside_heavy_ratio' => 'goal under 2',
    'hanging_store_s' => 'goal under 3',
    'largest_process_mb' => 'goal under 256',
];
foreach ($results as $name => $number) {
    $between = isset($intervals[$name]) ? vsprintf('%.2f to %.2f', $intervals[$name]) : '';
    printf("%-28s %12s  %-12s  %s\n", $name, number_format($number, $number < 100 ? 2 : 0, '.', ' '), $between, $goals[$name] ?? '');
}
if ($bench->tables !== []) {
    echo "\n", implode("\n", $bench->tables), "\n";
}
