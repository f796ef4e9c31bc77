<?php

return [
    'name' => 'Commons',
    'trade' => 'Non-profit',
    'fields' => ['donations', 'events'],
    'mood' => 'open, hopeful',
    'card' => [
        'arrangement' => 'centred',
        'style' => [
            'inks' => [
                'body' => '#2d2a26', 'accent' => '#b8432f', 'quiet' => '#6b635a', 'link' => '#a33a28',
                'paper' => '#ffffff',
            ],
            'typeface' => 'arial',
            'sizes' => ['name' => 19, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'marks' => ['ink' => 'accent', 'shape' => 'round', 'size' => 28],
            'button' => ['radius' => 18],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'logo',
                'fields' => ['picture' => 'sample:logo-orbit', 'alt' => 'Commons', 'width' => 72, 'ratio' => 1],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Tomas Bright']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Volunteer organiser']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Eddersby Commons']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960603'], 'tuning' => ['gap' => 6]],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'tomas@commons.example'], 'joined' => ' · '],
            [
                'id' => 'p7', 'kind' => 'button',
                'fields' => ['words' => 'Give an hour', 'address' => 'commons.example/give', 'form' => 'button'],
            ],
            [
                'id' => 'p8', 'kind' => 'quote',
                'fields' => [
                    'text' => 'The kitchen table of the whole town.', 'by' => 'A neighbour',
                    'address' => 'commons.example/voices',
                ],
            ],
        ],
    ],
];
