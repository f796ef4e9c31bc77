<?php

return [
    'name' => 'Eddersby Choral',
    'trade' => 'Choir and society',
    'fields' => ['music', 'events'],
    'mood' => 'ceremonial',
    'card' => [
        'arrangement' => 'masthead',
        'style' => [
            'inks' => [
                'body' => '#2a1119', 'accent' => '#6d1f36', 'quiet' => '#6b5058', 'link' => '#6d1f36',
                'paper' => '#ffffff',
            ],
            'typeface' => 'times',
            'sizes' => ['name' => 21, 'text' => 14, 'small' => 13],
            'rule' => ['ink' => 'accent', 'width' => 3, 'style' => 'double'],
            'ground' => ['shown' => true, 'room' => 0, 'wide' => 380],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'logo',
                'fields' => ['picture' => 'sample:logo-arch', 'alt' => 'Eddersby Choral Society', 'width' => 48],
            ],
            [
                'id' => 'p2', 'kind' => 'company', 'fields' => ['text' => 'Eddersby Choral Society'],
                'tuning' => ['caps' => true, 'ink' => 'accent'],
            ],
            ['id' => 'p3', 'kind' => 'name', 'fields' => ['text' => 'Florian Ashdown'], 'tuning' => ['bold' => false]],
            [
                'id' => 'p4', 'kind' => 'role', 'fields' => ['text' => 'conductor'], 'joined' => ', ',
                'tuning' => ['italic' => true, 'size' => 19],
            ],
            ['id' => 'p5', 'kind' => 'line', 'fields' => ['value' => 'rehearsals Wednesdays at seven']],
            ['id' => 'p6', 'kind' => 'web', 'fields' => ['address' => 'choral.example']],
            [
                'id' => 'p7', 'kind' => 'textlink',
                'fields' => ['words' => 'hear us on 12 June', 'address' => 'choral.example/june', 'form' => 'link'],
                'tuning' => ['bold' => true],
            ],
        ],
    ],
];
