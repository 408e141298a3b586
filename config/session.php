<?php

declare(strict_types=1);

return [
    'driver' => 'quiet-database',
    'lifetime' => (int) env('SESSION_LIFETIME', 60 * 24 * 14),
    'connection' => null,
    'table' => 'sessions',
    'cookie' => 'rush_hold_session',
    'http_only' => true,
    'same_site' => 'lax',
    // null: secure whenever the request itself came over HTTPS
    'secure' => null,
];
