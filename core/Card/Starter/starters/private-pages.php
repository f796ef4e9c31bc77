<?php

return [
    'name' => 'Private Pages',
    'trade' => 'Private mail',
    'fields' => ['general'],
    'mood' => 'personal',
    'card' => [
        'arrangement' => 'words-only',
        'style' => [
            'inks' => [
                'body' => '#33291f', 'accent' => '#8a5a2b', 'quiet' => '#7a6a58', 'link' => '#7a4d20',
                'paper' => '#ffffff',
            ],
            'typeface' => 'georgia',
            'sizes' => ['name' => 17, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 1],
            'gaps' => ['lines' => 3],
            'ground' => ['shown' => true, 'room' => 22, 'radius' => 12, 'line' => 3, 'wide' => 360],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'closing', 'fields' => ['phrase' => 'With love,']],
            [
                'id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Juno'],
                'tuning' => ['bold' => false, 'italic' => true],
            ],
            ['id' => 'p3', 'kind' => 'line', 'fields' => ['value' => 'still at the yellow house by the lock']],
            ['id' => 'p4', 'kind' => 'phone', 'fields' => ['number' => '+44 7700 900190'], 'joined' => ' · '],
        ],
    ],
];
