<?php

declare(strict_types=1);

// A sweep of many holds.

use Tests\Support\Bench;
use Tests\Support\Documents;

return static function (Bench $bench): array {
    $body = $bench->gear()['Skerry One'];
    // a sweep as a person has it: asked for, played by the worker, read until it is done; 8 areas × 5 levels of hold × 3 of pace
    $kitId = $bench->send('POST', '/api/kits', ['body_id' => $body, 'lens_id' => $bench->gear()['Sandbar 500 f/5.6']])[1]['id'];
    $swept = $bench->send('POST', '/api/rushes', ['kit_id' => $kitId, 'focal_mm' => null, 'rush' => Documents::rush(['name' => 'Bench', 'clutter' => ['foreground' => 'sparse', 'background' => 'busy', 'background_gap_m' => 12, 'obstacle_width_m' => 0.1]])])[1]['id'];
    $bench->send('GET', "/api/rushes/{$swept}/rehearsal");
    $sweeps = [];
    for ($turn = 0; $turn < 3; $turn++) {
        $from = hrtime(true);
        $sweep = $bench->send('POST', "/api/rushes/{$swept}/sweeps", ['kind' => 'tracking'])[1];
        while ($sweep['status'] === 'running' && hrtime(true) - $from < 60e9) {
            usleep(100_000);
            $sweep = $bench->send('GET', "/api/sweeps/{$sweep['id']}")[1];
        }
        $sweeps[] = (hrtime(true) - $from) / 1e9;
    }

    return [
        'sweep_s' => $bench->median($sweeps),
    ];
};
