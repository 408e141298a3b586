<?php

declare(strict_types=1);

// A card of photographs that is taken in.

use Tests\Support\Bench;
use Tests\Support\Stranger;

return static function (Bench $bench): array {
    // taken in as the command line does it: three bursts of a pass that is shot once
    $card = sys_get_temp_dir().'/bench-card-'.getmypid();
    mkdir($card);
    $bench->parts('bin/yardstick/card.php', $bench->isWhole ? '50' : '8', $bench->isWhole ? '4' : '3', $card);
    $photographs = glob("{$card}/*.jpg") ?: [];
    $owner = Stranger::registered();
    $from = hrtime(true);
    $said = explode("\n", trim($bench->compiled('artisan', 'hold:log-import', $card, '--account='.$owner->email)));
    $intakeFps = (json_decode((string) end($said), true)['read'] ?? 0) / ((hrtime(true) - $from) / 1e9);
    $bench->whenIdle();
    // one frame whose file says where the subject is, alone on the machine; and the most memory that one takes
    $middle = $photographs[intdiv(count($photographs), 2)];
    [$lookMs, $lookRatio] = json_decode($bench->compiled('bin/yardstick/look-ratio.php', $middle), true);
    $peak = (int) $bench->compiled('bin/yardstick/peak.php', $photographs[0]);
    array_map(unlink(...), $photographs);
    rmdir($card);

    return [
        'look_ms' => $lookMs,
        'look_ratio' => $lookRatio,
        'look_peak_mb' => $peak / 1e6,
        'intake_fps' => $intakeFps,
    ];
};
