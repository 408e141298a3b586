<?php

declare(strict_types=1);

return [
    'driver' => 'quiet-database',
    // without a sign of life a session ends after two weeks; who has not asked to be kept signed in is out with the browser
    'lifetime' => (int) env('SESSION_LIFETIME', 60 * 24 * 14),
    'expire_on_close' => true,
    'lottery' => [1, 500],
    'connection' => null,
    'table' => 'sessions',
    'cookie' => 'rush_hold_session',
    'http_only' => true,
    'same_site' => 'lax',
    // null: secure whenever the request itself came over HTTPS
    'secure' => null,
];
