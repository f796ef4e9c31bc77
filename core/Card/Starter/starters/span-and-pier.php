<?php

return [
    'name' => 'Span and Pier',
    'trade' => 'Engineering',
    'fields' => ['trades', 'register'],
    'mood' => 'level, spare',
    'card' => [
        'arrangement' => 'foot-band',
        'style' => [
            'inks' => [
                'body' => '#1f2a2e', 'accent' => '#0b6e74', 'quiet' => '#57656a', 'link' => '#0b6e74',
                'paper' => '#ffffff',
            ],
            'typeface' => 'calibri',
            'sizes' => ['name' => 20, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 4],
            'ground' => ['shown' => true, 'room' => 0, 'wide' => 440],
            'gaps' => ['columns' => 16],
            'panels' => ['contacts' => ['fill' => 'accent', 'room' => 10]],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'logo',
                'fields' => ['picture' => 'sample:logo-anvil', 'alt' => 'Span and Pier', 'width' => 76],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Ingrid Solheim']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Bridge engineer']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Span & Pier']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960844']],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'ingrid@spanpier.example']],
            ['id' => 'p7', 'kind' => 'web', 'fields' => ['address' => 'spanpier.example']],
        ],
    ],
];
