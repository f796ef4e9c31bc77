<?php

return [
    // Kept in the database, done by the worker bin/start runs: php artisan queue:work elsewhere.
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'database' => [
            'driver' => 'database', 'table' => 'jobs', 'queue' => 'default',
            // A job whose worker ended is taken up by another after so long, seconds.
            'retry_after' => 30, 'after_commit' => true,
        ],
        'sync' => ['driver' => 'sync'],
    ],
    'failed' => ['driver' => 'null'],
];
