<?php

return [
    'name' => 'North Gate',
    'trade' => 'Estate agency',
    'fields' => ['property', 'reviews'],
    'mood' => 'assured',
    'card' => [
        'arrangement' => 'side-band',
        'style' => [
            'inks' => [
                'body' => '#17231f', 'accent' => '#12372a', 'quiet' => '#5a6963', 'link' => '#12372a',
                'paper' => '#ffffff',
            ],
            'typeface' => 'cambria',
            'sizes' => ['name' => 20, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'marks' => ['shape' => 'rounded', 'size' => 24],
            'button' => ['radius' => 2],
            'ground' => ['shown' => true, 'room' => 0, 'wide' => 430],
            'panels' => ['beside' => ['fill' => 'accent', 'room' => 22], 'text' => ['fill' => 'tint', 'room' => 20]],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'initials', 'fields' => ['letters' => 'NG', 'shape' => 'bare', 'size' => 64],
                'tuning' => ['bold' => false],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Leonie Drax']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Sales, country houses']],
            [
                'id' => 'p4', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960127', 'sort' => 'direct'],
                'tuning' => ['gap' => 6],
            ],
            ['id' => 'p5', 'kind' => 'email', 'fields' => ['address' => 'leonie@northgate.example']],
            [
                'id' => 'p6', 'kind' => 'profiles',
                'fields' => [
                    'links' => [
                        'https://www.rightmove.co.uk/estate-agents/agent/North-Gate/Eddersby-10.html',
                        'https://www.zoopla.co.uk/find-agents/branch/north-gate-1/',
                    ],
                ],
                'zone' => 'text', 'tuning' => ['gap' => 10],
            ],
            [
                'id' => 'p7', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'What is mine worth?', 'address' => 'northgate.example/worth', 'form' => 'underlined',
                ],
                'zone' => 'text',
            ],
        ],
    ],
];
