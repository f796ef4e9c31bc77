<?php

return [
    'name' => 'Harbour Counsel',
    'trade' => 'Maritime law',
    'fields' => ['law', 'register'],
    'mood' => 'weighty, certain',
    'card' => [
        'arrangement' => 'nameplate',
        'style' => [
            'inks' => [
                'body' => '#14213d', 'accent' => '#14213d', 'quiet' => '#59627a', 'link' => '#14213d',
                'paper' => '#ffffff',
            ],
            'typeface' => 'georgia',
            'sizes' => ['name' => 21, 'text' => 13, 'small' => 11],
            'rule' => ['ink' => 'body', 'width' => 1],
            'ground' => ['shown' => true, 'room' => 0, 'line' => 1, 'wide' => 430],
            'panels' => [
                'beside' => ['fill' => 'accent', 'room' => 0], 'text' => ['fill' => 'accent', 'room' => 16],
                'contacts' => ['fill' => 'none', 'room' => 16], 'under' => ['fill' => 'none', 'room' => 16],
            ],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Dr Ama Osei-Wright'],
                'tuning' => ['bold' => false],
            ],
            [
                'id' => 'p2', 'kind' => 'role', 'fields' => ['text' => 'Maritime law partner'],
                'tuning' => ['size' => 11, 'caps' => true],
            ],
            ['id' => 'p3', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960233', 'sort' => 'direct']],
            ['id' => 'p4', 'kind' => 'email', 'fields' => ['address' => 'ama@oseiwright.example']],
            ['id' => 'p5', 'kind' => 'address', 'fields' => ['text' => '3 Customs House, Eddersby']],
            ['id' => 'p6', 'kind' => 'licence', 'fields' => ['text' => 'Solicitors register 604218']],
        ],
    ],
];
