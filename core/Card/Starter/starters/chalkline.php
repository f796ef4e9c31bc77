<?php

return [
    'name' => 'Chalkline',
    'trade' => 'Teaching',
    'fields' => ['teaching'],
    'mood' => 'friendly, bright',
    'card' => [
        'arrangement' => 'contacts-right',
        'style' => [
            'inks' => [
                'body' => '#24344a', 'accent' => '#2563a8', 'quiet' => '#5b6b80', 'link' => '#2563a8',
                'paper' => '#ffffff',
            ],
            'typeface' => 'verdana',
            'sizes' => ['name' => 17, 'text' => 12, 'small' => 11],
            'rule' => ['ink' => 'link', 'width' => 3],
            'marks' => ['ink' => 'accent', 'shape' => 'round', 'size' => 24],
            'button' => ['radius' => 14],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-school', 'shape' => 'round', 'size' => 84],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Petra Lindqvist']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Head of languages']],
            ['id' => 'p4', 'kind' => 'department', 'fields' => ['text' => 'Upper school'], 'joined' => ', '],
            ['id' => 'p5', 'kind' => 'company', 'fields' => ['text' => 'Chalkline Academy']],
            ['id' => 'p6', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960547', 'sort' => 'office']],
            ['id' => 'p7', 'kind' => 'email', 'fields' => ['address' => 'petra@chalkline.example']],
            [
                'id' => 'p8', 'kind' => 'line',
                'fields' => ['value' => 'Tuesdays 15:00 to 17:00', 'label' => 'Open door', 'address' => ''],
            ],
            [
                'id' => 'p9', 'kind' => 'event',
                'fields' => [
                    'words' => 'Open evening', 'address' => 'chalkline.example/open', 'form' => 'link',
                    'starts' => '2027-02-11',
                ],
            ],
        ],
    ],
];
