<?php

return [
    'name' => 'Quiet Clinic',
    'trade' => 'Health',
    'fields' => ['health', 'booking'],
    'mood' => 'gentle, clean',
    'card' => [
        'arrangement' => 'picture-right',
        'style' => [
            'inks' => [
                'body' => '#22393a', 'accent' => '#2f7a74', 'quiet' => '#5b7273', 'link' => '#2a6d68',
                'paper' => '#ffffff',
            ],
            'typeface' => 'calibri',
            'sizes' => ['name' => 21, 'text' => 15, 'small' => 13],
            'rule' => ['ink' => 'accent', 'width' => 2],
            'marks' => ['ink' => 'accent', 'shape' => 'round', 'size' => 26],
            'symbols' => ['shape' => 'bare', 'ink' => 'accent'],
            'button' => ['radius' => 16, 'word' => true],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-clinic', 'shape' => 'round', 'size' => 112],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Dr Salma Wren']],
            ['id' => 'p3', 'kind' => 'pronouns', 'fields' => ['text' => 'she/her'], 'joined' => '  '],
            ['id' => 'p4', 'kind' => 'role', 'fields' => ['text' => 'Physiotherapist']],
            ['id' => 'p5', 'kind' => 'company', 'fields' => ['text' => 'Quiet Clinic']],
            [
                'id' => 'p6', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960533', 'sort' => 'office'],
                'tuning' => ['gap' => 8],
            ],
            ['id' => 'p7', 'kind' => 'address', 'fields' => ['text' => '2 Weir Street, Eddersby']],
            ['id' => 'p8', 'kind' => 'web', 'fields' => ['address' => 'quietclinic.example']],
            ['id' => 'p9', 'kind' => 'licence', 'fields' => ['text' => 'Health professions register PH-30871']],
            [
                'id' => 'p10', 'kind' => 'booking',
                'fields' => [
                    'words' => 'Book an appointment', 'address' => 'quietclinic.example/book', 'form' => 'button',
                ],
            ],
        ],
    ],
];
