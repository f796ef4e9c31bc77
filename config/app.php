<?php

return [
    'name' => 'Inky Card',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'asset_url' => '/v/'.require dirname(__DIR__).'/bootstrap/edition.php',
    'timezone' => 'UTC',
    'key' => env('APP_KEY'),
];
