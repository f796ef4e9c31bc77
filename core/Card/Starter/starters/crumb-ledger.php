<?php

return [
    'name' => 'Crumb Ledger',
    'trade' => 'Bakery',
    'fields' => ['food', 'shops'],
    'mood' => 'paper bill',
    'card' => [
        'arrangement' => 'slip',
        'style' => [
            'inks' => [
                'body' => '#26211b', 'accent' => '#26211b', 'quiet' => '#5c554b', 'link' => '#8a3b12',
                'paper' => '#ffffff',
            ],
            'typeface' => 'courier',
            'sizes' => ['name' => 14, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'body', 'width' => 1, 'style' => 'dashed'],
            'ground' => ['shown' => true, 'room' => 0, 'wide' => 320],
            'gaps' => ['lines' => 3],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'company', 'fields' => ['text' => 'Bramble & Oat'],
                'tuning' => ['caps' => true, 'bold' => true],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Wilf Tarrant']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'baker'], 'joined' => ', '],
            ['id' => 'p4', 'kind' => 'line', 'fields' => ['value' => 'Sat 8–12', 'label' => 'bread club']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960575']],
            ['id' => 'p6', 'kind' => 'web', 'fields' => ['address' => 'brambleoat.example']],
            [
                'id' => 'p7', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'Midwinter boxes until 18 December', 'address' => 'brambleoat.example/boxes',
                    'form' => 'link',
                ],
                'tuning' => ['bold' => true],
            ],
        ],
    ],
];
