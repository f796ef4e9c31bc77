<?php

return [
    'name' => 'Skerry',
    'trade' => 'Travel',
    'fields' => ['travel', 'reviews'],
    'mood' => 'airy, sea-bright',
    'card' => [
        'arrangement' => 'picture-above',
        'style' => [
            'inks' => [
                'body' => '#17414c', 'accent' => '#1f7a8c', 'quiet' => '#557a82', 'link' => '#1a6a7a',
                'paper' => '#ffffff',
            ],
            'typeface' => 'trebuchet',
            'sizes' => ['name' => 22, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'marks' => ['ink' => 'link', 'shape' => 'round', 'size' => 28],
            'symbols' => ['shape' => 'bare', 'ink' => 'accent'],
            'button' => ['radius' => 18],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'logo',
                'fields' => ['picture' => 'sample:logo-wave', 'alt' => 'Skerry Voyages', 'width' => 64, 'ratio' => 1],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Una Strand']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Skipper and host']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Skerry Voyages'], 'joined' => ' · '],
            [
                'id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960561', 'sort' => 'mobile'],
                'tuning' => ['gap' => 8],
            ],
            ['id' => 'p6', 'kind' => 'web', 'fields' => ['address' => 'skerry.example'], 'joined' => ' · '],
            [
                'id' => 'p7', 'kind' => 'banner',
                'fields' => [
                    'picture' => 'sample:banner-coast',
                    'alt' => 'Island weeks: small boats, early breakfasts, May to July',
                    'address' => 'skerry.example/islands', 'width' => 320, 'ratio' => 0.25,
                ],
            ],
            [
                'id' => 'p8', 'kind' => 'profiles',
                'fields' => ['links' => ['instagram.com/skerryvoyages', 'facebook.com/skerryvoyages']],
                'zone' => 'after',
            ],
        ],
    ],
];
