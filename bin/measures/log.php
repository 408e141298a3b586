<?php

declare(strict_types=1);

// A log of a million frames beside one of ten thousand.

use Tests\Support\Bench;

return static fn (Bench $bench): array => json_decode($bench->compiled('bin/yardstick/log-scale.php'), true, 4, JSON_THROW_ON_ERROR);
