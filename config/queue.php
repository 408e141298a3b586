<?php

declare(strict_types=1);

return [
    'default' => 'database',
    'connections' => [
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'jobs',
            'queue' => 'default',
            // a portion of work takes half a second; whoever has not come back by then has died, and the next takes it up
            // longer than any call may take; a worker that dies is noticed sooner (Runs::wakeAll)
            'retry_after' => 75,
            'after_commit' => false,
        ],
    ],
    // a run says itself that it failed (app/Runs)
    'failed' => ['driver' => 'null'],
];
