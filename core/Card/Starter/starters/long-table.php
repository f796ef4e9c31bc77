<?php

return [
    'name' => 'Long Table',
    'trade' => 'Restaurant',
    'fields' => ['food', 'booking'],
    'mood' => 'candle-lit',
    'card' => [
        'arrangement' => 'masthead',
        'style' => [
            'inks' => [
                'body' => '#2e2620', 'accent' => '#8c6a1f', 'quiet' => '#6d6257', 'link' => '#7a5b16',
                'paper' => '#ffffff',
            ],
            'typeface' => 'georgia',
            'sizes' => ['name' => 17, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 2, 'style' => 'dotted'],
            'ground' => ['shown' => true, 'room' => 0, 'wide' => 340],
            'gaps' => ['lines' => 4],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'company', 'fields' => ['text' => 'Long Table'],
                'tuning' => ['size' => 20, 'caps' => true, 'ink' => 'body'],
            ],
            [
                'id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Agnes Thorne'],
                'tuning' => ['bold' => false, 'size' => 21],
            ],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Host'], 'joined' => ', '],
            ['id' => 'p4', 'kind' => 'address', 'fields' => ['text' => '9 Weaver Row, Eddersby']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960950']],
            [
                'id' => 'p6', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'A table for Friday', 'address' => 'longtable.example/friday', 'form' => 'link',
                ],
                'tuning' => ['bold' => true, 'italic' => true],
            ],
        ],
    ],
];
