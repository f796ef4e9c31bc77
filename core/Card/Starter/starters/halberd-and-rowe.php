<?php

return [
    'name' => 'Halberd and Rowe',
    'trade' => 'Surveying',
    'fields' => ['property', 'register'],
    'mood' => 'exact, ordered',
    'card' => [
        'arrangement' => 'index-card',
        'style' => [
            'inks' => [
                'body' => '#1c2733', 'accent' => '#2c5a8c', 'quiet' => '#566373', 'link' => '#2c5a8c',
                'paper' => '#ffffff',
            ],
            'typeface' => 'arial',
            'sizes' => ['name' => 18, 'text' => 13, 'small' => 11],
            'rule' => ['ink' => 'accent', 'width' => 2],
            'ground' => ['shown' => true, 'room' => 0, 'wide' => 400],
            'panels' => ['firm' => ['fill' => 'accent', 'room' => 8]],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'company', 'fields' => ['text' => 'Halberd & Rowe, surveyors'],
                'tuning' => ['size' => 12],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Piotr Halberd'], 'tuning' => ['gap' => 10]],
            ['id' => 'p3', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960744', 'sort' => 'direct']],
            ['id' => 'p4', 'kind' => 'phone', 'fields' => ['number' => '+44 7700 900744', 'sort' => 'mobile']],
            ['id' => 'p5', 'kind' => 'address', 'fields' => ['text' => '14 Mill Yard, Eddersby']],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'piotr@halberdrowe.example']],
            ['id' => 'p7', 'kind' => 'licence', 'fields' => ['text' => 'Register SV-20911'], 'tuning' => ['gap' => 2]],
        ],
    ],
];
