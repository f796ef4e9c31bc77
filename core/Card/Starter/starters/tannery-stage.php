<?php

return [
    'name' => 'Tannery Stage',
    'trade' => 'Theatre programme',
    'fields' => ['film', 'events'],
    'mood' => 'evening, torn paper',
    'card' => [
        'arrangement' => 'ticket',
        'style' => [
            'inks' => [
                'body' => '#2b1a20', 'accent' => '#7a2b42', 'quiet' => '#6e5259', 'link' => '#7a2b42',
                'paper' => '#ffffff',
            ],
            'typeface' => 'times',
            'sizes' => ['name' => 21, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 2, 'style' => 'dashed'],
            'ground' => ['shown' => true, 'room' => 0, 'radius' => 6, 'line' => 1, 'wide' => 360],
            'panels' => ['beside' => ['fill' => 'accent', 'room' => 20], 'text' => ['fill' => 'none', 'room' => 16]],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'initials', 'fields' => ['letters' => 'IV', 'shape' => 'bare', 'size' => 56]],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Ines Varga'], 'tuning' => ['bold' => false]],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Programme lead']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Tannery Stage'], 'joined' => ', '],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960412'], 'tuning' => ['gap' => 8]],
            ['id' => 'p6', 'kind' => 'web', 'fields' => ['address' => 'tannery.example'], 'joined' => ' · '],
            [
                'id' => 'p7', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'Two seats for Thursday →', 'address' => 'tannery.example/thursday', 'form' => 'link',
                ],
                'tuning' => ['bold' => true],
            ],
        ],
    ],
];
