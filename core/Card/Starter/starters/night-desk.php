<?php

return [
    'name' => 'Night Desk',
    'trade' => 'Radio and sound',
    'fields' => ['music', 'film'],
    'mood' => 'after dark',
    'card' => [
        'arrangement' => 'picture-left',
        'style' => [
            'inks' => [
                'body' => '#f2efe6', 'accent' => '#f0b429', 'quiet' => '#a9aec0', 'link' => '#f0b429',
                'paper' => '#11131f',
            ],
            'typeface' => 'tahoma',
            'sizes' => ['name' => 17, 'text' => 12, 'small' => 11],
            'rule' => ['ink' => 'quiet', 'width' => 1],
            'marks' => ['shape' => 'bare', 'size' => 20, 'ink' => 'accent'],
            'ground' => ['shown' => true, 'room' => 18, 'radius' => 8, 'wide' => 380],
            'gaps' => ['columns' => 18],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-stage', 'shape' => 'round', 'size' => 84],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Jun Okafor']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'cello, late hours']],
            [
                'id' => 'p4', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'Hear the new recording', 'address' => 'footlights.example/hear', 'form' => 'link',
                ],
                'zone' => 'text', 'tuning' => ['gap' => 10],
            ],
            ['id' => 'p5', 'kind' => 'web', 'fields' => ['address' => 'footlights.example'], 'joined' => '  '],
        ],
    ],
];
