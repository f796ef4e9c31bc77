<?php

return [
    'name' => 'Paper Lantern',
    'trade' => 'Publishing',
    'fields' => ['writing'],
    'mood' => 'literary, unhurried',
    'card' => [
        'arrangement' => 'picture-left',
        'style' => [
            'inks' => [
                'body' => '#2f2620', 'accent' => '#8a3b2a', 'quiet' => '#6f6258', 'link' => '#8a3b2a',
                'paper' => '#ffffff',
            ],
            'typeface' => 'georgia',
            'sizes' => ['name' => 21, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'quiet', 'width' => 1],
            'marks' => ['ink' => 'quiet', 'shape' => 'round', 'size' => 22],
            'button' => ['radius' => 0],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'closing', 'fields' => ['phrase' => 'With good wishes,', 'width' => 160]],
            [
                'id' => 'p2', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-stage', 'shape' => 'square', 'size' => 104],
            ],
            [
                'id' => 'p3', 'kind' => 'name', 'fields' => ['text' => 'Felix Amory'],
                'tuning' => ['bold' => false, 'italic' => true],
            ],
            ['id' => 'p4', 'kind' => 'role', 'fields' => ['text' => 'Commissioning editor']],
            ['id' => 'p5', 'kind' => 'company', 'fields' => ['text' => 'Paper Lantern Press']],
            [
                'id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'felix@paperlantern.example'],
                'tuning' => ['gap' => 8],
            ],
            ['id' => 'p7', 'kind' => 'web', 'fields' => ['address' => 'paperlantern.example']],
            [
                'id' => 'p8', 'kind' => 'banner',
                'fields' => [
                    'picture' => 'sample:banner-shelves',
                    'alt' => 'Reading evenings: every first Thursday, tea at seven',
                    'address' => 'paperlantern.example/evenings', 'width' => 320, 'ratio' => 0.25,
                ],
                'zone' => 'under',
            ],
        ],
    ],
];
