<?php

return [
    'name' => 'Two Lines',
    'trade' => 'Bookkeeping',
    'fields' => ['finance', 'register'],
    'mood' => 'as short as it gets',
    'card' => [
        'arrangement' => 'picture-left',
        'style' => [
            'inks' => [
                'body' => '#2c1d44', 'accent' => '#5b2f91', 'quiet' => '#645a73', 'link' => '#5b2f91',
                'paper' => '#ffffff',
            ],
            'typeface' => 'calibri',
            'sizes' => ['name' => 15, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'gaps' => ['columns' => 12, 'lines' => 3],
            'panels' => ['text' => ['fill' => 'tint', 'room' => 12, 'radius' => 14]],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-office', 'shape' => 'rounded', 'size' => 48],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Bea Lindqvist']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Bookkeeper'], 'joined' => ' · '],
            [
                'id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Foxglove Ledger'], 'joined' => ' at ',
                'tuning' => ['bold' => true, 'ink' => 'accent'],
            ],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960402']],
            [
                'id' => 'p6', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'a free half hour', 'address' => 'foxgloveledger.example/half-hour',
                    'form' => 'underlined',
                ],
                'zone' => 'text', 'joined' => ' · ',
            ],
            ['id' => 'p7', 'kind' => 'line', 'fields' => ['value' => '20-1187'], 'joined' => ' · '],
        ],
    ],
];
