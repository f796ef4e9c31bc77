<?php

return [
    // Where messages go: the tray keeps them here, for the demo and for looking at them; smtp sends them into the
    // world.
    'default' => env('MAIL_MAILER', 'tray'),
    'mailers' => [
        'tray' => ['transport' => 'tray'],
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'url' => env('MAIL_URL'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 20,
        ],
    ],
    'from' => [
        'address' => env('MAIL_FROM_ADDRESS', 'cards@quillfern.example'),
        'name' => env('MAIL_FROM_NAME', 'Inky Card'),
    ],
];
