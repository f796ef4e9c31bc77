<?php

return [
    'name' => 'Ledger Line',
    'trade' => 'Tax advice',
    'fields' => ['finance', 'register'],
    'mood' => 'dry, precise',
    'card' => [
        'arrangement' => 'slip',
        'style' => [
            'inks' => [
                'body' => '#1e1e24', 'accent' => '#7b1e3a', 'quiet' => '#5c5c66', 'link' => '#7b1e3a',
                'paper' => '#ffffff',
            ],
            'typeface' => 'cambria',
            'sizes' => ['name' => 17, 'text' => 13, 'small' => 11],
            'rule' => ['ink' => 'accent', 'width' => 3, 'style' => 'double'],
            'ground' => ['shown' => true, 'room' => 0, 'wide' => 340],
            'panels' => ['firm' => ['fill' => 'tint', 'room' => 10], 'contacts' => ['fill' => 'tint', 'room' => 12]],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Henrik Sandvik']],
            ['id' => 'p2', 'kind' => 'role', 'fields' => ['text' => 'Tax adviser'], 'tuning' => ['italic' => true]],
            ['id' => 'p3', 'kind' => 'company', 'fields' => ['text' => 'Ledger Line']],
            ['id' => 'p4', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960318']],
            ['id' => 'p5', 'kind' => 'email', 'fields' => ['address' => 'henrik@ledgerline.example']],
            ['id' => 'p6', 'kind' => 'web', 'fields' => ['address' => 'ledgerline.example']],
            ['id' => 'p7', 'kind' => 'licence', 'fields' => ['text' => 'Registered tax adviser 77120']],
            [
                'id' => 'p8', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'Dates for your diary', 'address' => 'ledgerline.example/dates', 'form' => 'link',
                ],
                'zone' => 'text',
            ],
        ],
    ],
];
