<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'database'),
    // Counts of who asked how often. They are bounded in memory (APCu), and each node keeps its own; where that extension is missing
    // they are in the store, expired ones taken away by `php artisan tidy`.
    'limiter' => env('CACHE_LIMITER', 'counts'),
    'stores' => [
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks'],
        'counts' => ['driver' => 'counts'],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'rush_hold_',
];
