<?php

return [
    'name' => 'Halyard',
    'trade' => 'Finance',
    'fields' => ['finance', 'register'],
    'mood' => 'trim, assured',
    'card' => [
        'arrangement' => 'picture-right',
        'style' => [
            'inks' => [
                'body' => '#15233a', 'accent' => '#0f4c5c', 'quiet' => '#566273', 'link' => '#0f4c5c',
                'paper' => '#ffffff',
            ],
            'typeface' => 'tahoma',
            'sizes' => ['name' => 18, 'text' => 13, 'small' => 11],
            'rule' => ['ink' => 'accent', 'width' => 3],
            'marks' => ['ink' => 'accent', 'shape' => 'rounded', 'size' => 26],
            'button' => ['radius' => 3],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-court', 'shape' => 'rounded', 'size' => 100],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Conrad Vale']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Independent financial planner']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Halyard Planning']],
            [
                'id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960589', 'sort' => 'direct'],
                'tuning' => ['gap' => 8],
            ],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'conrad@halyard.example']],
            [
                'id' => 'p7', 'kind' => 'profiles',
                'fields' => ['links' => ['linkedin.com/in/conrad-vale', 'x.com/halyardplans']],
            ],
            [
                'id' => 'p8', 'kind' => 'booking',
                'fields' => ['words' => 'Book 20 minutes', 'address' => 'halyard.example/meet', 'form' => 'button'],
            ],
            [
                'id' => 'p9', 'kind' => 'notice',
                'fields' => [
                    'text' => 'Halyard Planning is authorised by the made-up Eddersby Conduct Board, number 448120.',
                    'documents' => [],
                ],
            ],
        ],
    ],
];
