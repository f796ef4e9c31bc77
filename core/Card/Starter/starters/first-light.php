<?php

return [
    'name' => 'First Light',
    'trade' => 'Photography',
    'fields' => ['photography'],
    'mood' => 'frame and shadow',
    'card' => [
        'arrangement' => 'poster',
        'style' => [
            'inks' => [
                'body' => '#191919', 'accent' => '#191919', 'quiet' => '#6a6a6a', 'link' => '#8c5a00',
                'paper' => '#ffffff',
            ],
            'typeface' => 'tahoma',
            'sizes' => ['name' => 22, 'text' => 12, 'small' => 11],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'marks' => ['shape' => 'bare', 'size' => 22, 'ink' => 'body'],
            'gaps' => ['columns' => 0],
            'panels' => ['text' => ['fill' => 'body', 'room' => 24], 'beside' => ['fill' => 'none', 'room' => 0]],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-harbour', 'shape' => 'square', 'size' => 140],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Teo Marinescu'], 'tuning' => ['bold' => false]],
            [
                'id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'photographs early'],
                'tuning' => ['caps' => true, 'size' => 11],
            ],
            ['id' => 'p4', 'kind' => 'web', 'fields' => ['address' => 'firstlight.example']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 7700 900654']],
            [
                'id' => 'p6', 'kind' => 'profiles',
                'fields' => ['links' => ['instagram.com/firstlight', 'https://glass.photo/firstlight']],
            ],
            [
                'id' => 'p7', 'kind' => 'textlink',
                'fields' => ['words' => 'New prints', 'address' => 'firstlight.example/prints', 'form' => 'link'],
                'joined' => '',
            ],
        ],
    ],
];
