<?php

return [
    'name' => 'Paper Boat',
    'trade' => 'Nursery school',
    'fields' => ['teaching'],
    'mood' => 'bright, cheerful',
    'card' => [
        'arrangement' => 'nameplate',
        'style' => [
            'inks' => [
                'body' => '#23304a', 'accent' => '#f2b705', 'quiet' => '#56627c', 'link' => '#1b5fa8',
                'paper' => '#ffffff',
            ],
            'typeface' => 'trebuchet',
            'sizes' => ['name' => 20, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'link', 'width' => 0],
            'marks' => ['shape' => 'round', 'size' => 28, 'ink' => 'link'],
            'ground' => ['shown' => true, 'room' => 0, 'radius' => 16, 'wide' => 400],
            'panels' => [
                'beside' => ['fill' => 'accent', 'room' => 14], 'text' => ['fill' => 'accent', 'room' => 14],
                'contacts' => ['fill' => 'tint', 'room' => 14], 'under' => ['fill' => 'tint', 'room' => 14],
            ],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-school', 'shape' => 'round', 'size' => 80],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Miss Amari']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Group leader']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Paper Boat Nursery']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960470', 'sort' => 'office']],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'otters@paperboat.example']],
            [
                'id' => 'p7', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'This week’s menu', 'address' => 'paperboat.example/menu', 'form' => 'underlined',
                ],
            ],
        ],
    ],
];
