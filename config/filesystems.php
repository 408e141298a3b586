<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true],

        // what people upload (app/Files): a folder of this machine, or a store that speaks S3 and that all nodes share
        'files' => env('FILES_DISK', 'folder') === 's3'
                ? [
                    'driver' => 's3',
                    'throw' => true,
                    'key' => (string) env('FILES_S3_KEY', ''),
                    'secret' => (string) env('FILES_S3_SECRET', ''),
                    'region' => (string) env('FILES_S3_REGION', 'us-east-1'),
                    'bucket' => (string) env('FILES_S3_BUCKET', ''),
                    'endpoint' => env('FILES_S3_ENDPOINT'),
                    'use_path_style_endpoint' => true,
                ]
                : [
                    'driver' => 'local',
                    'serve' => false,
                    'throw' => true,
                    'root' => (string) env(
                        'FILES_FOLDER',
                        storage_path('files/'.env('RUSH_HOLD_INSTANCE', 'live')),
                    ),
                ],
    ],
];
