<?php

return [
    'name' => 'Chair',
    'trade' => 'Executive',
    'fields' => ['finance'],
    'mood' => 'few words',
    'card' => [
        'arrangement' => 'letterhead',
        'style' => [
            'inks' => [
                'body' => '#1b1b1b', 'accent' => '#1b1b1b', 'quiet' => '#616161', 'link' => '#1b1b1b',
                'paper' => '#ffffff',
            ],
            'typeface' => 'times',
            'sizes' => ['name' => 24, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'body', 'width' => 1],
            'ground' => ['shown' => true, 'room' => 0, 'wide' => 420],
            'gaps' => ['lines' => 3],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Constance Abara'], 'tuning' => ['bold' => false]],
            [
                'id' => 'p2', 'kind' => 'role', 'fields' => ['text' => 'Chair'],
                'tuning' => ['caps' => true, 'size' => 11],
            ],
            [
                'id' => 'p3', 'kind' => 'company', 'fields' => ['text' => 'Alder & Finch Holdings'],
                'joined' => ' — ', 'tuning' => ['size' => 11],
            ],
            [
                'id' => 'p4', 'kind' => 'logo',
                'fields' => ['picture' => 'sample:logo-key', 'alt' => 'Alder & Finch Holdings', 'width' => 44],
            ],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960001']],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'office@alderfinch.example']],
        ],
    ],
];
