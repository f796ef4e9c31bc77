<?php

return [
    'name' => 'Stone & Statute',
    'trade' => 'Law',
    'fields' => ['law', 'register'],
    'mood' => 'sober, weighty',
    'card' => [
        'arrangement' => 'letterhead',
        'style' => [
            'inks' => [
                'body' => '#20242b', 'accent' => '#5b2333', 'quiet' => '#5f6168', 'link' => '#5b2333',
                'paper' => '#ffffff',
            ],
            'typeface' => 'times',
            'sizes' => ['name' => 21, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 1],
            'marks' => ['ink' => 'body', 'shape' => 'square', 'size' => 22],
            'button' => ['radius' => 0],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'logo',
                'fields' => ['picture' => 'sample:logo-arch', 'alt' => 'Marlowe Pike', 'width' => 56, 'ratio' => 1],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Aurelia Pike'], 'tuning' => ['bold' => false]],
            ['id' => 'p3', 'kind' => 'credentials', 'fields' => ['text' => 'Solicitor, notary public']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Marlowe Pike Solicitors']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960501', 'sort' => 'direct']],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'aurelia@marlowepike.example']],
            ['id' => 'p7', 'kind' => 'web', 'fields' => ['address' => 'marlowepike.example']],
            [
                'id' => 'p8', 'kind' => 'notice',
                'fields' => [
                    'text' => 'This message may be privileged. If it reached you by mistake, tell us and delete it.',
                    'documents' => ['Terms of business: marlowepike.example/terms'],
                ],
            ],
        ],
    ],
];
