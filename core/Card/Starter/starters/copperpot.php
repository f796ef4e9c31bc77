<?php

return [
    'name' => 'Copperpot',
    'trade' => 'Catering',
    'fields' => ['food', 'events'],
    'mood' => 'warm, generous',
    'card' => [
        'style' => [
            'inks' => [
                'body' => '#3a2a22', 'accent' => '#a3461f', 'quiet' => '#76604f', 'link' => '#a3461f',
                'paper' => '#ffffff',
            ],
            'typeface' => 'trebuchet',
            'sizes' => ['name' => 21, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'marks' => ['ink' => 'body', 'shape' => 'rounded', 'size' => 24],
            'button' => ['radius' => 18],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-kitchen', 'shape' => 'rounded', 'size' => 128],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Rafe Tolliver']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Head cook']],
            ['id' => 'p4', 'kind' => 'company', 'joined' => ' at ', 'fields' => ['text' => 'Copperpot Kitchen']],
            ['id' => 'p5', 'kind' => 'tagline', 'fields' => ['text' => 'Long tables, short menus']],
            [
                'id' => 'p6', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960318', 'sort' => 'mobile'],
                'tuning' => ['gap' => 8],
            ],
            ['id' => 'p7', 'kind' => 'email', 'fields' => ['address' => 'rafe@copperpot.example']],
            ['id' => 'p8', 'kind' => 'web', 'joined' => ' · ', 'fields' => ['address' => 'copperpot.example']],
            [
                'id' => 'p9', 'kind' => 'button',
                'fields' => ['words' => 'Ask for a menu', 'address' => 'copperpot.example/menus'],
            ],
            [
                'id' => 'p10', 'kind' => 'profiles', 'joined' => '',
                'fields' => ['links' => ['instagram.com/copperpotkitchen', 'facebook.com/copperpotkitchen']],
            ],
        ],
    ],
];
