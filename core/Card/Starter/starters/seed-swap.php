<?php

return [
    'name' => 'Seed Swap',
    'trade' => 'Allotment society',
    'fields' => ['donations', 'events'],
    'mood' => 'friendly, hands-on',
    'card' => [
        'arrangement' => 'labelled',
        'style' => [
            'inks' => [
                'body' => '#2b3320', 'accent' => '#5b7a1e', 'quiet' => '#5f6852', 'link' => '#4a6618',
                'paper' => '#ffffff',
            ],
            'typeface' => 'trebuchet',
            'sizes' => ['name' => 20, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 2],
            'marks' => ['shape' => 'round', 'size' => 26, 'ink' => 'accent'],
            'button' => ['radius' => 16],
            'gaps' => ['columns' => 18],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Gwen Ashcombe']],
            ['id' => 'p2', 'kind' => 'role', 'fields' => ['text' => 'seed librarian']],
            [
                'id' => 'p3', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-school', 'shape' => 'rounded', 'size' => 84],
            ],
            ['id' => 'p4', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960629', 'sort' => 'mobile']],
            ['id' => 'p5', 'kind' => 'email', 'fields' => ['address' => 'gwen@seedswap.example']],
            ['id' => 'p6', 'kind' => 'line', 'fields' => ['value' => 'Sundays, two until four', 'label' => 'Open']],
            [
                'id' => 'p7', 'kind' => 'button',
                'fields' => ['words' => 'Give seed for 12 gardens', 'address' => 'seedswap.example/give'],
            ],
        ],
    ],
];
