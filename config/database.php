<?php

return [
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => $sqlite = [
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
            // Pages are read where the system keeps them, not copied first: sums of a million clicks are many.
            'pragmas' => ['wal_autocheckpoint' => 250, 'mmap_size' => 268_435_456],
        ],
        // The same file for presses of counted links: a press noted survives the end of its worker, if not that of the
        // machine, and the reader who pressed does not wait for the disk.
        'clicks' => [
            'synchronous' => 'NORMAL',
            // Nor for others who write: after this long it is set aside.
            'busy_timeout' => 1000,
            'options' => env('DB_DATABASE') === ':memory:' ? [] : [PDO::ATTR_PERSISTENT => 'clicks'],
        ] + $sqlite,
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
