<?php

declare(strict_types=1);

// A card of photographs that is taken in, what of it takes how long, and what others notice of it.

use Tests\Support\Bench;
use Tests\Support\Stranger;

return static function (Bench $bench): array {
    // bursts of a pass that is shot once, a minute apart: long enough that the workers are warm
    $card = sys_get_temp_dir().'/bench-card-'.getmypid();
    mkdir($card);
    $bench->parts('bin/yardstick/card.php', '8', $bench->isWhole ? '40' : '12', $card);
    $photographs = glob("{$card}/*.jpg") ?: [];
    $other = Stranger::registered();
    $sent = static function (string $path) use ($other): float {
        $bytes = (string) file_get_contents($path);
        $where = '/api/files/frame/'.hash('sha256', $bytes).'?name='.basename($path);

        return 1000 * $other->ask('PUT', $where, $bytes, 'application/octet-stream')->seconds;
    };
    $uploads = array_map($sent, array_slice($photographs, 0, 5));
    $bench->whenIdle();
    $list = static fn (): float => 1000 * $other->must(200, 'GET', '/api/log')->seconds;
    $alone = array_map($list, range(1, 20));
    // as the command line does it; another account looks at its log meanwhile, four times a second
    $beside = [];
    $from = hrtime(true);
    $command = ['artisan', 'hold:log-import', $card, '--account='.Stranger::registered()->email];
    $said = $bench->beside($command, static function () use ($list, &$beside): void {
        $beside[] = $list();
        usleep(250_000);
    });
    $said = explode("\n", trim($said));
    $fps = (json_decode((string) end($said), true)['read'] ?? 0) / ((hrtime(true) - $from) / 1e9);
    $bench->whenIdle();
    // one frame whose file says where the subject is, alone on the machine; and the most memory that one takes
    $middle = $photographs[intdiv(count($photographs), 2)];
    [$lookMs, $lookRatio] = json_decode($bench->compiled('bin/yardstick/look-ratio.php', $middle), true);
    $parts = json_decode($bench->compiled('bin/yardstick/read-parts.php', $middle), true);
    $peak = (int) $bench->compiled('bin/yardstick/peak.php', $photographs[0]);
    array_map(unlink(...), $photographs);
    rmdir($card);

    return [
        'look_ms' => $lookMs,
        'look_ratio' => $lookRatio,
        'look_peak_mb' => $peak / 1e6,
        'intake_fps' => $fps,
        'intake_upload_ms' => $bench->median($uploads),
        'intake_decode_ms' => $parts['decode'],
        'intake_look_ms' => $parts['look'] + $parts['close'],
        'intake_pictures_ms' => $parts['reduced'] + $parts['piece'],
        'intake_beside_ratio' => $bench->median($beside) / $bench->median($alone),
    ];
};
