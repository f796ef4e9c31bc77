<?php

return [
    'name' => 'Nine Acre Vets',
    'trade' => 'Veterinary practice',
    'fields' => ['health', 'reviews'],
    'mood' => 'warm, steady',
    'card' => [
        'arrangement' => 'band-right',
        'style' => [
            'inks' => [
                'body' => '#2f2417', 'accent' => '#9a4f16', 'quiet' => '#6b5e50', 'link' => '#8a4713',
                'paper' => '#ffffff',
            ],
            'typeface' => 'georgia',
            'sizes' => ['name' => 19, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'button' => ['radius' => 6],
            'ground' => ['shown' => true, 'room' => 0, 'radius' => 10, 'line' => 1, 'wide' => 420],
            'panels' => ['text' => ['fill' => 'none', 'room' => 18], 'beside' => ['fill' => 'accent', 'room' => 18]],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Rufus Hallam']],
            ['id' => 'p2', 'kind' => 'role', 'fields' => ['text' => 'Veterinary surgeon']],
            ['id' => 'p3', 'kind' => 'company', 'fields' => ['text' => 'Nine Acre Vets']],
            [
                'id' => 'p4', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960715', 'sort' => 'office'],
                'tuning' => ['gap' => 8],
            ],
            ['id' => 'p5', 'kind' => 'line', 'fields' => ['value' => '+44 1632 960716', 'label' => 'Day and night']],
            ['id' => 'p6', 'kind' => 'web', 'fields' => ['address' => 'nineacre.example']],
            [
                'id' => 'p7', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-clinic', 'shape' => 'round', 'size' => 104],
            ],
        ],
    ],
];
