<?php

declare(strict_types=1);

return [
    // Which of the copies in one folder this is: live, test, or test-api for the tests of the API beside that. Turns, gate, beat and files
    // are its own.
    'instance' => (string) env('RUSH_HOLD_INSTANCE', 'live'),

    // One button opens a copy of the demo scenario, which is seeded.
    'demo' => (bool) env('RUSH_HOLD_DEMO', false),

    // Copies of the demo at once, and how long each lives, in hours.
    'demo_copies' => (int) env('RUSH_HOLD_DEMO_COPIES', 200),
    'demo_hours' => 24,

    // Frames of a burst of the demo, which a worker shoots once after it has been seeded.
    'demo_frames' => (int) env('RUSH_HOLD_DEMO_FRAMES', 7),

    // New accounts, and new copies of the demo, from one network in an hour.
    'newcomers' => (int) env('NEWCOMERS_PER_HOUR', 60),

    // Addresses of the operator's own proxies, comma separated: only these may say that a request came over HTTPS.
    'trusted_proxies' => array_values(array_filter(explode(',', (string) env('TRUSTED_PROXIES', '')))),

    // Heavy reckonings at once on one machine, and how many more may wait for a moment (app/Limits/Turns.php); together fewer than
    // php-fpm has processes for them.
    'heavy' => (int) env('RUSH_HOLD_HEAVY', 3),
    'heavy_seats' => 2,

    // Longest an estimate, a try or the search for what helps may take, in seconds; then it gives what it has.
    'reckon_s' => (float) env('RUSH_HOLD_RECKON_S', 1.5),

    // Who asks /healthz/full from elsewhere than this machine shows this, as a bearer token.
    'health_token' => (string) env('HEALTH_TOKEN', ''),

    // Longest wait for any one answer of the store while a person waits, in seconds; then it is told as away.
    'store_patience_s' => (int) env('STORE_PATIENCE_S', 2),

    // A worker shows here that it is there.
    'beat' => storage_path('framework/worker-beat-'.env('RUSH_HOLD_INSTANCE', 'live')),

    // What one account may keep.
    'quota' => [
        'rushes' => (int) env('QUOTA_RUSHES', 2000),
        'cards' => (int) env('QUOTA_CARDS', 200),
        'places' => (int) env('QUOTA_PLACES', 100),
        'outings' => (int) env('QUOTA_OUTINGS', 300),
        'kits' => (int) env('QUOTA_KITS', 1000),
        // of each type; a kit file holds as many (schemas/kit-file.json), so that what is saved can be taken in again
        'gear' => ['body' => 60, 'lens' => 100, 'converter' => 40, 'adapter' => 40, 'support' => 40],
        'gear_bytes' => (int) env('QUOTA_GEAR_BYTES', 1_000_000),
        // deleted records of one table, which can be brought back for a while
        'deleted' => (int) env('QUOTA_DELETED', 300),
        'history_bytes' => (int) env('QUOTA_HISTORY_BYTES', 32_000_000),
        'file_bytes' => (int) env('QUOTA_FILE_BYTES', 40_000_000),
        'frames' => (int) env('QUOTA_FRAMES', 2_000_000),
        // the small pictures of frames, which stay, and their files, which go once they have been looked at
        'picture_bytes' => (int) env('QUOTA_PICTURE_BYTES', 4_000_000_000),
        // an archive on its way in, and one that was made: as long as an account may be
        'archive_bytes' => (int) env('QUOTA_ARCHIVE_BYTES', 4_400_000_000),
        'waiting_bytes' => (int) env('QUOTA_WAITING_BYTES', 3_000_000_000),
    ],
];
