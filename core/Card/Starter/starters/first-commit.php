<?php

return [
    'name' => 'First Commit',
    'trade' => 'Software',
    'fields' => ['code'],
    'mood' => 'spare, technical',
    'card' => [
        'arrangement' => 'words-only',
        'style' => [
            'inks' => [
                'body' => '#1b1f27', 'accent' => '#0b6e4f', 'quiet' => '#5c6470', 'link' => '#0b6e4f',
                'paper' => '#ffffff',
            ],
            'typeface' => 'courier',
            'sizes' => ['name' => 17, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 4],
            'marks' => ['ink' => 'body', 'shape' => 'square', 'size' => 22],
            'button' => ['radius' => 0],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Ines Okafor']],
            ['id' => 'p2', 'kind' => 'role', 'fields' => ['text' => 'Developer relations']],
            ['id' => 'p3', 'kind' => 'company', 'fields' => ['text' => 'Sparrow Systems'], 'joined' => ' @ '],
            [
                'id' => 'p4', 'kind' => 'email', 'fields' => ['address' => 'ines@sparrow.example'],
                'tuning' => ['gap' => 6],
            ],
            ['id' => 'p5', 'kind' => 'web', 'fields' => ['address' => 'sparrow.example/docs']],
            [
                'id' => 'p6', 'kind' => 'profiles',
                'fields' => ['links' => ['github.com/inesokafor', 'bsky.app/profile/ines.example']],
            ],
            [
                'id' => 'p7', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'Try it in two minutes', 'address' => 'sparrow.example/start', 'form' => 'link',
                ],
                'joined' => '',
            ],
        ],
    ],
];
