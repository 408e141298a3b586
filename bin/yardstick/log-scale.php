<?php

declare(strict_types=1);

// Prints, as JSON, how much longer answers of the log take with a million frames than with ten thousand, each the median of many: the
// seconds to make a million, the worst ratio of rates and of pages, and the MB of the tables they are in. [FRAMES]

use Symfony\Component\Process\Process;
use Tests\Support\Documents;
use Tests\Support\Stranger;

require __DIR__.'/../../vendor/autoload.php';

/** An account with a few rushes and a log of so many frames, and the seconds that took. */
$filled = static function (int $frames): array {
    $one = Stranger::registered();
    $kit = $one->ask('GET', '/api/kits')->json('kits')[0]['id'];
    foreach ([[9, 18], [6, 12], [14, 30], [2, 8], [20, 60], [0, 6]] as [$speed, $metres]) {
        $rush = Documents::rush(['name' => "At {$metres} m", 'motion' => ['speed_mps' => $speed], 'distance' => ['near_m' => $metres / 2, 'work_m' => $metres, 'far_m' => 2 * $metres]]);
        $one->must(201, 'POST', '/api/rushes', ['kit_id' => $kit, 'focal_mm' => null, 'rush' => $rush, 'write_id' => bin2hex(random_bytes(8))]);
    }
    $from = hrtime(true);
    // two fill it, one year after the other: while the one is made, the other is written
    $fill = static fn (int $part, string ...$own): Process => new Process(
        ['bin/serve/compiled', 'artisan', 'hold:log-made-up', $one->email, (string) $part, ...$own],
        dirname(__DIR__, 2),
        timeout: 1200,
    );
    $part = intdiv($frames, 2);
    $first = $fill($part, '--seed=2', '--from=2025-11-01');
    $first->start();
    $fill($frames - $part)->mustRun();
    $first->wait() === 0 || throw new RuntimeException($first->getOutput().$first->getErrorOutput());

    return [$one, (hrtime(true) - $from) / 1e9];
};
[$small] = $filled(10_000);
[$large, $seconds] = $filled((int) ($argv[1] ?? 1_000_000));

/** Times of both in turn, so that whatever else the machine does falls on both. */
$ratio = static function (callable $path) use ($small, $large): float {
    $times = [[], []];
    $paths = [$path($small), $path($large)];
    for ($turn = 0; $turn < 43; $turn++) {
        foreach ([$small, $large] as $at => $one) {
            $answer = $one->must(200, 'GET', $paths[$at]);
            if ($turn >= 3) {
                $times[$at][] = $answer->seconds;
            }
        }
    }
    foreach ($times as $at => $all) {
        sort($all);
        $times[$at] = $all[20];
    }
    fprintf(STDERR, "%-60s %6.1f ms %6.1f ms\n", substr($paths[1], 0, 60), 1000 * $times[0], 1000 * $times[1]);

    return $times[1] / $times[0];
};
$plain = static fn (string $path): callable => static fn (Stranger $one): string => $path;
$area = static fn (Stranger $one): string => (string) $one->ask('GET', '/api/log/counts?by=area')->json('rows')[0]['value'];
$stats = array_map($ratio, [
    $plain('/api/log/counts?by=area'),
    $plain('/api/log/counts?by=month'),
    $plain('/api/log/counts?by=area&and=shutter'),
    static fn (Stranger $one): string => '/api/log/counts?by=shutter&area='.$area($one),
    $plain('/api/log/promises'),
]);
$pages = array_map($ratio, [
    $plain('/api/log'),
    $plain('/api/log/agreement'),
    static fn (Stranger $one): string => '/api/log?before='.rawurlencode((string) $one->ask('GET', '/api/log')->json('next')),
    static fn (Stranger $one): string => '/api/log?area='.$area($one),
]);
// of what is chosen, half of all bursts: nothing of it has been added up before
$body = (string) $large->ask('GET', '/api/log/counts?by=body')->json('rows')[0]['value'];
$ofBody = array_map(static fn (): float => $large->must(200, 'GET', '/api/log/promises?body='.rawurlencode($body))->seconds, range(1, 9));
sort($ofBody);
$tables = 'SELECT ROUND(SUM(data_length + index_length) / 1e6) FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name IN ("bursts", "frames", "counted", "tallies")';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
$mb = Illuminate\Support\Facades\DB::scalar($tables);
echo json_encode(['log_fill_s' => $seconds, 'log_stats_ratio' => max($stats), 'log_page_ratio' => max($pages), 'log_promises_of_ms' => 1000 * $ofBody[4], 'log_tables_mb' => (float) $mb]), "\n";
