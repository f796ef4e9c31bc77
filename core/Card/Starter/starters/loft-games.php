<?php

return [
    'name' => 'Loft Games',
    'trade' => 'Game studio',
    'fields' => ['games'],
    'mood' => 'neon, playful',
    'card' => [
        'arrangement' => 'ticket',
        'style' => [
            'inks' => [
                'body' => '#e9f5ec', 'accent' => '#7cf2a4', 'quiet' => '#9db5a6', 'link' => '#7cf2a4',
                'paper' => '#14171f',
            ],
            'typeface' => 'trebuchet',
            'sizes' => ['name' => 18, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 3, 'style' => 'dotted'],
            'marks' => ['shape' => 'square', 'size' => 26],
            'ground' => ['shown' => true, 'room' => 0, 'wide' => 380],
            'panels' => ['beside' => ['fill' => 'accent', 'room' => 18], 'text' => ['fill' => 'none', 'room' => 18]],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'initials', 'fields' => ['letters' => 'LG', 'shape' => 'bare', 'size' => 56],
                'tuning' => ['bold' => true],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Ivo Lund']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Level designer']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Loft Games'], 'joined' => ', '],
            ['id' => 'p5', 'kind' => 'web', 'fields' => ['address' => 'loftgames.example'], 'tuning' => ['gap' => 8]],
            [
                'id' => 'p6', 'kind' => 'profiles',
                'fields' => ['links' => ['steamcommunity.com/id/loftgames', 'loftgames.itch.io']],
            ],
            [
                'id' => 'p7', 'kind' => 'textlink',
                'fields' => ['words' => 'Play now', 'address' => 'loftgames.example/demo', 'form' => 'underlined'],
                'joined' => '', 'tuning' => ['bold' => true],
            ],
        ],
    ],
];
