<?php

return [
    'name' => 'Clay & Light',
    'trade' => 'Craft and studio',
    'fields' => ['design', 'shops'],
    'mood' => 'tactile, light',
    'card' => [
        'arrangement' => 'letterhead',
        'style' => [
            'inks' => [
                'body' => '#3d3029', 'accent' => '#9c5b3c', 'quiet' => '#7b6a5f', 'link' => '#8a4f33',
                'paper' => '#ffffff',
            ],
            'typeface' => 'cambria',
            'sizes' => ['name' => 20, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'quiet', 'width' => 1],
            'marks' => ['ink' => 'accent', 'shape' => 'round', 'size' => 24],
            'button' => ['radius' => 20],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Mirela Stan']],
            ['id' => 'p2', 'kind' => 'role', 'fields' => ['text' => 'Potter']],
            ['id' => 'p3', 'kind' => 'tagline', 'fields' => ['text' => 'Bowls for long tables']],
            [
                'id' => 'p4', 'kind' => 'web', 'fields' => ['address' => 'clayandlight.example'],
                'tuning' => ['gap' => 8],
            ],
            ['id' => 'p5', 'kind' => 'email', 'fields' => ['address' => 'mirela@clayandlight.example']],
            [
                'id' => 'p6', 'kind' => 'video',
                'fields' => [
                    'picture' => 'sample:still-studio', 'alt' => 'Watch: a day at the wheel',
                    'address' => 'clayandlight.example/film', 'width' => 180, 'ratio' => 0.5625,
                ],
                'zone' => 'beside',
            ],
            [
                'id' => 'p7', 'kind' => 'profiles',
                'fields' => ['links' => ['instagram.com/clayandlight', 'pinterest.com/clayandlight']],
            ],
            [
                'id' => 'p8', 'kind' => 'payment',
                'fields' => [
                    'words' => 'Pay for a commission', 'address' => 'clayandlight.example/pay', 'form' => 'link',
                ],
                'joined' => '',
            ],
        ],
    ],
];
