<?php

return [
    'name' => 'Kiln and Table',
    'trade' => 'Ceramics',
    'fields' => ['design', 'shops'],
    'mood' => 'loud, handmade',
    'card' => [
        'arrangement' => 'poster',
        'style' => [
            'inks' => [
                'body' => '#4a2413', 'accent' => '#c4471f', 'quiet' => '#7a5b4b', 'link' => '#a93c18',
                'paper' => '#ffffff',
            ],
            'typeface' => 'arial',
            'sizes' => ['name' => 24, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'button' => ['radius' => 0],
            'gaps' => ['columns' => 14],
            'panels' => ['text' => ['fill' => 'accent', 'room' => 20]],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-workshop', 'shape' => 'square', 'size' => 128],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Noor Castellan']],
            [
                'id' => 'p3', 'kind' => 'tagline', 'fields' => ['text' => 'makes bowls for long tables'],
                'tuning' => ['ink' => 'body'],
            ],
            ['id' => 'p4', 'kind' => 'web', 'fields' => ['address' => 'claylight.example']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960178']],
            [
                'id' => 'p6', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'Pay for a commission', 'address' => 'claylight.example/commission', 'form' => 'link',
                ],
                'joined' => ' — ', 'tuning' => ['bold' => true],
            ],
        ],
    ],
];
