<?php

return [
    'providers' => [
        'users' => ['driver' => 'members', 'model' => App\Models\User::class],
    ],
];
