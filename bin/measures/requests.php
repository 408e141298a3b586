<?php

declare(strict_types=1);

// Requests of one who plans, and lists of one who has 500 rushes.

use Tests\Support\Bench;
use Tests\Support\Documents;
use Tests\Support\Stranger;
use Tests\Support\TestServer;

return static function (Bench $bench): array {
    $id = $bench->rush();
    $whole = $bench->send('GET', "/api/rushes/{$id}")[1];

    $bare = $plans = $saves = [];
    for ($turn = 0; $turn < 220; $turn++) {
        $bare[] = $bench->send('GET', '/healthz')[0];
        $plans[] = $bench->send('POST', '/api/plans', ['rush' => Documents::rush(['motion' => ['speed_mps' => 5 + $turn / 50]]), 'kit' => Documents::kit()])[0];
        $rush = Documents::rush(['motion' => ['speed_mps' => 5 + $turn / 50]]);
        [$saves[], $whole] = $bench->send('PUT', "/api/rushes/{$id}", ['revision' => $whole['revision'], 'gesture' => 'bench', 'kit_id' => $whole['kit_id'], 'focal_mm' => null, 'rush' => $rush]);
    }

    $maps = $schools = $outlooks = [];
    for ($turn = 0; $turn < 15; $turn++) {
        $maps[] = $bench->send('GET', "/api/rushes/{$id}/map")[0];
        $schools[] = $bench->send('GET', "/api/rushes/{$id}/schools")[0];
        $outlooks[] = $bench->send('GET', "/api/rushes/{$id}/rehearsal/outlook")[0];
    }

    // a list of 500 rushes, and one of them opened, of somebody who has 500
    $collector = Stranger::registered();
    $many = $collector->must(201, 'POST', '/api/rushes', ['kit_id' => $collector->must(200, 'GET', '/api/kits')->json('kits.0.id'), 'rush' => Documents::rush(Documents::DARTING)])->json('id');
    TestServer::store()->exec(<<<SQL
        INSERT INTO rushes (id, user_id, kit_id, name, document, revision, position, write_id, created_at, updated_at)
            SELECT CONCAT(LEFT(id, 20), LPAD(seq, 6, '0')), user_id, kit_id, CONCAT(name, ' ', seq), document, 1, 0, '', created_at, updated_at FROM rushes JOIN seq_1_to_499 WHERE id = '{$many}';
        INSERT INTO plans (rush_id, fingerprint, metric, fault, settings, created_at, updated_at)
            SELECT CONCAT(LEFT(rush_id, 20), LPAD(seq, 6, '0')), fingerprint, metric, fault, settings, created_at, updated_at FROM plans JOIN seq_1_to_499 WHERE rush_id = '{$many}';
        SQL);
    $lists = $opens = [];
    for ($turn = 0; $turn < 60; $turn++) {
        $lists[] = 1000 * ($list = $collector->must(200, 'GET', '/api/rushes'))->seconds;
        $opens[] = 1000 * $collector->must(200, 'GET', "/api/rushes/{$many}")->seconds;
    }
    if (count($list->json('rushes')) !== 500) {
        throw new RuntimeException('The list is not of 500.');
    }

    $cards = $layouts = [];
    $body = $bench->gear()['Skerry One'];
    for ($turn = 0; $turn < 15; $turn++) {
        $cards[] = $bench->send('GET', '/api/cards')[0];
        $layouts[] = $bench->send('GET', "/api/layouts/{$body}")[0];
    }

    return [
        'plan_request_ms' => $bench->median($plans),
        'save_request_ms' => $bench->median($saves),
        'bare_request_ms' => $bench->median($bare),
        'plan_request_ratio' => $bench->median($plans) / $bench->median($bare),
        'map_ms' => $bench->median($maps),
        'schools_ms' => $bench->median($schools),
        'outlook_ms' => $bench->median($outlooks),
        'list_ms' => $bench->median($lists),
        'open_ms' => $bench->median($opens),
        'cards_ms' => $bench->median($cards),
        'layout_ms' => $bench->median($layouts),
    ];
};
