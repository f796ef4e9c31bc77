<?php

return [
    'name' => 'Foxglove Ledger',
    'trade' => 'Bookkeeping',
    'fields' => ['finance', 'register'],
    'mood' => 'formal, exact',
    'card' => [
        'style' => [
            'inks' => [
                'body' => '#23202b', 'accent' => '#6a2b57', 'quiet' => '#625c6b', 'link' => '#6a2b57',
                'paper' => '#ffffff',
            ],
            'typeface' => 'georgia',
            'sizes' => ['name' => 20, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'quiet', 'width' => 1],
            'marks' => ['ink' => 'quiet', 'shape' => 'square', 'size' => 22],
            'button' => ['radius' => 0],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-office', 'shape' => 'square', 'size' => 116],
            ],
            [
                'id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Ottoline Marchbank'],
                'tuning' => ['bold' => false],
            ],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Bookkeeper and payroll agent']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Foxglove Ledger']],
            [
                'id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960402', 'sort' => 'office'],
                'tuning' => ['gap' => 8],
            ],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'ottoline@foxglove-ledger.example']],
            ['id' => 'p7', 'kind' => 'web', 'fields' => ['address' => 'foxglove-ledger.example']],
            ['id' => 'p8', 'kind' => 'licence', 'fields' => ['text' => 'Licensed bookkeeper 20-1187']],
            [
                'id' => 'p9', 'kind' => 'button',
                'fields' => ['words' => 'Book a free half hour', 'address' => 'foxglove-ledger.example/book'],
            ],
            [
                'id' => 'p10', 'kind' => 'profiles', 'joined' => '',
                'fields' => ['links' => ['linkedin.com/in/ottoline-marchbank']],
            ],
        ],
    ],
];
