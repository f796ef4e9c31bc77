<?php

return [
    'name' => 'Plumbline',
    'trade' => 'Building trades',
    'fields' => ['trades', 'reviews'],
    'mood' => 'plain, sturdy',
    'card' => [
        'arrangement' => 'side-band',
        'style' => [
            'inks' => [
                'body' => '#2b2620', 'accent' => '#b3541e', 'quiet' => '#6d6357', 'link' => '#9a4717',
                'paper' => '#ffffff',
            ],
            'typeface' => 'arial',
            'sizes' => ['name' => 20, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'marks' => ['ink' => 'accent', 'shape' => 'square', 'size' => 26],
            'symbols' => ['shape' => 'square', 'ink' => 'accent'],
            'button' => ['radius' => 2],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'logo',
                'fields' => ['picture' => 'sample:logo-anvil', 'alt' => 'Plumbline', 'width' => 80, 'ratio' => 1],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Gareth Underhill']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Heating and bathrooms']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Plumbline of Eddersby'], 'joined' => ' · '],
            [
                'id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960519', 'sort' => 'mobile'],
                'tuning' => ['size' => 16, 'bold' => true, 'gap' => 8],
            ],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'gareth@plumbline.example']],
            ['id' => 'p7', 'kind' => 'licence', 'fields' => ['text' => 'Gas work register 551208']],
            [
                'id' => 'p8', 'kind' => 'button',
                'fields' => ['words' => 'Ask for a quote', 'address' => 'plumbline.example/quote', 'form' => 'button'],
            ],
            [
                'id' => 'p9', 'kind' => 'profiles',
                'fields' => ['links' => ['facebook.com/plumbline', 'Reviews: plumbline.example/reviews']],
                'joined' => '',
            ],
        ],
    ],
];
