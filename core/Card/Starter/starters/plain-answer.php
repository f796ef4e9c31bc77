<?php

return [
    'name' => 'Plain Answer',
    'trade' => 'Support desk',
    'fields' => ['code'],
    'mood' => 'quick, plain',
    'card' => [
        'arrangement' => 'folding',
        'style' => [
            'inks' => [
                'body' => '#1d2430', 'accent' => '#3a56c5', 'quiet' => '#586174', 'link' => '#3a56c5',
                'paper' => '#ffffff',
            ],
            'typeface' => 'tahoma',
            'sizes' => ['name' => 15, 'text' => 13, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'gaps' => ['columns' => 28, 'lines' => 3],
            'panels' => ['contacts' => ['fill' => 'accent', 'room' => 14, 'radius' => 10]],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Priya Raman']],
            ['id' => 'p2', 'kind' => 'company', 'fields' => ['text' => 'Plain Answer']],
            [
                'id' => 'p3', 'kind' => 'line', 'fields' => ['value' => 'first answer within two hours'],
                'tuning' => ['ink' => 'quiet'],
            ],
            ['id' => 'p4', 'kind' => 'email', 'fields' => ['address' => 'help@plainanswer.example']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960088']],
            ['id' => 'p6', 'kind' => 'line', 'fields' => ['value' => 'Mon to Fri, 8 to 6', 'label' => 'Here']],
            [
                'id' => 'p7', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'Is anything down?', 'address' => 'status.plainanswer.example', 'form' => 'underlined',
                ],
            ],
            [
                'id' => 'p8', 'kind' => 'textlink',
                'fields' => ['words' => 'How to', 'address' => 'plainanswer.example/how-to', 'form' => 'underlined'],
                'joined' => ' · ',
            ],
        ],
    ],
];
