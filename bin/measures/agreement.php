<?php

declare(strict_types=1);

// Plan and rehearsal over situations drawn by chance.

use RushHold\Statistics\WilsonInterval;
use Tests\Support\Bench;

return static function (Bench $bench): array {
    $situations = $bench->isWhole ? 300 : 160;
    [$best, $correlation] = json_decode($bench->compiled('bin/yardstick/agreement.php', (string) $situations, '40'), true, 4, JSON_THROW_ON_ERROR);
    // of a correlation by the transform of Fisher (1915)
    $fisher = static fn (float $way): float => tanh(atanh($correlation) + $way * WilsonInterval::Z / sqrt($situations - 3));

    return [
        'agree_best' => WilsonInterval::of($best * $situations, $situations),
        'agree_rank' => [$correlation, $fisher(-1), $fisher(1)],
    ];
};
