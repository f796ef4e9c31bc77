<?php

return [
    'name' => 'Both Tongues',
    'trade' => 'Translation',
    'fields' => ['freelance', 'writing'],
    'mood' => 'measured, bilingual',
    'card' => [
        'arrangement' => 'margin-rule',
        'style' => [
            'inks' => [
                'body' => '#1f2433', 'accent' => '#b02a30', 'quiet' => '#5d6275', 'link' => '#b02a30',
                'paper' => '#ffffff',
            ],
            'typeface' => 'calibri',
            'sizes' => ['name' => 19, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 3, 'style' => 'dotted'],
            'marks' => ['shape' => 'bare', 'size' => 20],
            'gaps' => ['columns' => 18, 'lines' => 3],
        ],
        'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Aino Virtanen']],
            ['id' => 'p2', 'kind' => 'role', 'fields' => ['text' => 'Translator']],
            [
                'id' => 'p3', 'kind' => 'line', 'fields' => ['value' => 'Finnish and English, suomi ja englanti'],
                'tuning' => ['italic' => true, 'ink' => 'quiet'],
            ],
            [
                'id' => 'p4', 'kind' => 'email', 'fields' => ['address' => 'aino@bothtongues.example'],
                'tuning' => ['gap' => 8],
            ],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 7700 900535']],
            [
                'id' => 'p6', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-court', 'shape' => 'arch', 'size' => 96],
            ],
            [
                'id' => 'p7', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'Ask for a sample page', 'address' => 'bothtongues.example/sample',
                    'form' => 'underlined',
                ],
            ],
        ],
    ],
];
