<?php

return [
    /*
     * Where readers' mail clients fetch pictures from, such as
     * https://cards.quillfern.example; empty: the address the application is
     * opened at, which other machines may not reach.
     */
    'public_url' => env('PUBLIC_URL'),

    // Disk of originals and baked pictures; s3 with its keys in .env works as well.
    'disk' => env('PICTURE_DISK', 'pictures'),

    // Presses are noted over a connection of their own, see config/database.php.
    'clicks_connection' => env(
        'CLICKS_CONNECTION',
        env('DB_CONNECTION', 'sqlite') === 'sqlite' ? 'clicks' : env('DB_CONNECTION'),
    ),

    // Hosts under .example, which belong to nobody, are answered by a stand-in that says it is one; the demo needs no
    // network.
    'stand_ins' => (bool) env('INKY_STAND_INS', true),

    // Answers /bench/bare, the yardstick of bin/bench; never set in service.
    'bench' => (bool) env('INKY_BENCH', false),
];
