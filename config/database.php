<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',

    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'rush_hold'),
            'username' => env('DB_USERNAME', 'rush_hold'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            // a database that is away must be told quickly, so that the screen can say so
            'options' => [PDO::ATTR_TIMEOUT => 2],
        ],
    ],

    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
