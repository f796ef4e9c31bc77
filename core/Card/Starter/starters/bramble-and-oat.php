<?php

return [
    'name' => 'Bramble & Oat',
    'trade' => 'Shops',
    'fields' => ['shops', 'food'],
    'mood' => 'homely, warm',
    'card' => [
        'arrangement' => 'logo-column',
        'style' => [
            'inks' => [
                'body' => '#3b2f25', 'accent' => '#4c7a3d', 'quiet' => '#75685a', 'link' => '#44702f',
                'paper' => '#ffffff',
            ],
            'typeface' => 'georgia',
            'sizes' => ['name' => 20, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 2],
            'marks' => ['ink' => 'accent', 'shape' => 'round', 'size' => 24],
            'button' => ['radius' => 12],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'logo',
                'fields' => ['picture' => 'sample:logo-leaf', 'alt' => 'Bramble & Oat', 'width' => 84, 'ratio' => 1],
            ],
            [
                'id' => 'p2', 'kind' => 'profiles',
                'fields' => ['links' => ['instagram.com/brambleandoat', 'Shop: brambleandoat.example/shop']],
            ],
            ['id' => 'p3', 'kind' => 'name', 'fields' => ['text' => 'Hettie Sorrel']],
            ['id' => 'p4', 'kind' => 'role', 'fields' => ['text' => 'Baker and owner']],
            ['id' => 'p5', 'kind' => 'company', 'fields' => ['text' => 'Bramble & Oat']],
            [
                'id' => 'p6', 'kind' => 'address', 'fields' => ['text' => '11 Mill Row, Eddersby'],
                'tuning' => ['gap' => 8],
            ],
            [
                'id' => 'p7', 'kind' => 'line',
                'fields' => ['value' => 'Wednesday to Saturday, 8 to 4', 'label' => 'Open', 'address' => ''],
            ],
            ['id' => 'p8', 'kind' => 'web', 'fields' => ['address' => 'brambleandoat.example']],
            [
                'id' => 'p9', 'kind' => 'offer',
                'fields' => [
                    'words' => 'Midwinter boxes', 'address' => 'brambleandoat.example/boxes', 'form' => 'underlined',
                    'ends' => '2026-12-18',
                ],
                'zone' => 'after',
            ],
        ],
    ],
];
