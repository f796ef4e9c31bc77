<?php

return [
    'name' => 'Open Field',
    'trade' => 'Sports coaching',
    'fields' => ['sport'],
    'mood' => 'bright, moving',
    'card' => [
        'arrangement' => 'call-first',
        'style' => [
            'inks' => [
                'body' => '#14213a', 'accent' => '#b3420a', 'quiet' => '#56617a', 'link' => '#b3420a',
                'paper' => '#ffffff',
            ],
            'typeface' => 'trebuchet',
            'sizes' => ['name' => 22, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'button' => ['radius' => 22, 'high' => 11, 'wide' => 28],
            'gaps' => ['columns' => 16],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'initials', 'fields' => ['letters' => 'OF', 'shape' => 'rounded', 'size' => 64],
                'tuning' => ['bold' => true],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Dani Oyelaran']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Running coach']],
            [
                'id' => 'p4', 'kind' => 'button',
                'fields' => ['words' => 'Join the Saturday group', 'address' => 'openfield.example/saturday'],
            ],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 7700 900441']],
            ['id' => 'p6', 'kind' => 'web', 'fields' => ['address' => 'openfield.example']],
        ],
    ],
];
