<?php

return [
    'name' => 'Low Tide',
    'trade' => 'Consulting',
    'fields' => ['freelance', 'writing'],
    'mood' => 'brief, quiet',
    'card' => [
        'arrangement' => 'single-line',
        'style' => [
            'inks' => [
                'body' => '#26313a', 'accent' => '#2a5c7a', 'quiet' => '#66717a', 'link' => '#2a5c7a',
                'paper' => '#ffffff',
            ],
            'typeface' => 'calibri',
            'sizes' => ['name' => 16, 'text' => 13, 'small' => 11],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'marks' => ['ink' => 'quiet', 'shape' => 'round', 'size' => 20],
            'button' => ['radius' => 4],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Roland Firth']],
            ['id' => 'p2', 'kind' => 'role', 'fields' => ['text' => 'Process adviser']],
            ['id' => 'p3', 'kind' => 'company', 'fields' => ['text' => 'Low Tide']],
            ['id' => 'p4', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960617']],
            ['id' => 'p5', 'kind' => 'email', 'fields' => ['address' => 'roland@lowtide.example']],
            [
                'id' => 'p6', 'kind' => 'conference',
                'fields' => [
                    'words' => 'Meet me on screen', 'address' => 'lowtide.example/room', 'form' => 'underlined',
                ],
            ],
        ],
    ],
];
