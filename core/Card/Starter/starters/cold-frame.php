<?php

return [
    'name' => 'Cold Frame',
    'trade' => 'Plant nursery',
    'fields' => ['shops'],
    'mood' => 'framed, botanical',
    'card' => [
        'arrangement' => 'centred',
        'style' => [
            'inks' => [
                'body' => '#24331f', 'accent' => '#2f6b2f', 'quiet' => '#5c6b57', 'link' => '#2f6b2f',
                'paper' => '#ffffff',
            ],
            'typeface' => 'times',
            'sizes' => ['name' => 22, 'text' => 14, 'small' => 13],
            'rule' => ['ink' => 'accent', 'width' => 2],
            'button' => ['radius' => 0],
            'ground' => ['shown' => true, 'room' => 20, 'line' => 2, 'wide' => 320],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'logo',
                'fields' => ['picture' => 'sample:logo-leaf', 'alt' => 'Cold Frame Nursery', 'width' => 56],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Hollis Vane'], 'tuning' => ['bold' => false]],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'grower'], 'tuning' => ['italic' => true]],
            [
                'id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Cold Frame Nursery'],
                'tuning' => ['caps' => true, 'size' => 12],
            ],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960733'], 'tuning' => ['gap' => 10]],
            ['id' => 'p6', 'kind' => 'web', 'fields' => ['address' => 'coldframe.example']],
            [
                'id' => 'p7', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'Bare-root list, until March', 'address' => 'coldframe.example/list',
                    'form' => 'underlined',
                ],
                'tuning' => ['bold' => true],
            ],
        ],
    ],
];
