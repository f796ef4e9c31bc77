<?php

return [
    'name' => 'Signal Box',
    'trade' => 'IT contracting',
    'fields' => ['code', 'freelance'],
    'mood' => 'terminal, terse',
    'card' => [
        'arrangement' => 'nameplate',
        'style' => [
            'inks' => [
                'body' => '#0f1c14', 'accent' => '#1b7f3b', 'quiet' => '#55635a', 'link' => '#1b7f3b',
                'paper' => '#ffffff',
            ],
            'typeface' => 'courier',
            'sizes' => ['name' => 16, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'body', 'width' => 1],
            'ground' => ['shown' => true, 'room' => 0, 'line' => 1, 'wide' => 400],
            'panels' => [
                'text' => ['fill' => 'body', 'room' => 14], 'beside' => ['fill' => 'body', 'room' => 14],
                'contacts' => ['fill' => 'none', 'room' => 14], 'under' => ['fill' => 'none', 'room' => 14],
            ],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Rosa Castellano']],
            [
                'id' => 'p2', 'kind' => 'role', 'fields' => ['text' => 'Network engineer'],
                'tuning' => ['ink' => 'accent'],
            ],
            ['id' => 'p3', 'kind' => 'phone', 'fields' => ['number' => '+44 7700 900808']],
            ['id' => 'p4', 'kind' => 'email', 'fields' => ['address' => 'rosa@signalbox.example']],
            [
                'id' => 'p5', 'kind' => 'profiles',
                'fields' => ['links' => ['github.com/signalbox', 'https://codeberg.org/signalbox']],
            ],
        ],
    ],
];
