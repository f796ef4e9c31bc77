<?php

return [
    'name' => 'Slate and Batten',
    'trade' => 'Roofing',
    'fields' => ['trades', 'reviews'],
    'mood' => 'solid, on site',
    'card' => [
        'arrangement' => 'head-band',
        'style' => [
            'inks' => [
                'body' => '#20262b', 'accent' => '#34495e', 'quiet' => '#5b6670', 'link' => '#1d6a8c',
                'paper' => '#ffffff',
            ],
            'typeface' => 'verdana',
            'sizes' => ['name' => 17, 'text' => 12, 'small' => 11],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'marks' => ['shape' => 'square', 'size' => 28],
            'button' => ['radius' => 0, 'high' => 11],
            'ground' => ['shown' => true, 'room' => 0, 'line' => 2, 'wide' => 420],
            'panels' => [
                'firm' => ['fill' => 'accent', 'room' => 12], 'text' => ['fill' => 'none', 'room' => 14],
                'beside' => ['fill' => 'none', 'room' => 14], 'under' => ['fill' => 'none', 'room' => 14],
            ],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-workshop', 'shape' => 'square', 'size' => 84],
            ],
            [
                'id' => 'p2', 'kind' => 'company', 'fields' => ['text' => 'SLATE & BATTEN ROOFING'],
                'tuning' => ['bold' => true],
            ],
            ['id' => 'p3', 'kind' => 'name', 'fields' => ['text' => 'Callum Reave']],
            ['id' => 'p4', 'kind' => 'role', 'fields' => ['text' => 'Master roofer']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 7700 900388', 'sort' => 'mobile']],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'callum@slatebatten.example']],
            [
                'id' => 'p7', 'kind' => 'profiles',
                'fields' => [
                    'links' => [
                        'https://www.checkatrade.com/trades/SlateBatten',
                        'https://www.trustatrader.com/traders/slate-batten',
                    ],
                ],
            ],
            [
                'id' => 'p8', 'kind' => 'button',
                'fields' => ['words' => 'Ask for a visit', 'address' => 'slatebatten.example/visit'], 'joined' => '',
            ],
        ],
    ],
];
