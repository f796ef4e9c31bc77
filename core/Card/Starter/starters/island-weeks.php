<?php

return [
    'name' => 'Island Weeks',
    'trade' => 'Boat trips and stays',
    'fields' => ['travel', 'reviews'],
    'mood' => 'sea air',
    'card' => [
        'arrangement' => 'picture-left',
        'style' => [
            'inks' => [
                'body' => '#123244', 'accent' => '#0d4a63', 'quiet' => '#4b6674', 'link' => '#0d4a63',
                'paper' => '#e3edf1',
            ],
            'typeface' => 'verdana',
            'sizes' => ['name' => 17, 'text' => 12, 'small' => 11],
            'rule' => ['ink' => 'accent', 'width' => 0],
            'marks' => ['shape' => 'ring', 'size' => 24],
            'button' => ['radius' => 20],
            'ground' => ['shown' => true, 'room' => 16, 'radius' => 14, 'wide' => 380],
            'gaps' => ['columns' => 20, 'lines' => 4],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-harbour', 'shape' => 'rounded', 'size' => 112],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Skye Marrick']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Skipper and host']],
            ['id' => 'p4', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960561'], 'tuning' => ['gap' => 8]],
            ['id' => 'p5', 'kind' => 'web', 'fields' => ['address' => 'skerry.example']],
            [
                'id' => 'p6', 'kind' => 'button',
                'fields' => ['words' => 'Berths in May', 'address' => 'skerry.example/may'], 'zone' => 'text',
                'tuning' => ['gap' => 10],
            ],
        ],
    ],
];
