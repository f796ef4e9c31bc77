<?php

return [
    'name' => 'Sprint',
    'trade' => 'Sales team',
    'fields' => ['general', 'booking'],
    'mood' => 'direct',
    'card' => [
        'arrangement' => 'picture-left',
        'style' => [
            'inks' => [
                'body' => '#1c1f2b', 'accent' => '#4a3fc0', 'quiet' => '#5a5e70', 'link' => '#4a3fc0',
                'paper' => '#ffffff',
            ],
            'typeface' => 'calibri',
            'sizes' => ['name' => 20, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 3],
            'marks' => ['shape' => 'rounded', 'size' => 28],
            'button' => ['radius' => 6, 'high' => 11, 'wide' => 22],
            'panels' => ['text' => ['fill' => 'tint', 'room' => 16]],
            'gaps' => ['columns' => 0],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-office', 'shape' => 'square', 'size' => 116],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Kofi Brandt']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Account manager']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Sprint Supply'], 'joined' => ', '],
            [
                'id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960377', 'sort' => 'direct'],
                'tuning' => ['gap' => 6],
            ],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'kofi@sprintsupply.example']],
            [
                'id' => 'p7', 'kind' => 'button',
                'fields' => ['words' => 'Pick a time', 'address' => 'sprintsupply.example/kofi'],
            ],
            [
                'id' => 'p8', 'kind' => 'profiles',
                'fields' => ['links' => ['linkedin.com/in/kofi-brandt', 'calendly.com/kofi-brandt']], 'joined' => '',
            ],
        ],
    ],
];
