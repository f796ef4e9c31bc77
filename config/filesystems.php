<?php

return [
    'disks' => [
        'pictures' => ['driver' => 'local', 'root' => env('PICTURE_ROOT', storage_path('app/pictures')), 'throw' => true],
    ],
];
