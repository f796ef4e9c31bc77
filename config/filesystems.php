<?php

return [
    'disks' => [
        'pictures' => [
            'driver' => 'local',
            'root' => env('PICTURE_ROOT', storage_path('app/pictures')),
            'throw' => true,
        ],
        // What goes into and comes out of what is done beside the pages, for some days.
        'errands' => [
            'driver' => 'local', 'root' => storage_path('app/errands'), 'throw' => true,
        ],
        // Anywhere S3 is spoken: needs league/flysystem-aws-s3-v3.
        's3' => [
            'driver' => 's3',
            'key' => env('AWS_ACCESS_KEY_ID'),
            'secret' => env('AWS_SECRET_ACCESS_KEY'),
            'region' => env('AWS_DEFAULT_REGION'),
            'bucket' => env('AWS_BUCKET'),
            'endpoint' => env('AWS_ENDPOINT'),
            'use_path_style_endpoint' => (bool) env('AWS_USE_PATH_STYLE_ENDPOINT', false),
            'throw' => true,
        ],
    ],
];
