<?php

return [
    'name' => 'Quarter Note',
    'trade' => 'Singing teacher',
    'fields' => ['teaching', 'music'],
    'mood' => 'big and clear',
    'card' => [
        'arrangement' => 'words-only',
        'style' => [
            'inks' => [
                'body' => '#1a1a1a', 'accent' => '#c2185b', 'quiet' => '#5e5e5e', 'link' => '#c2185b',
                'paper' => '#ffffff',
            ],
            'typeface' => 'arial',
            'sizes' => ['name' => 32, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'gaps' => ['lines' => 4],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'tagline', 'fields' => ['text' => 'Singing lessons'],
                'tuning' => ['caps' => true, 'size' => 11, 'bold' => true, 'ink' => 'accent'],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Marta Quill'], 'tuning' => ['bold' => true]],
            ['id' => 'p3', 'kind' => 'line', 'fields' => ['value' => 'for people who think they cannot']],
            ['id' => 'p4', 'kind' => 'phone', 'fields' => ['number' => '+44 7700 900217'], 'tuning' => ['gap' => 10]],
            ['id' => 'p5', 'kind' => 'web', 'fields' => ['address' => 'quarternote.example'], 'joined' => ' / '],
            [
                'id' => 'p6', 'kind' => 'textlink',
                'fields' => ['words' => 'Try a lesson', 'address' => 'quarternote.example/try', 'form' => 'underlined'],
                'zone' => 'text', 'joined' => ' / ', 'tuning' => ['bold' => true],
            ],
        ],
    ],
];
