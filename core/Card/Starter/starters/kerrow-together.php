<?php

return [
    'name' => 'Kerrow Together',
    'trade' => 'Consulting',
    'fields' => ['freelance'],
    'mood' => 'open, calm',
    'card' => [
        'arrangement' => 'picture-left',
        'style' => [
            'inks' => [
                'body' => '#16302d', 'accent' => '#0f5f55', 'quiet' => '#56706b', 'link' => '#0f5f55',
                'paper' => '#ffffff',
            ],
            'typeface' => 'verdana',
            'sizes' => ['name' => 17, 'text' => 12, 'small' => 11],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'gaps' => ['columns' => 20, 'lines' => 4],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'initials', 'fields' => ['letters' => 't&k', 'shape' => 'round', 'size' => 92]],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Tamsin Kerrow']],
            ['id' => 'p3', 'kind' => 'tagline', 'fields' => ['text' => 'helps small kitchens buy together']],
            [
                'id' => 'p4', 'kind' => 'email', 'fields' => ['address' => 'tamsin@kerrow.example'],
                'tuning' => ['gap' => 10],
            ],
            [
                'id' => 'p5', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'Find a time: kerrow.example/20', 'address' => 'kerrow.example/20', 'form' => 'link',
                ],
                'zone' => 'text',
            ],
        ],
    ],
];
