<?php

declare(strict_types=1);

// What strangers do, and what one process of the server needs at the most.

use Tests\Support\Bench;
use Tests\Support\Documents;
use Tests\Support\Stranger;
use Tests\Support\TestServer;

return static function (Bench $bench): array {
    $id = $bench->rush();
    $body = $bench->gear()['Skerry One'];
    // what strangers do: the dearest bodies, a new visitor, sixteen heavy requests of one account beside another's plan, a store that hangs
    $plan = ['rush' => Documents::rush(), 'kit' => Documents::kit()];
    $many = static fn (int $count): array => array_fill_keys(array_map(static fn (int $at): string => 'k'.$at, range(1, $count)), 1);
    $long = array_map(strval(...), range(1, 16_000));
    $layout = $bench->send('GET', "/api/layouts/{$body}")[1]['layout'];
    $dear = [
        ['POST', '/api/plans', ['kit' => (object) [], 'rush' => $many(15_000)]],
        ['POST', '/api/plans', '{"rush":'.str_repeat('[', 100_000).str_repeat(']', 100_000).'}'],
        ['PUT', "/api/layouts/{$body}", ['revision' => 1, 'gesture' => 'g', 'layout' => ['holds' => $long] + $layout]],
        ['PUT', "/api/rushes/{$id}", ['revision' => 1, 'gesture' => 'g', 'rush' => ['name' => str_repeat('x', 200_000)]]],
        ['POST', '/api/kit-file/preview', ['file' => (string) json_encode(['format' => 'kit/1'] + $many(60_000))]],
    ];
    $worst = max(array_map(static fn (array $one): float => 1000 * min(array_map(static fn (): float => $bench->visitor()->ask(...$one)->seconds, range(1, 3))), $dear));
    $copies = [];
    for ($turn = 0; $turn < 10; $turn++) {
        $copies[] = 1000 * (new Stranger)->must(200, 'POST', '/api/demo')->seconds;
    }
    $greedy = Stranger::registered();
    $heavy = $greedy->must(201, 'POST', '/api/rushes', ['kit_id' => $greedy->must(200, 'GET', '/api/kits')->json('kits.0.id'), 'rush' => Documents::rush()])->json('id');
    $greedy->must(200, 'PUT', '/api/assumptions', ['assumptions' => ['rehearse.pass' => 10, 'rehearse.buffer' => 2000, 'rehearse.burst' => 30]]);
    $alone = array_map(static fn (): float => $bench->visitor()->must(200, 'POST', '/api/plans', $plan)->seconds, range(1, 30));
    $beside = [];
    foreach ([1, 2, 3] as $turn) {
        $greedy->atOnce(array_map(static fn (int $at): array => ['POST', "/api/rushes/{$heavy}/rehearsal/try", ['dials' => ['shutter_s' => 1 / (1000 + $at)]]], range(1, 16)), static function () use ($bench, $plan, $turn, &$beside): void {
            // an account may ask for 240 plans a minute, and the heavy ones take longer than that
            if (count($beside) >= 60 * $turn) {
                usleep(5000);

                return;
            }
            $beside[] = $bench->visitor()->must(200, 'POST', '/api/plans', $plan)->seconds;
        });
    }
    $hangs = [];
    TestServer::whileTheStoreHangs(static function () use ($bench, &$hangs): void {
        foreach ([1, 2] as $turn) {
            foreach ($bench->visitor()->atOnce([...array_fill(0, 8, ['GET', '/api/rushes']), ['GET', '/plan'], ['GET', '/healthz']]) as $answer) {
                $hangs[] = $answer->seconds;
            }
        }
    });

    return [
        'worst_body_ms' => $worst,
        'demo_copy_ms' => $bench->median($copies),
        'beside_heavy_ratio' => $bench->median($beside) / $bench->median($alone),
        'hanging_store_s' => max($hangs),
        'largest_process_mb' => TestServer::largest() / 1e6,
    ];
};
