<?php

return [
    'name' => 'Many Hands',
    'trade' => 'Charity',
    'fields' => ['donations'],
    'mood' => 'hopeful, public',
    'card' => [
        'arrangement' => 'foot-band',
        'style' => [
            'inks' => [
                'body' => '#2b1d33', 'accent' => '#a02c6b', 'quiet' => '#665a6d', 'link' => '#a02c6b',
                'paper' => '#ffffff',
            ],
            'typeface' => 'verdana',
            'sizes' => ['name' => 17, 'text' => 12, 'small' => 11],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'button' => ['radius' => 24, 'high' => 12, 'wide' => 26],
            'ground' => ['shown' => true, 'room' => 0, 'radius' => 12, 'line' => 1, 'wide' => 430],
            'panels' => [
                'contacts' => ['fill' => 'tint', 'room' => 12], 'text' => ['fill' => 'none', 'room' => 16],
                'beside' => ['fill' => 'none', 'room' => 16], 'under' => ['fill' => 'none', 'room' => 16],
            ],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-kitchen', 'shape' => 'round', 'size' => 96],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Rosalind Achebe']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Fundraising']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Many Hands Kitchen']],
            [
                'id' => 'p5', 'kind' => 'button',
                'fields' => ['words' => 'Feed a table of eight', 'address' => 'manyhands.example/eight'],
            ],
            ['id' => 'p6', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960866']],
            ['id' => 'p7', 'kind' => 'web', 'fields' => ['address' => 'manyhands.example']],
            ['id' => 'p8', 'kind' => 'line', 'fields' => ['value' => 'Registered charity 1150218']],
        ],
    ],
];
