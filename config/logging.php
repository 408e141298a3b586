<?php

declare(strict_types=1);

use App\Logging\BoundedLog;

return [
    'default' => env('LOG_CHANNEL', 'own'),
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        'own' => ['driver' => 'custom', 'via' => BoundedLog::class, 'level' => env('LOG_LEVEL', 'info')],
        'stderr' => [
            'driver' => 'monolog',
            'handler' => Monolog\Handler\StreamHandler::class,
            'handler_with' => ['stream' => 'php://stderr'],
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
