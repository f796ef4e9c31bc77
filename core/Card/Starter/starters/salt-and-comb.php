<?php

return [
    'name' => 'Salt and Comb',
    'trade' => 'Hair salon',
    'fields' => ['booking', 'reviews'],
    'mood' => 'soft, rosy',
    'card' => [
        'arrangement' => 'centred',
        'style' => [
            'inks' => [
                'body' => '#3a2730', 'accent' => '#b04a6a', 'quiet' => '#766068', 'link' => '#a03f5f',
                'paper' => '#ffffff',
            ],
            'typeface' => 'cambria',
            'sizes' => ['name' => 21, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'marks' => ['shape' => 'ring', 'size' => 26],
            'button' => ['radius' => 22, 'wide' => 26],
            'gaps' => ['lines' => 4],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'initials', 'fields' => ['letters' => 'S&C', 'shape' => 'round', 'size' => 96],
                'tuning' => ['italic' => true],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Liv Engstrom'], 'tuning' => ['bold' => false]],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Salt and Comb']],
            ['id' => 'p4', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960666'], 'tuning' => ['gap' => 8]],
            [
                'id' => 'p5', 'kind' => 'button',
                'fields' => ['words' => 'Choose your hour', 'address' => 'saltcomb.example/book'],
            ],
            [
                'id' => 'p6', 'kind' => 'profiles',
                'fields' => ['links' => ['instagram.com/saltandcomb', 'https://www.fresha.com/a/salt-and-comb']],
            ],
        ],
    ],
];
