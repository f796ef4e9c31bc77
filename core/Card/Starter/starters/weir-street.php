<?php

return [
    'name' => 'Weir Street',
    'trade' => 'Physiotherapy',
    'fields' => ['health', 'booking'],
    'mood' => 'one thing to do',
    'card' => [
        'arrangement' => 'call-first',
        'style' => [
            'inks' => [
                'body' => '#1b2b25', 'accent' => '#1f7a57', 'quiet' => '#5a6d64', 'link' => '#1f7a57',
                'paper' => '#ffffff',
            ],
            'typeface' => 'arial',
            'sizes' => ['name' => 18, 'text' => 13, 'small' => 13],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'button' => ['radius' => 4, 'high' => 13, 'full' => true],
            'ground' => ['shown' => true, 'room' => 0, 'wide' => 400],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Salma Wren']],
            ['id' => 'p2', 'kind' => 'role', 'fields' => ['text' => 'Physiotherapist']],
            ['id' => 'p3', 'kind' => 'pronouns', 'fields' => ['text' => 'she/her'], 'joined' => ' '],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Quiet Clinic']],
            ['id' => 'p5', 'kind' => 'licence', 'fields' => ['text' => 'Health register PH-30871'], 'joined' => ' · '],
            [
                'id' => 'p6', 'kind' => 'button',
                'fields' => ['words' => 'Book an appointment this week', 'address' => 'quietclinic.example/book'],
            ],
            ['id' => 'p7', 'kind' => 'line', 'fields' => ['value' => 'or ring']],
            ['id' => 'p8', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960533'], 'joined' => ' '],
        ],
    ],
];
