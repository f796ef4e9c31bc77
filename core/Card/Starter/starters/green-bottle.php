<?php

return [
    'name' => 'Green Bottle',
    'trade' => 'Pharmacy',
    'fields' => ['health', 'register'],
    'mood' => 'clean, helpful',
    'card' => [
        'arrangement' => 'index-card',
        'style' => [
            'inks' => [
                'body' => '#17302a', 'accent' => '#0e7c5a', 'quiet' => '#55706a', 'link' => '#0e7c5a',
                'paper' => '#ffffff',
            ],
            'typeface' => 'verdana',
            'sizes' => ['name' => 16, 'text' => 12, 'small' => 11],
            'rule' => ['ink' => 'accent', 'width' => 3],
            'ground' => ['shown' => true, 'room' => 0, 'wide' => 420],
            'panels' => ['firm' => ['fill' => 'accent', 'room' => 10, 'radius' => 0]],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'company', 'fields' => ['text' => 'Green Bottle Pharmacy'],
                'tuning' => ['bold' => true],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Yusuf Demirel'], 'tuning' => ['gap' => 12]],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Pharmacist, responsible for prescriptions']],
            [
                'id' => 'p4', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-lab', 'shape' => 'rounded', 'size' => 64],
            ],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960290', 'sort' => 'office']],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'ask@greenbottle.example']],
            ['id' => 'p7', 'kind' => 'line', 'fields' => ['value' => 'Every day, 8 to 8', 'label' => 'Open']],
            ['id' => 'p8', 'kind' => 'licence', 'fields' => ['text' => 'Pharmacy register 1093321']],
        ],
    ],
];
