<?php

return [
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('inky.sqlite')),
            'prefix' => '',
            // A worker keeps its connection: opening the file and reading its schema costs more than a query.
            'options' => env('DB_DATABASE') === ':memory:' ? [] : [PDO::ATTR_PERSISTENT => true],
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            // An acknowledged edit is on the disk, not in its cache.
            'synchronous' => 'FULL',
            // A short log is soon written over instead of growing, which the file system syncs twice as fast.
            'pragmas' => ['wal_autocheckpoint' => 250],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
