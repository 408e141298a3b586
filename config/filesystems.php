<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        // nothing is kept here yet: all records are in the database
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true],
    ],
];
