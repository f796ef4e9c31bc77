<?php

return [
    'name' => 'Margin Note',
    'trade' => 'Editing and reading',
    'fields' => ['writing'],
    'mood' => 'literary, airy',
    'card' => [
        'arrangement' => 'margin-rule',
        'style' => [
            'inks' => [
                'body' => '#22302a', 'accent' => '#2f5d46', 'quiet' => '#5f6f66', 'link' => '#2f5d46',
                'paper' => '#ffffff',
            ],
            'typeface' => 'georgia',
            'sizes' => ['name' => 30, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'quiet', 'width' => 1],
            'gaps' => ['columns' => 22, 'lines' => 4],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Odile'],
                'tuning' => ['bold' => false, 'italic' => true],
            ],
            [
                'id' => 'p2', 'kind' => 'company', 'fields' => ['text' => 'Odile Brandvold'],
                'tuning' => ['ink' => 'body'],
            ],
            [
                'id' => 'p3', 'kind' => 'tagline', 'fields' => ['text' => 'reads manuscripts on Tuesdays'],
                'tuning' => ['italic' => true],
            ],
            [
                'id' => 'p4', 'kind' => 'email', 'fields' => ['address' => 'odile@paperlantern.example'],
                'tuning' => ['gap' => 14],
            ],
            [
                'id' => 'p5', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'What I am reading', 'address' => 'paperlantern.example/reading', 'form' => 'link',
                ],
                'zone' => 'text',
            ],
        ],
    ],
];
